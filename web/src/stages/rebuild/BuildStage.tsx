import { Tabs } from "radix-ui";
import { useState } from "react";
import { useNavigate } from "react-router";

import type { Schemas } from "../../api/client";
import { useSettings, useTrial } from "../../api/queries";
import { useKeys } from "../../lib/useKeys";
import { useTab } from "../../lib/useTab";
import { Lessons } from "../../dish/Lessons";
import { SectionView } from "../../drawing/SectionView";
import { TitleBlock } from "../../drawing/TitleBlock";
import { Deviation } from "../../drawing/Tolerance";
import { known, valueText } from "../../lib/figures";
import { Button } from "../../ui/Button";
import { TabList } from "../../ui/TabList";
import { Failed, Loading } from "../../ui/States";
import type { StageProps } from "../../dish/stage";
import { useBegin } from "../../dish/useBegin";
import { ChecksTab } from "./ChecksTab";
import { ClaimsTab } from "./ClaimsTab";
import { GoalTab } from "./GoalTab";
import { focusAddLine } from "../../lines/focusAddLine";
import { LinesTab } from "../../lines/LinesTab";
import { ScaleTab } from "./ScaleTab";
import { TrialsTab } from "./TrialsTab";
import { type Saving, useBuildDraft } from "../../lines/useBuildDraft";
import { useReckoned, useTried } from "../../lines/useReckoned";
import { useTrying } from "./useTrying";

/** Components and lines with target grams; figures answer while typing. */
export function BuildStage(props: StageProps) {
  const { data, error, isPending, refetch } = useTrial(props.trial.id);
  const { data: settings } = useSettings();
  if (isPending || !settings) return <Loading />;
  if (!data) return <Failed error={error} retry={() => void refetch()} />;
  return <Builder {...props} sheet={data} carbohydrate={settings.carbohydrate ?? "total"} />;
}

interface BuilderProps extends StageProps {
  sheet: Schemas["TrialSheet"];
  carbohydrate: "total" | "net";
}

