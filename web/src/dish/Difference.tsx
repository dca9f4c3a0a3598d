import { useDifference } from "../api/queries";
import { day, figure, signed, weighed } from "../lib/format";
import { headline, shortName, unitOf } from "../lib/nutrients";

const FIGURES = headline("total");

const asMade = (at: string | null | undefined) => (at ? `as weighed on ${day(at)}` : "as planned");

/** What one trial changed against another: figures and lines. */
export function Difference({ trialId, to }: { trialId: number; to: number }) {
  const { data } = useDifference(trialId, to);
  if (!data) return null;
  const shown = data.figures.filter((figure) => FIGURES.includes(figure.nutrient));
  const known = shown.flatMap(({ nutrient, before, after }) =>
    before == null || after == null ? [] : [{ nutrient, by: after - before }],
  );
  const unknown = shown.filter((figure) => figure.before == null || figure.after == null);
  return (
    <>
      <p className="mt-2 text-sm text-soft">
        This one {asMade(data.weighed_after)}, the other {asMade(data.weighed_before)}.
      </p>
      <p className="flex flex-wrap gap-x-4">
        {known.map(({ nutrient, by }) => (
          <span key={nutrient}>
            <b>{signed(by, unitOf(nutrient))}</b> {unitOf(nutrient) === "g" ? "g " : ""}
            {shortName(nutrient)}
          </span>
        ))}
        {unknown.length > 0 && (
          <span className="text-soft">
            not known of both: {unknown.map((figure) => shortName(figure.nutrient)).join(", ")}
          </span>
        )}
        {data.grams_before != null && data.grams_after != null && (
          <span className="text-soft">
            a serving {figure(data.grams_before, "g")} → {figure(data.grams_after, "g")} g
          </span>
        )}
      </p>
      {data.lines.length === 0 ? (
        <p className="mt-1 text-soft">Their lines are the same.</p>
      ) : (
        <table className="mt-2 w-full">
          <thead className="text-left text-sm text-soft">
            <tr>
              <th className="font-normal">line</th>
              <th className="pl-2 text-right font-normal">before, g</th>
              <th className="pl-2 text-right font-normal">now, g</th>
              <th className="pl-3 font-normal">change</th>
            </tr>
          </thead>
          <tbody>
            {data.lines.map((line) => (
              <tr key={line.line_id} className="border-t border-rule">
                <td className="py-1 pr-2">
                  {line.kind === "changed" && line.before_name !== line.name
                    ? `${line.before_name} → ${line.name}`
                    : line.name}
                </td>
                <td className="text-right">
                  {line.before_g == null ? "" : weighed(line.before_g)}
                </td>
                <td className="text-right">{line.after_g == null ? "" : weighed(line.after_g)}</td>
                <td className="pl-3">{line.says || line.kind}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
