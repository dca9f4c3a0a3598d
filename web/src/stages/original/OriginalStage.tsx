import { type SyntheticEvent, useState } from "react";
import { Link } from "react-router";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useRefresh, useTrial } from "../../api/queries";
import { SectionView } from "../../drawing/SectionView";
import { Button } from "../../ui/Button";
import { Field, NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { lineNames } from "../build/draft";
import type { StageProps } from "../dish/DishPage";

type Edit = Schemas["OriginalEdit"];

function editOf(dish: Schemas["DishSheet"]): Edit {
  return {
    ...dish.original,
    version: dish.version,
    name: dish.original.name ?? dish.name,
    source_note: dish.source_note,
  };
}

/** One serving of the ordinary version: what everything is compared with. */
export function OriginalStage({ dish, trial }: StageProps) {
  const [edit, setEdit] = useState<Edit>(() => editOf(dish));
  const [problem, setProblem] = useState<ProblemError>();
  const { data: sheet } = useTrial(trial.id);
  const refresh = useRefresh();
  const say = useNotice();
  const dirty =
    JSON.stringify({ ...edit, version: 0 }) !== JSON.stringify({ ...editOf(dish), version: 0 });
  const change = (part: Partial<Edit>) => setEdit((all) => ({ ...all, ...part }));
  const put = async (wanted: Edit) => {
    const stored = await ask(
      api.PUT("/api/dishes/{dish_id}/original", {
        params: { path: { dish_id: dish.id } },
        body: wanted,
      }),
    );
    setEdit(editOf(stored));
    refresh(keys.dish(dish.id), keys.trial(trial.id), keys.kitchen, ["card"]);
    return stored;
  };
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    const before = editOf(dish);
    try {
      const stored = await put(edit);
      setProblem(undefined);
      say({
        text: "The original is saved.",
        undo: () => void put({ ...before, version: stored.version }),
      });
    } catch (failure) {
      const found =
        failure instanceof ProblemError ? failure : new ProblemError(0, sentence(failure));
      setProblem(found);
      if (found.status === 409) {
        const current = found.current as Schemas["DishSheet"] | undefined;
        if (current) setEdit((all) => ({ ...all, version: current.version }));
      }
    }
  };
  return (
    <div className="grid gap-8 p-5 max-sm:p-4 lg:grid-cols-[minmax(19rem,24rem)_1fr]">
      <form onSubmit={(event) => void save(event)} className="grid content-start gap-4" noValidate>
        <header>
          <h1 className="text-2xl font-bold">{dish.name}: the original</h1>
          <p className="mt-1 text-soft">
            One serving of the ordinary version, from a label, a menu or a recipe. Without its
            weight the comparison is not fair: a small slice is always leaner.
          </p>
        </header>
        <TextField
          label="What it is"
          maxLength={120}
          value={edit.name}
          onChange={(name) => change({ name })}
          error={problem?.at("name")}
        />
        <div className="grid gap-2 border border-rule p-3">
          <Figure name="serving_g" label="Serving weight" unit="g" {...{ edit, change, problem }} />
          <Figure name="kcal" label="Energy" unit="kcal" {...{ edit, change, problem }} />
          <Figure name="protein_g" label="Protein" unit="g" {...{ edit, change, problem }} />
          <Figure
            name="carbohydrate_g"
            label="Carbohydrate"
            unit="g"
            {...{ edit, change, problem }}
          />
          <Figure name="fat_g" label="Fat" unit="g" {...{ edit, change, problem }} />
        </div>
        <Field label="Where the figures come from" error={problem?.at("source_note")}>
          {({ id, describedBy }) => (
            <textarea
              id={id}
              rows={3}
              maxLength={2000}
              aria-describedby={describedBy}
              value={edit.source_note}
              onChange={(event) => change({ source_note: event.target.value })}
              className="border border-soft bg-sheet p-2.5"
            />
          )}
        </Field>
        {problem && problem.faults.length === 0 && (
          <p role="alert" className="text-mark">
            {problem.message}
          </p>
        )}
        <div className="flex flex-wrap items-center gap-3">
          <Button type="submit" look="main" disabled={!dirty}>
            {dirty ? "Save the original" : "Saved"}
          </Button>
          <Link
            to={`/dishes/${dish.id}/build`}
            className="grid min-h-11 place-items-center px-2 text-pencil hover:underline"
          >
            On to the build →
          </Link>
        </div>
      </form>
      {sheet && (
        <section aria-label="Original and rebuild" className="min-w-0">
          <SectionView
            title={`${dish.name}: original beside trial ${trial.letter}`}
            ours={`Trial ${trial.letter}, one serving`}
            result={sheet.result}
            names={lineNames(sheet.build, sheet.labels)}
            height={520}
          />
        </section>
      )}
    </div>
  );
}

type FigureName = "serving_g" | "kcal" | "protein_g" | "carbohydrate_g" | "fat_g";

interface FigureProps {
  name: FigureName;
  label: string;
  unit: string;
  edit: Edit;
  change: (part: Partial<Edit>) => void;
  problem: ProblemError | undefined;
}

function Figure({ name, label, unit, edit, change, problem }: FigureProps) {
  return (
    <NumberField
      inline
      optional
      label={label}
      unit={unit}
      value={edit[name] ?? null}
      onChange={(value) => change({ [name]: value })}
      error={problem?.at(name)}
    />
  );
}
