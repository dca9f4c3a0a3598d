import type { Schemas } from "../api/client";
import { type QUALITIES, TASTE_WORDS } from "../api/vocabulary";

export type Said = Schemas["TastingSheet"];
export type Quality = (typeof QUALITIES)[number];

type Options<V extends string> = readonly { value: V; label: string }[];

export const QUALITY_NAMES: Record<Quality, string> = {
  taste: "Taste",
  texture: "Texture",
  look: "Look",
  likeness: "Like the original",
};

export const STATES: Options<NonNullable<Said["state"]>> = [
  { value: "fresh", label: "fresh" },
  { value: "next_day", label: "the next day" },
  { value: "thawed", label: "thawed" },
  { value: "reheated", label: "reheated" },
];

export const AGAINST: Options<NonNullable<Said["against"]>> = [
  { value: "nothing", label: "nothing" },
  { value: "original", label: "the original, at hand" },
  { value: "remembered", label: "the original, from memory" },
  { value: "last_trial", label: "the trial before" },
];

export const AGAIN = [
  ["yes", "Yes"],
  ["with_a_change", "With a change"],
  ["no", "No"],
] as const;

export const nameOf = <V extends string>(options: Options<V>, value: V | undefined) =>
  options.find((option) => option.value === value)?.label ?? "";

/** A word as it is read; a word of the cook's own as it was typed. */
export const wordSays = (key: string): string =>
  TASTE_WORDS.find((word) => word.key === key)?.says ?? key;
