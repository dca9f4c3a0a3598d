import { useState } from "react";

import type { Schemas } from "../../api/client";
import { useSettings } from "../../api/queries";
import { ScorePlot, type ScorePoint } from "../../drawing/ScorePlot";
import { known } from "../../lib/figures";
import { figure, fixed, minutes } from "../../lib/format";
import { mark, marginOf } from "../../lib/marks";
import { Toggle } from "../../ui/Toggle";
import type { Across, Trial } from "./trials";

const ACROSS: readonly (readonly [Across, string])[] = [
  ["kcal", "kcal"],
  ["protein_g", "protein"],
  ["cost", "cost"],
  ["minutes", "hands-on time"],
];

/** Which trials nothing beats on both, and what the rich lines buy. */
export function FrontierTab({ history }: { history: Schemas["History"] }) {
  const [across, setAcross] = useState<Across>("kcal");
  const [chosen, setChosen] = useState<number>();
  const { data: settings } = useSettings();
  const { says, show } = axis(across, settings?.currency ?? "");
  const placed = history.trials.flatMap((trial): ScorePoint[] => {
    const at = placeOf(trial, across);
    if (at === null || !trial.score) return [];
    return [
      {
        key: trial.id,
        name: trial.letter,
        across: at,
        score: trial.score.value,
        low: trial.score.low ?? null,
        high: trial.score.high ?? null,
        unbeaten: trial.unbeaten.includes(across),
      },
    ];
  });
  const missing = history.trials.filter((trial) => !placed.some((point) => point.key === trial.id));
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="Frontier">
        <div role="group" aria-label="Score against" className="flex flex-wrap">
          {ACROSS.map(([key, name]) => (
            <Toggle key={key} small on={key === across} onChoose={() => setAcross(key)}>
              {name}
            </Toggle>
          ))}
        </div>
        {placed.length === 0 ? (
          <p className="mt-4 max-w-prose text-soft">
            Nothing to plot yet. A trial stands here once it has been tasted and its {says} is
            known.
          </p>
        ) : (
          <>
            <ScorePlot
              points={placed}
              across={says}
              show={show}
              chosen={chosen}
              onChoose={(key) => setChosen(key === chosen ? undefined : key)}
            />
            <PointTable points={placed} says={says} show={show} chosen={chosen} />
          </>
        )}
        {missing.length > 0 && placed.length > 0 && (
          <p className="mt-2 text-sm text-soft">
            Not on the plot: {missing.map((trial) => trial.letter).join(", ")}. Not tasted, or the
            figure isn’t known.
          </p>
        )}
      </section>
      <RichLines history={history} />
    </div>
  );
}

interface PointTableProps {
  points: readonly ScorePoint[];
  says: string;
  show: (value: number) => string;
  chosen: number | undefined;
}

function PointTable({ points, says, show, chosen }: PointTableProps) {
  return (
    <table className="mt-3 w-full max-w-xl">
      <thead className="text-left text-sm text-soft">
        <tr>
          <th className="font-normal">trial</th>
          <th className="text-right font-normal">{says}</th>
          <th className="text-right font-normal">score</th>
          <th className="pl-4 font-normal">beaten?</th>
        </tr>
      </thead>
      <tbody>
        {[...points]
          .sort((a, b) => b.score - a.score)
          .map((point) => (
            <tr
              key={point.key}
              className={`border-t border-rule ${point.key === chosen ? "bg-wash" : ""} ${point.unbeaten ? "" : "text-soft"}`}
            >
              <td className="py-1 font-bold">{point.name}</td>
              <td className="text-right">{show(point.across)}</td>
              <td className="text-right">
                {mark(point.score)} {marginOf(point.low, point.high)}
              </td>
              <td className="pl-4">{point.unbeaten ? "unbeaten" : "beaten on both"}</td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

function RichLines({ history }: { history: Schemas["History"] }) {
  const opened = history.trials.find((trial) => trial.id === history.opens);
  return (
    <section aria-label="What rich lines buy">
      <h2 className="text-lg font-bold">What its calories buy</h2>
      <p className="text-sm text-soft">
        Lines of trial {opened?.letter}, the richest first, and what a point of score cost where
        only that line changed.
      </p>
      <table className="mt-2 w-full">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="font-normal">line</th>
            <th className="text-right font-normal">kcal</th>
            <th className="pl-3 font-normal">bought</th>
          </tr>
        </thead>
        <tbody>
          {history.rich.map((line) => (
            <tr key={line.line_id} className="border-t border-rule">
              <td className="py-1">{line.name}</td>
              <td className="text-right">{figure(line.kcal, "kcal")}</td>
              <td className={`pl-3 ${line.kcal_per_point == null ? "text-soft" : ""}`}>
                {line.says}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function placeOf(trial: Trial, across: Across): number | null {
  switch (across) {
    case "kcal":
      return known(trial.kcal)?.value ?? null;
    case "protein_g":
      return known(trial.protein_g)?.value ?? null;
    case "cost":
      return trial.cost ?? null;
    case "minutes":
      return trial.minutes ?? null;
  }
}

function axis(across: Across, currency: string) {
  switch (across) {
    case "kcal":
      return { says: "kcal a serving", show: (v: number) => figure(v, "kcal") };
    case "protein_g":
      return { says: "g protein a serving", show: (v: number) => figure(v, "g") };
    case "cost":
      return { says: `${currency} a serving`, show: (v: number) => fixed(v, 2) };
    case "minutes":
      return { says: "hands-on time", show: minutes };
  }
}
