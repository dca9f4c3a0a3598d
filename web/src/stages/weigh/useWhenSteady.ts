import { useEffect, useRef, useState } from "react";

import type { LiveReading } from "../../api/live";

type Raw = LiveReading["reading"];

/** Do something with the reading: now when it is steady, else as soon as it is. */
export function useWhenSteady(reading: LiveReading | null) {
  const [waiting, setWaiting] = useState<string | null>(null);
  const wanted = useRef<((raw: Raw) => void) | null>(null);
  const raw = reading?.reading;
  const steady = reading?.steady ?? false;
  useEffect(() => {
    if (!raw || !steady || !wanted.current) return;
    const act = wanted.current;
    wanted.current = null;
    setWaiting(null);
    act(raw);
  }, [raw, steady]);
  const whenSteady = (name: string, act: (raw: Raw) => void) => {
    if (raw && steady) {
      act(raw);
      return;
    }
    wanted.current = act;
    setWaiting(name);
  };
  return { whenSteady, waiting };
}
