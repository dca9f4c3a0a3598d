import type { Schemas } from "../api/client";

export type Build = Schemas["Build"];
export type BuildLine = Schemas["BuildLine"];
export type ShelfLabel = Schemas["ShelfLabel"];
export type Labels = Record<string, ShelfLabel>;

/** Where a line stands: its component and its place in it. */
export interface LinePlace {
  component: number;
  line: number;
}

export const newId = () => crypto.randomUUID();

const components = (build: Build) => build.components ?? [];
const linesOf = (part: Schemas["BuildComponent"]) => part.lines ?? [];

export function lineName(line: BuildLine, labels: Labels): string {
  if (line.component != null) return `${line.component} (made here)`;
  return labels[String(line.label_id)]?.label.name ?? "an unknown food";
}

/** Names in the order of `Result.lines`: lines of other components stand for their own lines. */
export function lineNames(build: Build, labels: Labels): string[] {
  return components(build)
    .flatMap(linesOf)
    .filter((line) => line.label_id != null)
    .map((line) => lineName(line, labels));
}

/** The number of each line in the list, by its path in the batch. */
export function balloons(build: Build): Map<string, number> {
  const found = new Map<string, number>();
  components(build).forEach((part, i) =>
    linesOf(part).forEach((line, j) => {
      if (line.label_id != null) found.set(`components[${i}].lines[${j}]`, found.size + 1);
    }),
  );
  return found;
}

function withLines(build: Build, at: number, lines: BuildLine[]): Build {
  return {
    ...build,
    components: components(build).map((part, i) => (i === at ? { ...part, lines } : part)),
  };
}

export function lineAt(build: Build, place: LinePlace): BuildLine | undefined {
  return components(build)[place.component]?.lines?.[place.line];
}

export function placeOf(build: Build, id: string): LinePlace | undefined {
  for (const [component, part] of components(build).entries()) {
    const line = linesOf(part).findIndex((other) => other.id === id);
    if (line >= 0) return { component, line };
  }
  return undefined;
}

/** Add a line to a component; `makes` names a new one where there is none at that place. */
export function addLine(build: Build, component: number, line: BuildLine, makes?: string): Build {
  const part = components(build)[component];
  if (part) return withLines(build, component, [...linesOf(part), line]);
  return makes === undefined ? build : addLine(addComponent(build, makes), component, line);
}

export function removeLine(build: Build, id: string): Build {
  return {
    ...build,
    components: components(build).map((part) => ({
      ...part,
      lines: linesOf(part).filter((line) => line.id !== id),
    })),
  };
}

export function changeLine(build: Build, id: string, change: Partial<BuildLine>): Build {
  return {
    ...build,
    components: components(build).map((part) => ({
      ...part,
      lines: linesOf(part).map((line) => (line.id === id ? { ...line, ...change } : line)),
    })),
  };
}

/** Move a line one place up or down; at the end of a component it goes on into the next one. */
export function moveLine(build: Build, id: string, step: -1 | 1): Build {
  const place = placeOf(build, id);
  const line = place && lineAt(build, place);
  if (!place || !line) return build;
  const here = linesOf(components(build)[place.component] ?? { name: "" });
  const target = place.line + step;
  if (target >= 0 && target < here.length) {
    const moved = here.filter((item) => item.id !== id);
    moved.splice(target, 0, line);
    return withLines(build, place.component, moved);
  }
  const next = components(build)[place.component + step];
  if (!next) return build;
  const there = linesOf(next);
  const left = withLines(
    build,
    place.component,
    here.filter((item) => item.id !== id),
  );
  return withLines(left, place.component + step, step === 1 ? [line, ...there] : [...there, line]);
}

export function addComponent(build: Build, name: string): Build {
  return { ...build, components: [...components(build), { name, lines: [] }] };
}

export function renameComponent(build: Build, at: number, name: string): Build {
  const before = components(build)[at]?.name;
  const eaten = Object.entries(build.terms?.eaten ?? {}).map(
    ([of, share]) => [of === before ? name : of, share] as const,
  );
  return {
    ...changeTerms(build, { eaten: Object.fromEntries(eaten) }),
    components: components(build).map((part, i) => ({
      ...part,
      name: i === at ? name : part.name,
      lines: linesOf(part).map((line) =>
        line.component != null && line.component === before ? { ...line, component: name } : line,
      ),
    })),
  };
}

export function removeComponent(build: Build, at: number): Build {
  const gone = components(build)[at]?.name;
  const eaten = Object.entries(build.terms?.eaten ?? {}).filter(([of]) => of !== gone);
  return {
    ...changeTerms(build, { eaten: Object.fromEntries(eaten) }),
    components: components(build).filter((_, i) => i !== at),
  };
}

export function changeTerms(build: Build, part: Partial<Schemas["Terms"]>): Build {
  return { ...build, terms: { ...build.terms, ...part } };
}
