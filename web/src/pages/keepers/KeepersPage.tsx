import { Slider } from "radix-ui";
import { useState } from "react";
import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { type RankWeights, useKeepers, useSettings } from "../../api/queries";
import { RANK_WEIGHTS } from "../../api/vocabulary";
import { figure, fixed, minutes } from "../../lib/format";
import { mark } from "../../lib/marks";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";

type Criterion = keyof RankWeights;

const CRITERIA: readonly (readonly [Criterion, string])[] = [
  ["score", "score"],
  ["kcal", "few kcal"],
  ["protein_g", "protein"],
  ["minutes", "little work"],
  ["cost", "low cost"],
  ["days", "days it keeps"],
];
type Weighed = Record<Criterion, number>;
const USUAL: Weighed = RANK_WEIGHTS;
const HELD = "gasket.ranking";

/** The keepers of all dishes, in the order that the cook weighs them. */
export default function KeepersPage() {
  const [weights, setWeights] = useState<Weighed>(() => {
    try {
      return { ...USUAL, ...(JSON.parse(localStorage.getItem(HELD) ?? "{}") as object) };
    } catch {
      return USUAL;
    }
  });
  const { data, error, refetch } = useKeepers(weights);
  const weigh = (criterion: Criterion, weight: number) => {
    const next = { ...weights, [criterion]: weight };
    localStorage.setItem(HELD, JSON.stringify(next));
    setWeights(next);
  };
  if (!data) return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  return (
    <Sheet className="p-5 max-sm:p-3">
      <h1 className="text-2xl font-bold">Keepers</h1>
      {data.keepers.length === 0 ? (
        <p className="mt-2 max-w-prose text-soft">
          None yet. A trial that you keep, under Taste, stands here beside those of your other
          dishes.
        </p>
      ) : (
        <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[18rem_minmax(0,1fr)]">
          <Weighing weights={weights} onWeigh={weigh} />
          <Ranking keepers={data.keepers} />
        </div>
      )}
      {data.total > data.keepers.length && (
        <p className="mt-3 text-sm text-soft">
          The newest {data.keepers.length} of {data.total} keepers.
        </p>
      )}
    </Sheet>
  );
}

interface WeighingProps {
  weights: Weighed;
  onWeigh: (criterion: Criterion, weight: number) => void;
}

function Weighing({ weights, onWeigh }: WeighingProps) {
  return (
    <section aria-label="What counts">
      <h2 className="text-lg font-bold">What counts</h2>
      {CRITERIA.map(([key, says]) => (
        <div key={key} className="mt-1">
          <p className="flex justify-between text-sm" aria-hidden="true">
            <span>{says}</span>
            <span className="font-mono">{weights[key]}</span>
          </p>
          <Slider.Root
            min={0}
            max={10}
            step={1}
            value={[weights[key]]}
            onValueChange={([next]) => onWeigh(key, next ?? 0)}
            className="relative flex h-11 touch-pan-y items-center lg:h-8"
          >
            <Slider.Track className="relative h-0.5 grow bg-rule">
              <Slider.Range className="absolute h-full bg-ink" />
            </Slider.Track>
            <Slider.Thumb aria-label={says} className="block h-7 w-3 border border-ink bg-pencil" />
          </Slider.Root>
        </div>
      ))}
      <p className="mt-2 text-sm text-soft">
        Each runs from the worst of these keepers to the best. What isn’t known may be either, so it
        counts as the middle.
      </p>
    </section>
  );
}

function Ranking({ keepers }: { keepers: readonly Schemas["Keeper"][] }) {
  const { data: settings } = useSettings();
  const currency = settings?.currency ?? "";
  const show: Record<Criterion, (value: number) => string> = {
    score: mark,
    kcal: (v) => figure(v, "kcal"),
    protein_g: (v) => `${figure(v, "g")} g`,
    minutes,
    cost: (v) => `${currency}${fixed(v, 2)}`,
    days: (v) => fixed(v, 0),
  };
  return (
    <section aria-label="Ranking" className="min-w-0 overflow-x-auto">
      <table className="w-full">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="font-normal">keeper</th>
            <th className="text-right font-normal">points</th>
            {CRITERIA.map(([key, says]) => (
              <th key={key} className="pl-3 text-right font-normal">
                {says}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {keepers.map((keeper) => (
            <tr
              key={keeper.trial_id}
              className={`border-t border-rule ${keeper.unbeaten.includes("kcal") ? "" : "text-soft"}`}
            >
              <td className="py-2">
                <Link
                  to={`/dishes/${keeper.dish_id}/card?trial=${keeper.trial_id}`}
                  className="font-semibold hover:underline"
                >
                  {keeper.dish} {keeper.letter}
                </Link>
              </td>
              <td className="text-right font-bold">
                {fixed(keeper.rank.value, 0)}
                {keeper.rank.high - keeper.rank.low > 0.5 && (
                  <span className="text-sm font-normal text-soft">
                    {" "}
                    ± {fixed((keeper.rank.high - keeper.rank.low) / 2, 0)}
                  </span>
                )}
              </td>
              {CRITERIA.map(([key]) => {
                const value = keeper.figures[key];
                return (
                  <td key={key} className="pl-3 text-right">
                    {value == null ? <span className="text-soft">unknown</span> : show[key](value)}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 text-sm text-soft">
        Quieter: another keeper has fewer calories and a higher score.
      </p>
    </section>
  );
}
