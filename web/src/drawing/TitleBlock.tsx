import type { Schemas } from "../api/client";
import { figure, weighed } from "../lib/format";
import { headline, type Nutrient, shortName, unitOf } from "../lib/nutrients";
import { Tolerance } from "./Tolerance";
import { type AnyFigure, known, unknownText, valueText } from "../lib/figures";
import { GoalMarks } from "./GoalMarks";
import { useStruck } from "./useStruck";

interface TitleBlockProps {
  dish: string;
  trial: string;
  state: string;
  result: Schemas["Reckoning"];
  labelNames: Record<string, string>;
  carbohydrate: "total" | "net";
  goals?: readonly Schemas["GoalState"][];
  /** What one serving is, where that is more than a weight. */
  serving?: string;
}

/** The ruled block in the corner of every sheet: live figures per serving, beside the original. */
export function TitleBlock(props: TitleBlockProps) {
  const { result, carbohydrate } = props;
  return (
    <section aria-label="Per serving" className="border-2 border-ink bg-sheet">
      <header className="flex items-baseline justify-between gap-3 border-b border-ink px-3 py-1.5">
        <span className="font-bold">
          {props.dish} <span className="font-normal text-soft">trial {props.trial}</span>
        </span>
        <span className="text-right text-sm text-soft">{props.state}</span>
      </header>
      <div className="grid grid-cols-[1.25fr_1.2fr_1.35fr_1fr_1fr] divide-x divide-rule max-sm:grid-cols-3 max-sm:divide-x-0">
        {headline(carbohydrate).map((nutrient) => (
          <Cell key={nutrient} nutrient={nutrient} {...props} />
        ))}
      </div>
      {props.goals && props.goals.length > 0 && (
        <div className="border-t border-rule px-3 py-1.5">
          <GoalMarks goals={props.goals} />
        </div>
      )}
      <OriginalRow
        original={result.original ?? null}
        serving={result.serving}
        words={props.serving}
      />
    </section>
  );
}

function Cell({ nutrient, result, labelNames }: TitleBlockProps & { nutrient: Nutrient }) {
  const given: AnyFigure = result.serving[nutrient];
  const found = known(given);
  const unit = unitOf(nutrient);
  const struck = useStruck(found ? valueText(found, unit) : "");
  return (
    <div className="px-3 py-1.5" data-nutrient={nutrient}>
      <div className="truncate text-xs text-soft">
        {shortName(nutrient)}
        {unit === "g" ? " g" : ""}
      </div>
      <div className="flex items-center gap-1.5">
        <output key={struck.key} className={`text-xl font-bold ${struck.className}`}>
          {found ? (
            valueText(found, unit)
          ) : (
            <span className="text-sm">{unknownText(given, unit)}</span>
          )}
        </output>
        <Tolerance
          nutrient={nutrient}
          figure={given}
          result={result}
          labelNames={labelNames}
          className="text-sm"
        />
      </div>
    </div>
  );
}

interface OriginalRowProps {
  original: Schemas["ComparedOriginal"] | null;
  serving: Schemas["Portion"];
  words: string | undefined;
}

function OriginalRow({ original, serving, words }: OriginalRowProps) {
  const grams = words ?? (serving.grams == null ? "no weight yet" : `${weighed(serving.grams)} g`);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 border-t border-rule px-3 py-1.5 text-sm">
      <dt className="text-soft">One serving</dt>
      <dd>
        {grams}
        {original?.saved_kcal != null && <Saved kcal={original.saved_kcal} />}
      </dd>
      <dt className="text-soft">Original</dt>
      <dd>
        {original?.kcal == null ? (
          "no figures yet"
        ) : (
          <>
            {figure(original.kcal, "kcal")} kcal
            {original.protein_g != null && ` · ${figure(original.protein_g, "g")} g protein`}
            {original.serving_g != null && ` · ${weighed(original.serving_g)} g`}
          </>
        )}
      </dd>
    </dl>
  );
}

function Saved({ kcal }: { kcal: number }) {
  const less = kcal >= 0;
  return (
    <span className={less ? "text-done" : "text-mark"}>
      {" · "}
      {figure(Math.abs(kcal), "kcal")} kcal {less ? "less" : "more"} than the original
    </span>
  );
}
