import { Field } from "./Field";

interface TicksProps<V extends string> {
  label: string;
  names: Partial<Record<V, string>>;
  choices: readonly V[];
  value: readonly V[];
  onChange: (value: V[]) => void;
  hint?: string;
}

/** Several of a few: each a box to tick. */
export function Ticks<V extends string>({
  label,
  names,
  choices,
  value,
  onChange,
  hint,
}: TicksProps<V>) {
  const toggle = (one: V) =>
    onChange(value.includes(one) ? value.filter((other) => other !== one) : [...value, one]);
  return (
    <Field label={label} hint={hint}>
      {({ id, describedBy }) => (
        <span
          id={id}
          role="group"
          aria-label={label}
          aria-describedby={describedBy}
          className="flex flex-wrap gap-1.5"
        >
          {choices.map((choice) => (
            <label
              key={choice}
              className={`flex min-h-11 cursor-pointer items-center gap-1.5 border px-2.5 lg:min-h-9 ${value.includes(choice) ? "border-ink bg-wash font-semibold" : "border-rule hover:bg-wash"}`}
            >
              <input
                type="checkbox"
                checked={value.includes(choice)}
                onChange={() => toggle(choice)}
                className="size-4 accent-ink"
              />
              {names[choice] ?? choice}
            </label>
          ))}
        </span>
      )}
    </Field>
  );
}
