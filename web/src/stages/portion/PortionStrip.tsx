import type { BatchSheet } from "../../api/live";
import { Dimension } from "../../drawing/Dimension";
import { weighed } from "../../lib/format";
import { useWidth } from "../../lib/useWidth";

interface PortionStripProps {
  sheet: BatchSheet;
  current: number | null;
  onChoose: (piece: number) => void;
}

const DRAWN_AT_MOST = 48;

/** The batch drawn as cut pieces, one of them dimensioned; pressed, a piece is the one to fill. */
export function PortionStrip({ sheet, current, onChoose }: PortionStripProps) {
  const [ref, width] = useWidth<HTMLDivElement>(900);
  const count = Math.min(sheet.portions, DRAWN_AT_MOST);
  const columns = Math.max(1, Math.min(count, Math.floor(width / 76)));
  const cell = width / columns;
  const { to_divide_g: whole, target_each_g: each } = sheet;
  return (
    <section aria-label="Portions" className="mt-6">
      <div ref={ref} className="min-w-0 overflow-hidden">
        {whole != null && each != null && width > 0 && (
          <svg
            width={width}
            height={64}
            role="img"
            aria-label={`${weighed(whole)} g in ${sheet.portions} portions of ${weighed(each)} g`}
          >
            <Dimension x1={1} x2={width - 1} y={14} text={`${weighed(whole)} g`} size={15} />
            <Dimension
              x1={1}
              x2={Math.max(cell, 64)}
              y={52}
              text={weighed(each)}
              colour="var(--pencil)"
              size={14}
            />
          </svg>
        )}
      </div>
      <ol
        className="grid border-t border-l border-ink"
        style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}
      >
        {Array.from({ length: count }, (_, i) => i + 1).map((piece) => (
          <Piece
            key={piece}
            piece={piece}
            grams={sheet.pieces.find((portion) => portion.piece === piece)?.net_g}
            current={piece === current}
            onChoose={() => onChoose(piece)}
          />
        ))}
      </ol>
      {sheet.portions > count && (
        <p className="mt-1 text-sm text-soft">and {sheet.portions - count} more of the same</p>
      )}
    </section>
  );
}

interface PieceProps {
  piece: number;
  grams: number | undefined;
  current: boolean;
  onChoose: () => void;
}

function Piece({ piece, grams, current, onChoose }: PieceProps) {
  return (
    <li className="border-r border-b border-ink">
      <button
        type="button"
        aria-pressed={current}
        onClick={onChoose}
        className={`grid min-h-16 w-full place-items-center px-1 py-1 ${current ? "bg-ink text-sheet" : "hover:bg-wash"}`}
      >
        <span className="grid size-6 place-items-center rounded-full border border-current text-xs">
          {piece}
        </span>
        <span className="text-sm">{grams === undefined ? "–" : `${weighed(grams)} g`}</span>
      </button>
    </li>
  );
}
