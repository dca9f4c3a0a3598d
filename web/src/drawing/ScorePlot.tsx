import { useWidth } from "../lib/useWidth";
import { mark } from "../lib/marks";

export interface ScorePoint {
  key: number;
  /** A letter or a short name, drawn as the point itself. */
  name: string;
  across: number;
  score: number;
  low: number | null;
  high: number | null;
  /** Nothing beats it on both. */
  unbeaten: boolean;
}

interface ScorePlotProps {
  points: readonly ScorePoint[];
  /** What lies across, with its unit: "kcal a serving". */
  across: string;
  show: (value: number) => string;
  chosen?: number | undefined;
  onChoose?: (key: number) => void;
}

const HEIGHT = 320;
const PAD = { left: 40, right: 28, top: 14, bottom: 46 };

/** A plain plot, score up: whiskers are the scatter, what nothing beats is joined, the rest is quieter. */
export function ScorePlot({ points, across, show, chosen, onChoose }: ScorePlotProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const [from, to] = span(points.map((point) => point.across));
  const x = (value: number) =>
    PAD.left + ((value - from) / (to - from)) * (width - PAD.left - PAD.right);
  const floor = Math.max(
    0,
    Math.floor(Math.min(...points.map((point) => point.low ?? point.score), 5)),
  );
  const y = (score: number) =>
    HEIGHT - PAD.bottom - ((score - floor) / (10 - floor)) * (HEIGHT - PAD.top - PAD.bottom);
  const best = points.filter((point) => point.unbeaten).sort((a, b) => a.across - b.across);
  const marks = Array.from({ length: 10 - floor + 1 }, (_, i) => floor + i);
  return (
    <div ref={ref} className="min-w-0 overflow-hidden">
      <svg width={width} height={HEIGHT} role="group" aria-label={`Score against ${across}`}>
        {marks.map((score) => (
          <g key={score} aria-hidden="true">
            <line
              x1={PAD.left}
              x2={width - PAD.right}
              y1={y(score)}
              y2={y(score)}
              stroke="var(--rule)"
              strokeDasharray={score === floor ? undefined : "2 4"}
            />
            <text
              x={PAD.left - 8}
              y={y(score) + 4}
              textAnchor="end"
              className="fill-soft font-mono text-xs"
            >
              {score}
            </text>
          </g>
        ))}
        {[from, (from + to) / 2, to].map((value) => (
          <text
            key={value}
            aria-hidden="true"
            x={x(value)}
            y={HEIGHT - PAD.bottom + 18}
            textAnchor="middle"
            className="fill-soft font-mono text-xs"
          >
            {show(value)}
          </text>
        ))}
        <text
          aria-hidden="true"
          x={(PAD.left + width - PAD.right) / 2}
          y={HEIGHT - 8}
          textAnchor="middle"
          className="fill-ink text-sm"
        >
          {across}
        </text>
        <polyline
          points={best.map((point) => `${x(point.across)},${y(point.score)}`).join(" ")}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.2"
        />
        {points.map((point) => (
          <Point
            key={point.key}
            point={point}
            x={x(point.across)}
            y={y}
            says={`${point.name}: ${show(point.across)} ${across}, score ${mark(point.score)}${point.unbeaten ? ", unbeaten" : ""}`}
            chosen={point.key === chosen}
            onChoose={onChoose}
          />
        ))}
      </svg>
    </div>
  );
}

interface PointProps {
  point: ScorePoint;
  x: number;
  y: (score: number) => number;
  says: string;
  chosen: boolean;
  onChoose: ((key: number) => void) | undefined;
}

function Point({ point, x, y, says, chosen, onChoose }: PointProps) {
  const at = y(point.score);
  const ink = point.unbeaten ? "var(--ink)" : "var(--ink-soft)";
  const half = Math.max(12, point.name.length * 4.5 + 4);
  return (
    <g
      role={onChoose ? "button" : "img"}
      aria-label={says}
      aria-pressed={onChoose ? chosen : undefined}
      tabIndex={onChoose ? 0 : undefined}
      onClick={() => onChoose?.(point.key)}
      onKeyDown={(event) => {
        if (event.key === "Enter" || event.key === " ") onChoose?.(point.key);
      }}
      className={onChoose ? "cursor-pointer" : undefined}
      opacity={point.unbeaten || chosen ? 1 : 0.75}
    >
      <title>{says}</title>
      {point.low !== null && point.high !== null && (
        <path
          d={`M${x} ${y(point.low)}V${y(point.high)}M${x - 5} ${y(point.low)}h10M${x - 5} ${y(point.high)}h10`}
          stroke={ink}
          strokeDasharray={point.unbeaten ? undefined : "3 3"}
          fill="none"
        />
      )}
      <rect
        x={x - half}
        y={at - 12}
        width={2 * half}
        height="24"
        fill={chosen ? "var(--ink)" : "var(--sheet)"}
        stroke={ink}
        strokeWidth={point.unbeaten ? 1.8 : 1}
      />
      <text
        x={x}
        y={at + 5}
        textAnchor="middle"
        fill={chosen ? "var(--sheet)" : ink}
        className={`text-sm ${point.unbeaten ? "font-bold" : ""}`}
      >
        {point.name}
      </text>
    </g>
  );
}

function span(values: readonly number[]): [number, number] {
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const room = Math.max((high - low) * 0.12, Math.abs(high) * 0.02, 0.5);
  return [Math.max(0, low - room), high + room];
}
