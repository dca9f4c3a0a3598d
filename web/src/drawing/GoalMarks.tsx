import type { Schemas } from "../api/client";
import { goalNumber, goalText } from "../lib/goals";

type GoalState = Schemas["GoalState"];

const MARKS = { met: "✓", within_margin: "≈", missed: "✗", unknown: "?" } as const;

const SHOWN: Partial<Record<GoalState["verdict"], string>> = {
  missed: "text-mark",
  within_margin: "text-soft",
};

function says(state: GoalState): string {
  if (state.verdict === "met") return "met";
  if (state.verdict === "within_margin") return "limit within margin";
  if (state.verdict === "unknown") return "not known yet";
  const off = `${goalNumber(state, state.by)} ${state.unit}`.trim();
  return `missed by ${off}`;
}

/** How each goal stands: wherever the trial is. */
export function GoalMarks({ goals }: { goals: readonly GoalState[] }) {
  if (goals.length === 0) return null;
  return (
    <ul aria-label="Goals" className="flex flex-wrap gap-x-4 gap-y-0.5 text-sm">
      {goals.map((state) => (
        <li key={state.key} data-goal={state.key} data-verdict={state.verdict}>
          <span
            aria-hidden="true"
            className={`mr-1 font-bold ${
              state.verdict === "missed"
                ? "text-mark"
                : state.verdict === "unknown"
                  ? "text-soft"
                  : "text-done"
            }`}
          >
            {MARKS[state.verdict]}
          </span>
          {goalText(state)}
          <span className={SHOWN[state.verdict] ?? "sr-only"}>, {says(state)}</span>
        </li>
      ))}
    </ul>
  );
}
