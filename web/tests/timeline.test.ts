import fc from "fast-check";
import { expect, test } from "vitest";

import { asCooked, axisOf, ms, numbered } from "../src/stages/cook/timeline";
import { without } from "../src/stages/cook/without";

type Laid = Parameters<typeof axisOf>[0];
type Cooked = Parameters<typeof asCooked>[0];

const START = Date.UTC(2026, 0, 5, 17, 3);
const iso = (minute: number) => new Date(START + minute * 60_000).toISOString();

const laid = (steps: readonly [number, number][]) =>
  ({
    steps: steps.map(([from, minutes], i) => ({
      id: `s${i}`,
      start_at: iso(from),
      end_at: iso(from + minutes),
    })),
  }) as unknown as Laid;

const schedules = fc
  .array(fc.tuple(fc.integer({ min: 0, max: 900 }), fc.integer({ min: 1, max: 720 })), {
    minLength: 1,
    maxLength: 16,
  })
  .map(laid);

test("time only runs forward on the axis, from one edge to the other", () => {
  fc.assert(
    fc.property(schedules, fc.integer({ min: 60, max: 1200 }), (plan, width) => {
      const axis = axisOf(plan, width);
      const times = plan.steps.flatMap((step) => [ms(step.start_at), ms(step.end_at)]);
      const all = times.toSorted((a, b) => a - b);
      const xs = all.map(axis.x);
      expect(xs[0]).toBeCloseTo(0, 6);
      expect(xs.at(-1)).toBeCloseTo(width, 6);
      xs.forEach((x, i) => {
        if (i > 0) expect(x).toBeGreaterThanOrEqual((xs[i - 1] ?? 0) - 1e-9);
      });
    }),
  );
});

test("labels of the axis never run into each other and stand at round times", () => {
  fc.assert(
    fc.property(schedules, fc.integer({ min: 200, max: 1200 }), (plan, width) => {
      const { ticks } = axisOf(plan, width);
      ticks.forEach((tick, i) => {
        expect(tick.ms % 300_000).toBe(0);
        const before = ticks[i - 1];
        if (before) expect(tick.x - before.x).toBeGreaterThanOrEqual(70);
      });
    }),
  );
});

test("a long wait is broken as a shaft is, so that what is short stays legible", () => {
  const overnight = axisOf(
    laid([
      [0, 10],
      [10, 600],
      [610, 20],
    ]),
    540,
  );
  expect(overnight.breaks).toHaveLength(1);
  expect(overnight.x(START + 10 * 60_000)).toBeCloseTo(100, 0);
  expect(axisOf(laid([[0, 70]]), 500).breaks).toEqual([]);
});

test("what was cooked is a schedule of its own, in the order in which it was begun", () => {
  const step = (id: string, begun: number | null, done: number | null) => ({
    step: { id },
    begun_at: begun === null ? null : iso(begun),
    done_at: done === null ? null : iso(done),
  });
  const steps = [step("bake", 10, 45), step("mix", 0, 8), step("cool", 45, null)];
  const done = asCooked(steps as unknown as Cooked);
  expect(done?.steps.map((step) => step.id)).toEqual(["mix", "bake"]);
  expect(done?.minutes).toBe(45);
  expect(asCooked([])).toBeNull();
});

test("a step carries the number that it has in the list of steps", () => {
  const plan = laid([
    [0, 5],
    [5, 5],
    [9, 3],
  ]);
  const steps = ["s1", "s0"].map((id) => ({ id }));
  const rows = numbered(plan, steps as unknown as Parameters<typeof numbered>[1]);
  expect(rows.map((row) => [row.id, row.number])).toEqual([
    ["s0", 2],
    ["s1", 1],
  ]);
});

type Steps = Parameters<typeof without>[0];

/** Steps of which each comes after some before it, and all that it comes after, however far. */
const chains = fc
  .array(fc.array(fc.nat(20), { maxLength: 3 }), { minLength: 1, maxLength: 9 })
  .map((lists) =>
    lists.map((after, i) => ({
      id: `s${i}`,
      after: [...new Set(after.filter((j) => j < i).map((j) => `s${j}`))],
    })),
  ) as unknown as fc.Arbitrary<Steps>;

function behind(steps: Steps, id: string): Set<string> {
  const direct = steps.find((step) => step.id === id)?.after ?? [];
  return new Set(direct.flatMap((one) => [one, ...behind(steps, one)]));
}

test("a step that is taken out leaves every order among the others as it was", () => {
  fc.assert(
    fc.property(chains, fc.nat(8), (steps, at) => {
      const key = `s${at}`;
      const left = without(steps, key);
      expect(left.map((one) => one.id)).toEqual(
        steps.map((step) => step.id).filter((id) => id !== key),
      );
      for (const one of left) {
        const before = [...behind(steps, one.id)].filter((id) => id !== key);
        expect([...behind(left, one.id)].toSorted()).toEqual(before.toSorted());
      }
    }),
  );
});
