import type { Schemas } from "../../api/client";
import { count, signed, weighed } from "../../lib/format";

/** Every line as it was weighed, beside what was planned. */
export function BuildInGrams({ card }: { card: Schemas["Card"] }) {
  return (
    <section>
      <h2 className="font-bold">
        Build in grams{" "}
        <span className="font-normal text-soft">{count(card.divided.pieces, "piece")}</span>
      </h2>
      <table className="mt-1 w-full border-collapse">
        <thead className="text-sm text-soft">
          <tr className="border-b border-ink">
            <th className="py-1 text-left font-normal">line</th>
            <th className="px-2 text-right font-normal whitespace-nowrap">weighed g</th>
            <th className="pl-2 text-right font-normal whitespace-nowrap">planned g</th>
          </tr>
        </thead>
        <tbody>
          {card.lines.map((line, i) => (
            <tr key={i} className="border-b border-rule">
              <td className="py-1">
                {line.name}
                {line.component !== card.lines[i - 1]?.component && (
                  <span className="text-sm text-soft"> · {line.component}</span>
                )}
                <WentOtherwise line={line} />
              </td>
              <td className="px-2 text-right font-bold">{lineWeight(line)}</td>
              <td className="pl-2 text-right text-soft">{weighed(line.target_g)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What was not as planned: another food, none of it, a cue instead of a weight. */
function WentOtherwise({ line }: { line: Schemas["CardLine"] }) {
  const says = [
    line.planned_name != null &&
      `instead of ${line.planned_name}${line.kcal_more == null ? "" : ` (${signed(line.kcal_more, "kcal")} kcal a serving)`}`,
    !line.planned && "not planned",
    line.cue !== "" && `until it was right: ${line.cue}`,
    line.reason !== "" && line.reason,
    line.corrected !== "" && `corrected, ${line.corrected}`,
  ].filter(Boolean);
  if (says.length === 0) return null;
  return <span className="block text-sm text-soft">{says.join(" · ")}</span>;
}

function lineWeight(line: Schemas["CardLine"]): string {
  if (line.skipped) return "skipped";
  if (line.grams == null) return "open";
  return `${line.estimated ? "≈ " : ""}${weighed(line.grams)}`;
}
