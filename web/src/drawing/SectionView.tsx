import { useState } from "react";

import type { Schemas } from "../api/client";
import { useSettings } from "../api/queries";
import { figure } from "../lib/format";
import { useWidth } from "../lib/useWidth";
import { Toggle } from "../ui/Toggle";
import { HatchKey } from "./Hatches";
import { hatch } from "./hatch";
import {
  type Layer,
  layersOf,
  type Measure,
  niceStep,
  type PlacedLabel,
  type PlacedLayer,
  spread,
  stack,
  totalOf,
} from "./section";
import { SectionTable } from "./SectionTable";

interface SectionViewProps {
  title: string;
  ours: string;
  section: Schemas["Section"];
  height?: number;
  selected?: string | null;
  onSelect?: (key: string) => void;
  /** Switches for what a layer is thick by, and for equal weight. */
  switches?: boolean;
  /** Something is tried and not yet done. */
  trying?: boolean;
}

const AXIS = 40;
const LABEL_GAP = 17;

const MEASURES: readonly { key: Measure; name: string; unit: string }[] = [
  { key: "kcal", name: "kcal", unit: "kcal" },
  { key: "protein_g", name: "protein", unit: "g protein" },
  { key: "grams", name: "weight", unit: "g" },
  { key: "cost", name: "cost", unit: "" },
];

/** An amount of a measure, as it is printed on a layer. */
function amountText(amount: number, measure: Measure): string {
  if (measure === "cost") return amount.toFixed(2);
  return figure(amount, measure === "kcal" ? "kcal" : "g");
}

/** Original and rebuild cut open side by side on one scale. */
export function SectionView(props: SectionViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const [measure, setMeasure] = useState<Measure>("kcal");
  const [equal, setEqual] = useState(false);
  const { data: settings } = useSettings();
  const { section } = props;
  const atEqual = section.rebuild_at_equal_weight;
  const ours = equal && atEqual ? atEqual : section.rebuild;
  const kcal = totalOf(layersOf(section.original)) + totalOf(layersOf(section.rebuild));
  if (kcal === 0) {
    return (
      <p className="border border-dashed border-soft p-6 text-soft">
        Nothing to cut open yet. The original and this trial stand here side by side, layer by
        layer, as soon as the original has its figures or the build a line.
      </p>
    );
  }
  const named = MEASURES.find((one) => one.key === measure);
  const unit = measure === "cost" ? (settings?.currency ?? "") : (named?.unit ?? "");
  return (
    <figure
      className={`m-0 ${props.trying ? "outline-2 outline-offset-4 outline-pencil outline-dashed" : ""}`}
    >
      {props.switches && (
        <div className="mb-1 flex flex-wrap gap-x-3 gap-y-1 print:hidden">
          <div role="group" aria-label="Layers by" className="flex">
            {MEASURES.map((one) => (
              <Toggle
                key={one.key}
                small
                on={measure === one.key}
                onChoose={() => setMeasure(one.key)}
              >
                {one.name}
              </Toggle>
            ))}
          </div>
          {atEqual && (
            <div role="group" aria-label="Compared" className="flex">
              <Toggle small on={!equal} onChoose={() => setEqual(false)}>
                per serving
              </Toggle>
              <Toggle small on={equal} onChoose={() => setEqual(true)}>
                at {figure(atEqual.grams ?? 0, "g")} g
              </Toggle>
            </div>
          )}
        </div>
      )}
      <div ref={ref} className="min-w-0 overflow-hidden">
        {width > 0 && (
          <Section
            {...props}
            original={layersOf(section.original, measure)}
            rebuild={layersOf(ours, measure)}
            measure={measure}
            unit={unit}
            width={width}
          />
        )}
      </div>
      <figcaption className="mt-1">
        <HatchKey />
        <SectionTable original={section.original ?? null} rebuild={ours} />
      </figcaption>
    </figure>
  );
}

interface SectionProps extends SectionViewProps {
  original: readonly Layer[];
  rebuild: readonly Layer[];
  measure: Measure;
  unit: string;
  width: number;
}

