import Ajv2020 from "ajv/dist/2020";
import { describe, expect, test } from "vitest";

import whole from "../../docs/formats/batch.schema.json";
import papers from "../../docs/formats/batch.md?raw";
import answer from "../../docs/formats/result.schema.json";

const [example, arms] = [...papers.matchAll(/```json\n([\s\S]*?)```/g)].map(
  (found) => JSON.parse(found[1] ?? "") as Record<string, unknown>,
);

describe("the published schemas, to a strict reader of another make", () => {
  const ajv = new Ajv2020({ strict: true, allErrors: true });

  test("are schemas, and the example of the papers is good", () => {
    const check = ajv.compile(whole);
    expect(check(example), JSON.stringify(check.errors)).toBe(true);
    const labels = { ...(example?.labels as object), seeds: { style: "eu", basis_g: 100 } };
    expect(check({ ...example, ...arms, labels }), JSON.stringify(check.errors)).toBe(true);
    expect(() => ajv.compile(answer)).not.toThrow();
  });

  test.each([
    [{ version: 3 }],
    [{ ...arms, version: 1 }],
    [{ portions: { count: 4, serving_g: 50 } }],
    [{ portions: { count: 0 } }],
    [{ portions: { weights_g: [0, 0] } }],
    [{ labels: { quark: { style: "eu" } } }],
    [{ components: [{ name: "loaf", lines: [{ label: "quark", component: "glaze", grams: 5 }] }] }],
    [{ components: [{ name: "loaf", lines: [{ label: "quark" }] }] }],
    [{ vitamin_c_mg: 5 }],
  ])("refuse %j", (fault) => {
    expect(ajv.validate(whole, { ...example, ...fault })).toBe(false);
  });
});
