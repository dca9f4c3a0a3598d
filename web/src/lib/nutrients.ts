import type { Schemas } from "../api/client";
import type { Unit } from "./format";

export type Nutrient = keyof Schemas["Facts"];
export type Material = NonNullable<Schemas["LineShare"]["material"]>;

export interface NutrientRow {
  key: Nutrient;
  name: string;
  unit: Unit;
  /** Part of the row above it. */
  inside?: boolean;
}

export const NUTRIENTS: readonly NutrientRow[] = [
  { key: "kcal", name: "Energy", unit: "kcal" },
  { key: "protein_g", name: "Protein", unit: "g" },
  { key: "carbohydrate_g", name: "Carbohydrate, total", unit: "g" },
  { key: "net_carbohydrate_g", name: "net of fibre, polyols", unit: "g", inside: true },
  { key: "sugars_g", name: "sugars", unit: "g", inside: true },
  { key: "polyols_g", name: "polyols", unit: "g", inside: true },
  { key: "fat_g", name: "Fat", unit: "g" },
  { key: "saturated_g", name: "saturated", unit: "g", inside: true },
  { key: "fibre_g", name: "Fibre", unit: "g" },
  { key: "sodium_mg", name: "Sodium", unit: "mg" },
];

export const SHORT_NAMES: Record<Nutrient, string> = {
  kcal: "kcal",
  protein_g: "protein",
  carbohydrate_g: "carbohydrate",
  net_carbohydrate_g: "net carbohydrate",
  fat_g: "fat",
  fibre_g: "fibre",
  sugars_g: "sugars",
  polyols_g: "polyols",
  saturated_g: "saturated",
  sodium_mg: "sodium",
};

export const unitOf = (nutrient: Nutrient): Unit =>
  NUTRIENTS.find((row) => row.key === nutrient)?.unit ?? "g";
