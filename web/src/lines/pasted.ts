import type { Schemas } from "../api/client";
import { addComponent, addLine, type Build, type ShelfLabel } from "./draft";
import { type Choice, choicesOf, lineOf } from "./quick";

export type PastedLine = Schemas["QuickLine"];

/** What becomes of a line: the place of a choice, or one of these. */
export const LEFT_OUT = -1;
export const UNDECIDED = -2;

/** Only what is sure, and has an amount, is chosen without being asked. */
export function first(line: PastedLine, takesSteps: boolean): number {
  if (line.status === "step" && !takesSteps) return LEFT_OUT;
  if (line.status === "step") return line.instead?.length ? UNDECIDED : 0;
  if (!line.answer || line.answer.options.length === 0) return LEFT_OUT;
  if (!line.answer.sure) return UNDECIDED;
  return line.answer.entry.quantities?.length || line.answer.entry.to_taste ? 0 : LEFT_OUT;
}

export function choiceAt(line: PastedLine, at: number | undefined): Choice | undefined {
  if (!line.answer || at === undefined || at < 0) return undefined;
  return choicesOf(line.answer)[at];
}

export interface Sorted {
  /** Lines that go into the build, with what they become. */
  adding: readonly { line: PastedLine; choice: Choice }[];
  steps: readonly PastedLine[];
  /** Lines that wait for a food or for the cook's choice. */
  later: readonly PastedLine[];
}

export function sorted(lines: readonly PastedLine[], chosen: readonly number[]): Sorted {
  return {
    adding: lines.flatMap((line, i) => {
      const choice = choiceAt(line, chosen[i]);
      return choice && !choice.way?.needs ? [{ line, choice }] : [];
    }),
    steps: lines.filter((line, i) => line.status === "step" && chosen[i] === 0),
    later: lines.filter(
      (line, i) =>
        line.status === "unmatched" ||
        (line.answer && (chosen[i] === UNDECIDED || choiceAt(line, chosen[i])?.way?.needs)),
    ),
  };
}

/** The build with the lines: a heading begins its component, made with its first line. */
export function withList(
  build: Build,
  lines: readonly PastedLine[],
  chosen: readonly number[],
  makes: string,
): Build {
  let next = build;
  let under = build.components?.[0]?.name ?? makes;
  lines.forEach((line, i) => {
    if (line.status === "heading") under = line.says ?? line.text;
    const choice = choiceAt(line, chosen[i]);
    if (!choice || choice.way?.needs) return;
    if (placeOf(next, under) < 0) next = addComponent(next, under);
    next = addLine(next, placeOf(next, under), lineOf(choice));
  });
  return next;
}

/** The build with the servings that a recipe says; unchanged where it says none. */
export const withServings = (build: Build, servings: number | null | undefined): Build =>
  servings == null ? build : { ...build, portions: servings };

const placeOf = (build: Build, name: string) =>
  (build.components ?? []).findIndex((part) => part.name === name);

export const labelsOf = (sort: Sorted): ShelfLabel[] =>
  sort.adding.flatMap(({ choice }) => choice.label ?? []);
