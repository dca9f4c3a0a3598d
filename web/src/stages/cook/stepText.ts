import { UNSAID_MIN } from "../../api/vocabulary";
import { toFahrenheit } from "../../lib/temperature";
import type { Schemas } from "../../api/client";
import { fixed, minutes, span } from "../../lib/format";

type Step = Schemas["Step"];

type Scale = "C" | "F";

/** The knob in both units, the house's first: "175 °C · 350 °F, fan 155 °C". */
export function knobText(knob: Schemas["Knob"], first: Scale): string {
  const c = `${fixed(knob.conventional_c, 0)} °C`;
  const f = `${fixed(knob.conventional_f, 0)} °F`;
  return first === "F"
    ? `${f} · ${c}, fan ${fixed(knob.fan_f, 0)} °F`
    : `${c} · ${f}, fan ${fixed(knob.fan_c, 0)} °C`;
}

/** A step's time as planned: "35–40 min", or that nobody has said. */
export function timeText(step: Step): string {
  if (step.least_min == null && step.most_min == null) return `${minutes(UNSAID_MIN)} (assumed)`;
  const least = step.least_min ?? step.most_min ?? 0;
  return span(least, step.most_min ?? least);
}

/** What an oven's memory makes of the stated time. */
export function memoryText(guess: Schemas["Estimate"]): string | null {
  const { says } = guess.size;
  if (guess.bakes.length === 0) {
    return says ? `about ${minutes(guess.minutes)}: ${says}` : guess.held || null;
  }
  const from = guess.bakes.length === 1 ? "1 bake" : `${guess.bakes.length} bakes`;
  const likely = `${minutes(guess.minutes)} here (${span(guess.least_min, guess.most_min)})`;
  return `${likely}, from ${from}${says ? `, ${says}` : ""}${guess.held ? `. ${guess.held}` : ""}`;
}

/** "until moist crumbs on a toothpick"; nothing where no cue was given. */
export const untilText = ({ cue }: Step): string =>
  cue ? `until ${cue.charAt(0).toLowerCase()}${cue.slice(1)}` : "";

export const SCALES: readonly { value: Scale; label: string }[] = [
  { value: "C", label: "°C" },
  { value: "F", label: "°F" },
];

/** A measured temperature in both units, the house's first. */
export function degreesText(celsius: number, first: Scale): string {
  const c = `${fixed(celsius, celsius % 1 === 0 ? 0 : 1)} °C`;
  const f = `${fixed(toFahrenheit(celsius), 0)} °F`;
  return first === "F" ? `${f} (${c})` : `${c} (${f})`;
}

/** How a step came out, as the cook says it. */
export const CAME_OUT = {
  under: "not quite done",
  right: "just right",
  over: "too long",
} as const;
