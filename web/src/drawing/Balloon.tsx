/** A numbered balloon: ties a thing in a list to the same thing in the drawing. */
export function Balloon({ n, filled = false }: { n: number; filled?: boolean }) {
  return (
    <span
      aria-hidden="true"
      className={`grid size-6 shrink-0 place-items-center rounded-full border border-ink text-xs font-bold ${filled ? "bg-ink text-sheet" : ""}`}
    >
      {n}
    </span>
  );
}
