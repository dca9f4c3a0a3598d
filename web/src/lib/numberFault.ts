import { couldBeTwo, parseNumber } from "./typedNumber";

/** No kitchen weighs a tonne. */
export const MOST = 1_000_000;

/** What is wrong with a typed number, in a sentence; undefined when nothing is. */
export function numberFault(text: string, optional: boolean, most = MOST): string | undefined {
  if (text.trim() === "") return optional ? undefined : "Type a number.";
  if (/^\s*[-\u2212]/.test(text)) return "This cannot be less than 0.";
  if (couldBeTwo(text)) {
    const typed = text.trim();
    return `“${typed}” could be ${typed.replace(",", "")} or ${typed.replace(",", ".")}: write one of them.`;
  }
  const value = parseNumber(text);
  if (value === null) return "Type a number, like 12, 0.5 or 1/2.";
  if (value > most) return "That’s a lot: check the amount and the unit.";
  return undefined;
}
