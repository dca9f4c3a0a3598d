import type { Schemas } from "../api/client";
import { fixed } from "../lib/format";
import { useWidth } from "../lib/useWidth";

const ROW = 26;
const LEFT = 84;

interface Bar {
  name: string;
  lo: number;
  hi: number;
  value: number;
  printed: boolean;
}

const SHORT: Record<string, string> = { us: "US", us_449: "US 4-4-9", eu: "EU" };

/** The printed interval and the calculated ones on one scale: where they meet, the label agrees. */
export function EnergyLine({ audit }: { audit: Schemas["Audit"] }) {
  const [ref, width] = useWidth<HTMLDivElement>(480);
  const bars = barsOf(audit);
  const printed = bars.find((bar) => bar.printed);
  if (!printed || bars.length < 2) return null;
  const low = Math.min(...bars.map((bar) => bar.lo));
  const high = Math.max(...bars.map((bar) => bar.hi));
  const room = Math.max(high - low, 1);
  const x = (kcal: number) => LEFT + ((kcal - low) / room) * (width - LEFT - 16);
  const height = bars.length * ROW + 22;
  return (
    <div ref={ref} className="min-w-0 overflow-hidden">
      <svg
        width={width}
        height={height}
        role="img"
        aria-label="Printed and calculated energy as intervals"
        className="block"
      >
        <rect
          x={x(printed.lo)}
          y={0}
          width={Math.max(2, x(printed.hi) - x(printed.lo))}
          height={height - 20}
          fill="var(--wash)"
        />
        {bars.map((bar, i) => (
          <g key={bar.name} transform={`translate(0 ${i * ROW + 13})`}>
            <text x={0} y={4} fontSize="13" fill="var(--ink)">
              {bar.name}
            </text>
            <path
              d={`M${x(bar.lo)} -6V6M${x(bar.hi)} -6V6M${x(bar.lo)} 0H${x(bar.hi)}`}
              stroke="var(--ink)"
              strokeWidth={bar.printed ? 2.5 : 1.5}
            />
            <circle cx={x(bar.value)} cy={0} r="3.5" fill="var(--ink)" />
          </g>
        ))}
        <text x={x(low)} y={height - 4} fontSize="12" fill="var(--ink-soft)">
          {fixed(low, 0)}
        </text>
        <text x={x(high)} y={height - 4} fontSize="12" textAnchor="end" fill="var(--ink-soft)">
          {fixed(high, 0)} kcal
        </text>
      </svg>
    </div>
  );
}

function barsOf(audit: Schemas["Audit"]): Bar[] {
  const found: Bar[] = [];
  const { printed_kcal: value, printed_lo: lo, printed_hi: hi } = audit;
  if (value != null && lo != null && hi != null)
    found.push({ name: "printed", value, lo, hi, printed: true });
  for (const one of audit.reckoned) {
    if (one.kcal != null && one.lo != null && one.hi != null) {
      found.push({
        name: SHORT[one.method] ?? one.method,
        value: one.kcal,
        lo: one.lo,
        hi: one.hi,
        printed: false,
      });
    }
  }
  return found;
}
