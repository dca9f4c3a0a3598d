import type { BatchSheet } from "../../api/live";
import { weighed } from "../../lib/format";
import { onlyCounted } from "./lines";

interface LineListProps {
  sheet: BatchSheet;
  onTurn?: (line: number) => void;
}

type Line = BatchSheet["lines"][number];

/** Every line with its state; pressed, it is the one to weigh. */
export function LineList({ sheet, onTurn }: LineListProps) {
  const done = sheet.lines.filter((line) => line.status !== "open").length;
  return (
    <section aria-label="Lines">
      <h2 className="mb-1 flex justify-between text-sm text-soft">
        <span>
          {sheet.dish} {sheet.letter}
        </span>
        <span>
          {done} of {sheet.lines.length}
        </span>
      </h2>
      <ol className="border-t border-rule">
        {sheet.lines.map((line, i) => (
          <li key={line.id} className="border-b border-rule">
            {line.component !== sheet.lines[i - 1]?.component && (
              <div className="bg-paper px-2 text-sm text-soft">{line.component}</div>
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
              <span className={line.status === "skipped" ? "line-through" : ""}>{line.name}</span>
              <span className="text-right">{amount(line)}</span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

function Mark({ line, current }: { line: Line; current: boolean }) {
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
  if (line.status === "skipped") return "skipped";
  if (onlyCounted(line) && !line.net_g) return `${weighed(line.count ?? 0)} ×`;
  if (line.net_g == null) return `${weighed(line.target_g)} g`;
  const about = line.low_g == null ? "" : "≈ ";
  return `${about}${weighed(line.net_g)} g`;
}
