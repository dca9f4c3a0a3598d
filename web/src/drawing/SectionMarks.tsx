import type { Schemas } from "../api/client";
import { figure } from "../lib/format";
import {
  amountText,
  AXIS,
  LEADER,
  type SectionMeasure,
  type PlacedLabel,
  type PlacedLayer,
} from "./section";
import { clipped, inTwoLines, textWidth } from "./textWidth";

interface LinksProps {
  links: readonly Schemas["SwapLink"][];
  from: readonly PlacedLayer[];
  to: readonly PlacedLayer[];
  left: number;
  right: number;
  active: string | null;
}

/** What replaced what: a thin line from the layer of the original to the one that stands for it. */
export function Links({ links, from, to, left, right, active }: LinksProps) {
  const middle = (layer: PlacedLayer) => layer.top + layer.height / 2;
  return (
    <g fill="none" aria-hidden="true">
      {links.map((link) => {
        const one = from.find((layer) => layer.key === link.original);
        const other = to.find((layer) => layer.key === link.rebuild);
        if (!one || !other) return null;
        const on = active === link.original || active === link.rebuild;
        const bend = (right - left) / 2;
        return (
          <path
            key={link.original + link.rebuild}
            d={`M${left} ${middle(one)}C${left + bend} ${middle(one)} ${right - bend} ${middle(other)} ${right} ${middle(other)}`}
            stroke={on ? "var(--pencil)" : "var(--ink-soft)"}
            strokeWidth={on ? 2.2 : 0.9}
            strokeDasharray={on ? undefined : "4 3"}
          />
        );
      })}
    </g>
  );
}

export function Scale(p: {
  top: number;
  base: number;
  scale: number;
  step: number;
  most: number;
  width: number;
  measure: SectionMeasure;
}) {
  const marks: number[] = [];
  for (let mark = 0; mark <= p.most; mark += p.step) marks.push(mark);
  return (
    <g aria-hidden="true">
      {marks.map((mark) => {
        const y = p.base - mark * p.scale;
        return (
          <g key={mark}>
            <line x1={AXIS} x2={p.width} y1={y} y2={y} stroke="var(--rule)" strokeDasharray="1 3" />
            <text x={AXIS - 6} y={y + 4} textAnchor="end" fontSize="12" fill="var(--ink-soft)">
              {p.measure === "cost" ? mark.toFixed(2) : figure(mark, "kcal")}
            </text>
          </g>
        );
      })}
      <text x={AXIS - 6} y={p.top - 18} textAnchor="end" fontSize="12" fill="var(--ink-soft)">
        {p.measure === "kcal" ? "kcal" : p.measure === "cost" ? "" : "g"}
      </text>
    </g>
  );
}

export function Heading({ x, text, total }: { x: number; text: string; total: string }) {
  return (
    <text x={x} y={15} fontSize="13" fill="var(--ink)">
      <tspan fontWeight="700">{text}</tspan>
      <tspan x={x} dy="17" fill="var(--ink-soft)">
        {total}
      </tspan>
    </text>
  );
}

const SIZE = 12;

export function Leader({
  label,
  x,
  active,
  room,
  measure,
  twoLines,
}: {
  label: PlacedLabel;
  x: number;
  active: boolean;
  room: number;
  measure: SectionMeasure;
  twoLines: boolean;
}) {
  const { layer, y } = label;
  const middle = layer.top + layer.height / 2;
  const amount = amountText(layer.amount, measure);
  const balloon = textWidth(`${layer.balloon} `, SIZE);
  const spare = textWidth(` ${amount}`, SIZE, true);
  const lines = twoLines
    ? inTwoLines(layer.name, room - balloon, SIZE, spare)
    : [clipped(layer.name, room - balloon - spare, SIZE)];
  const first = y + 4 - (lines.length > 1 ? 6.5 : 0);
  return (
    <g fill="none">
      <path
        d={`M${x} ${middle}h6L${x + 18} ${y}h5`}
        stroke={active ? "var(--pencil)" : "var(--ink-soft)"}
        strokeWidth={active ? 1.6 : 0.8}
      />
      <text
        x={x + LEADER}
        y={first}
        fontSize={SIZE}
        fontWeight={active ? 700 : 400}
        fill={active ? "var(--pencil)" : "var(--ink)"}
      >
        <tspan fill="var(--ink-soft)">{layer.balloon}</tspan> {lines[0]}
        {lines[1] !== undefined && (
          <tspan x={x + LEADER + balloon} dy="13">
            {lines[1]}
          </tspan>
        )}{" "}
        <tspan fontWeight="700">{amount}</tspan>
      </text>
    </g>
  );
}

interface SavedProps {
  x: number;
  from: number;
  to: number;
  originalTop: number;
  rebuildTop: number;
  saved: number;
  measure: SectionMeasure;
}

/** The dimension between the two tops: what the rebuild takes out. */
export function Saved({ x, from, to, originalTop, rebuildTop, saved, measure }: SavedProps) {
  const [high, low] = [Math.min(originalTop, rebuildTop), Math.max(originalTop, rebuildTop)];
  if (low - high < 26) return null;
  const middle = (high + low) / 2;
  const wanted = measure === "protein_g" ? saved < 0 : saved > 0;
  const colour = measure === "grams" ? "var(--ink)" : wanted ? "var(--done)" : "var(--mark)";
  const [outer, inner] = originalTop < rebuildTop ? [from, to] : [to, from];
  return (
    <g stroke={colour} fill={colour} fontSize="13">
      <path d={`M${outer} ${high}H${x + 6}`} strokeDasharray="2 3" />
      <path d={`M${inner} ${low}H${x - 6}`} strokeDasharray="2 3" />
      <path d={`M${x} ${high + 1}V${middle - 20}M${x} ${middle + 20}V${low - 1}`} />
      <path d={`M${x} ${high}l-3.5 9h7zM${x} ${low}l-3.5 -9h7z`} stroke="none" />
      <rect x={x - 24} y={middle - 16} width="48" height="34" fill="var(--sheet)" stroke="none" />
      <text x={x} y={middle - 2} textAnchor="middle" fontWeight="700" stroke="none">
        {amountText(Math.abs(saved), measure)}
      </text>
      <text x={x} y={middle + 13} textAnchor="middle" fontSize="12" stroke="none">
        {saved > 0 ? "less" : "more"}
      </text>
    </g>
  );
}
