import type { LiveReading } from "../api/live";
import { fixed } from "../lib/format";

const SAYS: Record<LiveReading["state"], string> = {
  waiting: "pour",
  pouring: "to go",
  within: "on target",
  over: "too much",
  bowl_off: "the bowl is off the scale",
  overload: "too heavy for this scale",
  place: "put it on the scale",
  tip_in: "put in what was weighed beside it; T goes on from there",
  placed_early: "something is in the bowl already: T tares anyway",
  pack_off: "the pack is off the scale",
  less: "less than before: T tares it as it is",
  drift: "the scale creeps: T tares",
  restarted: "the scale was off: T goes on from what lies on it",
};

/** The reading, legible from two metres, and in words what is left. */
export function Readout({
  reading,
  plain = false,
  vessel,
}: {
  reading: LiveReading | null;
  plain?: boolean;
  /** What should stand on the scale now. */
  vessel?: string;
}) {
  const division = reading?.reading.division_g ?? 1;
  const decimals = division < 1 ? 1 : 0;
  const text = reading ? fixed(reading.net_g, decimals) : "––";
  return (
    <div className="mt-1">
      <div className="flex items-baseline gap-4">
        <output
          aria-label="Reading"
          data-testid="reading"
          data-scale={reading?.reading.scale}
          data-stable={reading?.steady ?? false}
          className={`font-mono leading-[0.95] font-bold tracking-tight ${text.length > 4 ? "text-[8.5rem] max-sm:text-[4.6rem]" : "text-[11rem] max-sm:text-[7rem]"} ${reading?.steady ? "" : "text-soft"}`}
        >
          {text}
        </output>
        <span className="font-mono text-5xl text-soft max-sm:text-3xl">g</span>
      </div>
      <p
        className={`mt-1 min-h-9 text-2xl max-sm:text-xl ${plain && !troubled(reading) ? "text-soft" : tone(reading)}`}
        data-testid="left"
      >
        {reading && !plain
          ? says(reading, decimals, vessel)
          : reading
            ? plainly(reading)
            : "no reading"}
      </p>
    </div>
  );
}

const TROUBLES: ReadonlySet<LiveReading["state"]> = new Set([
  "bowl_off",
  "overload",
  "placed_early",
  "less",
  "restarted",
]);
const troubled = (reading: LiveReading | null) => reading !== null && TROUBLES.has(reading.state);

function plainly(reading: LiveReading): string {
  if (troubled(reading)) return SAYS[reading.state];
  return reading.steady ? "steady" : "settling…";
}

function says(reading: LiveReading, decimals: number, vessel = "it"): string {
  const left = reading.left_g ?? 0;
  if (reading.state === "pouring") return `${fixed(left, decimals)} g ${SAYS.pouring}`;
  if (reading.state === "over") return `${fixed(-left, decimals)} g ${SAYS.over}`;
  if (reading.state === "within" && !reading.steady) return "settling…";
  if (reading.state === "place") return `put ${vessel} on the scale`;
  return SAYS[reading.state];
}

function tone(reading: LiveReading | null): string {
  if (reading?.state === "over" || troubled(reading)) return "text-mark";
  return reading?.state === "within" ? "text-done" : "text-soft";
}
