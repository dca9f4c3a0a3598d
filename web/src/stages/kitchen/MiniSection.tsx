import type { Schemas } from "../../api/client";
import { hatch } from "../../drawing/hatch";
import { layersOfLines, layersOfOriginal, type Layer } from "../../drawing/section";

const WIDTH = 300;
const BAR = 22;

/** Original over rebuild as two cut bars on one kcal scale. */
export function MiniSection({ dish }: { dish: Schemas["DishCard"] }) {
  const original = layersOfOriginal(dish.original);
  const rebuild = layersOfLines(dish.lines, dish.names);
  const total = (layers: readonly Layer[]) => layers.reduce((sum, layer) => sum + layer.kcal, 0);
  const most = Math.max(total(original), total(rebuild));
  if (most <= 0) return null;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${2 * BAR + 10}`}
      className="mt-3 block w-full"
      role="img"
      aria-label={`Original ${Math.round(total(original))} kcal, rebuild ${Math.round(total(rebuild))} kcal`}
    >
      <Bar layers={original} y={1} scale={(WIDTH - 2) / most} />
      <Bar layers={rebuild} y={BAR + 8} scale={(WIDTH - 2) / most} />
    </svg>
  );
}

function Bar({ layers, y, scale }: { layers: readonly Layer[]; y: number; scale: number }) {
  const starts = layers.map((_, i) =>
    layers.slice(0, i).reduce((sum, layer) => sum + layer.kcal * scale, 1),
  );
  return layers.map((layer, i) => (
    <rect
      key={layer.key}
      x={starts[i]}
      y={y}
      width={layer.kcal * scale}
      height={BAR}
      fill={hatch(layer.material)}
      stroke="var(--ink)"
      strokeWidth="0.8"
    />
  ));
}
