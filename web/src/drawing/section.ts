import type { Schemas } from "../api/client";
import type { Material } from "../lib/nutrients";

/** A layer of a cut column: thick by its kcal. */
export interface Layer {
  key: string;
  name: string;
  kcal: number;
  grams: number | null;
  protein_g: number | null;
  material: Material | null;
  /** Its number in the list of lines; null where it stands for a macronutrient. */
  balloon: number | null;
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

/** Layers of our own build: its lines, like materials together, carbohydrate at the bottom. */
export function layersOfLines(
  lines: readonly Schemas["LineShare"][],
  names: readonly string[],
): Layer[] {
  return lines
    .map((line, i) => ({
      key: line.where,
      name: names[i] ?? "",
      kcal: line.kcal ?? 0,
      grams: line.grams,
      protein_g: line.protein_g ?? null,
      material: line.material ?? null,
      balloon: i + 1,
    }))
    .sort((a, b) => ORDER.indexOf(a.material) - ORDER.indexOf(b.material) || b.kcal - a.kcal);
}

const NAMES: Partial<Record<Material, string>> = {
  carbohydrate: "Carbohydrate",
  protein: "Protein",
  fat: "Fat",
};

/** Layers of an original of which only the figures are known: its macronutrients. */
export function layersOfOriginal(
  original: Schemas["ComparedOriginal"] | null | undefined,
): Layer[] {
  const energy = original?.energy_from;
  if (!energy) {
    if (!original?.kcal) return [];
    return [plain("all", "Energy", original.kcal, null)];
  }
  return (["carbohydrate", "protein", "fat"] as const)
    .filter((material) => (energy[material] ?? 0) > 0)
    .map((material) =>
      plain(material, NAMES[material] ?? material, energy[material] ?? 0, material),
    );
}

function plain(key: string, name: string, kcal: number, material: Material | null): Layer {
  return { key, name, kcal, material, grams: null, protein_g: null, balloon: null };
}

/** Stack layers upwards from `base`, `scale` px a kcal. */
export function stack(layers: readonly Layer[], base: number, scale: number): PlacedLayer[] {
  let y = base;
  return layers
    .filter((layer) => layer.kcal * scale > 0.4)
    .map((layer) => {
      const height = layer.kcal * scale;
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
