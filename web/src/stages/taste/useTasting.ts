import { useState } from "react";

import { api, ask, type ProblemError, problemOf } from "../../api/client";
import type { Quality, Said } from "../../dish/tastingSays";
import { useNotice } from "../../ui/notices";
import { useDeed } from "../../ui/useDeed";

/** What one taster is saying; marks stay as they are typed. */
export interface TastingDraft {
  taster_id: number | null;
  of_original: boolean;
  state: NonNullable<Said["state"]>;
  how: string;
  finish: string;
  against: NonNullable<Said["against"]>;
  marks: Partial<Record<Quality, string>>;
  again: Said["again"];
  words: string[];
  note: string;
  fullness: string;
  eaten_min: number | null;
  volume_ml: number | null;
  guess_kcal: number | null;
  guess_g: number | null;
  replaces: string | null;
}

const BLANK: TastingDraft = {
  taster_id: null,
  of_original: false,
  state: "fresh",
  how: "",
  finish: "",
  against: "nothing",
  marks: {},
  again: null,
  words: [],
  note: "",
  fullness: "",
  eaten_min: null,
  volume_ml: null,
  guess_kcal: null,
  guess_g: null,
  replaces: null,
};

/** The next taster starts from a blank sheet, at the same table. */
const nextSheet = ({
  state,
  how,
  finish,
  against,
  of_original,
  volume_ml,
}: TastingDraft): TastingDraft => ({
  ...BLANK,
  ...{ state, how, finish, against, of_original, volume_ml },
});

export const draftOf = (said: Said): TastingDraft => ({
  ...BLANK,
  ...Object.fromEntries(Object.entries(said).filter(([name, value]) => name in BLANK && value)),
  replaces: said.id,
});

/** A sheet that is half filled in outlives the page. */
function useDraft(batchId: number): [TastingDraft, (draft: TastingDraft) => void] {
  const name = `gasket.tasting.${batchId}`;
  const [draft, setDraft] = useState<TastingDraft>(() => {
    try {
      const held = JSON.parse(localStorage.getItem(name) ?? "{}") as Partial<TastingDraft>;
      return { ...BLANK, ...held };
    } catch {
      return BLANK;
    }
  });
  const hold = (next: TastingDraft) => {
    setDraft(next);
    localStorage.setItem(name, JSON.stringify(next));
  };
  return [draft, hold];
}

const sheetOf = ({ taster_id, fullness, marks, ...rest }: TastingDraft, id: string): Said => ({
  ...rest,
  id,
  taster_id: taster_id ?? 0,
  marks: Object.fromEntries(Object.entries(marks).filter(([, said]) => said.trim() !== "")),
  fullness: fullness.trim() === "" ? null : fullness,
});

/** The sheet of one taster: filled in, recorded with an undo, then blank again. */
export function useTasting(batchId: number) {
  const [draft, hold] = useDraft(batchId);
  const [problem, setProblem] = useState<ProblemError>();
  const [busy, setBusy] = useState(false);
  const say = useNotice();
  const deed = useDeed();
  const archive = async (id: string, archived: boolean) => {
    await deed.run(async () => {
      const params = { path: { tasting_id: id } };
      await ask(api.PUT("/api/tastings/{tasting_id}/archived", { params, body: { archived } }));
      if (archived) {
        say({ text: "The tasting counts no more.", undo: () => void archive(id, false) });
      }
    });
  };
  const record = async (taster: string) => {
    const said = sheetOf(draft, crypto.randomUUID());
    setBusy(true);
    try {
      const params = { path: { batch_id: batchId } };
      await ask(api.POST("/api/batches/{batch_id}/tastings", { params, body: said }));
      setProblem(undefined);
      hold(nextSheet(draft));
      say({ text: `Recorded for ${taster}.`, undo: () => void archive(said.id, true) });
      return true;
    } catch (error) {
      setProblem(problemOf(error));
      return false;
    } finally {
      setBusy(false);
    }
  };
  const change = (by: Partial<TastingDraft>) => {
    setProblem(undefined);
    hold({ ...draft, ...by });
  };
  return { draft, change, record, archive, problem, busy };
}

export type Tasting = ReturnType<typeof useTasting>;
