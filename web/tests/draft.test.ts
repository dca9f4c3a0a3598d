import fc from "fast-check";
import { describe, expect, test } from "vitest";

import { applied, changedLine } from "../src/lines/change";
import * as draft from "../src/lines/draft";
import { build, builds, idsOf, line } from "./builds";

/** A build with lines, and one of them. */
const withLine = builds
  .filter((build) => idsOf(build).length > 0)
  .chain((one) => fc.tuple(fc.constant(one), fc.constantFrom(...idsOf(one))));

describe("moving a line", () => {
  test("loses and doubles none, and back again is where it was", () => {
    fc.assert(
      fc.property(withLine, fc.constantFrom(1 as const, -1 as const), ([before, id], step) => {
        const after = draft.moveLine(before, id, step);
        expect(idsOf(after).toSorted()).toEqual(idsOf(before).toSorted());
        const back = draft.moveLine(after, id, step === 1 ? -1 : 1);
        if (after !== before) expect(back).toEqual(before);
      }),
    );
  });

  test("at the end of a component goes on into the next one, and stops at the last", () => {
    const two = build(["Loaf", [line("a"), line("b")]], ["Frosting", [line("c")]]);
    expect(draft.placeOf(draft.moveLine(two, "b", 1), "b")).toEqual({ component: 1, line: 0 });
    expect(draft.placeOf(draft.moveLine(two, "c", -1), "c")).toEqual({ component: 0, line: 2 });
    expect(draft.moveLine(two, "c", 1)).toBe(two);
    expect(draft.moveLine(two, "q", 1)).toBe(two);
  });
});

describe("changing a build", () => {
  test("touches the line that is meant and no other", () => {
    fc.assert(
      fc.property(withLine, ([before, id]) => {
        const changed = draft.changeLine(before, id, { target_g: 999 });
        const place = draft.placeOf(changed, id);
        expect(place && draft.lineAt(changed, place)?.target_g).toBe(999);
        expect(draft.removeLine(changed, id)).toEqual(draft.removeLine(before, id));
        expect(idsOf(draft.removeLine(before, id))).toEqual(idsOf(before).filter((o) => o !== id));
      }),
    );
  });

  test("never changes the build that it was given: undo has the old one", () => {
    fc.assert(
      fc.property(withLine, ([before, id]) => {
        const kept = structuredClone(before);
        draft.moveLine(before, id, 1);
        draft.changeLine(before, id, { target_g: 1 });
        draft.removeLine(before, id);
        draft.addLine(before, 0, line("new"));
        draft.renameComponent(before, 0, "Other");
        draft.removeComponent(before, 0);
        applied(before, { lines: { [id]: [] }, portions: 2 });
        expect(before).toEqual(kept);
      }),
    );
  });

  test("a component that is renamed keeps the lines that stand for it", () => {
    const jam = line("j", { label_id: null, component: "Jam" });
    const before = build(["Jam", [line("a")]], ["Layers", [jam, line("b")]]);
    const after = draft.renameComponent(before, 0, "Compote");
    expect(after.components?.[1]?.lines?.[0]?.component).toBe("Compote");
    expect(after.components?.[1]?.lines?.[1]?.component).toBeNull();
  });

  test("a line for a component that is gone stays nowhere", () => {
    const one = build(["Loaf", []]);
    expect(draft.addLine(one, 3, line("x"))).toBe(one);
    expect(idsOf(draft.addLine(one, 0, line("x")))).toEqual(["x"]);
    expect(idsOf(draft.removeComponent(draft.addLine(one, 0, line("x")), 0))).toEqual([]);
  });
});

test("numbers go through all lines with a food, as their names do", () => {
  const labels = { 1: { label: { name: "Oats" } } } as unknown as draft.Labels;
  const made = line("m", { label_id: null, component: "Jam" });
  const some = build(["Jam", [line("a")]], ["Loaf", [made, line("b", { label_id: 7 })]]);
  expect([...draft.balloons(some)]).toEqual([
    ["components[0].lines[0]", 1],
    ["components[1].lines[1]", 2],
  ]);
  expect(draft.lineNames(some, labels)).toEqual(["Oats", "an unknown food"]);
  expect(draft.lineName(made, labels)).toBe("Jam (made here)");
});

describe("a change that a swap makes", () => {
  test("puts lines in the place of one, and ids stay unique however often it is made", () => {
    fc.assert(
      fc.property(withLine, fc.integer({ min: 1, max: 4 }), ([before, id], times) => {
        let after = before;
        for (let i = 0; i < times; i++) {
          const target = idsOf(after).at(-1) ?? id;
          after = applied(after, { lines: { [target]: [line(target), line("swap")] } });
        }
        const ids = idsOf(after);
        expect(new Set(ids).size).toBe(ids.length);
        expect(ids.length).toBe(idsOf(before).length + times);
      }),
    );
  });

  test("keeps the portions that nobody changed, and everything else of the line", () => {
    const before = build(["Loaf", [line("a", { target_g: 5, count: 2 }), line("b")]]);
    const after = applied(before, changedLine(line("a", { target_g: 5, count: 2 }), { count: 3 }));
    expect(after.portions).toBe(8);
    expect(after.components?.[0]?.lines?.[0]).toMatchObject({ id: "a", target_g: 5, count: 3 });
    expect(after.components?.[0]?.lines?.[1]).toEqual(line("b"));
    expect(applied(before, { portions: 4 }).portions).toBe(4);
    expect(idsOf(applied(before, { lines: { a: [] } }))).toEqual(["b"]);
  });
});
