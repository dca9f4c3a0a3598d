import { useState } from "react";

import type { Schemas } from "../api/client";
import { figure } from "../lib/format";
import { useWidth } from "../lib/useWidth";
import { HatchKey } from "./Hatches";
import { hatch } from "./hatch";
import {
  layersOfLines,
  layersOfOriginal,
  niceStep,
  type PlacedLabel,
  type PlacedLayer,
  spread,
  stack,
} from "./section";

interface SectionViewProps {
  title: string;
  ours: string;
  result: Pick<Schemas["Result"], "lines" | "serving" | "original">;
  names: readonly string[];
  height?: number;
  selected?: string | null;
  onSelect?: (where: string) => void;
}

const AXIS = 40;
const LABEL_GAP = 17;

/** Original and rebuild cut open side by side on one kcal scale. */
export function SectionView(props: SectionViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const { original, lines } = props.result;
  if (!original?.kcal && lines.every((line) => !line.kcal)) {
    return (
      <p className="border border-dashed border-soft p-6 text-soft">
        Nothing to cut open yet. The original and this trial stand here side by side, layer by
        layer, as soon as the original has its figures or the build a line.
      </p>
    );
  }
  return (
    <figure className="m-0">
      <div ref={ref} className="min-w-0 overflow-hidden">
        {width > 0 && <Section {...props} width={width} />}
      </div>
      <figcaption className="mt-1">
        <HatchKey />
        <SectionTable {...props} />
      </figcaption>
    </figure>
  );
}

function Section({
  title,
  ours,
  result,
  names,
  height = 400,
  selected,
  onSelect,
  width,
}: SectionViewProps & { width: number }) {
  const [pointed, setPointed] = useState<string | null>(null);
  const original = layersOfOriginal(result.original);
  const rebuild = layersOfLines(result.lines, names);
  const originalKcal = original.reduce((sum, layer) => sum + layer.kcal, 0);
  const rebuildKcal = rebuild.reduce((sum, layer) => sum + layer.kcal, 0);
  const most = Math.max(originalKcal, rebuildKcal, 1);
  const top = 44;
  const base = height - 10;
  const scale = (base - top) / most;
  const step = niceStep(most);
  const narrow = width < 460;
  const column = narrow ? 72 : Math.min(128, width * 0.19);
  const leftX = AXIS + (narrow ? 4 : 12);
  const rightX = leftX + column + (narrow ? 46 : Math.max(64, width * 0.11));
  const placedOriginal = stack(original, base, scale);
  const placed = stack(rebuild, base, scale);
  const labels = spread(placed, LABEL_GAP, top + 4, base - 6);
  const active = pointed ?? selected ?? null;
  return (
    <svg width={width} height={height} role="img" aria-label={title} className="block select-none">
      <Scale top={top} base={base} scale={scale} step={step} most={most} width={width} />
      <Heading
        x={leftX}
        text={narrow ? "Original" : "Original, one serving"}
        total={originalKcal}
      />
      <Heading x={rightX} text={ours} total={rebuildKcal} />
      {placedOriginal.map((layer) => (
        <g key={layer.key}>
          <Block layer={layer} x={leftX} width={column} />
          {layer.height > 20 && <Inside layer={layer} x={leftX} width={column} narrow={narrow} />}
        </g>
      ))}
      {placed.map((layer) => (
        <Block
          key={layer.key}
          layer={layer}
          x={rightX}
          width={column}
          active={layer.key === active}
          onPoint={setPointed}
          onSelect={onSelect}
        />
      ))}
      {labels.map((label) => (
        <Leader
          key={label.layer.key}
          label={label}
          x={rightX + column}
          active={label.layer.key === active}
          room={width - rightX - column - 27}
        />
      ))}
      {originalKcal > 0 && rebuildKcal > 0 && (
        <Saved
          x={(leftX + column + rightX) / 2}
          from={leftX + column}
          to={rightX}
          originalTop={base - originalKcal * scale}
          rebuildTop={base - rebuildKcal * scale}
          saved={originalKcal - rebuildKcal}
        />
      )}
      <line x1={AXIS} x2={width} y1={base} y2={base} stroke="var(--ink)" strokeWidth="1.5" />
    </svg>
  );
}

function Scale(p: {
  top: number;
  base: number;
  scale: number;
  step: number;
  most: number;
  width: number;
}) {
  const marks: number[] = [];
  for (let kcal = 0; kcal <= p.most; kcal += p.step) marks.push(kcal);
  return (
    <g aria-hidden="true">
      {marks.map((kcal) => {
        const y = p.base - kcal * p.scale;
        return (
          <g key={kcal}>
            <line x1={AXIS} x2={p.width} y1={y} y2={y} stroke="var(--rule)" strokeDasharray="1 3" />
            <text x={AXIS - 6} y={y + 4} textAnchor="end" fontSize="12" fill="var(--ink-soft)">
              {figure(kcal, "kcal")}
            </text>
          </g>
        );
      })}
      <text x={AXIS - 6} y={p.top - 18} textAnchor="end" fontSize="12" fill="var(--ink-soft)">
        kcal
      </text>
    </g>
  );
}

