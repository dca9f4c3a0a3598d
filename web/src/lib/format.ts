/** Numbers as a cook reads them: kcal whole, grams one decimal below 10 and whole above. */

const MINUS = "\u2212";
const THIN = "\u202f";
export const DASH = "\u2013";

function grouped(text: string): string {
  const [whole = "", fraction] = text.split(".");
  const spaced = whole.length > 3 ? whole.replace(/\B(?=(\d{3})+$)/g, THIN) : whole;
  return fraction === undefined ? spaced : `${spaced}.${fraction}`;
}

export function fixed(value: number, decimals: number): string {
  const text = Math.abs(value).toFixed(decimals);
  const negative = value < 0 && Number(text) !== 0;
  return (negative ? MINUS : "") + grouped(text);
}

export type Unit = "kcal" | "g" | "mg";

/** Decimals that a figure of this size deserves. */
export function decimalsOf(value: number, unit: Unit): number {
  return unit === "g" && Math.abs(value) < 9.95 ? 1 : 0;
}

export function figure(value: number, unit: Unit): string {
  if (value === 0) return "0";
  return fixed(value, decimalsOf(value, unit));
}

/** Grams as weighed: as many decimals as it takes, one at most from 10 g on and two below. */
export function weighed(grams: number): string {
  const most = Math.abs(grams) < 10 ? 2 : 1;
  const rounded = Number(grams.toFixed(most));
  return fixed(rounded, Number.isInteger(rounded) ? 0 : Number.isInteger(rounded * 10) ? 1 : 2);
}

export function signed(value: number, unit: Unit): string {
  const text = figure(Math.abs(value), unit);
  if (Number(text) === 0) return "0";
  return value < 0 ? MINUS + text : `+${text}`;
}

const A_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** "Thu, 3 Dec": of a moment on the clock here; a date without one is that day everywhere. */
export function day(iso: string): string {
  const at = A_DAY.test(iso) ? `${iso}T00:00` : iso; // alone it would be midnight in Greenwich
  return new Date(at).toLocaleDateString(undefined, {
    weekday: "short",
    day: "numeric",
    month: "short",
  });
}

/** "45 s", "17 min", "1 h 30 min". */
export function minutes(of: number): string {
  const seconds = Math.round(of * 60);
  if (of > 0 && of < 1.5 && seconds !== 60) return `${seconds} s`;
  const whole = Math.round(of);
  const hours = Math.floor(whole / 60);
  if (hours === 0) return `${whole} min`;
  return whole % 60 === 0 ? `${hours} h` : `${hours} h ${whole % 60} min`;
}

/** From the shorter to the longer: "16–18 min". */
export function span(least: number, most: number): string {
  if (minutes(least) === minutes(most)) return minutes(most);
  const [from, to] = [minutes(least), minutes(most)];
  const unit = / (s|min)$/.exec(to)?.[0] ?? "";
  const bare = !from.includes("h") && !to.includes("h") && from.endsWith(unit);
  return bare ? `${from.slice(0, -unit.length)}${DASH}${to}` : `${from} to ${to}`;
}

/** What is left on a clock: "12:05", "1:02:05"; past it "+0:40". */
export function countdown(ms: number): string {
  const seconds = ms >= 0 ? Math.ceil(ms / 1000) : Math.floor(-ms / 1000);
  const parts = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const shown = parts[0] === 0 ? parts.slice(1) : parts;
  const text = shown.map((n, i) => (i === 0 ? String(n) : String(n).padStart(2, "0"))).join(":");
  return ms < 0 ? `+${text}` : text;
}

/** "9:41 PM" where the clock has twelve hours, "09:41" where it has 24. */
const TWELVE = new Intl.DateTimeFormat(undefined, { hour: "numeric" }).resolvedOptions().hour12;
const TIME = { hour: TWELVE ? "numeric" : "2-digit", minute: "2-digit" } as const;

/** The time of day; with the day where that is another one than `today`. */
export function clock(iso: string, today = new Date()): string {
  const at = new Date(iso);
  const time = at.toLocaleTimeString(undefined, TIME);
  return at.toDateString() === today.toDateString() ? time : `${day(iso)}, ${time}`;
}

export function count(n: number, one: string, many = `${one}s`): string {
  return `${n} ${n === 1 ? one : many}`;
}
