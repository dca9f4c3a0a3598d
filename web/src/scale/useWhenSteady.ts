import { useEffect, useRef, useState } from "react";

import type { LiveReading } from "../api/live";

/** `late` when it was asked for before the reading stood still. False: this was not it yet. */
type WhenSteady = (reading: LiveReading, late: boolean) => unknown;

/** Nothing has come onto the scale since it was tared: that is no weight of anything. */
export const isNothing = (reading: LiveReading) => reading.state === "waiting";

/** Do something with the reading: now when it is steady, else as soon as it is. */
export function useWhenSteady(reading: LiveReading | null) {
  const [waiting, setWaiting] = useState<string | null>(null);
  const wanted = useRef<WhenSteady | null>(null);
  useEffect(() => {
    if (!reading?.steady || !wanted.current) return;
    const act = wanted.current;
    wanted.current = null;
    if (act(reading, true) === false) wanted.current = act;
    else setWaiting(null);
  }, [reading]);
  const whenSteady = (name: string, act: WhenSteady) => {
    if (reading?.steady) {
      act(reading, false);
      return;
    }
    wanted.current = act;
    setWaiting(name);
  };
  return { whenSteady, waiting };
}
