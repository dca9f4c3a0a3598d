import { api, type ProblemError, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";

interface Audited {
  audit: Schemas["Audit"] | null;
  problem: ProblemError | undefined;
}

/** The audit of a label while it is typed; what cannot be audited says why at its field. */
export function useAudit(label: Schemas["Label"]): Audited {
  const { answer, problem } = useAnswer(
    JSON.stringify(label),
    (text) => api.POST("/api/audit", { body: JSON.parse(text) as Schemas["Label"] }),
    60,
  );
  return { audit: answer ?? null, problem };
}
