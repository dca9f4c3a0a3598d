import type { Schemas } from "../../api/client";
import { known, valueText } from "../../lib/figures";
import { DASH, figure, fixed, weighed } from "../../lib/format";

/** The average piece and this piece: how far one may lie from the other. */
export function Spread({ sheet }: { sheet: Schemas["PortionSheet"] }) {
  const { spread, serving } = sheet;
  const kcal = known(serving.kcal);
  const range = spread.this_kcal as [number, number] | null;
  return (
    <section aria-label="Average and this piece">
      <h2 className="text-lg font-bold">How much pieces vary</h2>
      <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        <dt className="text-soft">average serving</dt>
        <dd className="font-bold">
          {kcal ? `${valueText(kcal, "kcal")} kcal` : "unknown"}
          {serving.grams != null && ` · ${weighed(Math.round(serving.grams * 10) / 10)} g`}
        </dd>
        <dt className="text-soft">{spread.known ? "pieces weighed" : "this one, by eye"}</dt>
        <dd>
          {range
            ? `${figure(range[0], "kcal")} ${DASH} ${figure(range[1], "kcal")} kcal`
            : "unknown"}
          {spread.known && spread.least_g != null && spread.most_g != null
            ? `, ${weighed(spread.least_g)} ${DASH} ${weighed(spread.most_g)} g`
            : ""}
        </dd>
        <dt className="text-soft">spread</dt>
        <dd>
          ± {fixed(spread.relative * 100, spread.relative < 0.1 ? 1 : 0)} %
          {spread.grams != null && `, ± ${figure(spread.grams, "g")} g`}
          {spread.kcal != null && `, ± ${figure(spread.kcal, "kcal")} kcal`}
        </dd>
      </dl>
      <p className="mt-1 text-sm text-soft">
        {spread.known
          ? "All of them were weighed: that is what they differ by."
          : spread.pieces > 0
            ? `From ${spread.pieces} pieces that you cut by eye and weighed then.`
            : "Habit of pieces divided by eye, from memory. Weigh a few pieces that you have cut, and it is yours."}
      </p>
    </section>
  );
}
