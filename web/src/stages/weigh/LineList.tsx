import { weighed } from "../../lib/format";
import { type Line, type ShownSheet, wanted } from "./lines";

interface LineListProps {
  sheet: ShownSheet;
  onTurn?: (line: number) => void;
  /** Opens the plan of the weigh-in. */
  onPlan?: () => void;
}

/** Every line with its state; pressed, it is the one to weigh. */
export function LineList({ sheet, onTurn, onPlan }: LineListProps) {
  const pours = sheet.lines.filter((line) => line.poured_with == null);
  const done = pours.filter((line) => line.status !== "open" && !line.waiting).length;
  return (
    <section aria-label="Lines">
      <h2 className="mb-1 flex items-center justify-between gap-2 text-sm text-soft">
        <span>
          {sheet.dish} {sheet.letter}
        </span>
        <span className="flex items-center gap-2">
          {sheet.free ? `${done} so far` : `${done} of ${pours.length}`}
          {onPlan && pours.length > 1 && (
            <button
              type="button"
              className="min-h-8 px-1 text-pencil hover:underline max-lg:min-h-11"
              onClick={onPlan}
            >
              Plan
            </button>
          )}
        </span>
      </h2>
      <ol className="border-t border-rule">
        {pours.map((line, i) => (
          <li key={line.id} className="border-b border-rule">
            {line.bowl !== pours[i - 1]?.bowl && (
              <div className="bg-paper px-2 text-sm text-soft">{line.bowl}</div>
            )}
            <button
              type="button"
              disabled={!onTurn}
              aria-current={line.id === sheet.current ? "step" : undefined}
              onClick={() => onTurn?.(line.id)}
              className={`grid min-h-9 w-full grid-cols-[1.1rem_1fr_auto] items-center gap-1.5 px-2 py-1 text-left leading-tight max-lg:min-h-11 ${
                line.id === sheet.current ? "bg-ink font-bold text-sheet" : "enabled:hover:bg-wash"
              }`}
            >
              <Mark line={line} current={line.id === sheet.current} />
              <span className={line.status === "skipped" ? "line-through" : ""}>
                {line.unnamed ? <i>no name yet</i> : line.name}
                <Aside line={line} free={sheet.free} />
              </span>
              <span className="text-right">{amount(line)}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What is particular about a line, under its name. */
function Aside({ line, free }: { line: Line; free: boolean }) {
  const says = [
    line.planned_name != null && `for ${line.planned_name}`,
    line.way === "out_of" && "out of its pack",
    line.also.length > 0 && `with ${line.also.join(", ")}`,
    !free && !line.planned && !line.unnamed && "not planned",
    line.status === "open" && line.poured_g > 0 && `${weighed(line.poured_g)} g in`,
    line.cue !== "" && `until ${line.cue}`,
    line.status === "open" && line.later != null && "later",
    line.reason,
    line.corrections.length > 0 && "corrected",
  ].filter(Boolean);
  if (says.length === 0) return null;
  return <span className="block text-sm font-normal">{says.join(" · ")}</span>;
}

function Mark({ line, current }: { line: Line; current: boolean }) {
  if (line.waiting) {
    return (
      <span role="img" aria-label="on its way">
        …
      </span>
    );
  }
  if (line.status === "weighed") {
    return (
      <span role="img" aria-label="weighed" className={current ? "" : "text-done"}>
        ✓
      </span>
    );
  }
  return <span aria-hidden="true">{line.status === "skipped" ? "–" : ""}</span>;
}

function amount(line: Line): string {
  if (line.status === "skipped") return "left out";
  if (line.status === "open" || line.net_g == null || (line.only_counted && !line.net_g)) {
    return wanted(line);
  }
  const about = line.low_g == null ? "" : "≈ ";
  return `${about}${weighed(line.net_g)} g`;
}
