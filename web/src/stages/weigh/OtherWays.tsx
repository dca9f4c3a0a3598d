import { useState } from "react";

import type { Schemas } from "../../api/client";
import { NumberField, TextField } from "../../ui/Field";
import { Button } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { Toggle } from "../../ui/Toggle";
import { ByMeasure } from "./ByMeasure";
import { FoodPicker } from "../../food/FoodPicker";
import { type Line, untilRight } from "./lines";
import { TypedIn } from "../../scale/TypedIn";
import type { Weighing } from "./useWeighing";

type OtherWay = "typed" | "measure" | "until" | "pack" | "food" | "more" | "spilled" | "skip";

interface OtherWaysProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** What is typed of a weight already. */
  typed: string;
  batchId: number;
  line: Line | undefined;
  /** The components of the batch: something may be spilled of one, or come into one. */
  components: readonly string[];
  weighing: Weighing;
  plan: Schemas["WeighPlan"];
}

/** Every other way to weigh a line, or not to weigh it; and what went otherwise than planned. */
export function OtherWays(p: OtherWaysProps) {
  const { line, weighing } = p;
  const [way, setWay] = useState<OtherWay>(line ? "typed" : "more");
  const ways: [OtherWay, string][] = [
    ...(line ? LINE_WAYS : []),
    ["more", "Something more"],
    ["spilled", "Spilled or tasted"],
  ];
  const done = () => p.onOpenChange(false);
  const outOf = line?.way === "out_of";
  return (
    <Modal
      wide
      open={p.open}
      onOpenChange={p.onOpenChange}
      title={line ? `${line.name}, another way` : "Another way"}
    >
      <div className="grid gap-4 sm:grid-cols-[13rem_1fr]">
        <div role="group" aria-label="Ways" className="flex flex-wrap content-start gap-1 sm:grid">
          {ways.map(([key, name]) => (
            <Toggle key={key} on={key === way} onChoose={() => setWay(key)}>
              {name}
            </Toggle>
          ))}
        </div>
        <div className="min-h-64 min-w-0">
          {way === "typed" && line && (
            <TypedIn
              target={line.target_g > 0 ? line.target_g : null}
              typed={p.typed}
              likely={line.likely_g}
              counted={line.count != null}
              onTaken={(told) => {
                weighing.told(told);
                done();
              }}
            />
          )}
          {way === "measure" && line && (
            <ByMeasure
              batchId={p.batchId}
              line={line}
              onTaken={(told) => {
                weighing.told(told);
                done();
              }}
            />
          )}
          {way === "until" && line && <UntilRight line={line} weighing={weighing} onDone={done} />}
          {way === "pack" && line && (
            <div className="grid gap-3">
              <p className="max-w-prose">
                {outOf
                  ? "It is weighed out of its pack now. Back to pouring into the bowl?"
                  : "For what sticks or sprays: put the jar or can on the scale, take out what you need, put it back. What it lost is what went in."}
              </p>
              <Button
                look="main"
                className="justify-self-start"
                onClick={() => {
                  void weighing.arrange({
                    ...p.plan,
                    lines: p.plan.lines.map((planned) =>
                      planned.id === line.id
                        ? { ...planned, way: outOf ? "into" : "out_of" }
                        : planned,
                    ),
                  });
                  done();
                }}
              >
                {outOf ? "Pour it into the bowl" : "Weigh it out of its pack"}
              </Button>
            </div>
          )}
          {way === "food" && line && (
            <div className="grid gap-3">
              <p className="max-w-prose">
                Another food or package than planned: the batch is calculated with what went in, and
                the card says so. The grams stay.
              </p>
              <FoodPicker
                label="What goes in instead"
                foodId={line.food_id ?? null}
                onPick={(labelId) => {
                  weighing.food(line, labelId);
                  done();
                }}
              />
            </div>
          )}
          {way === "more" && (
            <MoreFood
              components={p.components}
              start={line?.component}
              onAdd={(labelId, component) => {
                void weighing.addLine(labelId, component);
                done();
              }}
            />
          )}
          {way === "spilled" && (
            <Spilled line={line} components={p.components} weighing={weighing} onDone={done} />
          )}
          {way === "skip" && line && <Skip weighing={weighing} onDone={done} />}
        </div>
      </div>
    </Modal>
  );
}

const LINE_WAYS: [OtherWay, string][] = [
  ["typed", "Type it in"],
  ["measure", "By cup, spoon or scoop"],
  ["until", "Until it is right"],
  ["pack", "Weigh the pack before and after"],
  ["food", "Something else went in"],
  ["skip", "Leave it out"],
];

interface PartProps {
  weighing: Weighing;
  onDone: () => void;
}

