import fc from "fast-check";
import { afterEach, describe, expect, test, vi } from "vitest";

import words from "../../tests/cases/words.json";
import { bandText, valueText } from "../src/lib/figures";
import * as format from "../src/lib/format";
import { goalText } from "../src/lib/goals";
import { MOST, numberFault } from "../src/lib/numberFault";
import { parseNumber } from "../src/lib/typedNumber";

const LONG = { weekday: "short", day: "numeric", month: "short" } as const;
const { clock, count, countdown, figure, fixed, minutes, signed, span, weighed } = format;
const plain = (text: string) => text.replaceAll("\u202f", "").replace("\u2212", "-");

describe("numbers as a cook reads them", () => {
  test.each([
    ...(words.figures as [number, format.Unit, string][]),
    [143.4, "kcal", "143"],
    [12345.6, "kcal", "12\u202f346"],
    [-3.25, "g", "\u22123.3"],
    [-0.2, "kcal", "0"],
  ] as [number, format.Unit, string][])("%d %s is %s", (value, unit, shown) => {
    expect(figure(value, unit)).toBe(shown);
  });

  test.each([
    [186.5, "186.5"],
    [186.54, "186.5"],
    [0.25, "0.25"],
    [0.5, "0.5"],
    [4, "4"],
    [1492, "1\u202f492"],
  ])("%d g as weighed is %s", (grams, shown) => {
    expect(weighed(grams)).toBe(shown);
  });

  test("a figure lies in the margin that stands beside it", () => {
    const grams = (most: number) => fc.integer({ min: 0, max: 20 * most }).map((n) => n / 20);
    fc.assert(
      fc.property(grams(15), grams(4), grams(4), (value, more, less) => {
        const likely: [number, number] = [Math.max(0, value - less), value + more];
        const [low, high] = bandText(likely, "g")
          .split(" \u2013 ")
          .map((one) => Number(plain(one)));
        const shown = Number(plain(valueText({ value, likely, worst: likely }, "g")));
        expect(low).toBeLessThanOrEqual(shown);
        expect(high).toBeGreaterThanOrEqual(shown);
      }),
      { numRuns: 2000 },
    );
  });

  test("a difference has its sign, and none that is nothing", () => {
    expect(signed(12.4, "kcal")).toBe("+12");
    expect(signed(-12.4, "kcal")).toBe("\u221212");
    expect(signed(-0.3, "kcal")).toBe("0");
  });

  test("what is shown is what was meant, to its last decimal, and never minus nothing", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        fc.integer({ min: 0, max: 3 }),
        (value, decimals) => {
          const shown = plain(fixed(value, decimals));
          expect(Math.abs(Number(shown) - value)).toBeLessThanOrEqual(0.5001 * 10 ** -decimals);
          expect(Object.is(Number(shown), -0)).toBe(false);
        },
      ),
    );
  });
});

describe("a number typed by hand", () => {
  test.each([
    ["0,5", 0.5],
    ["1/2", 0.5],
    ["1 1/2", 1.5],
    [" 12.5 ", 12.5],
    [".5", 0.5],
    ["1/0", null],
    ["-3", null],
    ["ten", null],
    ["", null],
    ["1e3", null],
    ["1 200", 1200],
    ["1\u202f200,5", 1200.5],
    ["1.234,5", 1234.5],
    ["1,234.5", 1234.5],
    ["1,200", null],
    ["0,125", 0.125],
    ["1 20", null],
  ])("“%s” is %s", (text, value) => {
    expect(parseNumber(text)).toBe(value);
  });

  test("whatever is typed is a number within bounds, or a sentence", () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.double().map(String)), (text) => {
        const value = parseNumber(text);
        expect(value === null || (Number.isFinite(value) && value >= 0)).toBe(true);
        const fault = numberFault(text, false);
        expect(fault === undefined).toBe(value !== null && value <= MOST);
        expect(fault ?? ".").toMatch(/[.]$|1\/2\.$/);
      }),
    );
  });

  test("an empty field is a fault only where something is needed", () => {
    expect(numberFault(" ", true)).toBeUndefined();
    expect(numberFault(" ", false)).toBe("Type a number.");
    expect(numberFault("1,200", false)).toBe("“1,200” could be 1200 or 1.200: write one of them.");
    expect(numberFault("\u22124", false)).toBe("This cannot be less than 0.");
    expect(numberFault("900", false, 100)).toContain("That’s a lot");
  });
});

