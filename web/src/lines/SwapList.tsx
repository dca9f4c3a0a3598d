import { useState } from "react";

import { api, ask, type Schemas } from "../api/client";
import { useSettings } from "../api/queries";
import { useAnswer } from "../api/useAnswer";
import { figure, fixed, signed } from "../lib/format";
import { Button } from "../ui/Button";
import { Reason, TextButton } from "../ui/Reason";
import { Toggle } from "../ui/Toggle";
import type { BuildChange } from "./change";
import type { BuildDraft } from "./useBuildDraft";
import type { BuildLine } from "./draft";
import { OwnSwap } from "./OwnSwap";

type SwapOption = Schemas["SwapOption"];

export interface Trying {
  change: BuildChange | null;
  /** Try a change in the section without making it; null goes back. */
  preview: (change: BuildChange | null, labels?: readonly Schemas["ShelfLabel"][]) => void;
  apply: (change: BuildChange, says: string, labels?: readonly Schemas["ShelfLabel"][]) => void;
}

interface SwapListProps {
  line: BuildLine;
  draft: BuildDraft;
  trialId: number;
  dishId: number;
  trying: Trying;
}

const SHARES = [
  { share: null, name: "all of it" },
  { share: 0.5, name: "half" },
  { share: 0.25, name: "a quarter" },
] as const;

/** What may stand in for a line, calculated for this trial; each can be tried before it is done. */
export function SwapList({ line, draft, trialId, dishId, trying }: SwapListProps) {
  const [share, setShare] = useState<number | null>(null);
  const [again, setAgain] = useState(0);
  const text = JSON.stringify({ build: draft.build, line_id: line.id, share });
  const { answer, problem } = useAnswer<Schemas["LineSwaps"]>(
    text,
    (body) =>
      api.POST("/api/trials/{trial_id}/swaps", {
        params: { path: { trial_id: trialId } },
        body: JSON.parse(body) as Schemas["SwapsWanted"],
      }),
    60,
    again,
  );
  const own = draft.labels[String(line.label_id)];
  if (problem) return <p className="text-mark">{problem.message}</p>;
  if (answer?.line_id !== line.id) return <p className="text-soft">Looking along the shelf…</p>;
  const labels = Object.values(answer.labels);
  return (
    <section aria-label="Swaps">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 className="font-bold">Swap it</h2>
        {answer.options.length > 0 && (
          <div role="group" aria-label="How much of it" className="flex">
            {SHARES.map((choice) => (
              <Toggle
                key={choice.name}
                small
                on={share === choice.share}
                onChoose={() => setShare(choice.share)}
              >
                {choice.name}
              </Toggle>
            ))}
          </div>
        )}
      </div>
      {answer.says && <p className="mt-1 text-soft">{answer.says}</p>}
      <ul className="mt-1">
        {grouped(answer.options).map((group) => (
          <SwapGroup
            key={group[0].swap}
            options={group}
            dishId={dishId}
            trying={trying}
            labels={labels}
            onJudged={() => setAgain((n) => n + 1)}
          />
        ))}
      </ul>
      {own && (
        <OwnSwap
          food={{ id: own.food_id, name: own.label.name ?? "it" }}
          draft={draft}
          onAdded={() => setAgain((n) => n + 1)}
        />
      )}
    </section>
  );
}

type SwapGroup = [SwapOption, ...SwapOption[]];

/** Options of one swap together, in the order of their first. */
function grouped(options: readonly SwapOption[]): SwapGroup[] {
  const found = new Map<string, SwapGroup>();
  for (const option of options) {
    const group = found.get(option.swap);
    if (group) group.push(option);
    else found.set(option.swap, [option]);
  }
  return [...found.values()];
}

interface SwapGroupProps {
  options: SwapGroup;
  dishId: number;
  trying: Trying;
  labels: readonly Schemas["ShelfLabel"][];
  onJudged: () => void;
}