function UntilRight({ line, weighing, onDone }: PartProps & { line: Line }) {
  const [grams, setGrams] = useState<number | null>(null);
  return (
    <div className="grid gap-3">
      <p className="max-w-prose">
        Pour some, take it with <b>Add and stay</b>, look, pour more. Or weigh the jug before and
        after and type what it lost. When it is right, say how you know: next time’s target is what
        it took.
      </p>
      <p>
        So far <b>{line.poured_g.toFixed(line.poured_g < 10 ? 1 : 0)} g</b>
        {untilRight(line) && <span className="text-soft"> · last time: until {line.until}</span>}
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <NumberField label="The jug lost" unit="g" optional value={grams} onChange={setGrams} />
        <Button
          disabled={!grams}
          onClick={() => {
            if (grams) weighing.told({ grams, range: null, origin: "hand" }, "add");
            setGrams(null);
          }}
        >
          Add it
        </Button>
      </div>
      <div className="border-t border-rule pt-3">
        <SayingForm
          label="Right, because it"
          placeholder="drops off a spoon in a lump"
          begun={line.cue || line.until}
          submit="It is right now"
          onSay={(cue) => {
            weighing.right(cue);
            onDone();
          }}
        />
      </div>
    </div>
  );
}

interface MoreFoodProps {
  components: readonly string[];
  start: string | undefined;
  onAdd: (labelId: number, component: string) => void;
}

function MoreFood({ components, start, onAdd }: MoreFoodProps) {
  const [component, setComponent] = useState(start ?? components.at(-1) ?? "Bowl");
  return (
    <div className="grid gap-3">
      <p className="max-w-prose">
        Something that is not on the list: name it, pour it, take it. It belongs to the batch, and
        to the plan if you make these weights the plan afterwards.
      </p>
      {components.length > 1 && (
        <Parts parts={components} chosen={component} onChoose={setComponent} />
      )}
      <FoodPicker label="What goes in as well" onPick={(labelId) => onAdd(labelId, component)} />
    </div>
  );
}

interface PartsProps {
  parts: readonly string[];
  chosen: string;
  onChoose: (part: string) => void;
}

function Parts({ parts, chosen, onChoose }: PartsProps) {
  return (
    <div role="group" aria-label="Of which part" className="flex flex-wrap gap-1">
      {parts.map((part) => (
        <Toggle key={part} on={part === chosen} onChoose={() => onChoose(part)}>
          {part}
        </Toggle>
      ))}
    </div>
  );
}

interface SpilledProps extends PartProps {
  line: Line | undefined;
  components: readonly string[];
}

/** What did not stay: of one line, or of a whole part that was stirred already. */
function Spilled({ line, components, weighing, onDone }: SpilledProps) {
  const own = line && line.poured_g > 0 ? [line.name] : [];
  const parts = [...own, ...components];
  const [of, setOf] = useState(parts[0] ?? "");
  const [grams, setGrams] = useState<number | null>(null);
  const [error, setError] = useState<string>();
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!grams) {
          setError("Type about how many grams it was.");
          return;
        }
        weighing.spill(grams, own.includes(of) ? null : of);
        onDone();
      }}
    >
      <p className="max-w-prose">
        Spilled or tasted: it is taken off, give or take half. Raw batter with egg or flour in it is
        not for tasting.
      </p>
      <Parts parts={parts} chosen={of} onChoose={setOf} />
      <NumberField
        label="About"
        unit="g"
        value={grams}
        onChange={(value) => {
          setGrams(value);
          setError(undefined);
        }}
        error={error}
      />
      <Button type="submit" look="main" className="justify-self-start">
        Take it off
      </Button>
    </form>
  );
}

function Skip({ weighing, onDone }: PartProps) {
  return (
    <div className="grid gap-3">
      <p className="max-w-prose">Left out on purpose: it counts nothing, and the card says so.</p>
      <SayingForm
        label="Why (may stay empty)"
        placeholder="none in the house"
        submit="Leave it out"
        onSay={(why) => {
          weighing.skip(why);
          onDone();
        }}
      />
    </div>
  );
}

interface SayingFormProps {
  label: string;
  placeholder: string;
  begun?: string;
  submit: string;
  onSay: (words: string) => void;
}

/** A few words that are kept with what is done. */
function SayingForm({ label, placeholder, begun = "", submit, onSay }: SayingFormProps) {
  const [words, setWords] = useState(begun);
  return (
    <form
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onSay(words.trim());
      }}
    >
      <TextField
        label={label}
        placeholder={placeholder}
        maxLength={300}
        value={words}
        onChange={setWords}
      />
      <Button type="submit" look="main" className="justify-self-start">
        {submit}
      </Button>
    </form>
  );
}
