import { useEffect, useState } from "react";

const TICK_MS = 500;

/** The server's clock, ticking: `serverNow` is what it said when it was heard, at `heardMs` here. */
export function useNow(serverNow: string | undefined, heardMs: number): number {
  const [here, setHere] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setHere(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, []);
  if (serverNow === undefined) return here;
  return Date.parse(serverNow) + Math.max(0, here - heardMs);
}