/** One swap: its rule and what to watch, and every package that could be used for it. */
function SwapGroup({ options, dishId, trying, labels, onJudged }: SwapGroupProps) {
  const [first] = options;
  return (
    <li className="border-t border-rule py-1.5">
      <h3>
        <b>{first.name}</b>
        {first.share < 1 && (
          <span className="text-soft"> · {Math.round(first.share * 100)} % of it</span>
        )}
      </h3>
      <p className="text-sm text-soft">
        {first.rule}
        {first.watch && <>. Watch: {first.watch}</>}
        {first.step && <>. {first.step}</>}
        {first.likeness != null && <> Likeness expected: {first.likeness} of 10.</>}
      </p>
      <ul>
        {options.map((option) => (
          <Option key={option.key} option={option} trying={trying} labels={labels} />
        ))}
      </ul>
      <Judgement option={first} dishId={dishId} onJudged={onJudged} />
    </li>
  );
}

interface OptionProps {
  option: SwapOption;
  trying: Trying;
  labels: readonly Schemas["ShelfLabel"][];
}

function Option({ option, trying, labels }: OptionProps) {
  const into = option.goes_in
    .map((food) => `${figure(food.grams, "g")} g ${food.name}`)
    .join(" + ");
  const tried =
    trying.change !== null && JSON.stringify(trying.change) === JSON.stringify(option.change);
  return (
    <li className={`flex flex-wrap items-center gap-x-3 gap-y-1 py-1 ${tried ? "bg-wash" : ""}`}>
      <div className="min-w-0 flex-1 basis-40">
        {into}
        <MovedLine moved={option.moved} />
        {option.breaks.length > 0 && (
          <p className="text-sm text-mark">
            Not {option.breaks.map((need) => need.replaceAll("_", " ")).join(", not ")}.
          </p>
        )}
      </div>
      <span className="flex shrink-0 gap-2">
        <Toggle
          small
          on={tried}
          onChoose={() => trying.preview(tried ? null : option.change, labels)}
        >
          Try it
        </Toggle>
        <Button
          onClick={() => trying.apply(option.change, `${option.name}: done.`, labels)}
          className="min-h-8! max-sm:min-h-11!"
        >
          Do it
        </Button>
      </span>
    </li>
  );
}

const MOVES = [
  ["kcal", "kcal", "kcal"],
  ["protein_g", "protein", "g"],
  ["fat_g", "fat", "g"],
  ["sweetness_g", "sweetness", "g"],
  ["water_g", "water", "g"],
] as const;

/** What a change does to one serving: −21 kcal · +1.2 g protein · … */
export function MovedLine({ moved }: { moved: Schemas["Effect"] }) {
  const { data: settings } = useSettings();
  const shown = MOVES.filter(([key]) => moved[key] == null || Math.abs(moved[key]) >= 0.05);
  return (
    <p className="flex flex-wrap gap-x-3 text-sm" aria-label="What it does to a serving">
      {shown.map(([key, name, unit]) => {
        const value = moved[key];
        const text = value == null ? "?" : signed(value, unit);
        return (
          <span key={key}>
            <b>{text}</b> {unit === "g" ? `g ${name}` : name}
          </span>
        );
      })}
      {moved.cost != null && Math.abs(moved.cost) >= 0.005 && (
        <span>
          <b>
            {moved.cost < 0 ? "−" : "+"}
            {fixed(Math.abs(moved.cost), 2)}
          </b>{" "}
          {settings?.currency}
        </span>
      )}
      {shown.length === 0 && <span className="text-soft">next to nothing</span>}
    </p>
  );
}

interface JudgementProps {
  option: SwapOption;
  dishId: number;
  onJudged: () => void;
}

/** A swap that the cook does not want stays rejected in this dish, with its reason. */
function Judgement({ option, dishId, onJudged }: JudgementProps) {
  const params = { path: { dish_id: dishId, swap: option.swap } };
  if (option.rejected != null) {
    const allow = () =>
      ask(api.DELETE("/api/dishes/{dish_id}/rejected/{swap}", { params })).then(onJudged);
    return (
      <p className="text-sm text-mark">
        Rejected: {option.rejected}{" "}
        <TextButton onPress={() => void allow()}>Allow it again</TextButton>
      </p>
    );
  }
  const reject = (reason: string) =>
    ask(api.PUT("/api/dishes/{dish_id}/rejected/{swap}", { params, body: { reason } })).then(
      onJudged,
    );
  return (
    <Reason
      opens="Not for this dish…"
      label="Why not? It is not proposed again without saying so."
      placeholder="tasted worse, took longer"
      submit="Reject it"
      onSubmit={(reason) => void reject(reason)}
    />
  );
}
