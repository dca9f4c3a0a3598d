import { useCallback, useEffect, useRef, useState } from "react";

import type { Schemas } from "./client";
import { type BatchSheet, changed, isChange, nowShown, readSheet, type SheetChange } from "./sheet";
import { hear } from "./stale";

export type Aim = Schemas["Aim"];
export type LiveReading = Schemas["LiveReading"];
export type { BatchSheet } from "./sheet";

export interface Live {
  sheet: BatchSheet | null;
  reading: LiveReading | null;
  /** Whether any scale answers the server. */
  scale: boolean;
  /** Which scales answer, by name. */
  scales: Record<string, boolean>;
  /** The one whose readings are shown. */
  inUse: string | null;
  /** Whether the server answers this page. */
  server: boolean;
  /** Why what the machine took by itself cannot be stored just now. */
  trouble: string | null;
  missing: string | null;
  /** Show a sheet, or what changed of it, that came as the answer to a request. */
  show: (answer: BatchSheet | SheetChange) => void;
}

const RETRY_MS = 700;
const NO_SCALE: Schemas["LiveLink"] = { connected: false, scales: {}, in_use: null };

/** The live channel of a batch: readings judged against `aim`, and the batch after every change. */
export function useLive(batchId: number, aim: Aim): Live {
  const [sheet, setSheet] = useState<BatchSheet | null>(null);
  const [reading, setReading] = useState<LiveReading | null>(null);
  const [link, setLink] = useState(NO_SCALE);
  const [server, setServer] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [missing, setMissing] = useState<string | null>(null);
  const socket = useRef<WebSocket>(undefined);
  const aimText = JSON.stringify(aim);
  const aimNow = useRef(aimText);

  const latest = useRef<BatchSheet>(undefined);
  const put = useCallback((next: BatchSheet) => {
    latest.current = next;
    nowShown(next);
    setSheet(next);
  }, []);
  const show = useCallback(
    (next: BatchSheet | SheetChange) => {
      const now = latest.current;
      if (next.id !== batchId || (now && now.number > next.number)) return;
      if (!isChange(next)) {
        put(next);
        return;
      }
      if (now?.number === next.number) return; // it was heard on the other way already
      const made = now && changed(now, next);
      if (made) put(made);
      else readSheet(batchId).then(put, () => undefined); // the channel tells it anew once it is up
    },
    [batchId, put],
  );

  useEffect(() => {
    let stopped = false;
    let timer: ReturnType<typeof setTimeout>;
    const open = () => {
      const url = new URL(`/api/batches/${batchId}/live`, location.href);
      url.protocol = url.protocol === "https:" ? "wss:" : "ws:";
      const channel = new WebSocket(url);
      socket.current = channel;
      channel.onopen = () => {
        setServer(true);
        channel.send(aimNow.current);
      };
      channel.onmessage = (event: MessageEvent<string>) => {
        const message = JSON.parse(event.data) as
          | LiveReading
          | SheetChange
          | Schemas["LiveLink"]
          | Schemas["LiveSheet"]
          | Schemas["LiveStale"]
          | Schemas["LiveTrouble"];
        if (message.type === "sheet") {
          put(message.sheet); // the server tells them in their order
          setTrouble(null);
        } else if (message.type === "change") {
          show(message);
          setTrouble(null);
        } else if (message.type === "stale") hear(message.stale);
        else if (message.type === "trouble") setTrouble(message.says);
        else if (message.type === "link") {
          setLink(message);
          const answers = message.in_use != null && message.scales[message.in_use];
          setReading((last) => (answers && last?.reading.scale === message.in_use ? last : null));
        } else setReading(message as LiveReading);
      };
      channel.onclose = (event) => {
        if (stopped) return;
        if (event.code === 4404) {
          setMissing(event.reason);
          return;
        }
        setServer(false);
        setReading(null);
        timer = setTimeout(open, RETRY_MS);
      };
    };
    open();
    return () => {
      stopped = true;
      clearTimeout(timer);
      socket.current?.close();
    };
  }, [batchId, put, show]);

  useEffect(() => {
    aimNow.current = aimText;
    if (socket.current?.readyState === WebSocket.OPEN) socket.current.send(aimText);
  }, [aimText]);

  return {
    sheet,
    reading,
    scale: link.connected,
    scales: link.scales,
    inUse: link.in_use ?? null,
    server,
    trouble,
    missing,
    show,
  };
}
