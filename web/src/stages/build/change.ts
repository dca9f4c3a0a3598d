import type { Schemas } from "../../api/client";
import type { Build, BuildLine } from "./draft";

export type BuildChange = Schemas["BuildChange"];

/** `build` with a change made: lines that stand in the place of a line, by its id. */
export function applied(build: Build, change: BuildChange): Build {
  const lines = change.lines ?? {};
  return {
    ...build,
    portions: change.portions ?? build.portions ?? 1,
    components: (build.components ?? []).map((part) => ({
      ...part,
      lines: (part.lines ?? []).flatMap((line) => lines[line.id] ?? [line]),
    })),
  };
}

/** A line with something else about it, as a change. */
export function changedLine(line: BuildLine, part: Partial<BuildLine>): BuildChange {
  return { lines: { [line.id]: [{ ...line, ...part }] } };
}
