import type { ReactNode } from "react";

const COLUMNS = ["1", "2", "3", "4", "5", "6"];
const ROWS = ["A", "B", "C", "D"];

/** A drawing sheet: double frame, with the zone marks of a drawing along its edges on a wide screen. */
export function Sheet({ children, className = "" }: { children: ReactNode; className?: string }) {
  return (
    <div className="relative border border-ink bg-sheet p-3.5 max-sm:border-x-0 max-sm:p-0 print:border-0 print:p-0">
      <div className="max-sm:hidden print:hidden" aria-hidden="true">
        {COLUMNS.map((zone, i) => (
          <Zone
            key={zone}
            text={zone}
            style={{ left: `${((i + 0.5) / COLUMNS.length) * 100}%` }}
            side="x"
          />
        ))}
        {ROWS.map((zone, i) => (
          <Zone
            key={zone}
            text={zone}
            style={{ top: `${((i + 0.5) / ROWS.length) * 100}%` }}
            side="y"
          />
        ))}
      </div>
      <div className={`border border-ink max-sm:border-0 print:border-0 ${className}`}>
        {children}
      </div>
    </div>
  );
}

function Zone({
  text,
  style,
  side,
}: {
  text: string;
  style: React.CSSProperties;
  side: "x" | "y";
}) {
  const place = side === "x" ? "top-0 h-3.5 -translate-x-1/2" : "left-0 w-3.5 -translate-y-1/2";
  return (
    <span
      style={style}
      className={`absolute grid place-items-center font-mono text-[9px] leading-none text-soft ${place}`}
    >
      {text}
    </span>
  );
}
