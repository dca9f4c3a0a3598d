import type { ButtonHTMLAttributes, ReactNode, Ref } from "react";
import { Link, type LinkProps } from "react-router";

type Look = "main" | "plain" | "quiet";

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: Look;
  /** The key that does the same. */
  shortcut?: string;
  ref?: Ref<HTMLButtonElement>;
  children: ReactNode;
}

const SHAPE =
  "inline-flex min-h-11 items-center justify-center gap-2 border px-3.5 text-[15px] font-semibold";
const LOOKS: Record<Look, string> = {
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
      data-main={look === "main" || undefined}
      {...rest}
      className={`${SHAPE} disabled:cursor-not-allowed disabled:border-rule disabled:bg-transparent disabled:text-soft ${LOOKS[look]} ${className}`}
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

interface ButtonLinkProps extends LinkProps {
  look?: Look;
}

/** A way on that looks like the action that it is. */
export function ButtonLink({ look = "plain", ...rest }: ButtonLinkProps) {
  return (
    <Link
      {...rest}
      data-main={look === "main" || undefined}
      className={`${SHAPE} ${LOOKS[look]}`}
    />
  );
}
