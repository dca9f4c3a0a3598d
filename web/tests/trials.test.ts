import { describe, expect, it } from "vitest";

import { marginOf, plainMark } from "../src/lib/marks";
import { changesSay, depths, type Trial } from "../src/stages/trials/trials";

const trial = (id: number, copied_from: number | null, more: Partial<Trial> = {}) =>
  ({ id, copied_from, changes: [], steps_changed: [], ...more }) as unknown as Trial;

describe("where a mark stands on the ruler", () => {
  it.each([
    ["7", 7],
    ["7,5", 7.5],
    [" 10 ", 10],
    ["", null],
    ["11", null],
    ["12 out of 10", null],
    ["12/10", null],
    ["1e1", null],
  ])("%s", (said, at) => {
    expect(plainMark(said)).toBe(at);
  });
});

it("says half of an interval, and nothing where there is none", () => {
  expect(marginOf(7.2, 8)).toBe("± 0.4");
  expect(marginOf(null, 8)).toBe("");
});

it("indents what branches off and keeps a line of trials straight", () => {
  const newestFirst = [trial(5, 4), trial(4, 1), trial(3, 2), trial(2, 1), trial(1, null)];
  expect(Object.fromEntries(depths(newestFirst))).toEqual({ 1: 0, 2: 0, 3: 0, 4: 1, 5: 1 });
  expect(depths([trial(9, 8)]).get(9)).toBe(0); // its parent was deleted
});

it("says what changed in words and grams", () => {
  const line = { line_id: "a", component: "Loaf", says: "" };
  const changes = [
    { ...line, kind: "added", name: "Rum", before_name: "Rum", before_g: null, after_g: 12 },
    { ...line, kind: "removed", name: "Oil", before_name: "Oil", before_g: 28, after_g: null },
    { ...line, kind: "changed", name: "Egg", before_name: "Egg", before_g: 150, after_g: 112.5 },
    { ...line, kind: "changed", name: "Skyr", before_name: "Quark", before_g: 90, after_g: 90 },
  ] as Trial["changes"];
  expect(changesSay(trial(1, null, { changes, steps_changed: ["New: Rest"] }))).toEqual([
    "Rum: 12 g new",
    "without Oil",
    "Egg: 150 g → 112.5 g",
    "Quark → Skyr: 90 g → 90 g",
    "New: Rest",
  ]);
});
