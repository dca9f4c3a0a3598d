import { useEffect, useRef, useState } from "react";

interface Recognition {
  lang: string;
  processLocally: boolean;
  onresult: ((event: { results: { transcript: string }[][] }) => void) | null;
  onend: (() => void) | null;
  start: () => void;
  abort: () => void;
}

interface RecognitionKind {
  new (): Recognition;
  available?: (of: { langs: string[]; processLocally: true }) => Promise<string>;
}

const kind = (): RecognitionKind | undefined =>
  (window as unknown as { SpeechRecognition?: RecognitionKind }).SpeechRecognition;

/**
 * The browser's own speech input, only where it says that it works on this machine: nothing that is
 * said in the kitchen leaves it.
 */
export function useDictation(onWords: (words: string) => void) {
  const [possible, setPossible] = useState(false);
  const [listening, setListening] = useState(false);
  const running = useRef<Recognition>(undefined);
  useEffect(() => {
    let left = false;
    void kind()
      ?.available?.({ langs: [navigator.language], processLocally: true })
      .then((state) => !left && setPossible(state === "available"))
      .catch(() => undefined);
    return () => {
      left = true;
      running.current?.abort();
    };
  }, []);
  const listen = () => {
    const Kind = kind();
    if (!Kind || listening) return;
    const one = new Kind();
    one.lang = navigator.language;
    one.processLocally = true;
    one.onresult = (event) => onWords(event.results[0]?.[0]?.transcript ?? "");
    one.onend = () => setListening(false);
    running.current = one;
    setListening(true);
    one.start();
  };
  return { possible, listening, listen };
}
