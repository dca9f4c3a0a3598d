/** Numbers typed by hand: points and commas, thousands set apart, fractions. */

const SPACED = /^(\d{1,3}(?: \d{3})+)([.,]\d+)?$/;
const POINT_GROUPS = /^(\d{1,3}(?:\.\d{3})+),(\d+)$/;
const COMMA_GROUPS = /^(?:\d{1,3}(?:,\d{3})+\.\d+|\d{1,3}(?:,\d{3}){2,})$/;
const BOTH_WAYS = /^[1-9]\d{0,2},\d{3}$/;
const FRACTION = /^(?:(\d+) )?(\d+)\/(\d+)$/;
const PLAIN = /^(?:\d*[.,]?\d+|\d+[.,])$/;

/** "12.5", "0,5", "1/2", "1 1/2", "1,234.5", "1 200"; null when it is none, or could be two. */
export function parseNumber(text: string): number | null {
  const typed = text.trim().replace(/\s+/g, " ");
  const fraction = FRACTION.exec(typed);
  if (fraction) {
    const value = Number(fraction[1] ?? 0) + Number(fraction[2]) / Number(fraction[3]);
    return Number.isFinite(value) ? value : null;
  }
  const spaced = SPACED.exec(typed);
  if (spaced) return toNumber((spaced[1] ?? "").replaceAll(" ", "") + (spaced[2] ?? ""));
  const groups = POINT_GROUPS.exec(typed);
  if (groups) return toNumber(`${(groups[1] ?? "").replaceAll(".", "")}.${groups[2] ?? ""}`);
  if (COMMA_GROUPS.test(typed)) return toNumber(typed.replaceAll(",", ""));
  return PLAIN.test(typed) && !couldBeTwo(typed) ? toNumber(typed) : null;
}

/** "1,200" is 1200 in one country and 1.2 in another. */
export function couldBeTwo(text: string): boolean {
  return BOTH_WAYS.test(text.trim());
}

function toNumber(digits: string): number | null {
  const value = Number(digits.replace(",", "."));
  return Number.isFinite(value) ? value : null;
}
