import type { Capture } from "../../api/captures";
import type { BatchSheet } from "../../api/live";
import { weighed } from "../../lib/format";

export type Line = BatchSheet["lines"][number] & {
  /** What was taken of it waits in this browser: it is not done before the kitchen has it. */
  waiting?: boolean;
};

export type ShownSheet = Omit<BatchSheet, "lines"> & { lines: readonly Line[] };

/** Pieces of which nobody knows the weight: there is no target to pour to. */
export const onlyCounted = (line: Line) => line.count != null && line.target_g === 0;

/** Something was poured that nobody has named; what was left out needs no name. */
export const wantsName = (line: Line) => line.unnamed && line.status !== "skipped";

/** Poured until it is right: several pours, and a word for what right looks like. */
export const untilRight = (line: Line) => line.until !== "";

/** So much more of it would be above its target by more than the scale forgives. */
export const isTooMuch = (line: Line, grams: number) =>
  line.slack_g != null && line.poured_g + grams > line.target_g + line.slack_g;

/** What is still to be poured of it, in words. */
export function wanted(line: Line): string {
  if (onlyCounted(line)) return `${weighed(line.count ?? 0)} ×`;
  if (line.target_g === 0) return untilRight(line) ? "until it is right" : "";
  return `${weighed(line.target_g)} g`;
}

/**
 * The sheet with what waits in this browser: the next open line is current, the lines before it are on
 * their way.
 */
export function withWaiting(sheet: BatchSheet, waiting: readonly Capture[]): ShownSheet {
  if (waiting.length === 0) return sheet;
  let current = sheet.current;
  let lines: readonly Line[] = sheet.lines;
  let last = sheet.last_record;
  for (const one of waiting) {
    if (one.kind !== "undo" && one.kind !== "turn") last = one.id;
    if (one.line == null) continue;
    if (one.kind === "turn") current = one.line;
    if (one.kind !== "line" && one.kind !== "skip") continue;
    const status = one.kind === "line" ? ("weighed" as const) : ("skipped" as const);
    lines = lines.map((line) =>
      line.id === one.line
        ? { ...line, status, net_g: one.net_g ?? line.net_g, waiting: true }
        : line,
    );
    current = lines.find((line) => line.status === "open")?.id ?? null;
  }
  return { ...sheet, lines, current, last_record: last };
}
