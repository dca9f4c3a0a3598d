import { useState } from "react";
import { useNavigate } from "react-router";

import type { Schemas } from "../../api/client";
import { useSettings, useTrial } from "../../api/queries";
import { useKeys } from "../../app/useKeys";
import { SectionView } from "../../drawing/SectionView";
import { TitleBlock } from "../../drawing/TitleBlock";
import { Deviation } from "../../drawing/Tolerance";
import { known, valueText } from "../../lib/figures";
import { Button } from "../../ui/Button";
import { Findings } from "../../ui/Findings";
import { NumberField } from "../../ui/Field";
import { Failed, Loading } from "../../ui/States";
import type { StageProps } from "../dish/DishPage";
import { useBegin } from "../weigh/useBegin";
import { ComponentTable, NewComponent } from "./ComponentTable";
import { balloons, lineNames } from "./draft";
import { Pending } from "./Pending";
import { type Saving, useBuildDraft } from "./useBuildDraft";
import { useReckoned } from "./useReckoned";

/** Components and lines with target grams; figures answer while typing. */
export function BuildStage(props: StageProps) {
  const { data, error, isPending, refetch } = useTrial(props.trial.id);
  const { data: settings } = useSettings();
  if (isPending || !settings) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return <Builder {...props} sheet={data} carbohydrate={settings.carbohydrate ?? "total"} />;
}

interface BuilderProps extends StageProps {
  sheet: Schemas["TrialSheet"];
  carbohydrate: "total" | "net";
}

function Builder({ dish, trial, batch, sheet, carbohydrate }: BuilderProps) {
  const draft = useBuildDraft(sheet);
  const { build, labels } = draft;
  const reckoned = useReckoned(trial.id, build, sheet.result);
  const [selected, setSelected] = useState<string | null>(null);
  useKeys([
    { keys: "Ctrl+z", says: "Undo the last change", run: draft.undo },
    { keys: "ArrowDown", shown: "Enter, ↑ ↓", says: "Next or previous line, in the grams" },
    { keys: "Alt+ArrowUp", shown: "Alt ↑ / Alt ↓", says: "Move the line up or down" },
    { keys: "Alt+Backspace", shown: "Alt ⌫", says: "Remove the line" },
    {
      keys: "a",
      says: "Add a line to the first component",
      run: () => document.querySelector<HTMLElement>("[data-add-line] input")?.focus(),
    },
  ]);
  const names = lineNames(build, labels);
  const numbers = balloons(build);
  const labelNames = Object.fromEntries(
    Object.values(labels).map((one) => [String(one.id), one.label.name ?? ""]),
  );
  return (
    <div className="grid gap-6 p-5 max-sm:gap-4 max-sm:p-3 lg:grid-cols-[minmax(27rem,1.12fr)_minmax(25rem,1fr)]">
      <div className="min-w-0">
        <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-4">
          <h1 className="text-2xl font-bold">
            {dish.name} <span className="font-normal text-soft">trial {trial.letter}</span>
          </h1>
          <SavingMark saving={draft.saving} settle={draft.settle} />
        </header>
        {(build.components ?? []).map((part, i) => (
          <ComponentTable
            key={i}
            at={i}
            part={part}
            draft={draft}
            trialId={trial.id}
            numbers={numbers}
            reckoned={reckoned}
            selected={selected}
            onSelect={setSelected}
          />
        ))}
        {(build.components ?? []).length === 0 && (
          <p className="mb-3 max-w-prose">
            Nothing in it yet. A build has one or more components, each with a bowl of its own: a
            loaf and its frosting, a dough and its filling. Name the first one, then add lines like
            “180 g carrot”, or paste a whole list.
          </p>
        )}
        <Pending draft={draft} trialId={trial.id} />
        <NewComponent draft={draft} />
        <div className="mt-4 flex flex-wrap items-end justify-between gap-4 border-t border-rule pt-3">
          <NumberField
            label="Portions"
            value={build.portions ?? 1}
            most={1000}
            onChange={(count) => {
              if (count !== null && Number.isInteger(count) && count >= 1) {
                draft.change((all) => ({ ...all, portions: count }));
              }
            }}
            hint="Into how many equal portions the batch is divided."
          />
          <Button onClick={draft.undo} disabled={!draft.canUndo} shortcut="Ctrl Z">
            Undo
          </Button>
        </div>
        <Findings findings={reckoned.result.findings} className="mt-4" />
      </div>
      <AtHand serving={reckoned.result.serving} />
      <div className="flex min-w-0 flex-col gap-4 lg:sticky lg:top-4 lg:self-start">
        <SectionView
          title={`${dish.name}: original beside trial ${trial.letter}`}
          ours={`Trial ${trial.letter}, one serving`}
          result={reckoned.result}
          names={names}
          height={400}
          selected={selected}
          onSelect={setSelected}
        />
        <TitleBlock
          dish={dish.name}
          trial={trial.letter}
          state="planned"
          result={reckoned.result}
          labelNames={labelNames}
          carbohydrate={carbohydrate}
          action={
            <WeighIt
              dish={dish}
              trial={trial}
              batch={batch}
              ready={draft.saving.state === "saved" && reckoned.result.lines.length > 0}
            />
          }
        />
      </div>
    </div>
  );
}

/** On a phone the figures stay in sight while lines are typed. */
function AtHand({ serving }: { serving: Schemas["Portion"] }) {
  const kcal = known(serving.kcal);
  const protein = known(serving.protein_g);
  return (
    <p className="sticky bottom-0 z-10 -mx-3 flex items-center gap-2 border-t-2 border-ink bg-sheet px-3 py-2 lg:hidden print:hidden">
      <span className="text-soft">One serving</span>
      <b>{kcal ? valueText(kcal, "kcal") : "?"} kcal</b>
      {kcal && <Deviation found={kcal} unit="kcal" />}
      {protein && <span>· {valueText(protein, "g")} g protein</span>}
    </p>
  );
}

function SavingMark({ saving, settle }: { saving: Saving; settle: (mine: boolean) => void }) {
  if (saving.state === "conflict") {
    return (
      <span role="alert" className="flex flex-wrap items-center gap-2 text-mark">
        Changed elsewhere meanwhile.
        <Button onClick={() => settle(true)}>Keep mine</Button>
        <Button onClick={() => settle(false)}>Take theirs</Button>
      </span>
    );
  }
  if (saving.state === "failed") {
    return (
      <span role="alert" className="text-mark">
        Not saved yet: {saving.says}
      </span>
    );
  }
  return (
    <span role="status" className="text-sm text-soft">
      {saving.state === "saved" ? "Saved" : "Saving…"}
    </span>
  );
}

interface WeighItProps {
  dish: Schemas["DishSheet"];
  trial: Schemas["TrialSummary"];
  batch: Schemas["BatchSummary"] | undefined;
  /** Saved, and with something in it. */
  ready: boolean;
}

function WeighIt({ dish, trial, batch, ready }: WeighItProps) {
  const navigate = useNavigate();
  const begin = useBegin({ dish, trial });
  const going = batch && !batch.closed_at;
  const goOn = async () => {
    if (going) await navigate(`/dishes/${dish.id}/weigh?batch=${batch.id}`);
    else await begin();
  };
  return (
    <>
      <span className="text-soft">Planned, reckoned as if weighed to 1 g</span>
      <Button look="main" onClick={() => void goOn()} disabled={!ready}>
        {going ? "Go on weighing" : "Weigh it"} →
      </Button>
    </>
  );
}
