import fc from "fast-check";
import { expect, test } from "vitest";

import { type Layer, layersOf, niceStep, spread, stack, totalOf } from "../src/drawing/section";

const MATERIALS = ["carbohydrate", "fibre", "polyols", null, "protein", "fat"] as const;

const layers = fc.array(
  fc.record({
    key: fc.uuid(),
    name: fc.string(),
    material: fc.constantFrom(...MATERIALS),
    amount: fc.double({ min: 0, max: 900, noNaN: true }),
  }),
  { maxLength: 40 },
) as unknown as fc.Arbitrary<Layer[]>;

test("a column is as high as its kcal, without a gap, carbohydrate at the bottom", () => {
  fc.assert(
    fc.property(layers, fc.double({ min: 0.05, max: 2, noNaN: true }), (some, scale) => {
      const column = { layers: some.map((one) => ({ ...one, kcal: one.amount })) };
      const sorted = layersOf(column as unknown as Parameters<typeof layersOf>[0]);
      const places = sorted.map((one) => MATERIALS.indexOf(one.material ?? null));
      expect(places).toEqual(places.toSorted((a, b) => a - b));
      expect(totalOf(sorted)).toBeCloseTo(totalOf(some), 6);
      const placed = stack(sorted, 500, scale);
      let y = 500;
      for (const one of placed) {
        expect(one.top + one.height).toBeCloseTo(y, 6);
        y = one.top;
      }
      const left_out = sorted.length - placed.length;
      expect(500 - y).toBeGreaterThanOrEqual(totalOf(sorted) * scale - 0.4 * left_out - 1e-6);
    }),
  );
});

test("labels keep their order, their distance and inside the drawing; the thickest are shown", () => {
  fc.assert(
    fc.property(layers, fc.integer({ min: 10, max: 24 }), (some, gap) => {
      const placed = stack(some, 400, 0.3);
      const labels = spread(placed, gap, 20, 400);
      const ys = labels.map((label) => label.y);
      for (const [i, y] of ys.entries()) {
        expect(y).toBeGreaterThanOrEqual(20 - 1e-6);
        expect(y).toBeLessThanOrEqual(400 + 1e-6);
        if (i > 0) expect(y - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(gap - 1e-6);
      }
      const tops = labels.map((label) => label.layer.top);
      expect(tops).toEqual(tops.toSorted((a, b) => a - b));
      const thinnest = Math.min(...labels.map((label) => label.layer.height));
      const hidden = placed.filter(
        (placed_task) => !labels.some((label) => label.layer === placed_task),
      );
      for (const one of hidden) expect(one.height).toBeLessThanOrEqual(thinnest);
    }),
  );
});

test("an axis has from two to five lines or a few more, at round figures", () => {
  expect([4, 90, 640, 826, 3258].map(niceStep)).toEqual([1, 20, 200, 200, 1000]);
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 1e5, noNaN: true }), (most) => {
      const step = niceStep(most);
      expect(most / step).toBeLessThanOrEqual(5 + 1e-9);
      expect(most / step).toBeGreaterThanOrEqual(2 - 1e-9);
    }),
  );
});
