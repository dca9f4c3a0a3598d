import type { Schemas } from "../api/client";
import type { Build, BuildLine } from "./draft";

export type BuildChange = Schemas["BuildChange"];

/**
 * `build` with a change made: lines that stand in the place of a line, by its id. A line that comes in
 * under an id that is taken already (the same swap a second time) gets one of its own.
 */
export function applied(build: Build, change: BuildChange): Build {
  const lines = change.lines ?? {};
  const taken = new Set(
    (build.components ?? [])
      .flatMap((part) => part.lines ?? [])
      .map((line) => line.id)
      .filter((id) => !(id in lines)),
  );
  const own = (line: BuildLine): BuildLine => {
    let id = line.id;
    while (taken.has(id)) id = `+${id.slice(0, 63)}`;
    taken.add(id);
    return id === line.id ? line : { ...line, id };
  };
  return {
    ...build,
    portions: change.portions ?? build.portions ?? 1,
    components: (build.components ?? []).map((part) => ({
      ...part,
      lines: (part.lines ?? []).flatMap((line) => lines[line.id]?.map(own) ?? [line]),
    })),
  };
}

/** A line with something else about it, as a change. */
export function changedLine(line: BuildLine, part: Partial<BuildLine>): BuildChange {
  return { lines: { [line.id]: [{ ...line, ...part }] } };
}
