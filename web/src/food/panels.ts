import type { Schemas } from "../api/client";
import { PANELS as ROWS } from "../api/vocabulary";

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

export interface PanelFigure {
  field: (typeof ROWS)[Label["style"]][number]["field"];
  name: string;
  unit: string;
  inside: boolean;
}

/** The rows of a panel, in the order in which it is printed. */
export const PANELS: Record<Label["style"], readonly PanelFigure[]> = ROWS;

const FIGURE_NAMES = new Map(
  [...PANELS.us, ...PANELS.eu].map((row) => [
    row.field as string,
    `${row.name.toLowerCase()}, ${row.unit}`,
  ]),
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
