import { describe, expect, test } from "vitest";

import { type BatchSheet, changed, type SheetChange } from "../src/api/sheet";
import { hear, known, oldKeys } from "../src/api/stale";

const line = (id: number, net_g: number | null = null) =>
  ({ id, net_g }) as BatchSheet["lines"][number];
const sheet = { id: 4, number: 7, current: 1, lines: [line(1), line(2)] } as unknown as BatchSheet;
const change: SheetChange = {
  type: "change",
  id: 4,
  since: 7,
  number: 9,
  fields: { current: 2 },
  lines: [line(1, 180), line(3)],
  order: [3, 1],
};

test("what changed makes the sheet that it is of", () => {
  const made = changed(sheet, change);
  expect([made?.number, made?.current]).toEqual([9, 2]);
  expect(made?.lines).toEqual([line(3), line(1, 180)]);
  expect(changed(sheet, { ...change, order: null, lines: [line(2, 50)] })?.lines).toEqual([
    line(1),
    line(2, 50),
  ]);
});

test("what changed of another sheet is not put on this one", () => {
  expect(changed(sheet, { ...change, since: 6 })).toBeUndefined();
});

describe("what is old", () => {
  test("of a dish: it, its history, its trials, and where dishes are listed", () => {
    expect(oldKeys({ number: 1, dishes: [3] })).toEqual([
      ["dish", 3],
      ["history", 3],
      ...["kitchen", "trial", "steps", "card", "tasting"].map((name) => [name]),
    ]);
  });
  test("of the shelf: foods, and builds that could take them", () => {
    expect(oldKeys({ number: 1, things: ["shelf"] })).toEqual([["foods"], ["trial"]]);
  });
  test("a change that is heard twice is read once", () => {
    known.setQueryData(["dish", 3], {});
    const isOld = () => known.getQueryState(["dish", 3])?.isInvalidated;
    hear({ number: 41, dishes: [3] });
    expect(isOld()).toBe(true);
    known.setQueryData(["dish", 3], {});
    hear({ number: 41, dishes: [3] });
    expect(isOld()).toBe(false);
  });
});
