import { useEffect, useRef, useState } from "react";

import { ask, type ProblemError, problemOf } from "./client";

export interface Answered<T> {
  /** What the answer is about: not yet what is asked while one is on its way. */
  about: string;
  answer: T | undefined;
  problem: ProblemError | undefined;
}

/**
 * The answer to what is being typed: asked a moment after the last change, the newest one wins, and a
 * refusal keeps the last answer beside its problem. "" asks nothing; `again` asks anew.
 */
export function useAnswer<T>(
  about: string,
  request: (about: string) => Parameters<typeof ask<T>>[0],
  waitMs: number,
  again = 0,
): Answered<T> {
  const [found, setFound] = useState<Answered<T>>({
    about: "",
    answer: undefined,
    problem: undefined,
  });
  const asked = useRef(0);
  const latest = useRef(request);
  useEffect(() => {
    latest.current = request;
  });
  useEffect(() => {
    const mine = ++asked.current;
    if (about === "") return;
    const timer = setTimeout(() => {
      ask(latest.current(about)).then(
        (answer) => mine === asked.current && setFound({ about, answer, problem: undefined }),
        (error: unknown) => {
          if (mine === asked.current) {
            setFound((last) => ({ about, answer: last.answer, problem: problemOf(error) }));
          }
        },
      );
    }, waitMs);
    return () => clearTimeout(timer);
  }, [about, again, waitMs]);
  return found;
}
