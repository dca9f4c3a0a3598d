import { useState } from "react";

import { api, type Schemas } from "../../api/client";
import { GOALS } from "../../api/vocabulary";
import { usePresets } from "../../api/queries";
import { useAnswer } from "../../api/useAnswer";
import { figure } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice, NumberField } from "../../ui/Field";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { changeTerms, newId } from "../../lines/draft";
import { GoalMarks } from "../../drawing/GoalMarks";
import { Proposals } from "./Proposals";
import type { Trying } from "../../lines/SwapList";
import type { Reckoned } from "../../lines/useReckoned";

type Goal = Schemas["Goal"];
type Limits = Schemas["Limits"];
type GoalKey = Exclude<keyof Goal, "ratio_means">;

const ROWS = GOALS.filter((row) => !row.soft);
const SOFT = GOALS.filter((row) => row.soft);
const FIRST = 2;

interface GoalTabProps {
  draft: BuildDraft;
  trialId: number;
  reckoned: Reckoned;
  trying: Trying;
}

/** What one serving should come to, and the ways there. */
export function GoalTab({ draft, trialId, reckoned, trying }: GoalTabProps) {
  const [all, setAll] = useState(false);
  const goal = draft.build.terms?.goal ?? {};
  const set = (part: Partial<Goal>) =>
    draft.change((build) => changeTerms(build, { goal: { ...build.terms?.goal, ...part } }));
  const given = (key: GoalKey) => goal[key]?.least != null || goal[key]?.most != null;
  const shown = ROWS.filter((row, i) => all || i < FIRST || given(row.key));
  return (
    <div className="grid gap-5">
      <section aria-label="Goal for one serving">
        <Presets trialId={trialId} goal={goal} onFill={set} />
        <table className="mt-2 w-full">
          <thead className="text-left text-sm text-soft">
            <tr>
              <th className="font-normal">for one serving</th>
              <th className="font-normal">at least</th>
              <th className="font-normal">at most</th>
            </tr>
          </thead>
          <tbody>
            {shown.map((row) => (
              <LimitsRow
                key={row.key}
                name={row.name}
                unit={row.unit}
                limits={goal[row.key] ?? {}}
                problem={reckoned.problem?.at(`terms.goal.${row.key}`)}
                onChange={(limits) => set({ [row.key]: limits })}
              />
            ))}
            {(all || SOFT.some((row) => given(row.key))) &&
              SOFT.map((row) => (
                <LimitsRow
                  key={row.key}
                  unit={row.unit}
                  name={`${row.name} (wished for)`}
                  limits={goal[row.key] ?? {}}
                  problem={undefined}
                  onChange={(limits) => set({ [row.key]: limits })}
                />
              ))}
          </tbody>
        </table>
        {all && (
          <div className="mt-2 max-w-72">
            <Choice
              label="The ratio is about"
              value={goal.ratio_means ?? "total"}
              options={[
                { value: "total", label: "total carbohydrate" },
                { value: "net", label: "net carbohydrate" },
              ]}
              onChange={(ratio_means) => set({ ratio_means })}
            />
          </div>
        )}
        {!all && (
          <Button look="quiet" onClick={() => setAll(true)}>
            More: fat, fibre, ratio, weight, cost…
          </Button>
        )}
        <div className="mt-2 min-h-7">
          <GoalMarks goals={reckoned.report.goals} />
        </div>
      </section>
      <Proposals draft={draft} trialId={trialId} trying={trying} />
      <Toppings draft={draft} trialId={trialId} />
    </div>
  );
}

interface LimitsRowProps {
  name: string;
  unit: string;
  limits: Limits;
  problem: string | undefined;
  onChange: (limits: Limits) => void;
}

function LimitsRow({ name, unit, limits, problem, onChange }: LimitsRowProps) {
  const wrong = limits.least != null && limits.most != null && limits.least > limits.most;
  const error = problem ?? (wrong ? "“At least” is more than “at most”." : undefined);
  return (
    <tr className="border-t border-rule align-top">
      <td className="py-2 pr-2">{name}</td>
      <td className="py-0.5">
        <NumberField
          bare
          optional
          label={`${name}, at least`}
          unit={unit}
          value={limits.least}
          error={error}
          onChange={(least) => onChange({ ...limits, least })}
        />
      </td>
      <td className="py-0.5">
        <NumberField
          bare
          optional
          label={`${name}, at most`}
          unit={unit}
          value={limits.most}
          onChange={(most) => onChange({ ...limits, most })}
        />
      </td>
    </tr>
  );
}

