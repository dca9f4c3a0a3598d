import { useCallback, useEffect, useRef, useState } from "react";

import type { Schemas } from "./client";

export type Aim = Schemas["Aim"];
export type LiveReading = Schemas["LiveReading"];
export type BatchSheet = Schemas["BatchSheet"];

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
  /** Show a sheet that came as the answer to a request. */
  show: (sheet: BatchSheet) => void;
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
          LiveReading | Schemas["LiveLink"] | Schemas["LiveSheet"] | Schemas["LiveTrouble"];
        if (message.type === "sheet") {
          setSheet(message.sheet); // the server tells them in their order
          setTrouble(null);
        } else if (message.type === "trouble") setTrouble(message.says);
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
  }, [batchId]);

  useEffect(() => {
    aimNow.current = aimText;
    if (socket.current?.readyState === WebSocket.OPEN) socket.current.send(aimText);
  }, [aimText]);

  const show = useCallback(
    (next: BatchSheet) => {
      if (next.id !== batchId) return;
      setSheet((shown) => (shown && shown.number > next.number ? shown : next));
    },
    [batchId],
  );
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