const TABS = [
  ["lines", "Lines"],
  ["goal", "Goal"],
  ["checks", "Checks"],
  ["scale", "Resize"],
  ["claims", "Wording"],
  ["trials", "Trials"],
] as const;
function Builder({ dish, trial, batch, sheet, carbohydrate }: BuilderProps) {
  const draft = useBuildDraft(sheet);
  const { build, labels } = draft;
  const reckoned = useReckoned(trial.id, build, sheet.report);
  const { trying, tried, triedLabels } = useTrying(draft);
  const shown = useTried(trial.id, tried) ?? reckoned.report;
  const [tab, setTab] = useTab(TABS);
  const [selected, setSelected] = useState<string | null>(null);
  useKeys([
    { keys: "Ctrl+z", says: "Undo the last change", run: draft.undo },
    { keys: "ArrowDown", shown: "Enter, ↑ ↓", says: "Next or previous line, in the grams" },
    { keys: "Alt+ArrowUp", shown: "Alt ↑ / Alt ↓", says: "Move the line up or down" },
    { keys: "Alt+Backspace", shown: "Alt ⌫", says: "Remove the line" },
    { keys: "Alt+s", shown: "Alt S", says: "Swap or settle the line, in the grams" },
    {
      keys: "a",
      says: "Add a line to the first component",
      run: () => {
        setTab("lines");
        focusAddLine(0);
      },
    },
    { keys: "g", says: "Goal, and the ways to it", run: () => setTab("goal") },
    { keys: "l", says: "Lines", run: () => setTab("lines") },
  ]);
  const labelNames = Object.fromEntries(
    Object.values({ ...labels, ...triedLabels }).map((label) => [
      String(label.id),
      label.label.name ?? "",
    ]),
  );
  const loud =
    reckoned.report.checks.filter((check) => check.speaks).length +
    reckoned.report.out_of_step.length;
  const goTo = (next: string) => {
    trying.preview(null);
    setTab(next);
  };
  return (
    <div className="grid gap-6 p-5 max-sm:gap-4 max-sm:p-3 lg:grid-cols-[minmax(27rem,1.12fr)_minmax(25rem,1fr)]">
      <Tabs.Root value={tab} onValueChange={goTo} className="min-w-0">
        <header className="mb-1 flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
          <h1 className="text-2xl font-bold">
            {dish.name} <TrialPicker dish={dish} trial={trial} />
          </h1>
          <span className="ml-auto flex flex-wrap items-center gap-x-3">
            <SavingMark saving={draft.saving} settle={draft.settle} />
            <WeighIt
              dish={dish}
              trial={trial}
              batch={batch}
              ready={draft.saving.state === "saved" && reckoned.result.lines.length > 0}
            />
          </span>
        </header>
        {trial.intent && <p className="text-soft">Testing: {trial.intent}</p>}
        <Lessons dish={dish} trial={trial} />
        <TabList
          label="The build"
          tabs={TABS}
          mark={(tab) =>
            tab === "checks" &&
            loud > 0 && (
              <span className="ml-1 font-bold text-mark">
                {loud}
                <span className="sr-only"> to look at</span>
              </span>
            )
          }
        />
        <Tabs.Content value="lines">
          <LinesTab
            {...{ dish, trial, draft, reckoned, trying, selected }}
            onSelect={setSelected}
          />
        </Tabs.Content>
        <Tabs.Content value="goal">
          <GoalTab {...{ draft, reckoned, trying }} trialId={trial.id} />
        </Tabs.Content>
        <Tabs.Content value="checks">
          <ChecksTab {...{ draft, reckoned }} />
        </Tabs.Content>
        <Tabs.Content value="scale">
          <ScaleTab {...{ draft, trying }} trialId={trial.id} />
        </Tabs.Content>
        <Tabs.Content value="claims">
          <ClaimsTab {...{ draft, reckoned }} />
        </Tabs.Content>
        <Tabs.Content value="trials">
          <TrialsTab {...{ dish, trial }} saved={draft.saving.state === "saved"} />
        </Tabs.Content>
      </Tabs.Root>
      <AtHand serving={shown.result.serving} goals={shown.goals} />
      <div className="flex min-w-0 flex-col gap-3 lg:sticky lg:top-4 lg:self-start">
        {trying.change !== null && (
          <p className="flex items-center justify-between gap-2 text-pencil" role="status">
            <b>Trying it out: nothing is changed yet.</b>
            <Button look="quiet" onClick={() => trying.preview(null)}>
              Back
            </Button>
          </p>
        )}
        <SectionView
          title={`${dish.name}: original beside trial ${trial.letter}`}
          ours={`Trial ${trial.letter}, one serving`}
          section={shown.section}
          height={360}
          selected={selected}
          onSelect={setSelected}
          switches
          trying={trying.change !== null}
        />
        <TitleBlock
          dish={dish.name}
          trial={trial.letter}
          state={trying.change === null ? "planned, assumes a 1 g scale" : "tried"}
          result={shown.result}
          labelNames={labelNames}
          carbohydrate={carbohydrate}
          goals={shown.goals}
        />
      </div>
    </div>
  );
}

/** Which trial is open; with one trial only its letter. */
function TrialPicker({ dish, trial }: Pick<StageProps, "dish" | "trial">) {
  const navigate = useNavigate();
  if (dish.trials.length < 2) {
    return <span className="font-normal text-soft">trial {trial.letter}</span>;
  }
  return (
    <select
      aria-label="Trial"
      value={trial.id}
      onChange={(event) => void navigate(`/dishes/${dish.id}/build?trial=${event.target.value}`)}
      className="min-h-9 border border-rule bg-sheet px-1 text-lg font-normal text-soft"
    >
      {dish.trials.map((other) => (
        <option key={other.id} value={other.id}>
          trial {other.letter}
        </option>
      ))}
    </select>
  );
}

/** On a phone the figures stay in sight while lines are typed. */
function AtHand({
  serving,
  goals,
}: {
  serving: Schemas["Portion"];
  goals: readonly Schemas["GoalState"][];
}) {
  const kcal = known(serving.kcal);
  const protein = known(serving.protein_g);
  return (
    <p className="sticky bottom-0 z-10 -mx-3 flex items-center gap-2 border-t-2 border-ink bg-sheet px-3 py-2 lg:hidden print:hidden">
      <span className="text-soft">One serving</span>
      <b>{kcal ? valueText(kcal, "kcal") : "?"} kcal</b>
      {kcal && <Deviation found={kcal} unit="kcal" />}
      {protein && <span>· {valueText(protein, "g")} g protein</span>}
      {goals.some((goal) => goal.verdict === "missed") && (
        <span className="font-bold text-mark">✗ goal</span>
      )}
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
    <Button look="main" onClick={() => void goOn()} disabled={!ready}>
      {going ? "Continue weighing" : "Weigh it"} →
    </Button>
  );
}
