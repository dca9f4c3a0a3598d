import { Popover } from "radix-ui";

import type { Schemas } from "../api/client";
import { useSources } from "../api/queries";
import { type AnyFigure, bandText, known, type Known, valueText } from "../lib/figures";
import { sourceName } from "../lib/sources";
import { decimalsOf, figure, fixed, type Unit } from "../lib/format";
import { type Nutrient, shortName, unitOf } from "../lib/nutrients";

/** A margin as a drawing gives it: ± when it is even, else how far up and how far down. */
export function Deviation({ found, unit }: { found: Known; unit: Unit }) {
  const up = found.likely[1] - found.value;
  const down = found.value - found.likely[0];
  const decimals = decimalsOf(Math.max(up, down), unit);
  const [upText, downText] = [short(up, decimals), short(down, decimals)];
  if (upText === downText) return <span>± {upText}</span>;
  return (
    <span className="inline-flex flex-col text-[0.72em] leading-[1.15] align-middle">
      <span>+{upText}</span>
      <span>−{downText}</span>
    </span>
  );
}

const short = (value: number, decimals: number) =>
  Number(value.toFixed(decimals)) === 0 ? "0" : fixed(value, decimals);

interface ToleranceProps {
  nutrient: Nutrient;
  figure: AnyFigure;
  result: Pick<Schemas["Reckoning"], "margin_parts" | "says_who">;
  labelNames: Record<string, string>;
  className?: string;
}

/** The margin of a figure; pressed, it says what the margin is made of and who says so. */
export function Tolerance({
  nutrient,
  figure: given,
  result,
  labelNames,
  className,
}: ToleranceProps) {
  const found = known(given);
  const unit = unitOf(nutrient);
  if (!found) return null;
  return (
    <Popover.Root>
      <Popover.Trigger
        className={`min-h-6 min-w-6 rounded-sm text-soft underline decoration-dotted underline-offset-4 hover:text-pencil ${className ?? ""}`}
      >
        <Deviation found={found} unit={unit} />
        <span className="sr-only">
          {" "}
          Margin of {shortName(nutrient)}: likely {bandText(found.likely, unit)} {unit}. What is it
          made of?
        </span>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          collisionPadding={12}
          sideOffset={6}
          className="z-40 max-h-[80vh] w-80 max-w-[calc(100vw-24px)] overflow-y-auto border border-ink bg-sheet p-4 text-sm shadow-lg"
        >
          <h3 className="font-bold">
            {shortName(nutrient)}: {valueText(found, unit)} {unit} per serving
          </h3>
          <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
            <dt className="text-soft">likely</dt>
            <dd>
              {bandText(found.likely, unit)} {unit}, 19 times in 20
            </dd>
            <dt className="text-soft">worst case</dt>
            <dd>
              {bandText(found.worst, unit)} {unit}
            </dd>
          </dl>
          <MarginParts parts={result.margin_parts[nutrient] ?? []} names={labelNames} unit={unit} />
          <SaysWho keys={result.says_who[nutrient] ?? []} />
          <Popover.Arrow className="fill-ink" />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface MarginPartsProps {
  parts: readonly Schemas["MarginPart"][];
  names: Record<string, string>;
  unit: Unit;
}

function MarginParts({ parts, names, unit }: MarginPartsProps) {
  if (parts.length === 0) return null;
  return (
    <>
      <p className="mt-3 text-soft">Biggest uncertainties</p>
      <ul className="mt-1 space-y-1">
        {parts.map((part) => (
          <li key={part.label + part.comes_from} className="grid grid-cols-[1fr_auto] gap-x-3">
            <span>
              {names[part.label] ?? part.label},{" "}
              <span className="text-soft">{COMES_FROM[part.comes_from]}</span>
            </span>
            <span className="text-right">
              ± {figure(part.half, unit)} {unit}
            </span>
            <span className="col-span-2 h-1 bg-rule" aria-hidden="true">
              <span
                className="block h-1 bg-ink"
                style={{ width: `${Math.max(1, Math.round(part.share * 100))}%` }}
              />
            </span>
          </li>
        ))}
      </ul>
    </>
  );
}

const COMES_FROM = {
  label: "rounding on its label",
  generic: "spread of generic values",
  weight: "its weight",
} as const;

/** Sources on demand: behind a fold. */
export function SaysWho({ keys }: { keys: readonly string[] }) {
  const { data: sources } = useSources();
  if (!sources || keys.length === 0) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer content-center text-pencil">Sources</summary>
      <ul className="mt-1 space-y-1.5">
        {keys.map((key) => {
          const source = sources[key];
          return source ? (
            <li key={key}>
              <b>{sourceName(source)}</b>. {source.says}
            </li>
          ) : null;
        })}
      </ul>
    </details>
  );
}
