import { useState } from "react";

import type { Schemas } from "../api/client";
import {
  amountText,
  AXIS,
  type Layer,
  LEADER,
  type SectionMeasure,
  niceStep,
  spread,
  stack,
  totalOf,
} from "./section";
import { Block, Inside } from "./SectionLayers";
import { Heading, Leader, Links, Saved, Scale } from "./SectionMarks";

/** From one label to the next: a line of text, on a narrow page two. */
const LABEL_GAP = 17;
const LABEL_GAP_NARROW = 29;

export interface SectionDrawing {
  title: string;
  /** What the left column is, where it is not the original. */
  theirs?: string;
  ours: string;
  section: Schemas["Section"];
  height?: number;
  selected?: string | null;
  onSelect?: (key: string) => void;
}

interface SectionProps extends SectionDrawing {
  original: readonly Layer[];
  rebuild: readonly Layer[];
  measure: SectionMeasure;
  unit: string;
  width: number;
}

/** The two columns with their scale, what replaced what, and the difference of their tops. */
export function SectionColumns(p: SectionProps) {
  const { title, ours, section, original, rebuild, measure, unit, height = 400, width } = p;
  const [pointed, setPointed] = useState<string | null>(null);
  const [theirs, mine] = [totalOf(original), totalOf(rebuild)];
  const most = Math.max(theirs, mine, measure === "cost" ? 0.01 : 1);
  const top = 44;
  const base = height - 10;
  const scale = (base - top) / most;
  const narrow = width < 460;
  // The original's names stand in its column, the rebuild's beside it.
  const left = narrow ? 84 : Math.min(150, width * 0.26);
  const right = narrow ? 50 : Math.min(110, width * 0.16);
  const leftX = AXIS + (narrow ? 4 : 12);
  const rightX = leftX + left + (narrow ? 46 : Math.max(58, width * 0.11));
  const placedOriginal = stack(original, base, scale);
  const placed = stack(rebuild, base, scale);
  const labels = spread(
    placed,
    narrow ? LABEL_GAP_NARROW : LABEL_GAP,
    top + 4,
    base - (narrow ? 14 : 6),
  );
  const active = pointed ?? p.selected ?? null;
  const linked = section.links.filter(
    (link) => link.rebuild === active || link.original === active,
  );
  return (
    <svg width={width} height={height} role="img" aria-label={title} className="block select-none">
      <Scale {...{ top, base, scale, most, width, measure }} step={niceStep(most)} />
      <Heading
        x={leftX}
        text={p.theirs ?? (narrow ? "Original" : "Original, one serving")}
        total={theirs > 0 ? `${amountText(theirs, measure)} ${unit}` : "no figures yet"}
      />
      <Heading x={rightX} text={ours} total={`${amountText(mine, measure)} ${unit}`} />
      <Links
        links={section.links}
        from={placedOriginal}
        to={placed}
        left={leftX + left}
        right={rightX}
        active={active}
      />
      {placedOriginal.map((layer) => (
        <g key={layer.key}>
          <Block
            layer={layer}
            x={leftX}
            width={left}
            active={layer.key === active || linked.some((link) => link.original === layer.key)}
            onPoint={setPointed}
          />
          {layer.height > 17 && (
            <Inside layer={layer} x={leftX} width={left} narrow={narrow} measure={measure} />
          )}
        </g>
      ))}
      {placed.map((layer) => (
        <Block
          key={layer.key}
          layer={layer}
          x={rightX}
          width={right}
          active={layer.key === active || linked.some((link) => link.rebuild === layer.key)}
          onPoint={setPointed}
          onSelect={p.onSelect}
        />
      ))}
      {labels.map((label) => (
        <Leader
          key={label.layer.key}
          label={label}
          x={rightX + right}
          active={label.layer.key === active}
          room={width - rightX - right - LEADER}
          measure={measure}
          twoLines={narrow}
        />
      ))}
      {theirs > 0 && mine > 0 && (
        <Saved
          x={(leftX + left + rightX) / 2}
          from={leftX + left}
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
