import { useState } from "react";

import { parseNumber } from "../lib/typedNumber";
import { numberFault } from "../lib/numberFault";
import { Field } from "../ui/Field";

interface PanelNumberProps {
  label: string;
  unit: string;
  value: number | null;
  /** Printed as "less than": the value is then the bound. */
  below: boolean;
  onChange: (value: number | null, below: boolean) => void;
  error?: string | undefined;
  /** Its name above it, not beside it. */
  stacked?: boolean;
}

/** A figure as a panel prints it: "12", "0,5", "1/2", "<1"; empty is unknown. */
export function PanelNumber({
  label,
  unit,
  value,
  below,
  onChange,
  error,
  stacked = false,
}: PanelNumberProps) {
  const [text, setText] = useState<string | null>(null);
  const given = value === null ? "" : `${below ? "<" : ""}${value}`;
  const fault = text === null ? undefined : faultOf(text);
  const stands = text !== null && fault === undefined && !same(text, value, below);
  const shown = stands ? given : (text ?? given);
  const typed = (next: string) => {
    setText(next);
    if (faultOf(next) === undefined) onChange(...read(next));
  };
  return (
    <Field label={label} inline={!stacked} error={fault ?? error}>
      {({ id, describedBy, invalid }) => (
        <span className="inline-flex items-center gap-1.5">
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            maxLength={40}
            placeholder="unknown"
            value={shown}
            aria-describedby={describedBy}
            aria-invalid={invalid || undefined}
            onChange={(event) => typed(event.target.value)}
            onFocus={(event) => event.target.select()}
            className="min-h-11 w-24 min-w-0 shrink border border-soft bg-sheet px-2.5 text-right placeholder:text-sm placeholder:font-normal placeholder:text-soft aria-invalid:border-2 aria-invalid:border-mark lg:min-h-9"
          />
          <span className="w-9 text-sm font-normal text-soft">{unit}</span>
        </span>
      )}
    </Field>
  );
}

const bare = (text: string) => text.trim().replace(/^(<|less than)\s*/i, "");

function faultOf(text: string): string | undefined {
  if (/^\s*</.test(text) && bare(text) === "") return "Less than what? Type a number, like <1.";
  return numberFault(bare(text), true);
}

function read(text: string): [number | null, boolean] {
  const number = bare(text) === "" ? null : parseNumber(bare(text));
  return [number, number !== null && bare(text) !== text.trim()];
}

function same(text: string, value: number | null, below: boolean): boolean {
  const [number, less] = read(text);
  return number === value && less === below;
}
