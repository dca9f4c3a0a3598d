import { type InputHTMLAttributes, type ReactNode, useId, useState } from "react";

import { parseNumber } from "../lib/typedNumber";
import { numberFault } from "../lib/numberFault";

interface FieldProps {
  label: ReactNode;
  error?: string | undefined;
  hint?: ReactNode;
  inline?: boolean;
  /** The label is only heard: it stands beside the field in other words. */
  bare?: boolean;
  children: (ids: { id: string; describedBy: string | undefined; invalid: boolean }) => ReactNode;
}

/** A label, its control and, beside it, what is wrong and what to do. */
export function Field({ label, error, hint, inline = false, bare = false, children }: FieldProps) {
  const id = useId();
  const says = error ?? hint;
  return (
    <div
      className={inline ? "grid grid-cols-[1fr_auto] items-center gap-x-3" : "grid min-w-0 gap-1"}
    >
      <label htmlFor={id} className={bare ? "sr-only" : inline ? "" : "text-sm text-soft"}>
        {label}
      </label>
      {children({ id, describedBy: says ? `${id}-says` : undefined, invalid: error !== undefined })}
      {says && (
        <p
          id={`${id}-says`}
          className={`text-sm ${inline ? "col-span-2" : ""} ${error ? "text-mark" : "text-soft"}`}
          role={error ? "alert" : undefined}
        >
          {says}
        </p>
      )}
    </div>
  );
}

const BOX =
  "min-h-11 border bg-sheet px-2.5 text-ink placeholder:text-soft aria-invalid:border-mark aria-invalid:border-2";

type TextProps = Omit<InputHTMLAttributes<HTMLInputElement>, "onChange"> & {
  label: ReactNode;
  error?: string | undefined;
  hint?: ReactNode;
  value: string;
  onChange: (text: string) => void;
};

export function TextField({
  label,
  error,
  hint,
  value,
  onChange,
  className = "",
  ...rest
}: TextProps) {
  return (
    <Field label={label} error={error} hint={hint}>
      {({ id, describedBy, invalid }) => (
        <input
          {...rest}
          id={id}
          value={value}
          aria-describedby={describedBy}
          aria-invalid={invalid || undefined}
          onChange={(event) => onChange(event.target.value)}
          className={`${BOX} w-full border-soft ${className}`}
        />
      )}
    </Field>
  );
}

interface NumberFieldProps {
  label: ReactNode;
  unit?: string;
  value: number | null | undefined;
  onChange: (value: number | null) => void;
  error?: string | undefined;
  hint?: ReactNode;
  inline?: boolean;
  bare?: boolean;
  /** As wide as its place, for a row of many. */
  fill?: boolean;
  /** Empty is a good answer: the figure is unknown. */
  optional?: boolean;
  most?: number;
  /** Whole numbers from 1 on, or anything above 0. */
  takes?: "whole" | "positive";
  autoFocus?: boolean;
  /** What stands in it is the beginning of what is being typed: it is gone on with. */
  begun?: boolean;
}

/** A number as the cook types it: the text stays as typed, good numbers are handed on. */
export function NumberField(p: NumberFieldProps) {
  const [text, setText] = useState<string | null>(null);
  const given = p.value == null ? "" : String(p.value);
  const shown =
    text !== null && !same(text, p.value) && fault(text) === undefined ? given : (text ?? given);
  function fault(typed: string) {
    return numberFault(typed, p.optional ?? false, p.most) ?? kindFault(typed, p.takes);
  }
  const change = (typed: string) => {
    setText(typed);
    if (fault(typed) === undefined) p.onChange(typed.trim() === "" ? null : parseNumber(typed));
  };
  return (
    <Field
      label={p.label}
      inline={p.inline ?? false}
      bare={p.bare ?? false}
      error={text === null ? p.error : (fault(text) ?? p.error)}
      hint={p.hint}
    >
      {({ id, describedBy, invalid }) => (
        <span className={p.fill ? "flex" : "inline-flex items-center gap-1.5"}>
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            maxLength={40}
            autoFocus={p.autoFocus}
            value={shown}
            aria-describedby={describedBy}
            aria-invalid={invalid || undefined}
            onChange={(event) => change(event.target.value)}
            onFocus={({ target }) => {
              if (p.begun) target.setSelectionRange(target.value.length, target.value.length);
              else target.select();
            }}
            className={`${BOX} ${p.fill ? "w-full min-w-0" : "w-24"} border-soft text-right`}
          />
          {p.unit && <span className="w-9 text-sm text-soft">{p.unit}</span>}
        </span>
      )}
    </Field>
  );
}

function kindFault(typed: string, takes: NumberFieldProps["takes"]): string | undefined {
  const value = typed.trim() === "" ? null : parseNumber(typed);
  if (value === null || takes === undefined) return undefined;
  if (takes === "positive") return value > 0 ? undefined : "This must be more than 0.";
  return Number.isInteger(value) && value >= 1 ? undefined : "A whole number, 1 or more.";
}

function same(text: string, value: number | null | undefined): boolean {
  return (text.trim() === "" ? null : parseNumber(text)) === (value ?? null);
}

interface ChoiceProps<V extends string> {
  label: string;
  value: V;
  options: readonly { value: V; label: string }[];
  onChange: (value: V) => void;
  error?: string | undefined;
  hint?: ReactNode;
}

export function Choice<V extends string>({
  label,
  value,
  options,
  onChange,
  error,
  hint,
}: ChoiceProps<V>) {
  return (
    <Field label={label} error={error} hint={hint}>
      {({ id, describedBy }) => (
        <select
          id={id}
          value={value}
          aria-describedby={describedBy}
          onChange={(event) => onChange(event.target.value as V)}
          className={`${BOX} w-full min-w-0 border-soft`}
        >
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
