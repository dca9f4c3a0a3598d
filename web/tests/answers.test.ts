import fc from "fast-check";
import { describe, expect, test } from "vitest";

import createClient from "openapi-fetch";

import { ask, firstFault, onceOnly, ProblemError, problemOf, sentence } from "../src/api/client";
import replay from "../../tests/cases/replay.json";
import type { paths } from "../src/api/schema";
import * as quick from "../src/lines/quick";
import { MOST_CLAIMS } from "../src/api/vocabulary";
import { addressOf, isEmpty, type Sheet, sheetOf } from "../src/pages/claims/claims";
import { inTurn } from "../src/lib/useInTurn";
import { wanted, withWaiting } from "../src/stages/weigh/lines";
import { planOf } from "../src/stages/weigh/plan";

describe("an answer of the kitchen", () => {
  const answer = (status: number, error?: unknown, data?: unknown) =>
    Promise.resolve({ data, error, response: new Response(null, { status }) });
  const caught = async (request: Parameters<typeof ask>[0]) => {
    try {
      await ask(request);
    } catch (error) {
      return problemOf(error);
    }
    throw new Error("nothing was refused");
  };

  test("is its data", async () => {
    expect(await ask(answer(200, undefined, { id: 3 }))).toEqual({ id: 3 });
  });

  test("that does not come is told from one that refuses", async () => {
    const silent = await caught(Promise.reject(new TypeError("Failed to fetch")));
    expect(silent.status).toBe(0);
    expect(silent.message).toContain("kept here");
    const refused = await caught(
      answer(422, { detail: "Two faults.", errors: [{ path: "pieces", message: "Too many." }] }),
    );
    expect([refused.status, refused.message]).toEqual([422, "Two faults."]);
    expect([refused.at("pieces"), refused.at("grams")]).toEqual(["Too many.", undefined]);
    expect(firstFault(refused)).toBe("Too many.");
  });

  test("without a word still is a sentence", async () => {
    expect((await caught(answer(500, "<html>"))).message).toBe("The kitchen answered 500.");
    expect(sentence("thrown")).toBe("Something went wrong.");
    expect(firstFault(new ProblemError(409, "Changed elsewhere."))).toBe("Changed elsewhere.");
  });
});

describe("a request to write", () => {
  const kitchen = (answers: (number | Error)[]) => {
    const keys: (string | null)[] = [];
    const fetch = (request: Request) => {
      keys.push(request.headers.get("Idempotency-Key"));
      const next = answers.shift() ?? 200;
      if (next instanceof Error) return Promise.reject(next);
      return Promise.resolve(new Response("{}", { status: next }));
    };
    const api = createClient<paths>({ baseUrl: "http://127.0.0.1", fetch });
    api.use(onceOnly());
    const start = (name: string) => api.POST("/api/dishes", { body: { name } }).catch(() => null);
    return { api, keys, start };
  };

  test("keeps its key until it was answered, and is then another one", async () => {
    const { keys, start } = kitchen([new TypeError("Failed to fetch"), 503, 201, 201]);
    for (let i = 0; i < 4; i++) await start("Pie");
    expect(keys[0]).toMatch(/^[0-9a-f-]{36}$/);
    expect([keys[1], keys[2]]).toEqual([keys[0], keys[0]]);
    expect(keys[3]).not.toBe(keys[0]);
  });

  test("that is pressed twice is one, what differs is another, reading needs no key", async () => {
    const { api, keys, start } = kitchen([]);
    await api.GET("/api/kitchen");
    await Promise.all([start("Pie"), start("Pie"), start("Tart")]);
    expect(keys[0]).toBeNull();
    expect(keys[1]).toBe(keys[2]);
    expect(keys[3]).not.toBe(keys[1]);
  });
});

test("what is sent goes out one after the other, past one that failed", async () => {
  const send = inTurn();
  const arrived: string[] = [];
  const after =
    (ms: number, what: string, fails = false) =>
    () =>
      new Promise<string>((done, failed) => {
        setTimeout(() => {
          arrived.push(what);
          if (fails) failed(new Error(what));
          else done(what);
        }, ms);
      });
  const slow = send(after(30, "rows 3"));
  const refused = send(after(5, "rows 0", true));
  const last = send(after(0, "columns 4"));
  await expect(refused).rejects.toThrow("rows 0");
  expect([await slow, await last]).toEqual(["rows 3", "columns 4"]);
  expect(arrived).toEqual(["rows 3", "rows 0", "columns 4"]);
});

describe("claims in an address", () => {
  const figures = fc.record(
    { kcal: fc.integer({ min: 0, max: 5000 }), protein_g: fc.option(fc.nat(300)) },
    { requiredKeys: [] },
  );
  const sheets = fc.record({
    claims: fc.array(
      fc.record({
        name: fc.string({ maxLength: 20 }),
        servings: fc.option(fc.integer({ min: 1, max: 99 })),
        serving: figures,
        batch: figures,
      }),
      { minLength: 1, maxLength: MOST_CLAIMS },
    ),
    relation: fc.constantFrom("apart", "same_pan", "same_base"),
  }) as unknown as fc.Arbitrary<Sheet>;

  test("come back as they went, without what nobody has filled in", () => {
    fc.assert(
      fc.property(sheets, (sheet) => {
        const back = sheetOf(addressOf(sheet));
        expect(addressOf(back)).toBe(addressOf(sheet));
        expect(back.relation).toBe(sheet.relation);
        expect(back.claims.map(isEmpty)).toEqual(sheet.claims.map(isEmpty));
      }),
    );
  });

  test("that somebody changed by hand are a new sheet, and too many are cut off", () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
        const { claims } = sheetOf(text);
        expect(claims.length).toBeGreaterThan(0);
        expect(claims.length).toBeLessThanOrEqual(MOST_CLAIMS);
      }),
    );
    const many = JSON.stringify({ claims: Array.from({ length: 9 }, () => ({ serving: {} })) });
    expect(sheetOf(many).claims).toHaveLength(MOST_CLAIMS);
    expect(sheetOf(null).claims).toHaveLength(1);
  });
});

