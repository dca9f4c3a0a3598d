import type { Schemas } from "../api/client";

export type Label = Schemas["Label"];
export type Package = Schemas["Package"];
/** A package as it is edited: its panel and the rest of it. */
export type Edited = Schemas["NewLabel"];

/** A panel with nothing on it yet. */
export const emptyLabel = (style: "us" | "eu" = "eu"): Label => ({
  name: "",
  style,
  basis_g: style === "us" ? null : 100,
});

/** Whether a figure is typed yet. */
export const isBegun = (label: Label): boolean =>
  PANELS[label.style].some((row) => label[row.field] != null);

export type FigureField =
  | "kcal"
  | "kj"
  | "protein_g"
  | "carbohydrate_g"
  | "fat_g"
  | "fibre_g"
  | "soluble_fibre_g"
  | "sugars_g"
  | "added_sugars_g"
  | "saturated_g"
  | "sodium_mg"
  | "salt_g"
  | "polyols_g"
  | "allulose_g"
  | "alcohol_g"
  | "organic_acids_g";

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
export const PANELS: Record<Label["style"], readonly PanelFigure[]> = {
  us: US,
  eu: EU,
  table: [...US, { field: "organic_acids_g", name: "Organic acids", unit: "g" }],
};

const FIGURE_NAMES = new Map(
  [...US, ...EU].map((row) => [row.field as string, `${row.name.toLowerCase()}, ${row.unit}`]),
);
const FIELD_NAMES: Record<string, string> = {
  name: "package",
  style: "kind of panel",
  basis_g: "serving weight, g",
  basis_ml: "serving, ml",
  basis_pieces: "pieces",
  piece: "word for a piece",
  density_g_per_ml: "grams per ml",
  spread: "spread",
  polyol: "which polyol",
  below: "printed as less than",
  pack_g: "pack, g",
  pack_ml: "pack, ml",
  pack_pieces: "pieces in the pack",
  drained_g: "drained weight, g",
  price: "price",
  state: "state",
  allergens: "contains",
  may_contain: "may contain",
  does: "what it does",
  sweetness: "sweetness",
  flags: "cautions",
  note: "note",
};

/** A field of a label in a cook's words. */
export const fieldName = (field: string): string =>
  FIGURE_NAMES.get(field) ?? FIELD_NAMES[field] ?? field;

type AllergenKey = NonNullable<Package["allergens"]>[number];

export const ALLERGEN_NAMES: Record<AllergenKey, string> = {
  milk: "milk",
  egg: "egg",
  fish: "fish",
  crustaceans: "crustaceans",
  tree_nuts: "tree nuts",
  peanut: "peanut",
  wheat: "wheat",
  soy: "soy",
  sesame: "sesame",
  gluten: "cereals with gluten",
  celery: "celery",
  mustard: "mustard",
  sulphites: "sulphites",
  lupin: "lupin",
  molluscs: "molluscs",
};

export const STATES = [
  { value: "unsaid", label: "not said" },
  { value: "raw", label: "raw" },
  { value: "cooked", label: "cooked" },
  { value: "dry", label: "dry" },
  { value: "frozen", label: "frozen" },
  { value: "drained", label: "drained" },
  { value: "as_prepared", label: "as prepared" },
] as const;

export const DOES = {
  thickens: "thickens",
  dries: "dries",
  sweetens: "sweetens",
  flavours: "flavours",
} as const;

export const FLAGS = {
  raw_egg: "raw egg",
  raw_flour: "raw flour",
  raw_poultry: "raw poultry",
  raw_ground_meat: "raw ground meat",
  raw_fish: "raw fish",
  aspartame: "contains aspartame",
  xylitol: "contains xylitol",
} as const;