interface PresetsProps {
  trialId: number;
  goal: Goal;
  onFill: (goal: Partial<Goal>) => void;
}

/** Starting points of the schools: what the cook has given already stays. */
function Presets({ trialId, goal, onFill }: PresetsProps) {
  const { data } = usePresets(trialId);
  const fill = (preset: Schemas["Preset"]) => {
    const part: Partial<Record<GoalKey, Limits>> = {};
    for (const { key } of ROWS) {
      const [mine, theirs] = [goal[key], preset.goal[key]];
      if (theirs?.least == null && theirs?.most == null) continue;
      part[key] = { least: mine?.least ?? theirs.least, most: mine?.most ?? theirs.most };
    }
    onFill(part);
  };
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <span className="text-sm text-soft">Start from</span>
      {data?.map((preset) => (
        <button
          key={preset.key}
          type="button"
          title={preset.says}
          aria-label={`${preset.name}: ${preset.says}`}
          onClick={() => fill(preset)}
          className="min-h-8 border border-rule px-2 text-sm text-pencil hover:bg-wash max-sm:min-h-11"
        >
          {preset.name}
        </button>
      ))}
    </div>
  );
}

/** "150 kcal to spend": what fits on top of a serving. */
function Toppings({ draft, trialId }: { draft: BuildDraft; trialId: number }) {
  const [kcal, setKcal] = useState<number | null>(null);
  const { answer } = useAnswer<Schemas["Allowance"]>(
    JSON.stringify({ build: draft.build, kcal }),
    (body) =>
      api.POST("/api/trials/{trial_id}/allowance", {
        params: { path: { trial_id: trialId } },
        body: JSON.parse(body) as Schemas["AllowanceWanted"],
      }),
    150,
  );
  const add = (topping: Schemas["Topping"]) => {
    const food = answer?.labels[String(topping.label_id)];
    const portions = draft.build.portions ?? 1;
    const line = {
      id: newId(),
      label_id: topping.label_id,
      target_g: Math.round(topping.grams * portions),
    };
    draft.change(
      (build) => ({
        ...build,
        components: [
          ...(build.components ?? []).filter((part) => part.name !== "Topping"),
          {
            name: "Topping",
            lines: [
              ...((build.components ?? []).find((part) => part.name === "Topping")?.lines ?? []),
              line,
            ],
          },
        ],
      }),
      food,
    );
  };
  return (
    <section aria-label="Topping allowance" className="border-t border-rule pt-3">
      <h2 className="font-bold">Left for a topping</h2>
      <div className="flex flex-wrap items-end gap-3">
        <NumberField
          label="For one serving"
          unit="kcal"
          optional
          value={kcal}
          onChange={setKcal}
          hint="Empty: what the goal leaves."
        />
        {answer && kcal === null && (
          <p className="pb-8 text-soft">
            {answer.kcal == null
              ? "Give the goal an energy at most, or kcal here."
              : answer.kcal <= 0
                ? "The goal leaves nothing."
                : `The goal leaves ${figure(answer.kcal, "kcal")} kcal.`}
          </p>
        )}
      </div>
      <ul className="mt-1 columns-2 gap-6 max-sm:columns-1">
        {answer?.toppings.map((topping) => (
          <li
            key={topping.label_id}
            className="flex break-inside-avoid items-baseline justify-between gap-2"
          >
            <span>
              <b>{figure(topping.grams, "g")} g</b> {topping.name}
              {topping.protein_g != null && topping.protein_g >= 1 && (
                <span className="text-soft"> · {figure(topping.protein_g, "g")} g protein</span>
              )}
            </span>
            <button
              type="button"
              aria-label={`Add ${topping.name}`}
              className="min-h-8 px-1 text-pencil hover:underline max-sm:min-h-11"
              onClick={() => add(topping)}
            >
              add
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
