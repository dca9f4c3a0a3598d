import type { Material } from "../lib/nutrients";

/** The fill of a material; what holds no energy to speak of is drawn in outline. */
export const hatch = (material: Material | null | undefined): string =>
  `url(#hatch-${material ?? "polyols"})`;
