import type { Schemas } from "../../api/client";
import { MACROS } from "../../api/vocabulary";
import { figure, fixed, signed, type Unit } from "../../lib/format";
import { shortName, unitOf } from "../../lib/nutrients";

/** One serving of the trial with each package in its lines, less the trial as it stands. */
export function InTrialTable({ comparison }: { comparison: Schemas["Comparison"] }) {
  if (comparison.trial_says) return <p className="mt-2 text-soft">{comparison.trial_says}</p>;
  return (
    <table className="mt-3 w-full border-collapse">
      <thead>
        <tr className="border-b-2 border-ink text-left text-sm text-soft">
          <td />
          {MACROS.map((nutrient) => (
            <th key={nutrient} className="px-2 text-right font-normal">
              {shortName(nutrient)}
            </th>
          ))}
          <th className="px-2 text-right font-normal">{comparison.currency}</th>
        </tr>
      </thead>
      <tbody>
        {comparison.labels.map((label) => (
          <tr key={label.shelf_label.id} className="border-b border-rule">
            <th className="py-1.5 text-left font-normal">
              {label.shelf_label.label.name}
              {label.in_trial?.uses_it && <span className="text-soft"> (in it now)</span>}
              <span className="block text-sm text-soft">{inWords(label)}</span>
            </th>
            {MACROS.map((nutrient) => (
              <td key={nutrient} className="px-2 text-right font-bold">
                {moved(label.in_trial?.difference[nutrient], unitOf(nutrient))}
              </td>
            ))}
            <td className="px-2 text-right">{cost(label.in_trial?.cost_difference)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** "saves 41 kcal and loses 2 g protein", where there is something to say. */
function inWords(one: Schemas["ComparedLabel"]): string {
  const { kcal, protein_g: protein } = one.in_trial?.difference ?? {};
  if (kcal == null || protein == null) return "";
  const parts = [
    Math.abs(kcal) >= 0.5 &&
      `${kcal < 0 ? "saves" : "adds"} ${figure(Math.abs(kcal), "kcal")} kcal`,
    Math.abs(protein) >= 0.05 &&
      `${protein < 0 ? "loses" : "gains"} ${figure(Math.abs(protein), "g")} g protein`,
  ];
  const said = parts.filter(Boolean).join(" and ");
  return said && `${said} per serving`;
}

function moved(value: number | null | undefined, unit: Unit): string {
  if (value == null) return "unknown";
  return Math.abs(value) < 0.05 ? "as it is" : `${signed(value, unit)}${unit === "g" ? " g" : ""}`;
}

function cost(value: number | null | undefined): string {
  if (value == null) return "no price";
  if (Math.abs(value) < 0.005) return "as it is";
  return (value > 0 ? "+" : "") + fixed(value, 2);
}
