import fc from "fast-check";
import { describe, expect, test } from "vitest";

import { type Capture, Outbox, type Sent } from "../src/api/outbox";

/** A browser's storage, which can be full, or be cleared behind everybody's back. */
class Kept implements Storage {
  items = new Map<string, string>();
  full = false;
  get length() {
    return this.items.size;
  }
  clear() {
    this.items.clear();
  }
  getItem(key: string) {
    return this.items.get(key) ?? null;
  }
  key(index: number) {
    return [...this.items.keys()][index] ?? null;
  }
  removeItem(key: string) {
    this.items.delete(key);
  }
  setItem(key: string, value: string) {
    if (this.full) throw new Error("QuotaExceededError");
    this.items.set(key, value);
  }
}

/** A kitchen that stores each capture once, by its id; it can be away, full, or refuse some. */
class Kitchen {
  stored: string[] = [];
  state: "up" | "away" | "disk full" = "up";
  refuses = new Set<string>();
  take(capture: Capture): Sent<string> {
    if (this.state === "away") return { outcome: "later", says: "The kitchen does not answer." };
    if (this.state === "disk full") return { outcome: "later", says: "The disk is full." };
    if (this.stored.includes(capture.id)) return { outcome: "stored", answer: "again" };
    if (this.refuses.has(capture.id)) return { outcome: "refused", says: "It is closed." };
    this.stored.push(capture.id);
    return { outcome: "stored", answer: "sheet" };
  }
}

/** Pages of one browser: they share its storage, its lock and its clock. */
class Browser {
  kept = new Kept();
  pages: Outbox<string>[] = [];
  clock = 1000;
  private timers: (() => void)[] = [];
  private turn: Promise<void> = Promise.resolve();

  constructor(readonly kitchen: Kitchen) {}

  open(): Outbox<string> {
    const page = new Outbox<string>({
      storage: this.kept,
      send: (_batch, capture) => Promise.resolve(this.kitchen.take(capture)),
      alone: (work) => (this.turn = this.turn.then(work)),
      now: () => (this.clock += 5),
      later: (work) => void this.timers.push(work),
    });
    this.pages.push(page);
    page.look();
    return page;
  }

  /** Let time pass until nothing is sent any more. */
  async settle(rounds = 6): Promise<void> {
    for (let i = 0; i < rounds; i++) {
      await this.turn;
      await new Promise((done) => setTimeout(done, 0));
      this.clock += 2000;
      for (const work of this.timers.splice(0)) work();
      for (const page of this.pages) page.look();
    }
    await this.turn;
  }
}

const capture = (id: string): Capture => ({ id, kind: "line", line: 1, net_g: 20 });