function Section(p: SectionProps) {
  const { title, ours, section, original, rebuild, measure, unit, height = 400, width } = p;
  const [pointed, setPointed] = useState<string | null>(null);
  const [theirs, mine] = [totalOf(original), totalOf(rebuild)];
  const most = Math.max(theirs, mine, measure === "cost" ? 0.01 : 1);
  const top = 44;
  const base = height - 10;
  const scale = (base - top) / most;
  const narrow = width < 460;
  const column = narrow ? 72 : Math.min(128, width * 0.2);
  const leftX = AXIS + (narrow ? 4 : 12);
  const rightX = leftX + column + (narrow ? 46 : Math.max(64, width * 0.12));
  const placedOriginal = stack(original, base, scale);
  const placed = stack(rebuild, base, scale);
  const labels = spread(placed, LABEL_GAP, top + 4, base - 6);
  const active = pointed ?? p.selected ?? null;
  const linked = section.links.filter((one) => one.rebuild === active || one.original === active);
  return (
    <svg width={width} height={height} role="img" aria-label={title} className="block select-none">
      <Scale {...{ top, base, scale, most, width, measure }} step={niceStep(most)} />
      <Heading
        x={leftX}
        text={narrow ? "Original" : "Original, one serving"}
        total={theirs > 0 ? `${amountText(theirs, measure)} ${unit}` : "no figures yet"}
      />
      <Heading x={rightX} text={ours} total={`${amountText(mine, measure)} ${unit}`} />
      <Links
        links={section.links}
        from={placedOriginal}
        to={placed}
        left={leftX + column}
        right={rightX}
        active={active}
      />
      {placedOriginal.map((layer) => (
        <g key={layer.key}>
          <Block
            layer={layer}
            x={leftX}
            width={column}
            active={layer.key === active || linked.some((one) => one.original === layer.key)}
            onPoint={setPointed}
          />
          {layer.height > 17 && (
            <Inside layer={layer} x={leftX} width={column} narrow={narrow} measure={measure} />
          )}
        </g>
      ))}
      {placed.map((layer) => (
        <Block
          key={layer.key}
          layer={layer}
          x={rightX}
          width={column}
          active={layer.key === active || linked.some((one) => one.rebuild === layer.key)}
          onPoint={setPointed}
          onSelect={p.onSelect}
        />
      ))}
      {labels.map((label) => (
        <Leader
          key={label.layer.key}
          label={label}
          x={rightX + column}
          active={label.layer.key === active}
          room={width - rightX - column - 27}
          measure={measure}
        />
      ))}
      {theirs > 0 && mine > 0 && (
        <Saved
          x={(leftX + column + rightX) / 2}
          from={leftX + column}
          to={rightX}
          originalTop={base - theirs * scale}
          rebuildTop={base - mine * scale}
          saved={theirs - mine}
          measure={measure}
        />
      )}
      <line x1={AXIS} x2={width} y1={base} y2={base} stroke="var(--ink)" strokeWidth="1.5" />
    </svg>
  );
}

interface LinksProps {
  links: readonly Schemas["SwapLink"][];
  from: readonly PlacedLayer[];
  to: readonly PlacedLayer[];
  left: number;
  right: number;
  active: string | null;
}

/** What replaced what: a thin line from the layer of the original to the one that stands for it. */
function Links({ links, from, to, left, right, active }: LinksProps) {
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

function Scale(p: {
  top: number;
  base: number;
  scale: number;
  step: number;
  most: number;
  width: number;
  measure: Measure;
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

function Heading({ x, text, total }: { x: number; text: string; total: string }) {
  return (
    <text x={x} y={15} fontSize="13" fill="var(--ink)">
      <tspan fontWeight="700">{text}</tspan>
      <tspan x={x} dy="17" fill="var(--ink-soft)">
        {total}
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

function Leader({
  label,
  x,
  active,
  room,
  measure,
}: {
  label: PlacedLabel;
  x: number;
  active: boolean;
  room: number;
  measure: Measure;
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
        <tspan fontWeight="700">{amountText(layer.amount, measure)}</tspan>
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
  measure: Measure;
}

/** The dimension between the two tops: what the rebuild takes out. */
function Saved({ x, from, to, originalTop, rebuildTop, saved, measure }: SavedProps) {
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
