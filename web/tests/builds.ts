/** Builds to edit, of any shape: components of lines, no two with one id. */
import fc from "fast-check";

import type { Build, BuildLine } from "../src/lines/draft";

export const line = (id: string, more: Partial<BuildLine> = {}) =>
  ({ id, label_id: 1, component: null, target_g: 10, ...more }) as BuildLine;

export const build = (...components: [string, BuildLine[]][]) =>
  ({ components: components.map(([name, lines]) => ({ name, lines })), portions: 8 }) as Build;

export const builds = fc
  .array(fc.array(fc.integer({ min: 0, max: 50 }), { maxLength: 6 }), { maxLength: 5 })
  .map((parts) =>
    build(
      ...parts.map((grams, i): [string, BuildLine[]] => [
        `Part ${i}`,
        grams.map((target_g, j) => line(`${i}-${j}`, { target_g })),
      ]),
    ),
  );

export const idsOf = (of: Build) =>
  (of.components ?? []).flatMap((part) => (part.lines ?? []).map((one) => one.id));
