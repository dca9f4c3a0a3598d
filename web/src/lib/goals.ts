import type { Schemas } from "../api/client";
import { figure, fixed } from "./format";

type GoalState = Schemas["GoalState"];

export function goalNumber(state: Pick<GoalState, "key" | "unit">, value: number): string {
  if (state.key === "cost" || state.key === "carbohydrate_per_protein") return fixed(value, 2);
  if (state.unit === "g") return figure(value, "g");
  return fixed(value, 0);
}

/** "≤ 300 kcal", "20 – 25 g protein". */
export function goalText(state: GoalState): string {
  const unit = [state.unit, state.key === "kcal" ? "" : state.name].filter(Boolean).join(" ");
  const [least, most] = [state.least, state.most].map((bound) =>
    bound == null ? null : goalNumber(state, bound),
  );
  if (least != null && most != null) return `${least} – ${most} ${unit}`;
  return `${most == null ? "≥" : "≤"} ${most ?? least ?? ""} ${unit}`;
}
