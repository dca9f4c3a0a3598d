import { useEffect, useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas } from "../../api/client";

interface Audited {
  audit: Schemas["Audit"] | null;
  problem: ProblemError | undefined;
}

/** The audit of a label while it is typed; what cannot be audited says why at its field. */
export function useAudit(label: Schemas["Label"]): Audited {
  const [found, setFound] = useState<Audited>({ audit: null, problem: undefined });
  const asked = useRef(0);
  const text = JSON.stringify(label);
  useEffect(() => {
    const mine = ++asked.current;
    const timer = setTimeout(() => {
      ask(api.POST("/api/audit", { body: JSON.parse(text) as Schemas["Label"] })).then(
        (audit) => mine === asked.current && setFound({ audit, problem: undefined }),
        (error: unknown) => {
          if (mine !== asked.current) return;
          const problem = error instanceof ProblemError ? error : undefined;
          setFound((last) => ({ ...last, problem }));
        },
      );
    }, 60);
    return () => clearTimeout(timer);
  }, [text]);
  return found;
}
