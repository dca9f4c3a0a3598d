import { describe, expect, test } from "vitest";

import { bandText, known, unknownText, valueText } from "../src/lib/figures";
import * as stepText from "../src/stages/cook/stepText";
import { amountText, untilText } from "../src/stock/lotText";
import { nameOf } from "../src/stages/portion/filling";
import { ALLERGEN_CHOICES, FLAG_SAYS } from "../src/api/vocabulary";
import { ALLERGEN_NAMES, fieldName, PANELS } from "../src/food/panels";

const figureOf = (value: number, low: number, high: number) => ({
  value,
  likely: [low, high] as [number, number],
  worst: [low, high] as [number, number],
});

describe("a figure is never more precise than its margin", () => {
  test.each([
    [figureOf(8.04, 7.9, 8.2), "8.0"],
    [figureOf(8.04, 5, 11), "8"],
    [figureOf(186.4, 186, 187), "186"],
    [figureOf(0, 0, 0), "0"],
  ])("%o", (found, says) => {
    expect(valueText(found, "g")).toBe(says);
  });

  test("what is not known is said so, and is not 0", () => {
    expect(known({ at_least: 5.7 })).toBeNull();
    expect(unknownText({ at_least: 5.7 }, "g")).toBe("≥ 5.7");
    expect(unknownText(null, "g")).toBe("unknown");
    expect(bandText([2.61, 3.94], "g")).toBe("2.6 – 3.9");
    expect(bandText([375.2, 382.4], "kcal")).toBe("375 – 382");
  });
});

describe("steps in words", () => {
  const step = (more: object) => ({ cue: "", ...more }) as Parameters<typeof stepText.timeText>[0];

  test.each([
    [{ least_min: 35, most_min: 40 }, "35–40 min"],
    [{ least_min: 12, most_min: null }, "12 min"],
    [{ least_min: null, most_min: 12 }, "12 min"],
    [{ least_min: null, most_min: null }, "5 min (assumed)"],
  ])("%o takes %s", (window, says) => {
    expect(stepText.timeText(step(window))).toBe(says);
  });

  test("a cue reads on from its step", () => {
    expect(stepText.untilText(step({ cue: "Moist crumbs" }))).toBe("until moist crumbs");
    expect(stepText.untilText(step({}))).toBe("");
  });

  test("degrees are said in both units", () => {
    expect(stepText.degreesText(74, "C")).toBe("74 °C (165 °F)");
    expect(stepText.degreesText(71.1, "F")).toBe("160 °F (71.1 °C)");
    const knob = { conventional_c: 175, conventional_f: 350, fan_c: 155, fan_f: 325 };
    expect(stepText.knobText(knob, "C")).toBe("175 °C · 350 °F, fan 155 °C");
    expect(stepText.knobText(knob, "F")).toBe("350 °F · 175 °C, fan 325 °F");
  });

  test("an oven's memory says what it goes by", () => {
    const guess = {
      minutes: 43,
      least_min: 31,
      most_min: 59,
      bakes: [{}, {}],
      held: "",
      size: { says: "" },
    };
    const says = (more: object) =>
      stepText.memoryText({ ...guess, ...more } as Parameters<typeof stepText.memoryText>[0]);
    expect(says({})).toBe("43 min here (31–59 min), from 2 bakes");
    expect(says({ bakes: [{}], held: "Not shorter." })).toMatch(/from 1 bake\. Not shorter\.$/);
    expect(says({ bakes: [] })).toBeNull();
    const size = { says: "3 rounds, 4 at a time" };
    expect(says({ bakes: [], size })).toBe("about 43 min: 3 rounds, 4 at a time");
    expect(says({ size })).toMatch(/from 2 bakes, 3 rounds, 4 at a time$/);
  });
});

describe("what is put away", () => {
  const lot = (days_left: number) =>
    ({ days_left, until: "2026-01-08" }) as Parameters<typeof untilText>[0];

  test.each([
    [-2, /^was to be eaten by .*8/],
    [0, /^eat today$/],
    [1, /^until tomorrow$/],
    [3, /^until .*8/],
  ])("%d days left", (days, says) => {
    expect(untilText(lot(days))).toMatch(says);
  });

  test.each([
    [1, "", "1 serving"],
    [3, "", "3 servings"],
    [0.5, "", "0.5 servings"],
    [84, "Frosting", "84 g of Frosting"],
  ])("%d of “%s” is %s", (amount, part, says) => {
    expect(amountText({ amount, part })).toBe(says);
  });
});

test("what the scale is used for has a name", () => {
  const names = (["mixture", "cooked", "leftover", "fat"] as const).map((aim) =>
    nameOf({ aim, component: "Glaze" }, null),
  );
  expect(new Set(names).size).toBe(4);
  expect(nameOf({ aim: "portion" }, 3)).toBe("Portion 3");
  expect(nameOf({ aim: "portion" }, null)).toBe("All pieces are filled");
});

describe("words for the fields of a label", () => {
  test.each(Object.entries(PANELS))("every figure of a %s panel once, with its unit", (_, rows) => {
    const fields = rows.map((row) => row.field);
    expect(new Set(fields).size).toBe(fields.length);
    for (const row of rows) expect(fieldName(row.field)).toContain(`, ${row.unit}`);
  });

  test("a field that has no name shows as what it is", () => {
    expect(fieldName("pack_g")).toBe("pack, g");
    expect(fieldName("new_field")).toBe("new_field");
  });

  test("the nine of the US and the fourteen of the EU, each with a name", () => {
    expect(ALLERGEN_CHOICES.us).toHaveLength(9);
    // fourteen by Annex II; wheat stays beside the cereals with gluten
    expect(ALLERGEN_CHOICES.eu).toHaveLength(15);
    for (const one of ALLERGEN_CHOICES.eu) expect(ALLERGEN_NAMES[one]).toBeTruthy();
  });

  test("a flag asks for the core temperature of the chosen school", () => {
    expect(FLAG_SAYS.us.raw_poultry).toContain("74 °C");
    expect(FLAG_SAYS.uk.raw_poultry).toContain("70 °C for 2 minutes");
    expect(FLAG_SAYS.us.raw_ground_meat).toContain("71 °C inside, 74 °C if it is poultry");
  });
});
