import type { Schemas } from "../../api/client";
import { bandText, known, unknownText, valueText } from "../../lib/figures";
import { NUTRIENTS } from "../../lib/nutrients";

interface FiguresTableProps {
  title: string;
  detail: string;
  facts: Schemas["Facts"];
  card: Schemas["Card"];
}

/** Every figure with its likely and worst-case margin and the numbers of its sources. */
export function FiguresTable({ title, detail, facts, card }: FiguresTableProps) {
  const numbers = new Map(Object.keys(card.sources).map((key, i) => [key, i + 1]));
  return (
    <section aria-label={title}>
      <h2 className="font-bold">
        {title} <span className="font-normal text-soft">{detail}</span>
      </h2>
      <table className="mt-1 w-full border-collapse text-right">
        <thead className="text-sm text-soft">
          <tr className="border-b border-ink">
            <th className="py-1 text-left font-normal" />
            <th className="px-1.5 font-normal">value</th>
            <th className="px-1.5 font-normal">likely</th>
            <th className="px-1.5 font-normal">worst case</th>
            <th className="pl-1.5 font-normal">who</th>
          </tr>
        </thead>
        <tbody>
          {NUTRIENTS.map((row) => {
            const given = facts[row.key];
            const found = known(given);
            return (
              <tr
                key={row.key}
                className="border-b border-rule leading-tight"
                data-nutrient={row.key}
              >
                <th
                  className={`py-1 text-left font-normal ${row.inside ? "pl-3 text-sm text-soft" : ""}`}
                >
                  {row.name} <span className="text-xs text-soft">{row.unit}</span>
                </th>
                <td className="px-1.5 text-[1.05rem] font-bold whitespace-nowrap">
                  {found ? valueText(found, row.unit) : unknownText(given, row.unit)}
                </td>
                <td className="px-1.5 text-sm whitespace-nowrap">
                  {found && bandText(found.likely, row.unit)}
                </td>
                <td className="px-1.5 text-sm whitespace-nowrap text-soft">
                  {found && bandText(found.worst, row.unit)}
                </td>
                <td className="pl-1.5 text-xs whitespace-nowrap text-soft">
                  {(card.result.says_who[row.key] ?? []).map((key) => numbers.get(key)).join(" ")}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