describe("times", () => {
  test.each([
    [0.75, "45 s"],
    [1.49, "89 s"],
    [0, "0 min"],
    [17.4, "17 min"],
    [60, "1 h"],
    [95, "1 h 35 min"],
    [119.6, "2 h"],
  ])("%d minutes are %s", (of, says) => {
    expect(minutes(of)).toBe(says);
  });

  test.each([
    [16, 18, "16–18 min"],
    [18, 18, "18 min"],
    [0.5, 0.75, "30–45 s"],
    [0.5, 2, "30 s to 2 min"],
    [50, 70, "50 min to 1 h 10 min"],
    [240, 360, "4 h to 6 h"],
  ])("from %d to %d is %s", (least, most, says) => {
    expect(span(least, most)).toBe(says);
  });

  test.each([
    [725_000, "12:05"],
    [3_725_000, "1:02:05"],
    [0, "0:00"],
    [400, "0:01"],
    [-40_000, "+0:40"],
    [-400, "+0:00"],
  ])("%d ms left show as %s", (ms, says) => {
    expect(countdown(ms)).toBe(says);
  });

  test("a countdown reads back to the second, whatever is left", () => {
    fc.assert(
      fc.property(fc.integer({ min: -9e7, max: 9e7 }), (ms) => {
        const parts = countdown(ms).replace("+", "").split(":").map(Number);
        const seconds = parts.reduce((sum, part) => 60 * sum + part, 0);
        expect(seconds).toBe(ms >= 0 ? Math.ceil(ms / 1000) : Math.floor(-ms / 1000));
      }),
    );
  });

  test("the day is said only where it is another one", () => {
    const at = new Date(2026, 0, 5, 9, 41);
    const alone = clock(at.toISOString(), new Date(2026, 0, 5, 20));
    expect(alone).toMatch(/9:41/);
    expect(clock(at.toISOString(), new Date(2026, 0, 6))).toMatch(/5.*9:41/);
    expect(clock(at.toISOString(), new Date(2026, 0, 6)).length).toBeGreaterThan(alone.length);
  });
});

test("one of them and several", () => {
  expect([count(1, "piece"), count(2, "piece"), count(0, "loaf", "loaves")]).toEqual([
    "1 piece",
    "2 pieces",
    "0 loaves",
  ]);
});

test.each([
  [{ key: "kcal", name: "kcal", unit: "kcal", most: 300 }, "≤ 300 kcal"],
  [{ key: "protein_g", name: "protein", unit: "g", least: 20 }, "≥ 20 g protein"],
  [{ key: "fat_g", name: "fat", unit: "g", least: 4.5, most: 9 }, "4.5 – 9.0 g fat"],
  [{ key: "cost", name: "cost", unit: "", most: 1.5 }, "≤ 1.50 cost"],
])("a goal in words", (state, says) => {
  expect(goalText(state as Parameters<typeof goalText>[0])).toBe(says);
});

describe("a day", () => {
  afterEach(() => vi.unstubAllEnvs());
  test.each([
    "America/Los_Angeles",
    "America/New_York",
    "UTC",
    "Europe/Berlin",
    "Pacific/Auckland",
  ])("without a time is the same everywhere: %s", (zone) => {
    vi.stubEnv("TZ", zone);
    for (const date of ["2026-12-04", "2026-03-29", "2026-11-01"]) {
      expect(format.day(date)).toBe(new Date(`${date}T12:00`).toLocaleDateString(undefined, LONG));
    }
    const moment = new Date("2026-12-04T02:00:00Z");
    expect(format.day(moment.toISOString())).toBe(moment.toLocaleDateString(undefined, LONG));
    expect(format.day("2026-12-04T02:00:00Z")).toContain(zone.startsWith("America") ? "3" : "4");
  });
});
