import { useCallback, useEffect, useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas } from "./client";
import type { BatchSheet } from "./live";

export type Capture = Schemas["Capture"];

const RETRY_MS = 1000;
const stored = (batchId: number) => `gasket.captures.${batchId}`;

function waitingFor(batchId: number): Capture[] {
  try {
    return JSON.parse(localStorage.getItem(stored(batchId)) ?? "[]") as Capture[];
  } catch {
    return [];
  }
}

/**
 * Captures on their way to the server. Each carries an id of its own and waits in the browser until the
 * server has it, so that a lost connection loses none and a retry weighs nothing twice.
 */
export function useCaptures(
  batchId: number,
  onSheet: (sheet: BatchSheet) => void,
  onRefused: (says: string) => void,
) {
  const [waiting, setWaiting] = useState<Capture[]>(() => waitingFor(batchId));
  const queue = useRef(waiting);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const told = useRef({ onSheet, onRefused });
  useEffect(() => {
    told.current = { onSheet, onRefused };
  });

  const keep = useCallback(
    (next: Capture[]) => {
      queue.current = next;
      setWaiting(next);
      if (next.length > 0) localStorage.setItem(stored(batchId), JSON.stringify(next));
      else localStorage.removeItem(stored(batchId));
    },
    [batchId],
  );

  const sendRef = useRef(() => Promise.resolve());
  const send = useCallback(async () => {
    clearTimeout(timer.current);
    if (busy.current) return;
    busy.current = true;
    for (let first = queue.current[0]; first; first = queue.current[0]) {
      try {
        const sheet = await ask(
          api.POST("/api/batches/{batch_id}/weighings", {
            params: { path: { batch_id: batchId } },
            body: first,
          }),
        );
        keep(queue.current.slice(1));
        told.current.onSheet(sheet);
      } catch (error) {
        const status = error instanceof ProblemError ? error.status : 0;
        if (status === 0 || status >= 500) {
          timer.current = setTimeout(() => void sendRef.current(), RETRY_MS);
          break;
        }
        keep(queue.current.slice(1));
        told.current.onRefused(error instanceof Error ? error.message : "That could not be taken.");
      }
    }
    busy.current = false;
  }, [batchId, keep]);
  useEffect(() => {
    sendRef.current = send;
    void send();
    return () => clearTimeout(timer.current);
  }, [send]);

  const capture = useCallback(
    (one: Omit<Capture, "id">): string => {
      const id = crypto.randomUUID();
      keep([...queue.current, { ...one, id }]);
      void sendRef.current();
      return id;
    },
    [keep],
  );
  return { capture, waiting };
}
