import type { Schemas } from "../api/client";
import { HOMES } from "../api/vocabulary";

type Home = keyof typeof HOMES;
type Settings = Schemas["HouseSettings"];

export const HOME_NAMES: readonly { home: Home; name: string }[] = [
  { home: "us", name: "United States" },
  { home: "uk", name: "United Kingdom" },
  { home: "eu", name: "EU" },
];

/** What goes by where a kitchen is, but for its money: prices that were typed are in it. */
export const habitsOf = (home: Home): Partial<Settings> =>
  Object.fromEntries(Object.entries(HOMES[home]).filter(([field]) => field !== "currency"));

/** Whether everything that goes by where a kitchen is, is set as it is there. */
export const livesIn = (home: Home, settings: Settings): boolean =>
  Object.entries(habitsOf(home)).every(
    ([field, value]) => settings[field as keyof Settings] === value,
  );
