import { useEffect, useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";

interface Quick {
  /** The text that the answer is about: not yet that of the box while one is on its way. */
  text: string;
  answer: Schemas["QuickAnswer"] | undefined;
  error: string | undefined;
}

const NOTHING: Quick = { text: "", answer: undefined, error: undefined };
const WAIT_MS = 40;

/** What a typed line may mean on this shelf; `again` asks anew after something was told. */
export function useQuickEntry(text: string, again = 0): Quick {
  const [quick, setQuick] = useState<Quick>(NOTHING);
  const asked = useRef(0);
  const wanted = text.trim();
  useEffect(() => {
    const mine = ++asked.current;
    if (wanted === "") return;
    const timer = setTimeout(() => {
      ask(api.POST("/api/quick-entry", { body: { text: wanted } })).then(
        (answer) => mine === asked.current && setQuick({ text: wanted, answer, error: undefined }),
        (error: unknown) => {
          if (mine !== asked.current) return;
          const says = (error instanceof ProblemError && error.at("text")) || sentence(error);
          setQuick({ text: wanted, answer: undefined, error: says });
        },
      );
    }, WAIT_MS);
    return () => clearTimeout(timer);
  }, [wanted, again]);
  return wanted === "" ? NOTHING : quick;
}
