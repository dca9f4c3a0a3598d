import type { Schemas } from "../api/client";
import { DASH, decimalsOf, figure, fixed, type Unit } from "./format";

export type AnyFigure = Schemas["Facts"]["kcal"];

export interface Known {
  value: number;
  likely: [number, number];
  worst: [number, number];
}

export function known(figure: AnyFigure): Known | null {
  return figure != null && figure.value != null ? (figure as Known) : null;
}

/** The value with as many decimals as its margin warrants. */
export function valueText(found: Known, unit: Unit): string {
  if (found.value === 0) return "0";
  const half = (found.likely[1] - found.likely[0]) / 2;
  return fixed(found.value, half >= 2 ? 0 : decimalsOf(found.value, unit));
}

/** A value that is not wholly known: "at least 3", or a dash of its own. */
export function unknownText(found: AnyFigure, unit: Unit): string {
  if (found != null && "at_least" in found) return `≥ ${figure(found.at_least, unit)}`;
  return "unknown";
}

export function bandText([low, high]: [number, number], unit: Unit): string {
  const decimals = high - low >= 4 ? 0 : decimalsOf(high, unit);
  return `${fixed(low, decimals)} ${DASH} ${fixed(high, decimals)}`;
}
