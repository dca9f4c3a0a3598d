import { useState } from "react";

import type { ProblemError, Schemas } from "../../api/client";
import { MOST, MOST_ARMS } from "../../api/vocabulary";
import { FoodPicker } from "../../food/FoodPicker";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";
import { type ArmDraft, type Factor, FACTORS, newArm, nameOf, sent } from "./armDraft";

interface NewArmsProps {
  sheet: Schemas["ArmsSheet"];
  /** What was wrong with it, or null. */
  onDivide: (arms: readonly Schemas["NewArm"][]) => Promise<ProblemError | null>;
}

/** A planned comparison: what differs, and how the batch is shared out. */
export function NewArms({ sheet, onDivide }: NewArmsProps) {
  const [factor, setFactor] = useState<Factor>(sheet.steps.length > 0 ? "time" : "line");
  const [step, setStep] = useState(hottest(sheet)?.id ?? "");
  const [arms, setArms] = useState<readonly ArmDraft[]>([newArm(1), newArm(2)]);
  const [problem, setProblem] = useState<ProblemError | null>(null);
  const change = (key: number, part: Partial<ArmDraft>) =>
    setArms((all) => all.map((arm) => (arm.key === key ? { ...arm, ...part } : arm)));
  const open = FACTORS.filter(
    ([key]) => (key !== "time" && key !== "tool") || sheet.steps.length > 0,
  ).filter(([key]) => key !== "finish" || sheet.finishes.length > 0);
  const divide = async () => {
    setProblem(await onDivide(arms.map((arm, i) => sent(arm, i, factor, step, sheet))));
  };
  return (
    <form
      noValidate
      className="grid max-w-3xl gap-5"
      onSubmit={(event) => {
        event.preventDefault();
        void divide();
      }}
    >
      <p className="max-w-prose">
        Divide what was mixed by weight, and change one thing in one part of it: the same batter,
        the same day, the same tasters. There are <b>{weighed(sheet.whole_g ?? 0)} g</b> to divide,
        in equal parts unless you say otherwise.
      </p>
      <div role="group" aria-label="What differs" className="flex flex-wrap gap-1">
        {open.map(([key, says]) => (
          <Toggle key={key} on={key === factor} onChoose={() => setFactor(key)}>
            {says}
          </Toggle>
        ))}
      </div>
      {(factor === "time" || factor === "tool") && (
        <Choice
          label="In which step"
          value={step}
          options={sheet.steps.map((hot) => ({ value: hot.id, label: hot.says }))}
          onChange={setStep}
        />
      )}
      <ol className="grid gap-4">
        {arms.map((arm, i) => (
          <li key={arm.key} className="border-l-4 border-ink pl-3">
            <fieldset className="grid gap-3">
              <legend className="font-bold">{nameOf(arm, i, factor, sheet)}</legend>
              <div className="flex flex-wrap items-start gap-4">
                <Level
                  arm={arm}
                  at={i}
                  factor={factor}
                  sheet={sheet}
                  onChange={(part) => change(arm.key, part)}
                  problem={problem}
                />
                <NumberField
                  label="Grams of the mixture"
                  unit="g"
                  optional
                  value={arm.grams}
                  onChange={(grams) => change(arm.key, { grams })}
                  hint="empty: an equal part"
                  error={problem?.at(`arms[${i}].grams`)}
                />
                <NumberField
                  label="Pieces"
                  takes="whole"
                  optional
                  most={MOST.NewArm.pieces}
                  value={arm.pieces}
                  onChange={(pieces) => change(arm.key, { pieces })}
                />
                <TextField
                  label="Call it"
                  placeholder={nameOf({ ...arm, name: "" }, i, factor, sheet)}
                  maxLength={120}
                  value={arm.name}
                  onChange={(name) => change(arm.key, { name })}
                  error={problem?.at(`arms[${i}].name`)}
                />
              </div>
            </fieldset>
          </li>
        ))}
      </ol>
      {problem && <p className="text-mark">{problem.at("arms") ?? problem.message}</p>}
      <p className="flex flex-wrap gap-3">
        <Button type="submit" look="main">
          Divide into {arms.length} arms
        </Button>
        {arms.length < MOST_ARMS ? (
          <Button onClick={() => setArms((all) => [...all, newArm(all.length + 1)])}>
            A third arm
          </Button>
        ) : (
          <Button onClick={() => setArms((all) => all.slice(0, -1))}>Only two</Button>
        )}
      </p>
    </form>
  );
}

/** The step whose time is most likely in question: the last one that has a tool. */
function hottest(sheet: Schemas["ArmsSheet"]) {
  return sheet.steps.findLast((step) => step.kind === "bake") ?? sheet.steps[0];
}

interface LevelProps {
  arm: ArmDraft;
  at: number;
  factor: Factor;
  sheet: Schemas["ArmsSheet"];
  onChange: (part: Partial<ArmDraft>) => void;
  problem: ProblemError | null;
}

/** What this arm does; left empty, it is as planned. */
function Level({ arm, at, factor, sheet, onChange, problem }: LevelProps) {
  switch (factor) {
    case "time":
      return (
        <NumberField
          label="Minutes"
          unit="min"
          optional
          value={arm.minutes}
          onChange={(minutes) => onChange({ minutes })}
          hint="empty: as planned"
        />
      );
    case "tool":
      return (
        <>
          <TextField
            label="Tool"
            placeholder="air fryer"
            maxLength={60}
            value={arm.tool}
            onChange={(tool) => onChange({ tool })}
          />
          <TextField
            label="Pan or liner"
            placeholder="parchment cups"
            maxLength={60}
            value={arm.vessel}
            onChange={(vessel) => onChange({ vessel })}
          />
        </>
      );
    case "line":
      return arm.food ? (
        <div className="flex items-end gap-3">
          <NumberField
            label={arm.food.name}
            unit="g"
            value={arm.added}
            onChange={(added) => onChange({ added })}
            error={problem?.at(`arms[${at}].lines[0].grams`)}
          />
          <Button look="quiet" onClick={() => onChange({ food: null, added: null })}>
            Nothing more
          </Button>
        </div>
      ) : (
        <FoodPicker
          label="What it gets as well"
          onPick={(id, name) => onChange({ food: { id, name } })}
        />
      );
    case "finish":
      return (
        <Choice
          label="Topping"
          value={arm.finish}
          options={[
            { value: "", label: "none" },
            ...sheet.finishes.map((finish) => ({ value: finish.id, label: finish.name })),
          ]}
          onChange={(finish) => onChange({ finish })}
        />
      );
    case "other":
      return null;
  }
}
