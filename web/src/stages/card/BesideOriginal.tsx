import type { Schemas } from "../../api/client";
import { figure, weighed } from "../../lib/format";

/** The original beside ours: a serving each, and ours at the original's weight. */
export function BesideOriginal({ result }: { result: Schemas["Reckoning"] }) {
  const { original } = result;
  if (original?.kcal == null) return null;
  const equal = original.at_equal_weight;
  const rows = [
    { name: "kcal", unit: "kcal", key: "kcal" },
    { name: "protein g", unit: "g", key: "protein_g" },
    { name: "carbohydrate g", unit: "g", key: "carbohydrate_g" },
    { name: "fat g", unit: "g", key: "fat_g" },
  ] as const;
  const cell = (value: number | null | undefined, unit: "kcal" | "g") =>
    value == null ? "unknown" : figure(value, unit);
  const stated = (value: number | null | undefined) => (value == null ? "unknown" : weighed(value));
  return (
    <section className="mt-6">
      <h2 className="font-bold">Beside the original</h2>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Beside the original">
        <table className="mt-1 w-full border-collapse text-right">
          <thead className="text-sm text-soft">
            <tr className="border-b border-ink align-bottom">
              <td />
              <th className="px-2 font-normal">
                original{original.serving_g != null && `, ${weighed(original.serving_g)} g`}
              </th>
              <th className="px-2 font-normal">
                ours, one serving
                {result.serving.grams != null && `, ${weighed(result.serving.grams)} g`}
              </th>
              <th className="pl-2 font-normal">
                ours, equal weight{equal && `, ${weighed(equal.grams)} g`}
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.key} className="border-b border-rule">
                <th className="py-1 text-left font-normal">{row.name}</th>
                <td className="px-2">{stated(original[row.key])}</td>
                <td className="px-2 font-bold">{cell(result.serving[row.key]?.value, row.unit)}</td>
                <td className="pl-2">{cell(equal?.[row.key], row.unit)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {!equal && (
        <p className="mt-1 text-sm text-soft">At equal weight waits for both serving weights.</p>
      )}
    </section>
  );
}
