import { useEffect, useRef, useState } from "react";

import type { LiveReading } from "../api/live";

/** `late` when it was asked for before the reading stood still. */
type Act = (reading: LiveReading, late: boolean) => void;

/** Do something with the reading: now when it is steady, else as soon as it is. */
export function useWhenSteady(reading: LiveReading | null) {
  const [waiting, setWaiting] = useState<string | null>(null);
  const wanted = useRef<Act | null>(null);
  useEffect(() => {
    if (!reading?.steady || !wanted.current) return;
    const act = wanted.current;
    wanted.current = null;
    setWaiting(null);
    act(reading, true);
  }, [reading]);
  const whenSteady = (name: string, act: Act) => {
    if (reading?.steady) {
      act(reading, false);
      return;
    }
    wanted.current = act;
    setWaiting(name);
  };
  return { whenSteady, waiting };
}
