import type { Schemas } from "../api/client";
import { QUALITIES } from "../api/vocabulary";
import { count, figure, minutes, signed } from "../lib/format";
import { mark } from "../lib/marks";
import { AGAIN, QUALITY_NAMES, wordSays } from "./tastingSays";

/** The marks of one tasting, its words and its note. */
export function TastingMarks({ of }: { of: Schemas["Tasting"] }) {
  const words = of.sheet.words ?? [];
  const again = AGAIN.find(([key]) => key === of.sheet.again)?.[1];
  return (
    <>
      <p className="flex flex-wrap gap-x-3">
        {of.overall != null && <b className="font-mono">{mark(of.overall)}</b>}
        {QUALITIES.map((quality) => {
          const said = of.sheet.marks?.[quality];
          return said === undefined ? null : (
            <span key={quality}>
              <span className="text-soft">{QUALITY_NAMES[quality].toLowerCase()}</span> {said}
            </span>
          );
        })}
      </p>
      <p className="flex flex-wrap gap-x-3 text-sm">
        {words.length > 0 && <span>{words.map(wordSays).join(", ")}</span>}
        {again && <span>again: {again.toLowerCase()}</span>}
        {of.sheet.finish && <span>{of.sheet.finish}</span>}
        {of.sheet.eaten_min != null && <span>eaten in {minutes(of.sheet.eaten_min)}</span>}
        {of.sheet.fullness && <span>{fullnessSays(of)}</span>}
      </p>
      {of.sheet.note && <p className="text-sm">“{of.sheet.note}”</p>}
      {of.guesses.map((guess) => (
        <p key={guess.of} className="text-sm">
          Guessed {figure(guess.guess, guess.of === "kcal" ? "kcal" : "g")}{" "}
          {guess.of === "kcal" ? "kcal" : "g"}, it was{" "}
          {figure(guess.truth, guess.of === "kcal" ? "kcal" : "g")}:{" "}
          {signed((guess.guess / guess.truth - 1) * 100, "kcal")} %
        </p>
      ))}
    </>
  );
}

function fullnessSays(of: Schemas["Tasting"]): string {
  const later = Object.entries(of.later).map(
    ([hours, said]) => `${said} after ${count(Number(hours), "hour")}`,
  );
  return [`full ${of.sheet.fullness ?? ""} at once`, ...later].join(", ");
}
