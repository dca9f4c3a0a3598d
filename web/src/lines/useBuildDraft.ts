import { useCallback, useEffect, useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../api/client";
import type { Build, Labels, ShelfLabel } from "./draft";

export type Saving =
  | { state: "saved" }
  | { state: "saving" }
  | { state: "waiting" }
  | { state: "failed"; says: string }
  | { state: "conflict"; theirs: Schemas["TrialSheet"] };

interface Kept {
  version: number;
  build: Build;
  labels: Labels;
}

/**
 * What is on its way, by trial. A page that was left saves as it goes; the page that opens the trial
 * again goes on from what became of that, and takes it for no change of somebody else.
 */
const onItsWay = new Map<number, { build: string; version: Promise<number> }>();

/** Every save that was begun, by trial. */
const begun = new Map<number, Promise<unknown>>();

/** Once every save that was begun has been answered: what the kitchen reads now is what was typed. */
export const allSaved = () => Promise.all(begun.values());

const keptKey = (trial: number) => `gasket.draft.${trial}`;
const SAVE_AFTER_MS = 500;
const RETRY_MS = 3000;

/** Edits that never reached the server; none when the server has the very same build. */
function kept(sheet: Schemas["TrialSheet"]): Kept | null {
  try {
    const found = JSON.parse(localStorage.getItem(keptKey(sheet.id)) ?? "null") as Kept | null;
    return JSON.stringify(found?.build) === JSON.stringify(sheet.build) ? null : found;
  } catch {
    return null;
  }
}

/**
 * The build while it is edited. Every change can be undone; it is kept in the browser at once and on
 * the server half a second later; a change made elsewhere is shown, never overwritten.
 */
export function useBuildDraft(sheet: Schemas["TrialSheet"]) {
  const [found] = useState(() => kept(sheet));
  const [build, setBuild] = useState<Build>(found?.build ?? sheet.build);
  const [labels, setLabels] = useState<Labels>({ ...sheet.labels, ...found?.labels });
  const [past, setPast] = useState<Build[]>([]);
  const isOurs = found !== null && onItsWay.get(sheet.id)?.build === JSON.stringify(found.build);
  const outdated = found !== null && found.version !== sheet.version && !isOurs;
  const [saving, setSaving] = useState<Saving>(
    outdated ? { state: "conflict", theirs: sheet } : { state: found ? "waiting" : "saved" },
  );
  const version = useRef(isOurs ? sheet.version : (found?.version ?? sheet.version));
  const latest = useRef({ build, labels });
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const busy = useRef(false);

  const saveRef = useRef(() => Promise.resolve());
  const save = useCallback(async () => {
    clearTimeout(timer.current);
    if (busy.current) return;
    busy.current = true;
    setSaving({ state: "saving" });
    version.current = Math.max(version.current, (await onItsWay.get(sheet.id)?.version) ?? 0);
    const sent = latest.current.build;
    try {
      const asked = ask(
        api.PUT("/api/trials/{trial_id}/build", {
          params: { path: { trial_id: sheet.id } },
          body: { version: version.current, build: sent },
        }),
      );
      const settled = asked.then(
        (stored) => stored.version,
        () => 0,
      );
      onItsWay.set(sheet.id, { build: JSON.stringify(sent), version: settled });
      const stored = await asked;
      version.current = stored.version;
      busy.current = false;
      if (latest.current.build !== sent) {
        await saveRef.current();
        return;
      }
      localStorage.removeItem(keptKey(sheet.id));
      setSaving({ state: "saved" });
    } catch (error) {
      busy.current = false;
      const problem = error instanceof ProblemError ? error : undefined;
      if (problem?.status === 409 && problem.current) {
        setSaving({ state: "conflict", theirs: problem.current as Schemas["TrialSheet"] });
        return;
      }
      setSaving({ state: "failed", says: sentence(error) });
      if (!problem || problem.status === 0 || problem.status >= 500) {
        timer.current = setTimeout(() => void saveRef.current(), RETRY_MS);
      }
    }
  }, [sheet.id]);

  const show = useCallback(
    (next: Build, ...added: (ShelfLabel | undefined)[]) => {
      const fresh = added.flatMap((label) => (label ? [[String(label.id), label] as const] : []));
      const all = { ...latest.current.labels, ...Object.fromEntries(fresh) };
      latest.current = { build: next, labels: all };
      setBuild(next);
      setLabels(all);
      setSaving({ state: "waiting" });
      localStorage.setItem(
        keptKey(sheet.id),
        JSON.stringify({ version: version.current, build: next, labels: all } satisfies Kept),
      );
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void saveRef.current(), SAVE_AFTER_MS);
    },
    [sheet.id],
  );

  const change = useCallback(
    (edit: (build: Build) => Build, ...added: (ShelfLabel | undefined)[]) => {
      const before = latest.current.build;
      const next = edit(before);
      if (next === before) return;
      setPast((all) => [...all.slice(-99), before]);
      show(next, ...added);
    },
    [show],
  );

  const pastRef = useRef(past);
  useEffect(() => {
    pastRef.current = past;
  }, [past]);
  const undo = useCallback(() => {
    const before = pastRef.current.at(-1);
    if (!before) return;
    setPast((all) => all.slice(0, -1));
    show(before);
  }, [show]);

  /** After a conflict: keep mine (save over theirs) or take theirs. */
  const settle = useCallback(
    (mine: boolean) => {
      if (saving.state !== "conflict") return;
      version.current = saving.theirs.version;
      if (mine) void saveRef.current();
      else {
        setLabels((all) => ({ ...all, ...saving.theirs.labels }));
        show(saving.theirs.build);
      }
    },
    [saving, show],
  );

  useEffect(() => {
    saveRef.current = () => {
      const run = save();
      begun.set(sheet.id, Promise.all([begun.get(sheet.id), run]));
      return run;
    };
  }, [save, sheet.id]);
  useEffect(() => {
    if (found && !outdated) timer.current = setTimeout(() => void saveRef.current(), SAVE_AFTER_MS);
    return () => {
      clearTimeout(timer.current);
      if (localStorage.getItem(keptKey(sheet.id))) void saveRef.current();
    };
  }, [found, outdated, sheet.id]);

  return {
    dishId: sheet.dish_id,
    build,
    labels,
    change,
    undo,
    canUndo: past.length > 0,
    saving,
    settle,
  };
}

export type BuildDraft = ReturnType<typeof useBuildDraft>;
