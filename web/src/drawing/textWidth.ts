const FONT = "Atkinson Hyperlegible Next Variable";
let pen: CanvasRenderingContext2D | null | undefined;

/** How wide a text is drawn, in px; an estimate where nothing can be drawn. */
export function textWidth(text: string, size: number, bold = false): number {
  pen ??=
    typeof document === "undefined" ? null : document.createElement("canvas").getContext("2d");
  if (!pen) return text.length * size * 0.55;
  pen.font = `${bold ? 700 : 400} ${size}px "${FONT}", sans-serif`;
  return pen.measureText(text).width;
}

/** As much of a text as fits, with an ellipsis where some of it does not. */
export function clipped(text: string, room: number, size: number): string {
  if (textWidth(text, size) <= room) return text;
  let end = text.length;
  while (end > 1 && textWidth(`${text.slice(0, end).trimEnd()}…`, size) > room) end -= 1;
  return `${text.slice(0, end).trimEnd()}…`;
}

/** A text in one or two lines of `room` px; the second is clipped, and leaves `spare` px at its end. */
export function inTwoLines(text: string, room: number, size: number, spare = 0): string[] {
  if (textWidth(text, size) <= room - spare) return [text];
  const words = text.split(" ");
  let first = words[0] ?? "";
  let used = 1;
  for (; used < words.length; used += 1) {
    const longer = `${first} ${words[used] ?? ""}`;
    if (textWidth(longer, size) > room) break;
    first = longer;
  }
  if (used === words.length && used > 1) {
    first = words.slice(0, -1).join(" ");
    used = words.length - 1;
  }
  const rest = words.slice(used).join(" ");
  if (rest === "") return [clipped(first, room - spare, size)];
  return [clipped(first, room, size), clipped(rest, room - spare, size)];
}
