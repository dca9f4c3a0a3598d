import type { Schemas } from "../api/client";

type TrialSummary = Schemas["TrialSummary"];

interface LessonsProps {
  dish: Schemas["DishSheet"];
  trial: TrialSummary;
}

const MOST = 3;

/** What was learnt so far, where it matters: of this trial and of those that it came from. */
export function Lessons({ dish, trial }: LessonsProps) {
  const said = lineage(dish, trial)
    .filter(({ verdict }) => verdict.lesson || verdict.change)
    .slice(0, MOST);
  if (said.length === 0) return null;
  return (
    <ul aria-label="Lessons" className="border-l-4 border-done pl-3">
      {said.map(({ id, letter, verdict }) => (
        <li key={id}>
          <b>Lesson of {letter}:</b> {verdict.lesson}
          {verdict.change && (
            <>
              {" "}
              <span className="text-soft">To change:</span> {verdict.change}
            </>
          )}
        </li>
      ))}
    </ul>
  );
}

/** The trial itself, then what it was copied from, back to the first. */
function lineage(dish: Schemas["DishSheet"], trial: TrialSummary): TrialSummary[] {
  const found = [trial];
  let from = trial.copied_from;
  while (from != null && found.length < dish.trials.length) {
    const parent = dish.trials.find((other) => other.id === from);
    if (!parent) break;
    found.push(parent);
    from = parent.copied_from;
  }
  return found;
}
