import { useCallback, useEffect, useState } from "react";

import type { LiveReading } from "../../api/live";
import { weighed } from "../../lib/format";
import { type Line, untilRight } from "./lines";

const STORED = "gasket.voice";
const LONGEST_TO_SAY = 120;

const canSpeak = () => typeof speechSynthesis !== "undefined";

function say(text: string) {
  speechSynthesis.cancel();
  speechSynthesis.speak(new SpeechSynthesisUtterance(text.slice(0, LONGEST_TO_SAY)));
}

/** What is said when a line begins. */
export function prompt(line: Line): string {
  if (line.only_counted) return `${line.name}, ${weighed(line.count ?? 0)} pieces`;
  if (untilRight(line)) return `${line.name}, until ${line.until}`;
  if (line.target_g === 0) return line.name;
  const left = Math.max(0, line.target_g - line.poured_g);
  const grams = `${weighed(left)} grams`;
  return line.way === "out_of" ? `${grams} out of the ${line.name}` : `${line.name}, ${grams}`;
}

const TROUBLES: Partial<Record<LiveReading["state"], string>> = {
  over: "Too much",
  bowl_off: "The bowl is off the scale",
  overload: "Too heavy for this scale",
  placed_early: "Something is in the bowl already",
  less: "Less than before",
};

/** The next name and target spoken by the browser, when switched on; slips too. */
export function useVoice(line: Line | undefined, reading: LiveReading | null) {
  const [on, setOn] = useState(() => canSpeak() && localStorage.getItem(STORED) === "on");
  const id = line?.id;
  const text = line ? prompt(line) : "Every line is weighed";
  useEffect(() => {
    if (on) say(text);
    // The words of a line may change while it is poured: it is said once.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [on, id]);
  const trouble = reading?.steady ? TROUBLES[reading.state] : undefined;
  useEffect(() => {
    if (on && trouble) say(trouble);
  }, [on, trouble]);
  const toggle = useCallback(() => {
    setOn((was) => {
      localStorage.setItem(STORED, was ? "off" : "on");
      if (was) speechSynthesis.cancel();
      return !was;
    });
  }, []);
  return { on, toggle, possible: canSpeak() };
}
