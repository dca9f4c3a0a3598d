import type { Schemas } from "../../api/client";

type Step = Schemas["Step"];

/** The steps without one; what came after it comes after what it came after. */
export function without(steps: readonly Step[], key: string): Step[] {
  const gone = steps.find((step) => step.id === key);
  return steps
    .filter((step) => step.id !== key)
    .map((step) => {
      const after = step.after ?? [];
      if (!after.includes(key)) return step;
      const joined = [...after.filter((earlier) => earlier !== key), ...(gone?.after ?? [])];
      return { ...step, after: [...new Set(joined)] };
    });
}
