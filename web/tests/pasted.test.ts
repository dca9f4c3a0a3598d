import { describe, expect, test } from "vitest";

import { first, LEFT_OUT, type PastedLine, sorted, UNDECIDED, withList } from "../src/lines/pasted";

const way = (more: object = {}) => ({ grams: 100, how: "as written", ...more });
const food = (text: string, answer: object = {}, ways = [way()]) =>
  ({
    text,
    status: "clear",
    answer: {
      entry: { food: text, quantities: [{ low: 1, high: 1, unit: "g" }] },
      options: [
        { food_id: 1, food: text, label: { id: 1, label: {} }, worked: { readings: ways } },
      ],
      sure: true,
      asks: "",
      ...answer,
    },
  }) as unknown as PastedLine;
const other = (status: PastedLine["status"], says = "") =>
  ({ text: says, says, status }) as PastedLine;

describe("a pasted recipe", () => {
  test("only what is sure and has an amount is chosen without being asked", () => {
    const none = { entry: { food: "oats", quantities: [] } };
    expect(first(food("oats"), true)).toBe(0);
    expect(first(food("rice", { sure: false }), true)).toBe(UNDECIDED);
    expect(first(food("oats", none), true)).toBe(LEFT_OUT);
    expect(first(other("words"), true)).toBe(LEFT_OUT);
    expect([first(other("step"), true), first(other("step"), false)]).toEqual([0, LEFT_OUT]);
  });

  test("what waits is kept for later, steps go to the steps", () => {
    const needs = food("whey", {}, [way({ grams: null, needs: { kind: "measure" } })]);
    const lines = [food("oats"), food("rice", { sure: false }), needs, other("step", "Bake")];
    const found = sorted([...lines, other("unmatched")], [0, UNDECIDED, 0, 0, LEFT_OUT]);
    expect(found.adding.map(({ line }) => line.text)).toEqual(["oats"]);
    expect(found.later.map(({ text }) => text)).toEqual(["rice", "whey", ""]);
    expect(found.steps.map(({ says }) => says)).toEqual(["Bake"]);
  });

  test("a heading without a line of its own makes no component", () => {
    const lines = [other("heading", "Glaze"), food("quark"), other("heading", "To serve")];
    const build = withList({ components: [] }, lines, [LEFT_OUT, 0, LEFT_OUT], "Loaf");
    expect(build.components?.map((part) => part.name)).toEqual(["Glaze"]);
    expect(withList({ components: [] }, [lines[0] as PastedLine], [0], "Loaf").components).toEqual(
      [],
    );
  });
});
