import { useState } from "react";

import type { Schemas } from "../../api/client";
import type { BatchSheet } from "../../api/live";
import { Dimension } from "../../drawing/Dimension";
import { known, valueText } from "../../lib/figures";
import { fixed, weighed } from "../../lib/format";
import { useWidth } from "../../lib/useWidth";

interface PanProps {
  cut: Schemas["PanCut"] | null;
  pieces: Schemas["CutPieces"];
  sheet: BatchSheet;
  piece: Schemas["Portion"] | null;
  current: number | null;
  onChoose: (piece: number) => void;
}

const MOST_HIGH = 300;
const MOST_WIDE = 560;

/** The pan drawn as it is cut, one piece dimensioned in cm and inches, with what a piece holds. */
export function Pan({ cut, pieces, sheet, piece, current, onChoose }: PanProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  if (!cut) return null;
  const kcal = known(piece?.kcal);
  return (
    <section aria-label="The pan" className="mt-6 flex flex-wrap items-start gap-x-8 gap-y-3">
      <div ref={ref} className="w-full max-w-[560px] min-w-0">
        {cut.wedges != null ? (
          <Wedges count={cut.wedges} size={Math.min(width, MOST_HIGH)} pieces={pieces} />
        ) : (
          <Grid
            cut={cut}
            pieces={pieces}
            width={Math.min(width, MOST_WIDE)}
            sheet={sheet}
            current={current}
            onChoose={onChoose}
          />
        )}
      </div>
      <dl className="grid grid-cols-[auto_auto] content-start gap-x-4 gap-y-1">
        <dt className="text-soft">pieces</dt>
        <dd className="font-bold">{pieces.pieces}</dd>
        {kcal && (
          <>
            <dt className="text-soft">each</dt>
            <dd className="font-bold">
              {valueText(kcal, "kcal")} kcal
              {piece?.grams != null && ` · ${weighed(piece.grams)} g`}
            </dd>
          </>
        )}
        <dt className="text-soft">size</dt>
        <dd>{sizeText(pieces, cut.wedges != null)}</dd>
        {cut.wedges == null && (
          <>
            <dt className="text-soft">where</dt>
            <dd>
              {pieces.places.corner} corners, {pieces.places.edge} edges, {pieces.places.middle}{" "}
              middles
              <span className="block text-sm text-soft">
                corners are crisp, middles stay soft; they weigh about the same
              </span>
            </dd>
          </>
        )}
      </dl>
    </section>
  );
}

function sizeText(p: Schemas["CutPieces"], wedge: boolean): string {
  if (p.across_cm == null || p.along_cm == null) return "measure the pan to know";
  const cm = `${fixed(p.across_cm, 1)} × ${fixed(p.along_cm, 1)} cm`;
  const inches = `${fixed(p.across_in ?? 0, 1)} × ${fixed(p.along_in ?? 0, 1)} in`;
  return wedge ? `${cm}, arc × side (${inches})` : `${cm} (${inches})`;
}

interface GridProps {
  cut: Schemas["PanCut"];
  pieces: Schemas["CutPieces"];
  width: number;
  sheet: BatchSheet;
  current: number | null;
  onChoose: (piece: number) => void;
}

