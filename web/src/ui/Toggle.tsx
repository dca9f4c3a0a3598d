import type { ReactNode } from "react";

interface ToggleProps {
  on: boolean;
  onChoose: () => void;
  /** A tab of a tab list; else a button that is pressed or not. */
  tab?: boolean;
  /** Lower than a finger needs on a wide screen; a phone shows it at full size. */
  small?: boolean;
  children: ReactNode;
}

/** One of a row of choices, filled in ink when it is the one. */
export function Toggle({ on, onChoose, tab = false, small = false, children }: ToggleProps) {
  const says = tab ? ({ role: "tab", "aria-selected": on } as const) : { "aria-pressed": on };
  return (
    <button
      type="button"
      {...says}
      onClick={onChoose}
      className={`border ${small ? "min-h-8 px-2 text-sm max-sm:min-h-11" : "min-h-11 px-3"} ${on ? "border-ink bg-ink text-sheet" : "border-rule hover:bg-wash"}`}
    >
      {children}
    </button>
  );
}
