import type { Capture } from "../../api/captures";
import type { BatchSheet } from "../../api/live";
import { weighed } from "../../lib/format";

export type Line = BatchSheet["lines"][number] & {
  /** What was taken of it waits in this browser: it is not done before the kitchen has it. */
  waiting?: boolean;
};

export type ShownSheet = Omit<BatchSheet, "lines"> & { lines: readonly Line[] };

/** Poured until it is right: several pours, and a word for what right looks like. */
export const untilRight = (line: Line) => line.until !== "";

/** What is still to be weighed; lines of one pour count once. */
export const stillOpen = ({ lines }: ShownSheet) =>
  lines.filter((line) => line.status === "open" && line.poured_with == null);

/** So much more of it would be more than is taken without a question. */
export const isTooMuch = (line: Line, grams: number) =>
  line.too_much_g != null && line.poured_g + grams > line.too_much_g;

/** What is still to be poured of it, in words. */
export function wanted(line: Line): string {
  if (line.only_counted) return `${weighed(line.count ?? 0)} ×`;
  if (line.target_g === 0) return untilRight(line) ? "until it is right" : "";
  return `${weighed(line.target_g)} g`;
}

/**
 * The sheet with what waits in this browser, as the kitchen's own replay will have it
 * (tests/cases/replay.json holds both to the same). What only the kitchen can know, such as the net of
 * a reading, stays as it was.
 */
export function withWaiting(sheet: BatchSheet, waiting: readonly Capture[]): ShownSheet {
  if (waiting.length === 0) return sheet;
  const undone = new Set(
    waiting.flatMap((capture) => (capture.kind === "undo" ? [capture.undoes] : [])),
  );
  let current = sheet.current;
  let lines: readonly Line[] = sheet.lines;
  let last = sheet.last_record;
  for (const one of waiting) {
    if (one.kind === "undo" || undone.has(one.id)) continue;
    if (one.kind === "turn") {
      current = one.line;
      continue;
    }
    last = one.id;
    if (!("line" in one) || one.line == null) continue;
    const last_put_off = Math.max(0, ...lines.map((line) => line.later ?? 0));
    // What is taken next has looked at this record, which will have come before it.
    lines = lines.map((line) =>
      line.id === one.line ? { ...after(line, one, last_put_off), seen: one.id } : line,
    );
    const line = lines.find((each) => each.id === one.line);
    if (one.kind === "add" && line?.status === "open") current = line.id;
    else if (ENDS.has(one.kind)) current = nextOpen(lines);
  }
  return { ...sheet, lines, current, last_record: last };
}

/** What ends with a line weighed, left out or put off. */
const ENDS: ReadonlySet<string> = new Set(["line", "right", "skip", "later"]);

/** The next line to weigh: those that were put off come last. */
const nextOpen = (lines: readonly Line[]): number | null =>
  lines.filter((line) => line.status === "open").sort((a, b) => (a.later ?? 0) - (b.later ?? 0))[0]
    ?.id ?? null;

function after(line: Line, one: Capture, lastPutOff: number): Line {
  const poured = line.poured_g;
  switch (one.kind) {
    case "line": {
      const before = line.status === "open" ? poured : 0;
      const net_g = one.net_g == null ? line.net_g : before + one.net_g;
      return { ...line, status: "weighed", net_g, poured_g: 0, waiting: true };
    }
    case "add": {
      const net = one.net_g ?? 0;
      if (line.status === "weighed") return { ...line, net_g: (line.net_g ?? 0) + net };
      return { ...line, status: "open", poured_g: poured + net };
    }
    case "right":
      return { ...line, status: "weighed", net_g: poured, poured_g: 0, waiting: true };
    case "skip":
      return { ...line, status: "skipped", net_g: null, poured_g: 0, waiting: true };
    case "later":
      return { ...line, later: lastPutOff + 1 };
    default:
      return line;
  }
}
