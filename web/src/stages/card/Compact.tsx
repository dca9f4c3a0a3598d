import type { Schemas } from "../../api/client";
import { bandText, known, unknownText, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { rowsFor } from "../../lib/nutrients";

/** One serving with its likely margin, 100 g and the whole batch; both carbohydrate schools. */
export function Compact({ card }: { card: Schemas["Card"] }) {
  const { result } = card;
  const whole = result.weight_g;
  return (
    <table
      aria-label="At a glance"
      className="w-full border-collapse text-right max-sm:text-[15px]"
    >
      <thead className="text-sm text-soft">
        <tr className="border-b border-ink align-bottom">
          <td />
          <th className="px-1.5 max-sm:px-1 font-normal">serving</th>
          <th className="px-1.5 max-sm:px-1 font-normal">likely</th>
          <th className="px-1.5 max-sm:px-1 font-normal whitespace-nowrap">100 g</th>
          <th className="pl-1.5 font-normal whitespace-nowrap">
            batch{whole != null && <br />}
            {whole != null && `${weighed(Math.round(whole))} g`}
          </th>
        </tr>
      </thead>
      <tbody>
        {rowsFor([result.serving]).map((row) => {
          const serving = known(result.serving[row.key]);
          const hundred = result.per_100g ? known(result.per_100g[row.key]) : null;
          const batch = known(result.batch[row.key]);
          return (
            <tr key={row.key} className="border-b border-rule leading-tight">
              <th
                scope="row"
                className={`py-0.5 text-left font-normal sm:whitespace-nowrap ${row.inside ? "pl-3 text-soft" : ""}`}
              >
                {row.name} <span className="text-xs text-soft">{row.unit}</span>
              </th>
              <td className="px-1.5 max-sm:px-1 font-bold">
                {serving
                  ? valueText(serving, row.unit)
                  : unknownText(result.serving[row.key], row.unit)}
              </td>
              <td className="px-1.5 max-sm:px-1 whitespace-nowrap text-soft">
                {serving && bandText(serving.likely, row.unit)}
              </td>
              <td className="px-1.5 max-sm:px-1">{hundred && valueText(hundred, row.unit)}</td>
              <td className="pl-1.5">{batch && valueText(batch, row.unit)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
