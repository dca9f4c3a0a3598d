import type { Schemas } from "../../api/client";

export type Trial = Schemas["TrialEntry"];
export type Across = Schemas["TrialEntry"]["unbeaten"][number];

/** How deep each trial stands below the first: one that was copied from the trial before it stays beside it. */
export function depths(newestFirst: readonly Trial[]): Map<number, number> {
  const found = new Map<number, number>();
  let before: number | undefined;
  for (const trial of [...newestFirst].reverse()) {
    const parent = trial.copied_from == null ? undefined : found.get(trial.copied_from);
    const branches = before !== undefined && trial.copied_from !== before;
    found.set(trial.id, (parent ?? 0) + (parent !== undefined && branches ? 1 : 0));
    before = trial.id;
  }
  return found;
}

/** What a trial changed, in words and grams. */
export function changesSay(trial: Trial): string[] {
  const lines = trial.changes.map((line) => {
    if (line.kind === "added") return `${line.name}: ${grams(line.after_g)} new`;
    if (line.kind === "removed") return `without ${line.name}`;
    const name = line.before_name === line.name ? line.name : `${line.before_name} → ${line.name}`;
    return `${name}: ${grams(line.before_g)} → ${grams(line.after_g)}`;
  });
  return [...lines, ...trial.steps_changed];
}

const grams = (of: number | null | undefined) => (of == null ? "?" : `${Number(of.toFixed(1))} g`);
