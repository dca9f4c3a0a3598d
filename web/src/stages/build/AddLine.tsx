import { useRef, useState } from "react";
import { Link } from "react-router";

import { useFoods } from "../../api/queries";
import { parseNumber, weighed } from "../../lib/format";
import { MOST } from "../../lib/numberFault";
import { Options } from "../../ui/Options";
import type { Draft } from "./ComponentTable";
import { addLine, newId, type ShelfLabel } from "./draft";

interface Choice {
  key: string;
  text: string;
  detail: string;
  label?: ShelfLabel;
  component?: string;
}

/** "180 carrot" → grams and the foods that match; Enter adds the line. */
export function AddLine({ at, draft }: { at: number; draft: Draft }) {
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const box = useRef<HTMLInputElement>(null);
  const { grams, words } = split(text);
  const choices = useChoices(words, at, draft);
  const choose = (choice: Choice) => {
    if (grams > MOST) {
      setError("This is absurdly much: check the number and the unit.");
      return;
    }
    draft.change(
      (build) =>
        addLine(build, at, {
          id: newId(),
          label_id: choice.label?.id ?? null,
          component: choice.component ?? null,
          target_g: grams,
        }),
      choice.label,
    );
    setText("");
    setError(undefined);
    requestAnimationFrame(() => box.current?.focus());
  };
  return (
    <div data-add-line className="mt-1">
      <Options
        inputRef={box}
        label={`Add a line to ${draft.build.components?.[at]?.name ?? "the build"}`}
        placeholder="Add a line: 180 carrot, then Enter"
        text={text}
        onText={(next) => {
          setText(next);
          setError(undefined);
        }}
        error={error}
        options={choices}
        optionKey={(choice) => choice.key}
        option={(choice) => (
          <span className="grid grid-cols-[1fr_auto] gap-x-3">
            <span>{choice.text}</span>
            <span className="text-right">{grams > 0 ? `${weighed(grams)} g` : ""}</span>
            <span className="text-sm text-soft">{choice.detail}</span>
          </span>
        )}
        onChoose={choose}
        none={
          words.length > 0 && (
            <p className="mt-1 text-sm">
              No food on the shelf is called “{words.join(" ")}”.{" "}
              <Link
                to="/shelf"
                className="text-pencil underline"
                onPointerDown={(event) => event.preventDefault()}
              >
                Add its label
              </Link>
            </p>
          )
        }
      />
    </div>
  );
}

function split(text: string): { grams: number; words: string[] } {
  const found = /^\s*(\d[\d.,]*(?:\s+\d+\/\d+|\/\d+)?)\s*(?:g\b)?\s*(.*)$/.exec(text);
  const words = (found ? (found[2] ?? "") : text).toLowerCase().split(/\s+/).filter(Boolean);
  return { grams: found ? (parseNumber(found[1] ?? "") ?? 0) : 0, words };
}

function useChoices(words: readonly string[], at: number, draft: Draft): Choice[] {
  const { data: foods } = useFoods();
  if (words.length === 0) return [];
  const made: Choice[] = (draft.build.components ?? [])
    .filter((_, i) => i !== at)
    .map((part) => ({
      key: `c${part.name}`,
      text: `${part.name} (made here)`,
      detail: "a component of this trial, used by weight",
      component: part.name,
    }));
  const shelf: Choice[] = (foods ?? []).flatMap((food) =>
    food.labels.map((label) => ({
      key: `l${label.id}`,
      text: label.label.name ?? "",
      detail: `${food.name}, ${perHundred(label)}`,
      label,
    })),
  );
  const fits = (choice: Choice) => {
    const all = `${choice.text} ${choice.detail}`.toLowerCase();
    return words.every((word) => all.includes(word));
  };
  return [...shelf, ...made].filter(fits).slice(0, 8);
}

function perHundred({ label }: ShelfLabel): string {
  const kcal = label.kcal == null ? "kcal unknown" : `${label.kcal} kcal`;
  return `${kcal} per ${weighed(label.basis_g)} g`;
}
