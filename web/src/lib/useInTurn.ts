import { useState } from "react";

/** Sends one thing after the other: what was typed later never arrives before what was typed first. */
export function inTurn() {
  let last: Promise<unknown> = Promise.resolve();
  return <T>(send: () => Promise<T>): Promise<T> => {
    const next = last.then(send);
    last = next.catch(() => undefined);
    return next;
  };
}

export const useInTurn = () => useState(inTurn)[0];
