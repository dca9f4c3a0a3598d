import { useEffect, useRef, useState } from "react";

import { api, ask, type ProblemError, problemOf, type Schemas } from "../../api/client";

export interface Reckoned {
  result: Schemas["Result"];
  problem: ProblemError | undefined;
}

/** The reckoning of a build while it is edited: the newest answer wins, faults keep the last one. */
export function useReckoned(
  trialId: number,
  build: Schemas["Build"],
  stored: Schemas["Result"],
): Reckoned {
  const [reckoned, setReckoned] = useState<Reckoned>({ result: stored, problem: undefined });
  const asked = useRef(0);
  const text = JSON.stringify(build);
  const first = useRef(text);
  useEffect(() => {
    if (first.current === text && asked.current === 0) return;
    const mine = ++asked.current;
    const timer = setTimeout(() => {
      const params = { path: { trial_id: trialId } };
      const body = JSON.parse(text) as Schemas["Build"];
      ask(api.POST("/api/trials/{trial_id}/reckon", { params, body })).then(
        (result) => {
          if (mine === asked.current) setReckoned({ result, problem: undefined });
        },
        (error: unknown) => {
          if (mine !== asked.current) return;
          const problem = problemOf(error);
          setReckoned((last) => ({ ...last, problem }));
        },
      );
    }, 40);
    return () => clearTimeout(timer);
  }, [text, trialId]);
  return reckoned;
}
