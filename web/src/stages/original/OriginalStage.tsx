import { useQueryClient } from "@tanstack/react-query";
import { type SyntheticEvent, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useReferenceAmounts, useTrial } from "../../api/queries";
import { SectionView } from "../../drawing/SectionView";
import { Button, ButtonLink } from "../../ui/Button";
import { weighed } from "../../lib/format";
import { Choice, Field, NumberField, TextField } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";
import { useNotice } from "../../ui/notices";
import { OriginalLines } from "./OriginalLines";
import type { StageProps } from "../../dish/stage";

type Edit = Schemas["OriginalEdit"];

function editOf(dish: Schemas["DishSheet"]): Edit {
  return {
    ...dish.typed,
    version: dish.version,
    dish: dish.name,
    name: dish.typed.name ?? dish.name,
    original_from: dish.original_from,
    reference: dish.reference,
    source_note: dish.source_note,
    tags: dish.tags,
  };
}

/** One serving of the ordinary version: what everything is compared with. */
export function OriginalStage({ dish, trial }: StageProps) {
  const [edit, setEdit] = useState<Edit>(() => editOf(dish));
  const [problem, setProblem] = useState<ProblemError>();
  const { data: sheet } = useTrial(trial.id);
  const client = useQueryClient();
  const say = useNotice();
  const dirty =
    JSON.stringify({ ...edit, version: 0 }) !== JSON.stringify({ ...editOf(dish), version: 0 });
  const change = (part: Partial<Edit>) => setEdit((all) => ({ ...all, ...part }));
  /** Store it. What was typed meanwhile into the sheet as it was `shown` stays. */
  const put = async (wanted: Edit, shown?: Edit) => {
    const stored = await ask(
      api.PUT("/api/dishes/{dish_id}/original", {
        params: { path: { dish_id: dish.id } },
        body: wanted,
      }),
    );
    const fresh = editOf(stored);
    setEdit((now) =>
      shown === undefined || now === shown
        ? fresh
        : { ...now, version: fresh.version, original_from: fresh.original_from },
    );
    client.setQueryData(keys.dish(dish.id), stored);
    return stored;
  };
  const switchTo = async (original_from: Edit["original_from"]) => {
    if (original_from === "lines") {
      const params = { path: { dish_id: dish.id } };
      await ask(api.POST("/api/dishes/{dish_id}/original/lines", { params }));
    }
    await put({ ...edit, original_from }, edit);
  };
  const fromLines = edit.original_from === "lines";
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    const before = editOf(dish);
    try {
      const stored = await put(edit, edit);
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
    <div
      className={`grid gap-8 p-5 max-sm:p-4 ${fromLines ? "lg:grid-cols-[minmax(22rem,0.88fr)_minmax(27rem,1.2fr)]" : "lg:grid-cols-[minmax(19rem,24rem)_1fr]"}`}
    >
      <form onSubmit={(event) => void save(event)} className="grid content-start gap-4" noValidate>
        <header className="sticky top-0 z-10 flex flex-wrap items-center justify-between gap-x-2 gap-y-1 bg-sheet py-1 max-sm:top-12">
          <h1 className="text-2xl font-bold">{dish.name}: the original</h1>
          {dirty ? (
            <Button type="submit" look="main">
              Save the original
            </Button>
          ) : (
            <ButtonLink to={`/dishes/${dish.id}/build`} look="main">
              On to the build →
            </ButtonLink>
          )}
        </header>
        <p className="text-soft">
          One serving of the ordinary version, from a label, a menu or a recipe. Without its weight
          the comparison is not fair: a small slice is always leaner.
        </p>
        <TextField
          label="Name of the dish"
          maxLength={120}
          value={edit.dish ?? dish.name}
          onChange={(name) => change({ dish: name })}
          error={problem?.at("dish")}
        />
        <TextField
          label="What the original is"
          maxLength={120}
          value={edit.name}
          onChange={(name) => change({ name })}
          error={problem?.at("name")}
        />
        <div role="group" aria-label="Its figures come" className="flex">
          <Toggle on={!fromLines} onChoose={() => void switchTo("figures")}>
            From a label or menu
          </Toggle>
          <Toggle on={fromLines} onChoose={() => void switchTo("lines")}>
            From its ingredients
          </Toggle>
        </div>
        <div
          data-first-field={dish.original.serving_g == null || undefined}
          className="grid gap-2 border border-rule p-3"
        >
          <Figure
            name="serving_g"
            label={fromLines ? "Serving weight, as eaten" : "Serving weight"}
            unit="g"
            {...{ edit, change, problem }}
          />
          <Yardstick dish={dish} edit={edit} change={change} />
        </div>
        {!fromLines && (
          <div className="grid gap-2 border border-rule p-3">
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
        )}
        <TextField
          label="Tags, with commas between"
          placeholder="breakfast, freezes well"
          maxLength={400}
          value={(edit.tags ?? []).join(",")}
          onChange={(text) => change({ tags: text === "" ? [] : text.split(",") })}
          error={problem?.at("tags")}
        />
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
      </form>
      <div className="grid min-w-0 content-start gap-6">
        {sheet && (
          <section aria-label="Original and rebuild" className="min-w-0">
            <SectionView
              title={`${dish.name}: original beside trial ${trial.letter}`}
              ours={`Trial ${trial.letter}, one serving`}
              section={sheet.report.section}
              height={fromLines ? 380 : 520}
              switches
            />
          </section>
        )}
        {fromLines && dish.original_trial != null && (
          <OriginalLines trialId={dish.original_trial} dish={dish} />
        )}
      </div>
    </div>
  );
}

interface YardstickProps {
  dish: Schemas["DishSheet"];
  edit: Edit;
  change: (part: Partial<Edit>) => void;
}

/** What it is eaten as: a rule's reference amount, for want of a weight and for its claims. */
function Yardstick({ dish, edit, change }: YardstickProps) {
  const { data } = useReferenceAmounts();
  const chosen = data?.find((amount) => amount.key === edit.reference);
  const compared = dish.original.serving_g;
  return (
    <div className="grid gap-1">
      {edit.serving_g == null && (
        <p className="text-mark">
          Without a serving weight the comparison is not fair.
          {edit.original_from === "lines" && compared != null && (
            <> Until then its raw weight counts, {weighed(compared)} g.</>
          )}
        </p>
      )}
      <div className="flex flex-wrap items-end gap-2">
        <div className="min-w-44 flex-1">
          <Choice
            label="Standard serving"
            value={edit.reference ?? "none"}
            options={[
              { value: "none" as const, label: "not chosen" },
              ...(data ?? []).map((amount) => ({
                value: amount.key,
                label: `${amount.name}, ${amount.grams} g`,
              })),
            ]}
            onChange={(key) => change({ reference: key === "none" ? null : key })}
          />
        </div>
        {chosen && edit.serving_g !== chosen.grams && (
          <Button onClick={() => change({ serving_g: chosen.grams })}>Use {chosen.grams} g</Button>
        )}
      </div>
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
