import type { Schemas } from "../api/client";
import { figure } from "../lib/format";

const COLUMNS = [
  ["grams", "g", "g"],
  ["kcal", "kcal", "kcal"],
  ["protein_g", "protein g", "g"],
  ["carbohydrate_g", "carbohydrate g", "g"],
  ["fat_g", "fat g", "g"],
] as const;

interface SectionTableProps {
  original: Schemas["Column"] | null;
  rebuild: Schemas["Column"];
  names?: readonly [string, string];
}

/** The same numbers as text. */
export function SectionTable({
  original,
  rebuild,
  names = ["Original", "Rebuild"],
}: SectionTableProps) {
  const columns = [
    [names[0], original],
    [names[1], rebuild],
  ] as const;
  return (
    <details className="mt-2 text-sm">
      <summary className="w-fit cursor-pointer text-pencil underline-offset-2 hover:underline">
        Show as table
      </summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Lines of one serving">
        {columns.map(
          ([name, column]) =>
            column && (
              <table key={name} className="mt-2 w-full border-collapse text-left">
                <thead className="text-soft">
                  <tr>
                    <th className="py-1 pr-3 font-normal">{name}</th>
                    {COLUMNS.map(([key, heading]) => (
                      <th key={key} className="px-3 text-right font-normal">
                        {heading}
                      </th>
                    ))}
                    <th className="pl-3 font-normal">mostly</th>
                  </tr>
                </thead>
                <tbody>
                  {column.layers.map((layer) => (
                    <tr key={layer.key} className="border-t border-rule">
                      <td className="py-1 pr-3">{layer.name}</td>
                      {COLUMNS.map(([key, , unit]) => (
                        <td key={key} className="px-3 text-right">
                          {layer[key] == null ? "?" : figure(layer[key], unit)}
                        </td>
                      ))}
                      <td className="pl-3">{layer.material ?? "nothing"}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            ),
        )}
      </div>
    </details>
  );
}
