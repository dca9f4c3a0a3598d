import type { Schemas } from "../../api/client";
import { bandText, known, unknownText, valueText } from "../../lib/figures";
import { DASH } from "../../lib/format";
import { type NutrientRow, rowsFor } from "../../lib/nutrients";

interface Basis {
  title: string;
  detail: string;
  facts: Schemas["Facts"];
}

interface FiguresProps {
  bases: readonly Basis[];
  card: Schemas["Card"];
}

/** Every figure with its likely and worst-case margin; side by side where there is room. */
export function Figures({ bases, card }: FiguresProps) {
  return (
    <>
      <div className="max-md:hidden print:block">
        <FiguresTable bases={bases} card={card} />
      </div>
      <div className="grid gap-6 md:hidden print:hidden">
        {bases.map((basis) => (
          <FiguresTable key={basis.title} bases={[basis]} card={card} />
        ))}
      </div>
    </>
  );
}

function FiguresTable({ bases, card }: FiguresProps) {
  const numbers = new Map(Object.keys(card.behind.sources).map((key, i) => [key, i + 1]));
  const name = bases.map((basis) => basis.title).join(" and ");
  return (
    <table aria-label={name} className="w-full border-collapse text-right">
      <thead className="text-sm text-soft">
        <tr>
          <td />
          {bases.map((basis) => (
            <th
              key={basis.title}
              colSpan={3}
              scope="colgroup"
              className="pb-0.5 pl-3 text-left font-normal"
            >
              <span className="text-base font-bold text-ink">{basis.title}</span> {basis.detail}
            </th>
          ))}
          <td className="max-md:hidden" />
        </tr>
        <tr className="border-b border-ink">
          <td />
          {bases.flatMap((basis) =>
            ["value", "likely", "worst case"].map((column, i) => (
              <th
                key={basis.title + column}
                scope="col"
                className={`px-1.5 py-1 font-normal ${i === 0 ? "border-l border-rule" : ""}`}
              >
                {column}
              </th>
            )),
          )}
          <th scope="col" className="pl-2 font-normal max-md:hidden">
            sources
          </th>
        </tr>
      </thead>
      <tbody>
        {rowsFor(bases.map((basis) => basis.facts)).map((row) => (
          <tr key={row.key} className="border-b border-rule leading-tight" data-nutrient={row.key}>
            <th
              scope="row"
              className={`py-1 text-left font-normal ${row.inside ? "pl-3 text-sm text-soft" : ""}`}
            >
              {row.name} <span className="text-xs text-soft">{row.unit}</span>
            </th>
            {bases.map((basis) => (
              <FigureCells key={basis.title} row={row} given={basis.facts[row.key]} />
            ))}
            <td className="pl-2 text-xs whitespace-nowrap text-soft max-md:hidden">
              {ranges((card.result.says_who[row.key] ?? []).map((key) => numbers.get(key) ?? 0))}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function FigureCells({ row, given }: { row: NutrientRow; given: Schemas["Facts"]["kcal"] }) {
  const found = known(given);
  return (
    <>
      <td className="border-l border-rule px-1.5 text-[1.05rem] font-bold whitespace-nowrap">
        {found ? valueText(found, row.unit) : unknownText(given, row.unit)}
      </td>
      <td className="px-1.5 text-sm whitespace-nowrap">
        {found && bandText(found.likely, row.unit)}
      </td>
      <td className="px-1.5 text-sm whitespace-nowrap text-soft">
        {found && bandText(found.worst, row.unit)}
      </td>
    </>
  );
}

/** 1 2 3 5 → 1–3, 5. */
function ranges(numbers: readonly number[]): string {
  const sorted = [...numbers].sort((a, b) => a - b);
  const runs: [number, number][] = [];
  for (const n of sorted) {
    const last = runs.at(-1);
    if (last?.[1] === n - 1) last[1] = n;
    else runs.push([n, n]);
  }
  return runs.map(([from, to]) => (from === to ? from : `${from}${DASH}${to}`)).join(", ");
}
