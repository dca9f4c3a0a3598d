import { useMutation } from "@tanstack/react-query";
import { useCallback } from "react";

import { type ProblemError, problemOf, sentence } from "../api/client";
import { useNotice } from "./notices";

export interface Deed {
  /** Do it; undefined when the kitchen refused, which is then said. */
  run: <T>(work: () => Promise<T>) => Promise<T | undefined>;
  /** Whether it is on its way. */
  busy: boolean;
}

/**
 * Something that is done in the kitchen: what is refused is said at the foot of the page, or where `refused` shows it.
 * One that `leaves` the page stays busy once it is done: until the next page is here it could be done twice.
 */
export function useDeed(refused?: (problem: ProblemError) => void, leaves = false): Deed {
  const say = useNotice();
  const mutation = useMutation<unknown, Error, () => Promise<unknown>>({
    mutationFn: (work) => work(),
    onError: (error) => {
      if (refused) refused(problemOf(error));
      else say({ text: sentence(error), bad: true });
    },
  });
  const { mutateAsync, isPending, isSuccess } = mutation;
  const run = useCallback(
    <T>(work: () => Promise<T>) =>
      mutateAsync(work).then(
        (done) => done as T,
        () => undefined,
      ),
    [mutateAsync],
  );
  return { run, busy: isPending || (leaves && isSuccess) };
}
