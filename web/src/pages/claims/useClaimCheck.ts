import { api, type ProblemError, type Schemas } from "../../api/client";
import { useAnswer } from "../../api/useAnswer";
import type { Sheet } from "./claims";

export interface Checked {
  report: Schemas["ClaimReport"] | undefined;
  problem: ProblemError | undefined;
}

/** The check of the claims while they are typed; a faulty figure keeps the last one. */
export function useClaimCheck(sheet: Sheet): Checked {
  const { answer, problem } = useAnswer(
    JSON.stringify(sheet),
    (text) => api.POST("/api/claims/check", { body: JSON.parse(text) as Sheet }),
    60,
  );
  return { report: answer, problem };
}
