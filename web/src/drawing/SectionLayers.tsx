import { hatch } from "./hatch";
import { amountText, type Measure, type PlacedLayer } from "./section";

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
  measure: Measure;
}) {
  const amount = amountText(layer.amount, measure);
  const room = Math.floor((width - 12) / (narrow ? 5.8 : 6.6));
  const left = room - amount.length - 1;
  const name =
    layer.name.length > left ? `${layer.name.slice(0, left - 1).trimEnd()}…` : layer.name;
  const text = left >= 4 ? `${name} ${amount}` : amount;
  const wide = Math.min(width - 4, text.length * (narrow ? 5.8 : 6.6) + 10);
  const y = layer.top + layer.height / 2;
  return (
    <g>
      <rect x={x + (width - wide) / 2} y={y - 9} width={wide} height={18} fill="var(--sheet)" />
      <text
        x={x + width / 2}
        y={y + 4}
        fontSize={narrow ? 11 : 12}
        textAnchor="middle"
        fill="var(--ink)"
      >
        {text}
      </text>
    </g>
  );
}
