import { hatch } from "./hatch";
import { amountText, type SectionMeasure, type PlacedLayer } from "./section";
import { clipped, inTwoLines, textWidth } from "./textWidth";

/** A layer so high takes two lines of text. */
const TWO_LINES = 32;

interface BlockProps {
  layer: PlacedLayer;
  x: number;
  width: number;
  active?: boolean;
  onPoint?: (key: string | null) => void;
  onSelect?: ((where: string) => void) | undefined;
}

export function Block({ layer, x, width, active, onPoint, onSelect }: BlockProps) {
  return (
    <g
      onPointerEnter={() => onPoint?.(layer.key)}
      onPointerLeave={() => onPoint?.(null)}
      onClick={() => onSelect?.(layer.key)}
    >
      <rect
        x={x}
        y={layer.top}
        width={width}
        height={layer.height}
        fill={hatch(layer.material)}
        stroke="var(--sheet)"
        strokeWidth={layer.height > 4 ? 3 : 0}
      />
      <rect
        x={x}
        y={layer.top + (layer.height > 4 ? 0.75 : 0)}
        width={width}
        height={Math.max(0.8, layer.height - (layer.height > 4 ? 1.5 : 0))}
        fill="none"
        stroke={active ? "var(--pencil)" : "var(--ink)"}
        strokeWidth={active ? 2.5 : 1}
      />
    </g>
  );
}

export function Inside({
  layer,
  x,
  width,
  narrow,
  measure,
}: {
  layer: PlacedLayer;
  x: number;
  width: number;
  narrow: boolean;
  measure: SectionMeasure;
}) {
  const amount = amountText(layer.amount, measure);
  const size = narrow ? 11 : 12;
  const room = width - 12;
  const spare = textWidth(` ${amount}`, size);
  const named = inTwoLines(layer.name, room, size, spare);
  const lines =
    named.length === 2 && layer.height < TWO_LINES
      ? [clipped(layer.name, room - spare, size)]
      : named;
  const texts = lines.map((line, i) => (i === lines.length - 1 ? `${line} ${amount}` : line));
  const wide = Math.min(width - 4, Math.max(...texts.map((text) => textWidth(text, size))) + 8);
  const tall = 4 + 14 * texts.length;
  const y = layer.top + layer.height / 2;
  return (
    <g>
      <rect
        x={x + (width - wide) / 2}
        y={y - tall / 2}
        width={wide}
        height={tall}
        fill="var(--sheet)"
      />
      {texts.map((text, i) => (
        <text
          key={text}
          x={x + width / 2}
          y={y + 4 + 14 * (i - (texts.length - 1) / 2)}
          fontSize={size}
          textAnchor="middle"
          fill="var(--ink)"
        >
          {text}
        </text>
      ))}
    </g>
  );
}
