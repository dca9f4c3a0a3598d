/// <reference types="vite/client" />
import { describe, expect, it } from "vitest";

import { words } from "../../tests/cases/plain_words.json";

const PAGES = import.meta.glob<string>("../src/**/*.tsx", {
  query: "?raw",
  import: "default",
  eager: true,
});

/** What a page can say: text between tags, and string literals with a blank in them. */
function said(source: string): string[] {
  const code = source.replace(/\/\*[\s\S]*?\*\//g, "").replace(/^\s*\/\/.*$/gm, "");
  const between = [...code.matchAll(/>([^<>{}]*[a-z][^<>{}]*)</g)].map((found) => found[1] ?? "");
  const lines = [...code.matchAll(/^\s+([A-Z“][^<>{}=;]*[a-z.…])$/gm)].map((one) => one[1] ?? "");
  const quoted = [...code.matchAll(/"([^"\n]*)"|`([^`]*)`/g)]
    .map((found) => found[1] ?? found[2]?.replace(/\$\{[^}]*\}/g, "…") ?? "")
    .filter((text) => text.includes(" "));
  const style = /\b(min-h|max-sm|px|text|grid)-|[={}]|\?\.|\?\?|\)\./;
  return [...between, ...lines, ...quoted].filter((text) => !style.test(text));
}

describe("the words of the pages", () => {
  it("are found", () => {
    const all = Object.values(PAGES).flatMap(said);
    expect(all.length).toBeGreaterThan(800);
    expect(all.join(" ")).toContain("What you weighed is the plan of this trial now.");
  });
  it.each(Object.entries(PAGES))("%s speaks plainly", (_, source) => {
    const quaint = said(source).filter((text) =>
      words.some((word) => text.toLowerCase().includes(word)),
    );
    expect(quaint).toEqual([]);
  });
});
