import { Deviation } from "../../drawing/Tolerance";
import { known, valueText } from "../../lib/figures";
import type { ShownSheet } from "./lines";

/** One serving as it stands, open lines counted as planned. */
export function SoFar({ sheet }: { sheet: ShownSheet }) {
  const kcal = known(sheet.serving.kcal);
  const protein = known(sheet.serving.protein_g);
  if (!kcal || sheet.lines.every((line) => line.unnamed)) return null;
  const open = sheet.lines.some((line) => line.status === "open");
  return (
    <p className="text-sm text-soft" aria-live="polite">
      {open ? "Per serving if the rest goes to plan:" : "One serving, as weighed:"}
      <span className="block text-base font-bold text-ink">
        {valueText(kcal, "kcal")} <Deviation found={kcal} unit="kcal" /> kcal
        {protein && ` · ${valueText(protein, "g")} g protein`}
      </span>
    </p>
  );
}
