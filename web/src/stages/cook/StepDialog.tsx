import { inDegrees, toCelsius } from "../../lib/temperature";
import { type SyntheticEvent, useState } from "react";

import type { Schemas } from "../../api/client";
import { MOST, STEP_KINDS } from "../../api/vocabulary";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { Modal } from "../../ui/Modal";
import { TextButton } from "../../ui/Reason";
import { Ticks } from "../../ui/Ticks";
import { fixed } from "../../lib/format";
import { SCALES } from "./stepText";
import { useDegrees } from "./useDegrees";

type Step = Schemas["Step"];

interface StepDialogProps {
  step: Step;
  steps: readonly Step[];
  components: readonly string[];
  ways: readonly Schemas["OtherWay"][];
  size: Schemas["TimeScaling"] | undefined;
  onWay: (way: string) => void;
  onSave: (step: Step) => void;
  onClose: () => void;
}

/** Everything that can be said of a step. */
export function StepDialog(props: StepDialogProps) {
  const { step, steps, components, ways, size, onWay, onSave, onClose } = props;
  const [draft, setDraft] = useState(step);
  const [error, setError] = useState<string>();
  const set = (part: Partial<Step>) => {
    setDraft((last) => ({ ...last, ...part }));
    setError(undefined);
  };
  const save = (event: SyntheticEvent) => {
    event.preventDefault();
    if (draft.says.trim() === "") setError("Say what is done.");
    else if ((draft.least_min ?? 0) > (draft.most_min ?? Infinity)) {
      setError("The time runs from the shorter to the longer.");
    } else {
      onSave(draft);
      onClose();
    }
  };
  const later = followers(steps, step.id);
  const names = Object.fromEntries(steps.map((step, i) => [step.id, `${i + 1} ${step.says}`]));
  const before = steps.map((step) => step.id).filter((key) => !later.has(key));
  return (
    <Modal wide open onOpenChange={(open) => !open && onClose()} title={`Step: ${step.says}`}>
      <form className="grid gap-4" onSubmit={save} noValidate>
        <div className="grid gap-4 sm:grid-cols-[2fr_1fr]">
          <TextField
            label="What is done"
            maxLength={200}
            value={draft.says}
            onChange={(says) => set({ says })}
            error={error}
          />
          <Choice
            label="Kind"
            value={draft.kind}
            options={STEP_KINDS}
            onChange={(kind) => set({ kind })}
          />
        </div>
        <div className="flex flex-wrap gap-4">
          <NumberField
            label="At least"
            unit="min"
            optional
            value={draft.least_min}
            most={MOST.Step.least_min}
            onChange={(least_min) => set({ least_min, ...forThisMuch(draft, size) })}
          />
          <NumberField
            label="At most"
            unit="min"
            optional
            value={draft.most_min}
            most={MOST.Step.most_min}
            onChange={(most_min) => set({ most_min, ...forThisMuch(draft, size) })}
          />
          <NumberField
            label="First look after"
            unit="min"
            optional
            value={draft.first_look_min}
            most={MOST.Step.first_look_min}
            onChange={(first_look_min) => set({ first_look_min })}
          />
          <div className="w-44">
            <Choice
              label="Meanwhile"
              value={(draft.hands_on ?? true) ? "hands" : "itself"}
              options={ATTENTION}
              onChange={(attention) => set({ hands_on: attention === "hands" })}
            />
          </div>
        </div>
        <div className="flex flex-wrap items-start gap-4">
          <Heat draft={draft} set={set} />
          <Size draft={draft} size={size} set={set} />
        </div>
        <div className="grid gap-4 sm:grid-cols-3">
          <TextField
            label="Tool that nothing else can use meanwhile"
            placeholder="oven"
            maxLength={60}
            value={draft.tool ?? ""}
            onChange={(tool) => set({ tool })}
          />
          <TextField
            label="Vessel"
            placeholder="loaf tin"
            maxLength={60}
            value={draft.vessel ?? ""}
            onChange={(vessel) => set({ vessel })}
          />
          <TextField
            label="Until"
            placeholder="moist crumbs on a toothpick"
            maxLength={300}
            value={draft.cue ?? ""}
            onChange={(cue) => set({ cue })}
          />
        </div>
        {components.length > 0 && (
          <Ticks
            label="Works on"
            names={{}}
            choices={components}
            value={draft.uses ?? []}
            onChange={(uses) => set({ uses })}
          />
        )}
        {before.length > 0 && (
          <Ticks
            label="Comes after"
            names={names}
            choices={before}
            value={draft.after ?? []}
            onChange={(after) => set({ after })}
          />
        )}
        <Button type="submit" look="main" className="justify-self-start">
          Save the step
        </Button>
      </form>
      <Ways
        ways={ways}
        onWay={(way) => {
          onWay(way);
          onClose();
        }}
      />
    </Modal>
  );
}

