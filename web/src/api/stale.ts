import { QueryClient, type QueryKey } from "@tanstack/react-query";

import type { Schemas } from "./client";

type Stale = Schemas["Stale"];
type HousePart = NonNullable<Stale["things"]>[number];

/** The header in which an answer says what its request made old. */
export const STALE = "Gasket-Stale";

/** What was read of the kitchen, by the keys of `queries.ts`. */
export const known = new QueryClient();

const OF_A_DISH = ["dish", "history"];
/** A trial and a card show what other trials and batches of the dish come to. */
const OF_ANY_DISH = [["kitchen"], ["trial"], ["steps"], ["card"], ["tasting"]];
const OF_A_BATCH = ["batch", "cook", "portioning", "arms"];
const OF_THE_HOUSE: Record<HousePart, string[]> = {
  shelf: ["foods", "trial"],
  stock: ["stock"],
  timers: ["timers"],
  photos: ["photos"],
  blind: ["blind"],
  swaps: ["trial"],
  tasters: ["tasting"],
  settings: ["settings"],
};

/** The keys of all that is old after a change. */
export function oldKeys(stale: Stale): QueryKey[] {
  if (stale.everything) return [[]];
  const of = (names: string[], ids: readonly number[] = []) =>
    names.flatMap((name) => ids.map((id) => [name, id]));
  return [
    ...of(OF_A_DISH, stale.dishes),
    ...of(OF_A_BATCH, stale.batches),
    ...(stale.things ?? []).flatMap((thing) => OF_THE_HOUSE[thing].map((name) => [name])),
    ...(stale.dishes?.length ? OF_ANY_DISH : []),
  ];
}

/** Nobody can say what: read everything again. */
export const ALL_OLD: Stale = { number: 0, everything: true };

const LATEST = 50;
const heard: number[] = [];

/** Read again what a change made old: once, though it is told with the answer and on the live channel. */
export function hear(stale: Stale): void {
  if (heard.includes(stale.number)) return;
  if (stale.number > 0) heard.push(stale.number);
  if (heard.length > LATEST) heard.shift();
  for (const queryKey of oldKeys(stale)) void known.invalidateQueries({ queryKey });
}
