/** What becomes of a trial. */
export const STAMPS = ["keep", "change", "drop"] as const;
export type StampName = (typeof STAMPS)[number];

const PLAIN = /^\d{1,2}(?:[.,]\d+)?$/;

/** Where a mark stands on the ruler; null for none, and for one that was said in words. */
export function plainMark(said: string): number | null {
  const typed = said.trim();
  const value = PLAIN.test(typed) ? Number(typed.replace(",", ".")) : null;
  return value === null || value > 10 ? null : value;
}

/** A mark to a tenth: "7.6". */
export const mark = (value: number) => value.toFixed(1);

/** Half of an interval as a margin: "± 0.4"; nothing where it is not known. */
export function marginOf(low: number | null | undefined, high: number | null | undefined): string {
  return low == null || high == null ? "" : `± ${((high - low) / 2).toFixed(1)}`;
}
