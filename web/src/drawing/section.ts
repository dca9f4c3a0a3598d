import type { Schemas } from "../api/client";
import { figure } from "../lib/format";
import type { Material } from "../lib/nutrients";

/** Where the scale of a section stands. */
export const AXIS = 40;
/** How far a leader reaches before its text begins. */
export const LEADER = 27;

/** By what a layer is thick. */
export type SectionMeasure = "kcal" | "protein_g" | "grams" | "cost";

export type SectionLayer = Schemas["Layer"];

/** A layer of a cut column, thick by the amount of its measure. */
export interface Layer extends SectionLayer {
  amount: number;
}

export interface PlacedLayer extends Layer {
  top: number;
  height: number;
}

export interface PlacedLabel {
  layer: PlacedLayer;
  y: number;
}

const ORDER: readonly (Material | null)[] = [
  "carbohydrate",
  "fibre",
  "polyols",
  null,
  "protein",
  "fat",
];

interface OfMaterial {
  material?: Material | null;
}

/** Like materials together, carbohydrate first. */
export const byMaterial = (a: OfMaterial, b: OfMaterial) =>
  ORDER.indexOf(a.material ?? null) - ORDER.indexOf(b.material ?? null);

/** The layers of a column, like materials together, carbohydrate at the bottom. */
export function layersOf(
  column: Schemas["Column"] | null | undefined,
  measure: SectionMeasure = "kcal",
): Layer[] {
  return (column?.layers ?? [])
    .map((layer) => ({ ...layer, amount: layer[measure] ?? 0 }))
    .sort((a, b) => byMaterial(a, b) || b.amount - a.amount);
}

export const totalOf = (layers: readonly Layer[]) =>
  layers.reduce((sum, layer) => sum + layer.amount, 0);

/** A weighed batch as a section: its lines beside what is known of the original. */
export function sectionOf(
  result: Pick<Schemas["Reckoning"], "lines" | "serving" | "original">,
  names: readonly string[],
  original: Schemas["Column"] | null,
): Schemas["Section"] {
  const layers = result.lines.map((line, i) => ({
    key: line.where,
    line_id: "",
    name: names[i] ?? "",
    balloon: i + 1,
    material: line.material ?? null,
    grams: line.grams,
    kcal: line.kcal ?? null,
    protein_g: line.protein_g ?? null,
    carbohydrate_g: line.carbohydrate_g ?? null,
    fat_g: line.fat_g ?? null,
    cost: null,
  }));
  const rebuild = { name: "", grams: result.serving.grams ?? null, of_lines: true, layers };
  return { original, rebuild, rebuild_at_equal_weight: null, links: [] };
}

/** Stack layers upwards from `base`, `scale` px a unit. */
export function stack(layers: readonly Layer[], base: number, scale: number): PlacedLayer[] {
  let y = base;
  return layers
    .filter((layer) => layer.amount * scale > 0.4)
    .map((layer) => {
      const height = layer.amount * scale;
      y -= height;
      return { ...layer, top: y, height };
    });
}

/** Labels beside their layers, pushed apart to `gap` px and kept between `top` and `bottom`. */
export function spread(
  layers: readonly PlacedLayer[],
  gap: number,
  top: number,
  bottom: number,
): PlacedLabel[] {
  const room = Math.max(1, Math.floor((bottom - top) / gap) + 1);
  const shown = [...layers]
    .sort((a, b) => b.height - a.height)
    .slice(0, room)
    .sort((a, b) => a.top - b.top);
  const labels = shown.map((layer) => ({ layer, y: layer.top + layer.height / 2 }));
  let least = top;
  for (const label of labels) {
    label.y = Math.max(label.y, least);
    least = label.y + gap;
  }
  let most = bottom;
  for (const label of labels.toReversed()) {
    label.y = Math.min(label.y, most);
    most = label.y - gap;
  }
  return labels;
}

/** A round step for about five lines up to `most`. */
export function niceStep(most: number): number {
  const raw = most / 5;
  const power = 10 ** Math.floor(Math.log10(Math.max(raw, 1e-6)));
  const step = [1, 2, 5, 10].find((factor) => factor * power >= raw) ?? 10;
  return step * power;
}

/** An amount of a measure, as it is printed on a layer. */
export function amountText(amount: number, measure: SectionMeasure): string {
  if (measure === "cost") return amount.toFixed(2);
  return figure(amount, measure === "kcal" ? "kcal" : "g");
}
