/** A weight that was not read on a scale: with a range it is an estimate. */
export interface TypedWeight {
  grams: number;
  range: [number, number] | null;
  origin: "hand" | "measure" | "estimate";
  count?: number | null;
}
