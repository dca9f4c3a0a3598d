import { useEffect, useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import type { Sheet } from "./claims";

export interface Checked {
  report: Schemas["ClaimReport"] | undefined;
  problem: ProblemError | undefined;
}

/** The check of the claims while they are typed; a faulty figure keeps the last one. */
export function useClaimCheck(sheet: Sheet): Checked {
  const [found, setFound] = useState<Checked>({ report: undefined, problem: undefined });
  const asked = useRef(0);
  const text = JSON.stringify(sheet);
  useEffect(() => {
    const mine = ++asked.current;
    const timer = setTimeout(() => {
      ask(api.POST("/api/claims/check", { body: JSON.parse(text) as Sheet })).then(
        (report) => mine === asked.current && setFound({ report, problem: undefined }),
        (error: unknown) => {
          if (mine !== asked.current) return;
          const problem =
            error instanceof ProblemError ? error : new ProblemError(0, sentence(error));
          setFound((last) => ({ ...last, problem }));
        },
      );
    }, 60);
    return () => clearTimeout(timer);
  }, [text]);
  return found;
}
