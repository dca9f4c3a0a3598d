import type { LiveReading } from "../../api/live";
import { fixed } from "../../lib/format";

const SAYS: Record<LiveReading["state"], string> = {
  waiting: "pour",
  pouring: "to go",
  within: "that is it",
  over: "too much",
  bowl_off: "the bowl is off the scale",
  overload: "too heavy for this scale",
};

/** The reading, legible from two metres, and in words what is left. */
export function Readout({
  reading,
  plain = false,
}: {
  reading: LiveReading | null;
  plain?: boolean;
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
          data-stable={reading?.reading.stable ?? false}
          className={`font-mono leading-[0.95] font-bold tracking-tight ${text.length > 4 ? "text-[8.5rem] max-sm:text-[4.6rem]" : "text-[11rem] max-sm:text-[7rem]"} ${reading?.reading.stable ? "" : "text-soft"}`}
        >
          {text}
        </output>
        <span className="font-mono text-5xl text-soft max-sm:text-3xl">g</span>
      </div>
      <p
        className={`mt-1 min-h-9 text-2xl max-sm:text-xl ${plain && !troubled(reading) ? "text-soft" : tone(reading)}`}
        data-testid="left"
      >
        {reading && !plain ? says(reading, decimals) : reading ? plainly(reading) : "no reading"}
      </p>
    </div>
  );
}

const troubled = (reading: LiveReading | null) =>
  reading?.state === "bowl_off" || reading?.state === "overload";

function plainly(reading: LiveReading): string {
  if (troubled(reading)) return SAYS[reading.state];
  return reading.reading.stable ? "steady" : "settling…";
}

function says(reading: LiveReading, decimals: number): string {
  const left = reading.left_g ?? 0;
  if (reading.state === "pouring") return `${fixed(left, decimals)} g ${SAYS.pouring}`;
  if (reading.state === "over") return `${fixed(-left, decimals)} g ${SAYS.over}`;
  if (reading.state === "within" && !reading.reading.stable) return "settling…";
  return SAYS[reading.state];
}

function tone(reading: LiveReading | null): string {
  switch (reading?.state) {
    case "over":
    case "bowl_off":
    case "overload":
      return "text-mark";
    case "within":
      return "text-done";
    default:
      return "text-soft";
  }
}
