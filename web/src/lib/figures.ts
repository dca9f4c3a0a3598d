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

/** As many decimals as the margin warrants; value and margin share them, so that neither is shown
 * outside of the other. */
const decimalsIn = ([low, high]: [number, number], unit: Unit) =>
  high - low >= 4 ? 0 : decimalsOf(low, unit);

export function valueText(found: Known, unit: Unit): string {
  return found.value === 0 ? "0" : fixed(found.value, decimalsIn(found.likely, unit));
}

/** A value that is not wholly known: "at least 3", or a dash of its own. */
export function unknownText(found: AnyFigure, unit: Unit): string {
  if (found != null && "at_least" in found) return `≥ ${figure(found.at_least, unit)}`;
  return "unknown";
}

export function bandText(band: [number, number], unit: Unit): string {
  const decimals = decimalsIn(band, unit);
  return band.map((end) => fixed(end, decimals)).join(` ${DASH} `);
}