function Heading({ x, text, total }: { x: number; text: string; total: number }) {
  return (
    <text x={x} y={15} fontSize="13" fill="var(--ink)">
      <tspan fontWeight="700">{text}</tspan>
      <tspan x={x} dy="17" fill="var(--ink-soft)">
        {total > 0 ? `${figure(total, "kcal")} kcal` : "no figures yet"}
      </tspan>
    </text>
  );
}

interface BlockProps {
  layer: PlacedLayer;
  x: number;
  width: number;
  active?: boolean;
  onPoint?: (key: string | null) => void;
  onSelect?: ((where: string) => void) | undefined;
}

function Block({ layer, x, width, active, onPoint, onSelect }: BlockProps) {
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

function Inside({
  layer,
  x,
  width,
  narrow,
}: {
  layer: PlacedLayer;
  x: number;
  width: number;
  narrow: boolean;
}) {
  const full = `${layer.name} ${figure(layer.kcal, "kcal")}`;
  const text = full.length * 6.6 + 8 <= width ? full : layer.name;
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

function Leader({
  label,
  x,
  active,
  room,
}: {
  label: PlacedLabel;
  x: number;
  active: boolean;
  room: number;
}) {
  const { layer, y } = label;
  const middle = layer.top + layer.height / 2;
  const most = Math.max(4, Math.floor((room - 40) / 6));
  const name = layer.name.length > most ? `${layer.name.slice(0, most - 1)}…` : layer.name;
  return (
    <g fill="none">
      <path
        d={`M${x} ${middle}h6L${x + 18} ${y}h5`}
        stroke={active ? "var(--pencil)" : "var(--ink-soft)"}
        strokeWidth={active ? 1.6 : 0.8}
      />
      <text
        x={x + 27}
        y={y + 4}
        fontSize="12"
        fontWeight={active ? 700 : 400}
        fill={active ? "var(--pencil)" : "var(--ink)"}
      >
        <tspan fill="var(--ink-soft)">{layer.balloon}</tspan> {name}{" "}
        <tspan fontWeight="700">{figure(layer.kcal, "kcal")}</tspan>
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
}

/** The dimension between the two tops: what the rebuild takes out. */
function Saved({ x, from, to, originalTop, rebuildTop, saved }: SavedProps) {
  const [high, low] = [Math.min(originalTop, rebuildTop), Math.max(originalTop, rebuildTop)];
  if (low - high < 26) return null;
  const middle = (high + low) / 2;
  const colour = saved > 0 ? "var(--done)" : "var(--mark)";
  const [outer, inner] = originalTop < rebuildTop ? [from, to] : [to, from];
  return (
    <g stroke={colour} fill={colour} fontSize="13">
      <path d={`M${outer} ${high}H${x + 6}`} strokeDasharray="2 3" />
      <path d={`M${inner} ${low}H${x - 6}`} strokeDasharray="2 3" />
      <path d={`M${x} ${high + 1}V${middle - 20}M${x} ${middle + 20}V${low - 1}`} />
      <path d={`M${x} ${high}l-3.5 9h7zM${x} ${low}l-3.5 -9h7z`} stroke="none" />
      <text x={x} y={middle - 2} textAnchor="middle" fontWeight="700" stroke="none">
        {figure(Math.abs(saved), "kcal")}
      </text>
      <text x={x} y={middle + 13} textAnchor="middle" fontSize="12" stroke="none">
        {saved > 0 ? "less" : "more"}
      </text>
    </g>
  );
}

const COLUMNS = [
  ["kcal", "kcal"],
  ["protein_g", "g"],
  ["carbohydrate_g", "g"],
  ["fat_g", "g"],
] as const;

/** The same numbers as text. */
function SectionTable({ result, names }: SectionViewProps) {
  return (
    <details className="mt-2 text-sm">
      <summary className="w-fit cursor-pointer text-pencil underline-offset-2 hover:underline">
        The drawing as a table
      </summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Lines of one serving">
        <table className="mt-2 w-full border-collapse text-left">
          <thead className="text-soft">
            <tr>
              <th className="py-1 pr-3 font-normal">line</th>
              <th className="px-3 text-right font-normal">g</th>
              <th className="px-3 text-right font-normal">kcal</th>
              <th className="px-3 text-right font-normal">protein g</th>
              <th className="px-3 text-right font-normal">carbohydrate g</th>
              <th className="px-3 text-right font-normal">fat g</th>
              <th className="pl-3 font-normal">mostly</th>
            </tr>
          </thead>
          <tbody>
            {result.lines.map((line, i) => (
              <tr key={line.where} className="border-t border-rule">
                <td className="py-1 pr-3">{names[i]}</td>
                <td className="px-3 text-right">{figure(line.grams, "g")}</td>
                {COLUMNS.map(([key, unit]) => (
                  <td key={key} className="px-3 text-right">
                    {line[key] == null ? "?" : figure(line[key], unit)}
                  </td>
                ))}
                <td className="pl-3">{line.material ?? "nothing"}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
