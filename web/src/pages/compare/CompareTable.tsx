import { useState } from "react";
import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { Deviation } from "../../drawing/Tolerance";
import { type AnyFigure, known, type Known, unknownText, valueText } from "../../lib/figures";
import { fixed, weighed } from "../../lib/format";
import { Toggle } from "../../ui/Toggle";
import { type NutrientRow, rowsFor } from "../../lib/nutrients";

type ComparedLabel = Schemas["ComparedLabel"];
type Base = keyof Schemas["LabelComparison"];

const BASES: readonly { base: Base; name: string }[] = [
  { base: "per_100g", name: "per 100 g" },
  { base: "per_100kcal", name: "per 100 kcal" },
  { base: "per_30g_protein", name: "per 30 g protein" },
  { base: "per_price", name: "per price" },
];

interface CompareTableProps {
  labels: readonly ComparedLabel[];
  currency: string;
  onRemove: (id: number) => void;
}

/** Nutrients down, packages across, on one of four bases. */
export function CompareTable({ labels, currency, onRemove }: CompareTableProps) {
  const [base, setBase] = useState<Base>("per_100g");
  const name = (one: (typeof BASES)[number]) =>
    one.base === "per_price" ? `per 1 ${currency}` : one.name;
  return (
    <>
      <div role="tablist" aria-label="Compared" className="mb-3 flex flex-wrap gap-2">
        {BASES.map((basis) => (
          <Toggle
            tab
            key={basis.base}
            on={basis.base === base}
            onChoose={() => setBase(basis.base)}
          >
            {name(basis)}
          </Toggle>
        ))}
      </div>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Comparison">
        <table
          className="w-full border-collapse"
          style={{ maxWidth: `${10 + 17 * labels.length}rem` }}
        >
          <thead>
            <tr className="border-b-2 border-ink align-bottom">
              <td className="w-36 max-sm:w-20" />
              {labels.map((label) => (
                <PackageHead key={label.shelf_label.id} one={label} onRemove={onRemove} />
              ))}
            </tr>
          </thead>
          <tbody>
            {base !== "per_100g" && (
              <PlainRow
                title="that is"
                labels={labels}
                text={(column) => {
                  const grams = column.compared[base]?.grams;
                  return grams == null ? unknownWhy(column, base) : `${weighed(grams)} g`;
                }}
              />
            )}
            <PlainRow
              title="costs"
              labels={labels}
              text={(column) => {
                const price = column.compared[base]?.price;
                return price == null ? "no price" : `${fixed(price, 2)} ${currency}`;
              }}
            />
            {rowsFor(labels.map((label) => label.compared[base]?.figures)).map((row) => (
              <FigureRow key={row.key} row={row} labels={labels} base={base} />
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}

function unknownWhy({ shelf_label: { label } }: ComparedLabel, base: Base): string {
  if (base === "per_price") return "no price or pack weight";
  return label.basis_g == null ? "not weighed yet" : "unknown";
}

function PackageHead({ one, onRemove }: { one: ComparedLabel; onRemove: (id: number) => void }) {
  const name = one.shelf_label.label.name ?? "";
  return (
    <th className="min-w-30 px-2 pb-2 text-left font-normal max-sm:px-1">
      <span className="flex items-start justify-between gap-2">
        <span>
          <Link
            to={`/shelf/${one.shelf_label.food_id}`}
            className="font-bold underline decoration-rule underline-offset-4 hover:text-pencil"
          >
            {name}
          </Link>
          <span className="block text-sm text-soft">
            {one.food}
            {one.shelf_label.label.style === "table" && !name.includes("generic") && ", generic"}
          </span>
        </span>
        <button
          type="button"
          aria-label={`Leave out ${name}`}
          onClick={() => onRemove(one.shelf_label.id)}
          className="grid size-11 shrink-0 place-items-center text-xl hover:bg-wash print:hidden"
        >
          ×
        </button>
      </span>
    </th>
  );
}

interface PlainRowProps {
  title: string;
  labels: readonly ComparedLabel[];
  text: (one: ComparedLabel) => string;
}

function PlainRow({ title, labels, text }: PlainRowProps) {
  return (
    <tr className="border-b border-rule text-soft">
      <th className="py-1 text-left font-normal">{title}</th>
      {labels.map((label) => (
        <td key={label.shelf_label.id} className="px-2">
          {text(label)}
        </td>
      ))}
    </tr>
  );
}

interface FigureRowProps {
  row: NutrientRow;
  labels: readonly ComparedLabel[];
  base: Base;
}

function FigureRow({ row, labels, base }: FigureRowProps) {
  const figures = labels.map((label) => label.compared[base]?.figures[row.key] ?? null);
  const most = Math.max(...figures.map((figure) => known(figure)?.worst[1] ?? 0), 1e-9);
  return (
    <tr className="border-b border-rule align-top">
      <th className={`py-1.5 text-left font-normal ${row.inside ? "pl-4 text-soft" : ""}`}>
        {row.name}
      </th>
      {labels.map((label, i) => (
        <td key={label.shelf_label.id} className="px-2 py-1.5">
          <FigureCell figure={figures[i] ?? null} row={row} most={most} />
        </td>
      ))}
    </tr>
  );
}

interface FigureCellProps {
  figure: AnyFigure;
  row: NutrientRow;
  most: number;
}

function FigureCell({ figure, row, most }: FigureCellProps) {
  const found = known(figure);
  if (!found) return <span className="text-soft">{unknownText(figure, row.unit)}</span>;
  return (
    <>
      <b>{valueText(found, row.unit)}</b> <span className="text-sm text-soft">{row.unit}</span>{" "}
      <span className="text-sm text-soft">
        <Deviation found={found} unit={row.unit} />
      </span>
      <MarginBar found={found} most={most} />
    </>
  );
}

/** The likely interval as a bar on the row's own scale from 0, with a mark at the value. */
function MarginBar({ found, most }: { found: Known; most: number }) {
  const at = (value: number) => `${Math.min(100, (value / most) * 100)}%`;
  const [low, high] = found.likely;
  return (
    <svg aria-hidden="true" className="mt-1 block h-2.5 w-full" preserveAspectRatio="none">
      <line x1="0" y1="5" x2="100%" y2="5" stroke="var(--rule)" />
      <rect
        x={at(low)}
        y="2"
        width={`${Math.max(0.6, ((high - low) / most) * 100)}%`}
        height="6"
        fill="var(--ink-soft)"
      />
      <line
        x1={at(found.value)}
        y1="0"
        x2={at(found.value)}
        y2="10"
        stroke="var(--ink)"
        strokeWidth="2"
      />
    </svg>
  );
}