describe("what waits in the browser shows in the weigh-in", () => {
  type Sheet = Parameters<typeof withWaiting>[0];
  type Waiting = Parameters<typeof withWaiting>[1];
  const line = (id: number, more: object = {}) => ({
    ...{ id, status: "open", net_g: null, poured_g: 0, target_g: 100, count: null, until: "" },
    ...{ bowl: "Bowl", way: "into", ...more },
  });
  const sheet = {
    ...{ id: 1, version: 4, current: 1, last_record: "r0" },
    lines: [line(1), line(2), line(3)],
  } as unknown as Sheet;
  const waiting = (...some: object[]) => some as unknown as Waiting;

  interface State {
    status: string[];
    net_g: (number | null)[];
    seen: string[];
    current: number | null;
    last: string | null;
  }
  const asShown = (state: State) =>
    ({
      ...{ id: 1, version: 4, current: state.current, last_record: state.last },
      lines: state.status.map((status, i) =>
        line(i + 1, { status, net_g: state.net_g[i], seen: state.seen[i] }),
      ),
    }) as unknown as Sheet;

  test.each(replay.cases)("$name", ({ before, waiting: captures, after }) => {
    const shown = withWaiting(asShown(before), waiting(...captures));
    expect(shown.lines.map((line) => line.status)).toEqual(after.status);
    expect(shown.lines.map((line) => line.net_g)).toEqual(after.net_g);
    expect(shown.lines.map((line) => line.seen)).toEqual(after.seen);
    expect([shown.current, shown.last_record]).toEqual([after.current, after.last]);
  });

  test("nothing that waits leaves the sheet as it is", () => {
    expect(withWaiting(sheet, [])).toBe(sheet);
  });

  test.each([
    [{}, "100 g"],
    [{ target_g: 0, count: 3, only_counted: true }, "3 ×"],
    [{ target_g: 0, until: "it falls off the spoon" }, "until it is right"],
    [{ target_g: 0 }, ""],
  ])("what is still wanted of %o is “%s”", (more, says) => {
    const one = line(1, more) as unknown as Parameters<typeof wanted>[0];
    expect(wanted(one)).toBe(says);
  });

  test("the plan is taken over whole", () => {
    const plan = planOf(sheet);
    expect([plan.version, plan.lines.length]).toEqual([4, 3]);
    const nowhere = { scale: null, poured_with: null };
    expect(plan.lines[0]).toEqual({ id: 1, bowl: "Bowl", way: "into", ...nowhere });
  });
});

describe("what a typed line may become", () => {
  const way = (more: object) => ({ how: "as written", grams: 100, count: null, ...more });
  const option = (id: number, ways: object[], more: object = {}) => ({
    food_id: id,
    food: `Food ${id}`,
    label: { id, label: { name: `Label ${id}` } },
    worked: { readings: ways, question: "", caution: "", ...more },
  });
  const answer = (options: object[], how = "words") =>
    ({ how, options }) as unknown as Parameters<typeof quick.choicesOf>[0];
  type Way = Parameters<typeof quick.amountText>[0];

  test("the likeliest package keeps its readings, the others their first, ten at most", () => {
    const two = [way({}), way({ grams: 110, how: "US cup" })];
    const found = quick.choicesOf(answer([option(1, two), option(2, two)]));
    expect(found.map((one) => one.key)).toEqual(["l1/0", "l1/1", "l2/0"]);
    expect(found[1]?.detail).toBe("US cup · Food 1");
    const many = Array.from({ length: 40 }, (_, i) => option(i, two));
    expect(quick.choicesOf(answer(many))).toHaveLength(10);
    expect(quick.choicesOf(answer([]))).toEqual([]);
  });

  test.each([
    [{ grams: 180 }, "180 g"],
    [{ grams: null, count: 2 }, "2 pieces"],
    [{ needs: "density", grams: 0 }, "?"],
    [{ grams: 0 }, ""],
  ])("%o is shown as “%s”", (more, says) => {
    expect(quick.amountText(way(more) as Way)).toBe(says);
  });

  test("what is unclear is asked in the answer's own words", () => {
    expect(quick.questionOf({ ...answer([option(1, [])]), asks: "Which scoop?" })).toBe(
      "Which scoop?",
    );
    expect(quick.questionOf(undefined)).toBe("");
  });

  test("a line keeps how its grams came about, unless they were typed", () => {
    const [typed, measured] = quick.choicesOf(
      answer([option(1, [way({}), way({ grams: 80.456, how: "1/2 US cup" })])]),
    );
    expect(typed && quick.lineOf(typed)).toMatchObject({ label_id: 1, target_g: 100, how: "" });
    expect(measured && quick.lineOf(measured)).toMatchObject({
      target_g: 80.46,
      how: "1/2 US cup",
    });
  });
});
