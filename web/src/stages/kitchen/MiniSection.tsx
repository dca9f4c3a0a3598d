import type { Schemas } from "../../api/client";
import { figure } from "../../lib/format";
import { hatch } from "../../drawing/hatch";
import { type Layer, layersOf, sectionOf, totalOf as total } from "../../drawing/section";

const LEFT = 62;
const WIDTH = 340;
const BAR = 22;

/** Original over rebuild as two cut bars on one kcal scale. */
export function MiniSection({ dish }: { dish: Schemas["DishCard"] }) {
  const section = sectionOf(
    { lines: dish.lines, serving: dish.serving, original: dish.original },
    dish.names,
    dish.original_column ?? null,
  );
  const original = layersOf(section.original);
  const rebuild = layersOf(section.rebuild);
  const most = Math.max(total(original), total(rebuild));
  if (most <= 0) return null;
  const scale = (WIDTH - LEFT - 34) / most;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${2 * BAR + 10}`} className="mt-3 block w-full" aria-hidden="true">
      <Bar name="original" layers={original} y={1} scale={scale} />
      <Bar name="ours" layers={rebuild} y={BAR + 8} scale={scale} />
    </svg>
  );
}

interface BarProps {
  name: string;
  layers: readonly Layer[];
  y: number;
  scale: number;
}

function Bar({ name, layers, y, scale }: BarProps) {
  const starts = layers.map((_, i) => LEFT + total(layers.slice(0, i)) * scale);
  const all = total(layers);
  return (
    <g fontSize="13" fill="var(--ink-soft)">
      <text x={0} y={y + 15}>
        {name}
      </text>
      {layers.map((layer, i) => (
        <rect
          key={layer.key}
          x={starts[i]}
          y={y}
          width={layer.amount * scale}
          height={BAR}
          fill={hatch(layer.material)}
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
      ))}
      <text x={LEFT + all * scale + 5} y={y + 15} fill="var(--ink)">
        {all > 0 ? figure(all, "kcal") : "?"}
      </text>
    </g>
  );
}
