import type { Schemas } from "../api/client";
import { weighed } from "../lib/format";
import { type BuildLine, newId, type ShelfLabel } from "./draft";

export type AmountWay = Schemas["AmountReading"];

/** One thing that a typed line may become: a package with one reading of the amount. */
export interface Choice {
  key: string;
  text: string;
  detail: string;
  amount: string;
  foodId?: number;
  food?: string;
  label?: ShelfLabel;
  component?: string;
  way?: AmountWay;
}

const MOST_SHOWN = 10;

/** Packages by readings: the likeliest package keeps all its readings, the others their first. */
export function choicesOf(answer: Schemas["QuickAnswer"]): Choice[] {
  return answer.options
    .flatMap((option, i) =>
      option.worked.readings.slice(0, i === 0 ? undefined : 1).map((way, j) => ({
        key: `l${option.label.id}/${j}`,
        text: option.label.label.name ?? option.food,
        detail: [way.how, option.food, i === 0 && answer.chosen ? "as you chose before" : ""]
          .filter(Boolean)
          .join(" · "),
        amount: amountText(way),
        foodId: option.food_id,
        food: option.food,
        label: option.label,
        way,
      })),
    )
    .slice(0, MOST_SHOWN);
}

export function amountText(way: AmountWay): string {
  if (way.needs) return "?";
  if (way.grams == null) return `${weighed(way.count ?? 0)} pieces`;
  return way.grams > 0 ? `${weighed(way.grams)} g` : "";
}

/** What is asked of the cook about the line; nothing when it is clear. */
export const questionOf = (answer: Schemas["QuickAnswer"] | undefined): string =>
  answer?.asks ?? "";

/** The build line of a choice. Plain grams need no words on where they are from. */
export function lineOf(choice: Choice): BuildLine {
  const { way } = choice;
  const grams = way?.grams ?? 0;
  const plain = !way || way.how === "as written" || way.grams === 0 || isBare(way);
  return {
    id: newId(),
    label_id: choice.label?.id ?? null,
    component: choice.component ?? null,
    target_g: Math.round(grams * 100) / 100,
    count: way?.count ?? null,
    how: plain ? "" : way.how.slice(0, 300),
  };
}

const isBare = (way: AmountWay) => way.how === "taken as grams";