describe("captures on their way", () => {
  test("of two pages do not wipe each other's, and arrive in the order of taking", async () => {
    const kitchen = new Kitchen();
    kitchen.state = "away";
    const browser = new Browser(kitchen);
    const [one, other] = [browser.open(), browser.open()];
    one.add(7, capture("first"));
    other.add(7, capture("second"));
    one.add(7, capture("third"));
    await browser.settle(1);
    expect(browser.kept.length).toBe(3);
    expect(one.trouble).toBe("The kitchen does not answer.");
    kitchen.state = "up";
    await browser.settle();
    expect(kitchen.stored).toEqual(["first", "second", "third"]);
    expect([browser.kept.length, one.all().length, other.all().length]).toEqual([0, 0, 0]);
  });

  test("outlive the page that took them, whatever page comes next", async () => {
    const kitchen = new Kitchen();
    kitchen.state = "disk full";
    const browser = new Browser(kitchen);
    browser.open().add(7, capture("left-behind"));
    await browser.settle(1);
    browser.pages = []; // the page crashed
    kitchen.state = "up";
    browser.open();
    await browser.settle();
    expect(kitchen.stored).toEqual(["left-behind"]);
  });

  test("say so when the browser cannot keep them, and are sent all the same", async () => {
    const kitchen = new Kitchen();
    kitchen.state = "away";
    const browser = new Browser(kitchen);
    const page = browser.open();
    browser.kept.full = true;
    page.add(7, capture("unkept"));
    expect(page.all()[0]?.kept).toBe(false);
    kitchen.state = "up";
    await browser.settle();
    expect(kitchen.stored).toEqual(["unkept"]);
  });

  test("that are refused long after are shown as lost until somebody has seen it", async () => {
    const kitchen = new Kitchen();
    kitchen.state = "away";
    kitchen.refuses.add("too-late");
    const browser = new Browser(kitchen);
    const page = browser.open();
    page.add(7, capture("too-late"));
    await browser.settle(1);
    kitchen.state = "up";
    await browser.settle();
    expect(page.all().map((one) => one.lost)).toEqual(["It is closed."]);
    browser.pages = [];
    const next = browser.open();
    expect(next.all().map((one) => one.lost)).toEqual(["It is closed."]);
    next.dismiss("too-late");
    expect([next.all().length, browser.kept.length]).toEqual([0, 0]);
  });

  test("of an older page, in one list for each batch, are taken over", async () => {
    const kitchen = new Kitchen();
    const browser = new Browser(kitchen);
    browser.kept.setItem("gasket.captures.7", JSON.stringify([capture("a-1"), capture("a-2")]));
    browser.open();
    await browser.settle();
    expect(kitchen.stored).toEqual(["a-1", "a-2"]);
    expect(browser.kept.length).toBe(0);
  });

  test("arrive once or are shown as lost, whatever happens to pages, storage and kitchen", async () => {
    const deed = fc.oneof(
      fc.record({ what: fc.constant("take" as const), page: fc.nat(2), refused: fc.boolean() }),
      fc.record({ what: fc.constant("open" as const) }),
      fc.record({ what: fc.constant("close" as const), page: fc.nat(2) }),
      fc.record({ what: fc.constant("clear" as const) }),
      fc.record({ what: fc.constant("full" as const), full: fc.boolean() }),
      fc.record({ what: fc.constant("wait" as const) }),
      fc.record({
        what: fc.constant("kitchen" as const),
        state: fc.constantFrom("up" as const, "away" as const, "disk full" as const),
      }),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(deed, { maxLength: 30 }), async (deeds) => {
        const kitchen = new Kitchen();
        const browser = new Browser(kitchen);
        browser.open();
        const taken: string[] = [];
        for (const one of deeds) {
          const page = browser.pages["page" in one ? one.page % browser.pages.length : 0];
          if (one.what === "take" && page) {
            const id = `capture-${taken.length}`;
            if (one.refused) kitchen.refuses.add(id);
            taken.push(id);
            page.add(7, capture(id));
          }
          if (one.what === "open" && browser.pages.length < 3) browser.open();
          if (one.what === "close" && page && browser.pages.length > 1) {
            // What a page could not keep goes with it: it said so. The others know of the rest.
            if (page.all().every((each) => each.kept)) {
              for (const other of browser.pages) other.look();
              browser.pages = browser.pages.filter((each) => each !== page);
            }
          }
          if (one.what === "clear" && browser.pages.length > 0) {
            for (const each of browser.pages) each.look();
            browser.kept.clear();
          }
          if (one.what === "full") browser.kept.full = one.full;
          if (one.what === "kitchen") kitchen.state = one.state;
          if (one.what === "wait") await browser.settle(1);
        }
        kitchen.state = "up";
        await browser.settle();
        expect(new Set(kitchen.stored).size).toBe(kitchen.stored.length);
        const waiting = browser.pages.flatMap((page) =>
          page.all().filter((one) => one.lost === undefined),
        );
        expect(waiting).toEqual([]);
        const accepted = taken.filter((id) => !kitchen.refuses.has(id));
        expect([...kitchen.stored].sort()).toEqual(accepted.sort());
      }),
      { numRuns: 150 },
    );
  });
});
