import type { Schemas } from "../../api/client";

type Laid = Schemas["CookSchedule"];

/** A stretch of time as it is drawn: long passive ones are broken, as a long shaft is in a drawing. */
interface Stretch {
  from: number;
  to: number;
  x: number;
  width: number;
  broken: boolean;
}

export interface Axis {
  x: (ms: number) => number;
  breaks: readonly number[];
  ticks: readonly { ms: number; x: number }[];
}

const MINUTE = 60_000;
const LONG = 75 * MINUTE;
const DRAWN_AS = 24 * MINUTE;
const TICK_STEPS = [5, 10, 15, 30, 60, 120, 240].map((step) => step * MINUTE);
/** The width of "10:45 PM" and a little air. */
const LEAST_TICK_PX = 78;

/** Time across `width` px, from the first start to the last end. */
export function axisOf(laid: Laid, width: number): Axis {
  const times = [...new Set(laid.steps.flatMap((step) => [ms(step.start_at), ms(step.end_at)]))];
  times.sort((a, b) => a - b);
  const lengths = times.slice(1).map((to, i) => {
    const from = times[i] ?? to;
    const broken = to - from > LONG;
    return { from, to, broken, length: broken ? DRAWN_AS : to - from };
  });
  const whole = Math.max(
    MINUTE,
    lengths.reduce((sum, one) => sum + one.length, 0),
  );
  let x = 0;
  const stretches: Stretch[] = lengths.map(({ from, to, broken, length }) => {
    const drawn = (length / whole) * width;
    const stretch = { from, to, broken, x, width: drawn };
    x += drawn;
    return stretch;
  });
  const place = (at: number) => {
    const stretch = stretches.find((stretch) => at <= stretch.to) ?? stretches.at(-1);
    if (!stretch || stretch.to === stretch.from) return 0;
    const share = (at - stretch.from) / (stretch.to - stretch.from);
    return stretch.x + Math.min(1, Math.max(0, share)) * stretch.width;
  };
  return {
    x: place,
    breaks: stretches
      .filter((stretch) => stretch.broken)
      .map((stretch) => stretch.x + stretch.width / 2),
    ticks: ticksOf(stretches, (width / whole) * MINUTE, place),
  };
}

function ticksOf(stretches: readonly Stretch[], pxPerMinute: number, x: (at: number) => number) {
  const step =
    TICK_STEPS.find((step) => (step / MINUTE) * pxPerMinute >= LEAST_TICK_PX) ?? 240 * MINUTE;
  const found: { ms: number; x: number }[] = [];
  for (const stretch of stretches.filter((stretch) => !stretch.broken)) {
    for (let at = Math.ceil(stretch.from / step) * step; at <= stretch.to; at += step) {
      const px = x(at);
      const last = found.at(-1);
      if (!last || px - last.x >= LEAST_TICK_PX) found.push({ ms: at, x: px });
    }
  }
  return found;
}

export const ms = (iso: string): number => Date.parse(iso);

/** What was done when, as a schedule of its own; null before anything was. */
export function asCooked(steps: readonly Schemas["CookedStep"][]): Laid | null {
  const done = steps.flatMap(({ step, begun_at, done_at }) =>
    begun_at && done_at ? [{ id: step.id, start_at: begun_at, end_at: done_at }] : [],
  );
  done.sort((a, b) => ms(a.start_at) - ms(b.start_at));
  const first = done[0];
  if (!first) return null;
  const last = done.reduce((a, b) => (ms(a.end_at) > ms(b.end_at) ? a : b));
  const minutes = (ms(last.end_at) - ms(first.start_at)) / MINUTE;
  return {
    steps: done,
    begin_at: first.start_at,
    ready_at: last.end_at,
    minutes,
    hands_on_min: 0,
    proven: true,
    eat_at: null,
    late_min: 0,
    lead: [],
  };
}

/** The steps of the schedule in order, each with its place in the list of steps. */
export function numbered(laid: Laid, steps: readonly Schemas["Step"][]) {
  const places = new Map(steps.map((step, i) => [step.id, i]));
  return laid.steps.flatMap((placed) => {
    const at = places.get(placed.id);
    const step = at === undefined ? undefined : steps[at];
    return step && at !== undefined ? [{ ...placed, step, number: at + 1 }] : [];
  });
}
