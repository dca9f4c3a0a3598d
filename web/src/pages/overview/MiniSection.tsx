import type { Schemas } from "../../api/client";
import { figure } from "../../lib/format";
import { hatch } from "../../drawing/hatch";
import { byMaterial } from "../../drawing/section";

const LEFT = 62;
const WIDTH = 340;
const BAR = 22;

type Slice = Schemas["Slice"];

const total = (slices: readonly Slice[]) => slices.reduce((sum, slice) => sum + slice.kcal, 0);

const sorted = (slices: readonly Slice[] | undefined) =>
  [...(slices ?? [])].sort((a, b) => byMaterial(a, b) || b.kcal - a.kcal);

/** Original over rebuild as two cut bars on one kcal scale. */
export function MiniSection({ dish }: { dish: Schemas["DishCard"] }) {
  const original = sorted(dish.original);
  const rebuild = sorted(dish.rebuild);
  const most = Math.max(total(original), total(rebuild));
  if (most <= 0) return null;
  const scale = (WIDTH - LEFT - 34) / most;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${2 * BAR + 10}`} className="mt-3 block w-full" aria-hidden="true">
      <Bar name="original" slices={original} y={1} scale={scale} />
      <Bar name="ours" slices={rebuild} y={BAR + 8} scale={scale} />
    </svg>
  );
}

interface BarProps {
  name: string;
  slices: readonly Slice[];
  y: number;
  scale: number;
}

function Bar({ name, slices, y, scale }: BarProps) {
  const starts = slices.map((_, i) => LEFT + total(slices.slice(0, i)) * scale);
  const all = total(slices);
  return (
    <g fontSize="13" fill="var(--ink-soft)">
      <text x={0} y={y + 15}>
        {name}
      </text>
      {slices.map((slice, i) => (
        <rect
          key={starts[i]}
          x={starts[i]}
          y={y}
          width={slice.kcal * scale}
          height={BAR}
          fill={hatch(slice.material ?? null)}
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
