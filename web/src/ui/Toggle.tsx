import type { ReactNode } from "react";

interface ToggleProps {
  on: boolean;
  onChoose: () => void;
  /** A tab of a tab list; else a button that is pressed or not. */
  tab?: boolean;
  children: ReactNode;
}

/** One of a row of choices, filled in ink when it is the one. */
export function Toggle({ on, onChoose, tab = false, children }: ToggleProps) {
  const says = tab ? ({ role: "tab", "aria-selected": on } as const) : { "aria-pressed": on };
  return (
    <button
      type="button"
      {...says}
      onClick={onChoose}
      className={`min-h-11 border px-3 ${on ? "border-ink bg-ink text-sheet" : "border-rule hover:bg-wash"}`}
    >
      {children}
    </button>
  );
}
