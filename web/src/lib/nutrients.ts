import type { Schemas } from "../api/client";
import { NUTRIENTS as ROWS } from "../api/vocabulary";
import type { Unit } from "./format";

export type Nutrient = keyof Schemas["Facts"];
export type Material = NonNullable<Schemas["LineShare"]["material"]>;

export interface NutrientRow {
  key: Nutrient;
  name: string;
  /** Where there is little room. */
  short: string;
  unit: Unit;
  /** Part of the row above it. */
  inside: boolean;
  /** Shown even where it is unknown. */
  always: boolean;
  headline: boolean;
}

const ALL: readonly NutrientRow[] = ROWS;
const BY_KEY = new Map(ALL.map((row) => [row.key, row]));

/** The rows of a table of figures: those that are always shown, and others that something holds. */
export const rowsFor = (
  shown: readonly (Partial<Record<Nutrient, unknown>> | null | undefined)[],
): readonly NutrientRow[] =>
  ALL.filter((row) => row.always || shown.some((facts) => facts?.[row.key] != null));

/** The few figures that a serving is known by, with one of the two schools of carbohydrate. */
export const headline = (carbohydrate: "total" | "net"): readonly Nutrient[] => {
  const other = carbohydrate === "net" ? "carbohydrate_g" : "net_carbohydrate_g";
  return ALL.filter((row) => row.headline && row.key !== other).map((row) => row.key);
};

export const shortName = (nutrient: Nutrient): string => BY_KEY.get(nutrient)?.short ?? nutrient;

export const unitOf = (nutrient: Nutrient): Unit => BY_KEY.get(nutrient)?.unit ?? "g";
