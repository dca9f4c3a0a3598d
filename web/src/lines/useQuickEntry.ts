import { api, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";

interface Quick {
  /** The text that the answer is about: not yet that of the box while one is on its way. */
  text: string;
  answer: Schemas["QuickAnswer"] | undefined;
  error: string | undefined;
}

/** What a typed line may mean on this shelf; `again` asks anew after something was told. */
export function useQuickEntry(text: string, again = 0): Quick {
  const wanted = text.trim();
  const { about, answer, problem } = useAnswer(
    wanted,
    (line) => api.POST("/api/quick-entry", { body: { text: line } }),
    40,
    again,
  );
  if (wanted === "") return { text: "", answer: undefined, error: undefined };
  if (!problem) return { text: about, answer, error: undefined };
  return { text: about, answer: undefined, error: problem.at("text") ?? problem.message };
}
