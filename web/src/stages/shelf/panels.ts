import type { Schemas } from "../../api/client";

export type Label = Schemas["Label"];

/** A panel with nothing on it yet. */
export const emptyLabel = (name: string): Label => ({ name, style: "eu", basis_g: 100 });

export type FigureField = Exclude<
  keyof Schemas["Label"],
  "name" | "style" | "basis_g" | "spread" | "polyol"
>;

export interface PanelFigure {
  field: FigureField;
  name: string;
  unit: string;
  inside?: boolean;
}

const US: readonly PanelFigure[] = [
  { field: "kcal", name: "Calories", unit: "kcal" },
  { field: "fat_g", name: "Total fat", unit: "g" },
  { field: "saturated_g", name: "Saturated fat", unit: "g", inside: true },
  { field: "sodium_mg", name: "Sodium", unit: "mg" },
  { field: "carbohydrate_g", name: "Total carbohydrate", unit: "g" },
  { field: "fibre_g", name: "Dietary fibre", unit: "g", inside: true },
  { field: "soluble_fibre_g", name: "of it soluble", unit: "g", inside: true },
  { field: "sugars_g", name: "Total sugars", unit: "g", inside: true },
  { field: "added_sugars_g", name: "Added sugars", unit: "g", inside: true },
  { field: "polyols_g", name: "Sugar alcohol", unit: "g", inside: true },
  { field: "allulose_g", name: "Allulose", unit: "g", inside: true },
  { field: "protein_g", name: "Protein", unit: "g" },
  { field: "alcohol_g", name: "Alcohol", unit: "g" },
];

const EU: readonly PanelFigure[] = [
  { field: "kj", name: "Energy", unit: "kJ" },
  { field: "kcal", name: "Energy", unit: "kcal" },
  { field: "fat_g", name: "Fat", unit: "g" },
  { field: "saturated_g", name: "of which saturates", unit: "g", inside: true },
  { field: "carbohydrate_g", name: "Carbohydrate", unit: "g" },
  { field: "sugars_g", name: "of which sugars", unit: "g", inside: true },
  { field: "polyols_g", name: "of which polyols", unit: "g", inside: true },
  { field: "allulose_g", name: "Allulose", unit: "g", inside: true },
  { field: "fibre_g", name: "Fibre", unit: "g" },
  { field: "protein_g", name: "Protein", unit: "g" },
  { field: "salt_g", name: "Salt", unit: "g" },
  { field: "alcohol_g", name: "Alcohol", unit: "g" },
  { field: "organic_acids_g", name: "Organic acids", unit: "g" },
];

/** The rows of a panel, in the order in which it is printed. */
export const PANELS: Record<Schemas["Label"]["style"], readonly PanelFigure[]> = {
  us: US,
  eu: EU,
  table: US,
};
