import type { ButtonHTMLAttributes, ReactNode } from "react";

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: "main" | "plain" | "quiet";
  /** The key that does the same. */
  shortcut?: string;
  children: ReactNode;
}

const LOOKS = {
  main: "border-pencil bg-pencil text-on-pencil hover:brightness-110",
  plain: "border-ink bg-sheet text-ink hover:bg-wash",
  quiet: "border-transparent bg-transparent text-pencil hover:bg-wash",
};

export function Button({
  look = "plain",
  shortcut,
  className = "",
  children,
  ...rest
}: ButtonProps) {
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex min-h-11 items-center justify-center gap-2 border px-3.5 text-[15px] font-semibold disabled:cursor-not-allowed disabled:border-rule disabled:bg-transparent disabled:text-soft ${LOOKS[look]} ${className}`}
    >
      {children}
      {shortcut && (
        <kbd className="font-mono text-xs font-normal opacity-80 max-sm:hidden" aria-hidden="true">
          {shortcut}
        </kbd>
      )}
    </button>
  );
}
