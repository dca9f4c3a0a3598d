/** Trials to choose from: "Trial B: Without oil". */
export const trialOptions = (
  trials: readonly { id: number; letter: string; intent: string }[],
): { value: string; label: string }[] =>
  trials.map(({ id, letter, intent }) => ({
    value: String(id),
    label: `Trial ${letter}${intent ? `: ${intent}` : ""}`,
  }));