/** Minutes that the cook types are for what there is now, where they were stated for another size. */
const forThisMuch = (draft: Step, size: Schemas["TimeScaling"] | undefined): Partial<Step> => ({
  ...(draft.for_piece_g != null && { for_piece_g: size?.piece_g ?? draft.for_piece_g }),
  ...(draft.for_whole_g != null && { for_whole_g: size?.whole_g ?? draft.for_whole_g }),
});

/** For how much the minutes are stated: the time of another size follows from it. */
function Size({
  draft,
  size,
  set,
}: {
  draft: Step;
  size: Schemas["TimeScaling"] | undefined;
  set: (part: Partial<Step>) => void;
}) {
  const now = (grams: number | null | undefined) => (grams ? `now ${fixed(grams, 0)} g` : "");
  return (
    <>
      <NumberField
        label="Time is for pieces of"
        unit="g"
        optional
        most={MOST.Step.for_piece_g}
        value={draft.for_piece_g}
        onChange={(for_piece_g) => set({ for_piece_g })}
        hint={now(size?.piece_g)}
      />
      <NumberField
        label="or for all of it in one tin"
        unit="g"
        optional
        most={MOST.Step.for_whole_g}
        value={draft.for_whole_g}
        onChange={(for_whole_g) => set({ for_whole_g })}
        hint={now(size?.whole_g)}
      />
      <NumberField
        label="At a time"
        optional
        most={MOST.Step.at_a_time}
        value={draft.at_a_time}
        onChange={(pieces) => set({ at_a_time: pieces === null ? null : Math.round(pieces) })}
        hint="the time is for one round"
      />
    </>
  );
}

/** The other ways to do the step, what this kitchen has first. */
function Ways({ ways, onWay }: { ways: StepDialogProps["ways"]; onWay: StepDialogProps["onWay"] }) {
  if (ways.length === 0) return null;
  return (
    <section aria-label="Another way" className="mt-6 border-t border-ink pt-3">
      <h3 className="font-bold">Do it another way</h3>
      <ul>
        {ways.map((way) => (
          <li
            key={way.key}
            className="grid gap-x-4 border-b border-rule py-1 sm:grid-cols-[13rem_1fr]"
          >
            <span className="justify-self-start">
              <TextButton onPress={() => onWay(way.key)}>{capital(way.key)}</TextButton>
            </span>
            <span className="self-center text-sm text-soft">
              {way.says}
              {!way.there && <b className="text-mark"> Not in this kitchen.</b>}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Steps that wait for this one, near or far: it cannot come after them. */
function followers(steps: readonly Step[], key: string): Set<string> {
  const found = new Set<string>([key]);
  for (let grown = true; grown;) {
    const before = found.size;
    for (const step of steps) {
      if ((step.after ?? []).some((key) => found.has(key))) found.add(step.id);
    }
    grown = found.size > before;
  }
  return found;
}

const ATTENTION = [
  { value: "hands" as const, label: "takes your hands" },
  { value: "itself" as const, label: "runs by itself" },
];
const AIRS = [
  { value: "conventional" as const, label: "conventional" },
  { value: "fan" as const, label: "fan" },
];

function Heat({ draft, set }: { draft: Step; set: (part: Partial<Step>) => void }) {
  const house = useDegrees();
  const scale = draft.written ?? house.scale;
  const celsius = draft.temperature_c;
  const shown = celsius == null ? null : Math.round(inDegrees(celsius, scale));
  const typed = (degrees: number | null, as: "C" | "F") =>
    set({
      written: as,
      temperature_c: degrees === null ? null : as === "F" ? toCelsius(degrees) : degrees,
    });
  return (
    <>
      <NumberField
        label="Temperature"
        optional
        value={shown}
        most={inDegrees(MOST.Step.temperature_c, scale)}
        onChange={(degrees) => typed(degrees, scale)}
      />
      <div className="w-24">
        <Choice label="In" value={scale} options={SCALES} onChange={(as) => set({ written: as })} />
      </div>
      <div className="w-40">
        <Choice
          label="Oven"
          value={draft.air ?? "conventional"}
          options={AIRS}
          onChange={(air) => set({ air })}
        />
      </div>
    </>
  );
}