function Grid({ cut, pieces, width, sheet, current, onChoose }: GridProps) {
  const [rows, columns] = [cut.rows ?? 1, cut.columns ?? 1];
  const ratio = (cut.length_cm ?? rows) / (cut.width_cm ?? columns);
  const room = width - 60;
  const wide = Math.min(room, MOST_HIGH / ratio);
  const high = wide * ratio;
  const [w, h] = [wide / columns, high / rows];
  const [focused, setFocused] = useState<number>();
  const [held, setHeld] = useState(false);
  // One stop for Tab, arrows from piece to piece: a pan may have hundreds.
  const reached = Math.min(focused ?? current ?? 1, rows * columns);
  const arrows: Record<string, number | undefined> = {
    ArrowRight: 1,
    ArrowLeft: -1,
    ArrowDown: columns,
    ArrowUp: -columns,
  };
  const label = Math.min(38, w - 8);
  const filled = new Map(sheet.pieces.map((piece) => [piece.piece, piece.net_g]));
  const across = pieces.across_cm == null ? "" : `${fixed(pieces.across_cm, 1)} cm`;
  const along = pieces.along_cm == null ? "" : `${fixed(pieces.along_cm, 1)} cm`;
  return (
    <svg
      width={width}
      height={high + 44}
      role="group"
      aria-label={`Pan cut ${rows} × ${columns}`}
      className="block"
    >
      {across && <Dimension x1={1} x2={w} y={22} text={across} size={12} />}
      <g transform="translate(0 36)">
        {Array.from({ length: rows * columns }, (_, i) => {
          const [row, column] = [Math.floor(i / columns), i % columns];
          const place = placeOf(row, column, rows, columns);
          const number = i + 1;
          const grams = filled.get(number);
          return (
            <g
              key={number}
              role="button"
              tabIndex={number === reached ? 0 : -1}
              data-piece={number}
              aria-label={`Piece ${number}, ${place}${grams == null ? "" : `, ${weighed(grams)} g`}`}
              aria-pressed={number === current}
              className="cursor-pointer outline-none"
              onClick={() => onChoose(number)}
              onFocus={(event) => {
                setFocused(number);
                setHeld(event.currentTarget.matches(":focus-visible"));
              }}
              onBlur={() => setHeld(false)}
              onKeyDown={(event) => {
                if (event.key === "Enter") onChoose(number);
                const next = number + (arrows[event.key] ?? 0);
                if (next === number || next < 1 || next > rows * columns) return;
                event.preventDefault();
                const pan = event.currentTarget.parentElement;
                pan?.querySelector<SVGGElement>(`[data-piece="${next}"]`)?.focus();
              }}
            >
              <rect
                x={column * w + 1}
                y={row * h}
                width={w}
                height={h}
                fill={number === current ? "var(--wash)" : FILLS[place]}
                stroke="var(--ink)"
                strokeWidth={number === current ? 3 : 1}
              />
              {w > 30 && h > 20 && (
                <>
                  <rect
                    x={column * w + w / 2 - label / 2 + 1}
                    y={row * h + h / 2 - 11}
                    width={label}
                    height={22}
                    fill="var(--sheet)"
                  />
                  <text
                    x={column * w + w / 2 + 1}
                    y={row * h + h / 2 + 5}
                    fontSize="13"
                    fontWeight="700"
                    textAnchor="middle"
                    fill="var(--ink)"
                  >
                    {grams == null ? number : weighed(grams)}
                  </text>
                </>
              )}
            </g>
          );
        })}
        {held && (
          <rect
            x={((reached - 1) % columns) * w + 1}
            y={Math.floor((reached - 1) / columns) * h}
            width={w}
            height={h}
            fill="none"
            stroke="var(--pencil)"
            strokeWidth={3}
            pointerEvents="none"
          />
        )}
        {along && (
          <g transform={`translate(${wide + 16} 0) rotate(90)`}>
            <Dimension x1={0} x2={h} y={-6} text={along} size={12} />
          </g>
        )}
      </g>
    </svg>
  );
}

type PiecePlace = "corner" | "edge" | "middle";
const FILLS: Record<PiecePlace, string> = {
  corner: "url(#hatch-fat)",
  edge: "url(#hatch-carbohydrate)",
  middle: "var(--sheet)",
};

function placeOf(row: number, column: number, rows: number, columns: number): PiecePlace {
  const topOrBottom = row === 0 || row === rows - 1;
  const side = column === 0 || column === columns - 1;
  if (topOrBottom && side) return "corner";
  return topOrBottom || side ? "edge" : "middle";
}

function Wedges({
  count,
  size,
  pieces,
}: {
  count: number;
  size: number;
  pieces: Schemas["CutPieces"];
}) {
  const r = size / 2 - 4;
  const point = (i: number) => {
    const angle = (2 * Math.PI * i) / count - Math.PI / 2;
    return `${size / 2 + r * Math.cos(angle)} ${size / 2 + r * Math.sin(angle)}`;
  };
  const first = `M${size / 2} ${size / 2}L${point(0)}A${r} ${r} 0 0 1 ${point(1)}Z`;
  return (
    <svg width={size} height={size + 24} role="img" aria-label={`Round pan in ${count} wedges`}>
      <circle cx={size / 2} cy={size / 2} r={r} fill="none" stroke="var(--ink)" />
      {count > 1 && <path d={first} fill="url(#hatch-carbohydrate)" stroke="var(--ink)" />}
      {count > 1 &&
        Array.from({ length: count }, (_, i) => (
          <path key={i} d={`M${size / 2} ${size / 2}L${point(i)}`} stroke="var(--ink)" />
        ))}
      {pieces.along_cm != null && (
        <Dimension
          x1={4}
          x2={size - 4}
          y={size + 14}
          text={`${fixed(pieces.along_cm * 2, 1)} cm`}
          size={12}
        />
      )}
    </svg>
  );
}
