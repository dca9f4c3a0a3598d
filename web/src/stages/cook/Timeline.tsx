import type { Schemas } from "../../api/client";
import { clock, minutes } from "../../lib/format";
import { useWidth } from "../../lib/useWidth";
import { axisOf, ms, numbered } from "./timeline";

interface TimelineProps {
  laid: Schemas["CookSchedule"];
  steps: readonly Schemas["Step"][];
  /** The clock, where the schedule is being cooked. */
  now?: number;
}

const ROW = 26;
const BAR = 16;
const LANE = 18;
const HEAD = 22;
/** Half a time of day, which stands over the end of the axis. */
const RIGHT = 32;
const NARROW = 620;

/** The schedule drawn: a row a step, and under them whose hands and which tools are taken when. */
export function Timeline({ laid, steps, now }: TimelineProps) {
  const [ref, width] = useWidth<HTMLDivElement>(1000);
  const rows = numbered(laid, steps);
  const narrow = width < NARROW;
  const left = narrow ? 30 : Math.min(300, width * 0.3);
  const axis = axisOf(laid, Math.max(60, width - left - RIGHT));
  const x = (at: number) => left + axis.x(at);
  const lanes = lanesOf(rows);
  const bottom = HEAD + rows.length * ROW;
  const height = bottom + 10 + lanes.length * LANE + 4;
  return (
    <figure className="m-0">
      <div ref={ref} className="min-w-0 overflow-hidden">
        <svg width={width} height={height} role="img" aria-label={said(laid, rows)}>
          {axis.ticks.map((tick) => (
            <g key={tick.ms}>
              <path
                d={`M${left + tick.x} ${HEAD - 4}V${height - 4}`}
                stroke="var(--rule)"
                strokeDasharray="2 3"
              />
              <text
                x={left + tick.x}
                y={12}
                fontSize="12"
                fill="var(--ink-soft)"
                textAnchor={tick.x < 20 ? "start" : "middle"}
              >
                {clock(new Date(tick.ms).toISOString(), new Date(tick.ms))}
              </text>
            </g>
          ))}
          {rows.map((row, i) => (
            <StepBar
              key={row.id}
              row={row}
              y={HEAD + i * ROW}
              from={x(ms(row.start_at))}
              to={x(ms(row.end_at))}
              left={left}
              narrow={narrow}
            />
          ))}
          {rows.flatMap((row, i) =>
            (row.step.after ?? []).map((key) => {
              const at = rows.findIndex((row) => row.id === key);
              const before = rows[at];
              if (!before || i - at > 3) return null;
              const [from, to] = [x(ms(before.end_at)), x(ms(row.start_at))];
              const [y, y2] = [HEAD + at * ROW + BAR + 2, HEAD + i * ROW + BAR / 2 + 2];
              return (
                <path
                  key={`${row.id}/${key}`}
                  d={`M${from} ${y}V${y2}H${Math.max(from, to - 1)}`}
                  stroke="var(--ink-soft)"
                  strokeDasharray={to - from > 6 ? "2 3" : undefined}
                  fill="none"
                />
              );
            }),
          )}
          {axis.breaks.map((px) => (
            <path
              key={px}
              d={`M${left + px - 4} ${HEAD - 2}l4 8l-4 8l4 8V${height - 8}`}
              stroke="var(--ink-soft)"
              strokeDasharray="6 4"
              fill="none"
            />
          ))}
          <path d={`M0 ${bottom + 4}H${width}`} stroke="var(--ink)" />
          {lanes.map((lane, i) => (
            <g key={lane.name}>
              <text x={0} y={bottom + 22 + i * LANE} fontSize="12" fill="var(--ink)">
                {narrow ? lane.name.replace("your hands", "you").slice(0, 4) : lane.name}
              </text>
              {lane.taken.map(([from, to]) => (
                <rect
                  key={from}
                  x={x(from)}
                  y={bottom + 12 + i * LANE}
                  width={Math.max(2, x(to) - x(from))}
                  height={11}
                  fill={lane.name === HANDS ? "var(--ink)" : "url(#hatch-carbohydrate)"}
                  stroke="var(--ink)"
                />
              ))}
            </g>
          ))}
          {now !== undefined && now >= ms(laid.begin_at) && now <= ms(laid.ready_at) && (
            <path d={`M${x(now)} ${HEAD - 6}V${height}`} stroke="var(--mark)" strokeWidth="2" />
          )}
        </svg>
      </div>
      <figcaption className="mt-1 flex flex-wrap gap-x-4 gap-y-1 text-sm text-soft">
        <Key fill="var(--ink)">hands on</Key>
        <Key fill="url(#hatch-carbohydrate)">runs by itself</Key>
        {axis.breaks.length > 0 && <span>a break line shortens a long wait</span>}
        {!laid.proven && <span>best order found in time</span>}
      </figcaption>
    </figure>
  );
}

const HANDS = "your hands";
type Row = ReturnType<typeof numbered>[number];

function StepBar({
  row,
  y,
  from,
  to,
  left,
  narrow,
}: {
  row: Row;
  y: number;
  from: number;
  to: number;
  left: number;
  narrow: boolean;
}) {
  const wide = Math.max(2, to - from);
  return (
    <g>
      <circle cx={11} cy={y + 9} r={9} fill="none" stroke="var(--ink)" />
      <text x={11} y={y + 13} fontSize="11" fontWeight="700" textAnchor="middle" fill="var(--ink)">
        {row.number}
      </text>
      {!narrow && (
        <text x={26} y={y + 14} fontSize="14" fill="var(--ink)">
          {short(row.step.says, Math.floor((left - 34) / 6.5))}
        </text>
      )}
      <rect
        x={from}
        y={y + 2}
        width={wide}
        height={BAR}
        fill={row.step.hands_on ? "var(--ink)" : "url(#hatch-carbohydrate)"}
        stroke="var(--ink)"
      />
    </g>
  );
}

const short = (text: string, most: number) =>
  text.length > most ? `${text.slice(0, Math.max(1, most - 1)).trimEnd()}…` : text;

function Key({ fill, children }: { fill: string; children: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <svg width="18" height="12" aria-hidden="true">
        <rect x="0.5" y="0.5" width="17" height="11" fill={fill} stroke="var(--ink)" />
      </svg>
      {children}
    </span>
  );
}

interface Lane {
  name: string;
  taken: [number, number][];
}

/** Hands first, then every tool that two steps could want. */
function lanesOf(rows: readonly Row[]): Lane[] {
  const lanes = new Map<string, Lane>([[HANDS, { name: HANDS, taken: [] }]]);
  for (const row of rows) {
    const taken: [number, number] = [ms(row.start_at), ms(row.end_at)];
    const tools = row.step.tool ? [row.step.tool] : [];
    for (const name of [...(row.step.hands_on ? [HANDS] : []), ...tools]) {
      if (!lanes.has(name)) lanes.set(name, { name, taken: [] });
      lanes.get(name)?.taken.push(taken);
    }
  }
  return [...lanes.values()];
}

function said(laid: Schemas["CookSchedule"], rows: readonly Row[]): string {
  const steps = rows.map((row) => `${clock(row.start_at)} ${row.step.says}`).join("; ");
  return `Schedule, ${minutes(laid.minutes)}, ready ${clock(laid.ready_at)}. ${steps}`;
}
