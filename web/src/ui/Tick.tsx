import type { ReactNode } from "react";

interface TickProps {
  on: boolean;
  onChange: (on: boolean) => void;
  /** For floury fingers. */
  large?: boolean;
  children: ReactNode;
}

/** One thing that is so or not. */
export function Tick({ on, onChange, large = false, children }: TickProps) {
  return (
    <label
      className={`flex cursor-pointer items-center gap-2 ${large ? "min-h-11" : "min-h-8 max-sm:min-h-11"}`}
    >
      <input
        type="checkbox"
        className={large ? "size-5 accent-(--pencil)" : "size-4"}
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      <span>{children}</span>
    </label>
  );
}
