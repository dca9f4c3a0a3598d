import { api, type ProblemError, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";
import { isBegun } from "./panels";

interface Audited {
  audit: Schemas["Audit"] | null;
  problem: ProblemError | undefined;
}

const NOTHING: Audited = { audit: null, problem: undefined };

/**
 * The audit of a label while it is typed; what cannot be audited says why at its field. Nothing is wrong
 * with a panel on which nothing stands yet.
 */
export function useAudit(label: Schemas["Label"]): Audited {
  const begun = isBegun(label);
  const { answer, problem } = useAnswer(
    begun ? JSON.stringify(label) : "",
    (text) => api.POST("/api/audit", { body: JSON.parse(text) as Schemas["Label"] }),
    60,
  );
  return begun ? { audit: answer ?? null, problem } : NOTHING;
}
