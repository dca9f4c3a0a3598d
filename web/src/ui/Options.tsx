import { type KeyboardEvent, type ReactNode, type RefObject, useId, useState } from "react";

interface OptionsProps<T> {
  label: string;
  placeholder: string;
  text: string;
  onText: (text: string) => void;
  options: readonly T[];
  optionKey: (option: T) => string;
  option: (option: T) => ReactNode;
  /** The heading that an option stands under; those of one group follow each other. */
  groupOf?: (option: T) => string;
  onChoose: (option: T) => void;
  inputRef?: RefObject<HTMLInputElement | null>;
  className?: string;
  error?: string | undefined;
  /** Lower than a finger needs: for the bar that only a wide screen shows. */
  dense?: boolean;
  /** Shown under the box when nothing matches what was typed. */
  none?: ReactNode;
  /** Shown over the options: what the choice is about. */
  note?: ReactNode;
  /** There is something to choose from before anything is typed. */
  eager?: boolean;
  /** The first option is what was meant: Enter takes it. Otherwise one must be chosen. */
  sure?: boolean;
  /** The options are not yet those of the text: Enter waits for them with `onEarly`. */
  stale?: boolean;
  onEarly?: () => void;
}

/** A text box with a list of options under it: ↑ ↓ to move, Enter to choose, Esc to leave. */
export function Options<T>({
  label,
  placeholder,
  text,
  onText,
  options,
  optionKey,
  option: shownAs,
  groupOf = () => "",
  onChoose,
  inputRef,
  className = "",
  error,
  none,
  note,
  sure = true,
  stale = false,
  onEarly,
  dense = false,
  eager = false,
}: OptionsProps<T>) {
  const id = useId();
  const [open, setOpen] = useState(false);
  const [moved, setAt] = useState<number>();
  const index = Math.min(moved ?? (sure ? 0 : -1), Math.max(0, options.length - 1));
  const shown = open && (eager || text.trim() !== "");
  const choose = (option: T | undefined) => {
    if (option === undefined) return;
    setOpen(false);
    setAt(undefined);
    onChoose(option);
  };
  const pressed = (event: KeyboardEvent) => {
    if (event.key === "ArrowDown" || event.key === "ArrowUp") {
      event.preventDefault();
      setOpen(true);
      setAt(
        Math.max(0, Math.min(options.length - 1, index + (event.key === "ArrowDown" ? 1 : -1))),
      );
    } else if (event.key === "Enter" && shown) {
      event.preventDefault();
      if (stale && onEarly) onEarly();
      else choose(options[index]);
    } else if (event.key === "Escape") {
      setOpen(false);
      onText("");
      if (event.currentTarget instanceof HTMLElement) event.currentTarget.blur();
    }
  };
  return (
    <div className={`relative ${className}`}>
      <input
        ref={inputRef}
        role="combobox"
        aria-label={label}
        aria-expanded={shown && options.length > 0}
        aria-controls={`${id}-list`}
        aria-autocomplete="list"
        aria-activedescendant={shown && index in options ? `${id}-${index}` : undefined}
        aria-invalid={error !== undefined || undefined}
        aria-describedby={error === undefined ? undefined : `${id}-error`}
        autoComplete="off"
        maxLength={200}
        placeholder={placeholder}
        value={text}
        onChange={(event) => {
          onText(event.target.value);
          setOpen(true);
          setAt(undefined);
        }}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onKeyDown={pressed}
        className={`${dense ? "h-9" : "h-11"} w-full border border-soft bg-sheet px-2.5 placeholder:text-soft aria-invalid:border-2 aria-invalid:border-mark`}
      />
      {error !== undefined && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm text-mark">
          {error}
        </p>
      )}
      <div
        hidden={!shown || options.length === 0}
        className="absolute top-full right-0 left-0 z-30 max-h-96 overflow-y-auto border border-ink bg-sheet shadow-lg"
      >
        {note && <div className="border-b border-rule px-2.5 py-1.5 text-sm">{note}</div>}
        <div id={`${id}-list`} role="listbox" aria-label={label}>
          {shown &&
            grouped(options, groupOf).map(({ name, from, members }) => (
              <div key={name} role={name ? "group" : undefined} aria-label={name || undefined}>
                {name && (
                  <div aria-hidden="true" className="bg-paper px-2.5 py-0.5 text-sm text-soft">
                    {name}
                  </div>
                )}
                {members.map((option, nth) => {
                  const i = from + nth;
                  return (
                    <div
                      key={optionKey(option)}
                      id={`${id}-${i}`}
                      role="option"
                      aria-selected={i === index}
                      onPointerDown={(event) => {
                        event.preventDefault();
                        choose(option);
                      }}
                      onPointerMove={() => setAt(i)}
                      className={`cursor-pointer px-2.5 py-2.5 ${i === index ? "bg-wash" : ""}`}
                    >
                      {shownAs(option)}
                    </div>
                  );
                })}
              </div>
            ))}
        </div>
      </div>
      {shown && options.length === 0 && none}
    </div>
  );
}

interface OptionGroup<T> {
  name: string;
  /** The place of its first member among all options. */
  from: number;
  members: T[];
}

function grouped<T>(options: readonly T[], groupOf: (option: T) => string): OptionGroup<T>[] {
  const groups: OptionGroup<T>[] = [];
  options.forEach((option, i) => {
    const name = groupOf(option);
    const last = groups.at(-1);
    if (last?.name === name) last.members.push(option);
    else groups.push({ name, from: i, members: [option] });
  });
  return groups;
}
