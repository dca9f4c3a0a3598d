import { useState } from "react";

import { api, ask, type Schemas, sentence } from "../api/client";
import { MOST } from "../api/vocabulary";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/Field";
import { Findings } from "../ui/Findings";
import { useDeed } from "../ui/useDeed";
import { AddLine } from "./AddLine";
import { ComponentTable, NewComponent } from "./ComponentTable";
import { allSaved, type BuildDraft } from "./useBuildDraft";
import { balloons } from "./draft";
import { Pending } from "./Pending";
import type { Trying } from "./SwapList";
import type { Reckoned } from "./useReckoned";

interface LinesTabProps {
  dish: Schemas["DishSheet"];
  trial: Schemas["TrialSummary"];
  draft: BuildDraft;
  reckoned: Reckoned;
  trying: Trying;
  selected: string | null;
  onSelect: (where: string | null) => void;
}

/** The components with their lines, and where further ones are added. */
export function LinesTab({
  dish,
  trial,
  draft,
  reckoned,
  trying,
  selected,
  onSelect,
}: LinesTabProps) {
  const { build } = draft;
  const empty = (build.components ?? []).every((part) => (part.lines ?? []).length === 0);
  return (
    <>
      {(build.components ?? []).map((part, i) => (
        <ComponentTable
          key={i}
          at={i}
          part={part}
          draft={draft}
          trialId={trial.id}
          dishId={dish.id}
          trying={trying}
          numbers={balloons(build)}
          reckoned={reckoned}
          selected={selected}
          onSelect={onSelect}
        />
      ))}
      {(build.components ?? []).length === 0 && (
        <div className="mb-3">
          <p className="max-w-prose">
            Nothing in it yet. Type an ingredient with its amount and press Enter, or paste a whole
            list. A frosting or a filling gets a component of its own, with its own bowl.
          </p>
          <div data-first-field>
            <AddLine at={0} draft={draft} trialId={trial.id} makes={dish.name} />
          </div>
        </div>
      )}
      {empty && dish.original_trial != null && <FromOriginal trial={trial} draft={draft} />}
      <Pending draft={draft} trialId={trial.id} makes={dish.name} />
      <NewComponent draft={draft} />
      <div className="mt-4 flex flex-wrap items-end justify-between gap-4 border-t border-rule pt-3">
        <PortionsField
          draft={draft}
          label="Portions"
          hint="Into how many equal portions the batch is divided."
        />
        <Button onClick={draft.undo} disabled={!draft.canUndo} shortcut="Ctrl Z">
          Undo
        </Button>
      </div>
      <Findings findings={reckoned.result.findings} className="mt-4" />
    </>
  );
}

/** Begin with the original's ingredients, each line standing for its own. */
function FromOriginal({ trial, draft }: { trial: Schemas["TrialSummary"]; draft: BuildDraft }) {
  const [says, setSays] = useState<string>();
  const deed = useDeed((problem) => setSays(sentence(problem)));
  const begin = () =>
    deed.run(async () => {
      await allSaved();
      const params = { path: { trial_id: trial.id } };
      const ofDish = { path: { dish_id: draft.dishId } };
      const [build, sheet] = await Promise.all([
        ask(api.GET("/api/trials/{trial_id}/from-original", { params })),
        ask(api.POST("/api/dishes/{dish_id}/original/lines", { params: ofDish })),
      ]);
      draft.change(() => build, ...Object.values(sheet.labels));
    });
  return (
    <p className="mb-3 flex flex-wrap items-center gap-3">
      <Button look="main" onClick={() => void begin()}>
        Begin with the original’s ingredients
      </Button>
      {says && <span className="text-mark">{says}</span>}
    </p>
  );
}

interface PortionsFieldProps {
  draft: BuildDraft;
  label: string;
  hint: string;
}

/** Into how many equal parts the build is divided. */
export function PortionsField({ draft, label, hint }: PortionsFieldProps) {
  return (
    <NumberField
      label={label}
      value={draft.build.portions ?? 1}
      most={MOST.Build.portions}
      onChange={(count) => {
        if (count !== null && Number.isInteger(count) && count >= 1) {
          draft.change((all) => ({ ...all, portions: count }));
        }
      }}
      hint={hint}
    />
  );
}
