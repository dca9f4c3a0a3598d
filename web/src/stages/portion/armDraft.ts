import type { Schemas } from "../../api/client";

/** What differs between the arms of one batch. */
export type Factor = "time" | "tool" | "line" | "finish" | "other";

export const FACTORS: readonly (readonly [Factor, string])[] = [
  ["time", "Another time"],
  ["tool", "Another tool or pan"],
  ["line", "Something added"],
  ["finish", "Another topping"],
  ["other", "Something else"],
];

/** An arm while it is thought up. */
export interface ArmDraft {
  key: number;
  name: string;
  grams: number | null;
  pieces: number | null;
  minutes: number | null;
  tool: string;
  vessel: string;
  food: { id: number; name: string } | null;
  added: number | null;
  finish: string;
}

export const newArm = (key: number): ArmDraft => ({
  ...{ key, name: "", grams: null, pieces: null, minutes: null, tool: "", vessel: "" },
  ...{ food: null, added: null, finish: "" },
});

/** As the cook calls it, or else by what it does. */
export function nameOf(arm: ArmDraft, at: number, factor: Factor, sheet: Schemas["ArmsSheet"]) {
  const { name, minutes, tool, vessel, food, added, finish } = arm;
  if (name.trim()) return name.trim();
  const topping = sheet.finishes.find((known) => known.id === finish)?.name;
  const does: Record<Factor, string> = {
    time: minutes === null ? "" : `${minutes} min`,
    tool: [tool, vessel]
      .map((word) => word.trim())
      .filter(Boolean)
      .join(", "),
    line: food ? `${added ?? ""} g ${food.name}`.trim() : "",
    finish: topping ?? "Plain",
    other: "",
  };
  if (does[factor]) return does[factor].slice(0, 120);
  return at === 0 ? "As planned" : `Arm ${at + 1}`;
}

/** The arm as it is sent. */
export function sent(
  arm: ArmDraft,
  at: number,
  factor: Factor,
  step: string,
  sheet: Schemas["ArmsSheet"],
): Schemas["NewArm"] {
  const other = {
    minutes: factor === "time" ? arm.minutes : null,
    tool: factor === "tool" && arm.tool.trim() ? arm.tool.trim() : null,
    vessel: factor === "tool" && arm.vessel.trim() ? arm.vessel.trim() : null,
  };
  const differs = Object.values(other).some((value) => value !== null);
  return {
    name: nameOf(arm, at, factor, sheet),
    grams: arm.grams,
    pieces: arm.pieces,
    lines: factor === "line" && arm.food ? [{ label_id: arm.food.id, grams: arm.added ?? 0 }] : [],
    steps: differs ? [{ step, ...other }] : [],
    finishes: factor === "finish" ? (arm.finish ? [arm.finish] : []) : null,
  };
}
