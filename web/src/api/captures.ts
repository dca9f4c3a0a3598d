import { useCallback, useEffect, useMemo, useRef, useSyncExternalStore } from "react";

import { api, ask, ProblemError } from "./client";
import { type Capture, Outbox, type Sent, type Taken } from "./outbox";
import { type BatchSheet, numberShown, type SheetChange } from "./sheet";

export type { Capture, Taken } from "./outbox";

type CaptureAnswer = BatchSheet | SheetChange;

async function send(batchId: number, body: Capture): Promise<Sent<CaptureAnswer>> {
  const since = numberShown(batchId);
  const params = { path: { batch_id: batchId }, ...(since && { query: { since } }) };
  try {
    const answer = await ask(api.POST("/api/batches/{batch_id}/weighings", { params, body }));
    return { outcome: "stored", answer };
  } catch (error) {
    const status = error instanceof ProblemError ? error.status : 0;
    const says = error instanceof Error ? error.message : "That could not be taken.";
    return { outcome: status === 0 || status >= 500 ? "later" : "refused", says };
  }
}

/** One page at a time sends, where the browser can see to that; ids keep the others from harm. */
async function alone(work: () => Promise<void>): Promise<void> {
  if ("locks" in navigator) await navigator.locks.request("gasket.captures", work);
  else await work();
}

const outbox = new Outbox<CaptureAnswer>({
  storage: localStorage,
  send,
  alone,
  now: Date.now,
  later: (work, ms) => setTimeout(work, ms),
});

/** Send what waits in this browser, on whatever page: also what a page left that is closed by now. */
export function useOutbox() {
  useEffect(() => {
    const look = () => outbox.look();
    const elsewhere = ({ key, newValue }: StorageEvent) => {
      if (key !== null && newValue === null) outbox.done(key);
      else look();
    };
    look();
    window.addEventListener("storage", elsewhere);
    window.addEventListener("online", look);
    return () => {
      window.removeEventListener("storage", elsewhere);
      window.removeEventListener("online", look);
    };
  }, []);
  const all = useSyncExternalStore(outbox.watch, outbox.all);
  return {
    waiting: all.filter((entry) => entry.lost === undefined),
    lost: all.filter((entry) => entry.lost !== undefined),
    trouble: outbox.trouble,
    late: outbox.late,
    dismiss: (id: string) => outbox.dismiss(id),
  };
}

/** The captures of one batch: each arrives once, or is shown as lost. */
export function useCaptures(
  batchId: number,
  onSheet: (answer: CaptureAnswer) => void,
  onRefused: (says: string) => void,
) {
  const told = useRef({ onSheet, onRefused });
  useEffect(() => {
    told.current = { onSheet, onRefused };
  });
  useEffect(
    () =>
      outbox.listen({
        onStored: (batch, sheet) => {
          if (batch === batchId) told.current.onSheet(sheet);
        },
        onRefused: (batch, says) => {
          if (batch === batchId) told.current.onRefused(says);
        },
      }),
    [batchId],
  );
  const all = useSyncExternalStore(outbox.watch, outbox.all);
  const waiting = useMemo(
    () =>
      all
        .filter((entry) => entry.batchId === batchId && entry.lost === undefined)
        .map((entry) => entry.capture),
    [all, batchId],
  );
  const capture = useCallback(
    (taken: Taken): string => {
      const id = crypto.randomUUID();
      outbox.add(batchId, { ...taken, id });
      return id;
    },
    [batchId],
  );
  return { capture, waiting };
}
