import { useState } from "react";
import { Link, useSearchParams } from "react-router";

import { useComparison, useFoods, useTrial } from "../../api/queries";
import { MOST_COMPARED } from "../../api/vocabulary";
import { DishPicker } from "../../dish/DishPicker";
import { Button } from "../../ui/Button";
import { Options } from "../../ui/Options";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { CompareTable } from "./CompareTable";
import { InTrialTable } from "./InTrialTable";

/** Two to five packages side by side; the choice is in the address, so that it can be sent. */
export default function ComparePage() {
  const [params, setParams] = useSearchParams();
  const labels = idsOf(params.get("labels"));
  const trial = Number(params.get("trial")) || undefined;
  const { data, error, isPending, refetch } = useComparison(labels, trial);
  const put = (nextLabels: readonly number[], nextTrial: number | undefined) =>
    setParams(
      {
        ...(nextLabels.length > 0 && { labels: nextLabels.join(",") }),
        ...(nextTrial && { trial: String(nextTrial) }),
      },
      { replace: true },
    );
  const found = data?.labels.filter((label) => labels.includes(label.shelf_label.id)) ?? [];
  return (
    <Sheet className="p-5 max-sm:p-4">
      <header className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div>
          <h1 className="text-2xl font-bold">Packages side by side</h1>
          <p className="text-soft">
            Each figure with the margin that its panel’s rounding leaves. Where the bars overlap,
            the packages may be the same.
          </p>
        </div>
        {labels.length < MOST_COMPARED && (
          <AddPackage chosen={labels} onAdd={(id) => put([...labels, id], trial)} />
        )}
      </header>
      {labels.length < 2 ? (
        <StartHere labels={labels} onRemove={() => put([], trial)} />
      ) : error ? (
        <Failed error={error} retry={() => void refetch()} />
      ) : isPending ? (
        <Loading />
      ) : (
        <>
          {data.states_say && <p className="mb-3 max-w-prose text-mark">{data.states_say}</p>}
          <CompareTable
            labels={found}
            currency={data.currency}
            onRemove={(id) =>
              put(
                labels.filter((label) => label !== id),
                trial,
              )
            }
          />
          <section aria-label="Inside a trial" className="mt-6 border-t border-ink pt-3">
            <TrialChoice trial={trial} onChoose={(id) => put(labels, id)} />
            {trial && <InTrialTable comparison={data} />}
          </section>
        </>
      )}
    </Sheet>
  );
}

function idsOf(text: string | null): number[] {
  const ids = (text ?? "").split(",").map(Number);
  return [...new Set(ids.filter((id) => Number.isInteger(id) && id > 0))].slice(0, MOST_COMPARED);
}

function StartHere({ labels, onRemove }: { labels: readonly number[]; onRemove: () => void }) {
  return (
    <div className="grid max-w-prose gap-2">
      <p>
        {labels.length === 1
          ? "One package is chosen: add the one to set beside it."
          : "Add two to five packages: two tubs of quark, or quark and skyr."}
      </p>
      {labels.length === 1 && (
        <button
          type="button"
          onClick={onRemove}
          className="min-h-11 justify-self-start text-pencil underline"
        >
          Start over
        </button>
      )}
      <p className="text-soft">
        Or open a food with several labels on the{" "}
        <Link to="/shelf" className="text-pencil underline">
          shelf
        </Link>{" "}
        and compare those.
      </p>
    </div>
  );
}

interface Candidate {
  id: number;
  name: string;
  food: string;
}

function AddPackage({ chosen, onAdd }: { chosen: readonly number[]; onAdd: (id: number) => void }) {
  const [text, setText] = useState("");
  const { data } = useFoods(text, 8);
  const candidates: Candidate[] = (data?.foods ?? [])
    .flatMap((food) =>
      food.labels.map((label) => ({ id: label.id, name: label.name, food: food.name })),
    )
    .filter((choice) => !chosen.includes(choice.id))
    .slice(0, 8);
  return (
    <Options
      className="w-80 max-w-full"
      label="Add a package to compare"
      placeholder="Add a package: skyr"
      text={text}
      onText={setText}
      options={candidates}
      optionKey={(choice) => String(choice.id)}
      option={(choice) => (
        <span className="grid">
          {choice.name}
          <span className="text-sm text-soft">{choice.food}</span>
        </span>
      )}
      onChoose={(choice) => {
        setText("");
        onAdd(choice.id);
      }}
      none={<p className="mt-1 text-sm">Nothing on the shelf is called that.</p>}
    />
  );
}

interface TrialChoiceProps {
  trial: number | undefined;
  onChoose: (id: number | undefined) => void;
}

function TrialChoice({ trial, onChoose }: TrialChoiceProps) {
  const { data: chosen } = useTrial(trial);
  return (
    <div className="max-w-sm">
      <DishPicker
        label="What each would make of a serving of"
        placeholder="A dish, by a part of its name"
        onChoose={(dish) => onChoose(dish.trial_id)}
      />
      {chosen && trial !== undefined && (
        <p className="mt-1 flex flex-wrap items-center gap-x-3">
          <b>
            {chosen.dish}, trial {chosen.letter}
          </b>
          <Button look="quiet" onClick={() => onChoose(undefined)}>
            No trial
          </Button>
        </p>
      )}
    </div>
  );
}
