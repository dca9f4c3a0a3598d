import type { Schemas } from "../api/client";

/** What every stage of a dish is given. */
export interface StageProps {
  dish: Schemas["DishSheet"];
  trial: Schemas["TrialSummary"];
  batch: Schemas["BatchSummary"] | undefined;
}
