import type { LiveReading } from "../api/live";
import { Dimension } from "../drawing/Dimension";
import { fixed, weighed } from "../lib/format";
import { useWidth } from "../lib/useWidth";

const HEIGHT = 104;
const BAR_Y = 62;
const OVERSHOOT = 1.12;

interface PourLineProps {
  reading: LiveReading | null;
  target: number;
  /** Poured on the line before this pour. */
  soFar?: number;
}

/** The pour as a dimension line that closes on its target. */
export function PourLine({ reading, target, soFar = 0 }: PourLineProps) {
  const [ref, width] = useWidth<HTMLDivElement>(800);
  const most = Math.max(target * OVERSHOOT, target + 2 * (reading?.tolerance_g ?? 1));
  const x = (grams: number) => 8 + (Math.min(Math.max(grams, 0), most) / most) * (width - 16);
  const net = soFar + (reading?.net_g ?? 0);
  const left = reading?.left_g ?? target;
  const slack = reading?.tolerance_g ?? 1;
  const state = reading?.state ?? "waiting";
  const colour =
    state === "within" ? "var(--done)" : state === "over" ? "var(--mark)" : "var(--ink)";
  return (
    <div ref={ref} className="mt-1 min-w-0 overflow-hidden">
      <svg
        width={width}
        height={HEIGHT}
        role="img"
        aria-label={`${weighed(Math.max(net, 0))} of ${weighed(target)} g`}
        className="block"
      >
        <rect
          x={x(target - slack)}
          y={BAR_Y - 14}
          width={Math.max(3, x(target + slack) - x(target - slack))}
          height={28}
          fill="none"
          stroke="var(--done)"
          strokeWidth="1.5"
        />
        <path
          d={`M${x(0)} ${BAR_Y - 18}V${BAR_Y + 18}M${x(target)} ${BAR_Y - 18}V${BAR_Y + 18}`}
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
        <rect
          x={x(0)}
          y={BAR_Y - 6}
          width={Math.max(0, x(net) - x(0))}
          height={12}
          fill={colour === "var(--ink)" ? "url(#hatch-carbohydrate)" : colour}
          stroke={colour}
        />
        {state === "pouring" && left > 0 && (
          <Dimension
            x1={x(net)}
            x2={x(target)}
            y={BAR_Y - 30}
            text={fixed(left, slack < 1 ? 1 : 0)}
            colour="var(--pencil)"
            size={16}
          />
        )}
        <text x={x(0)} y={HEIGHT - 6} fontSize="15" fill="var(--ink-soft)">
          0
        </text>
        <text
          x={x(target)}
          y={HEIGHT - 6}
          fontSize="15"
          fontWeight="700"
          textAnchor={x(target) > width - 70 ? "end" : "middle"}
          fill="var(--ink)"
        >
          {weighed(target)} ± {weighed(slack)} g
        </text>
      </svg>
    </div>
  );
}
