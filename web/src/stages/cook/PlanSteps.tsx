import { useState } from "react";

import { api, ask, firstFault, type Schemas } from "../../api/client";
import { Balloon } from "../../drawing/Balloon";
import { clock, minutes } from "../../lib/format";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { TextButton } from "../../ui/Reason";
import { Cautions } from "./Cautions";
import { EatAt } from "./EatAt";
import { StepDialog } from "./StepDialog";
import { Memory } from "./Memory";
import { memoryText, timeText, untilText } from "./stepText";
import { useDegrees } from "./useDegrees";
import { Timeline } from "./Timeline";
import { type StepDraft, useStepDraft } from "./useStepDraft";
import { without } from "./without";
import { useDeed } from "../../ui/useDeed";

type Step = Schemas["Step"];

/** Plan the steps of a trial: type them or take a template, see them laid out in time. */
export function PlanSteps({ sheet }: { sheet: Schemas["StepsSheet"] }) {
  const draft = useStepDraft(sheet);
  const [edited, setEdited] = useState<string | null>(null);
  const step = draft.steps.find((step) => step.id === edited);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-5">
      {draft.steps.length > 0 && <InTime draft={draft} />}
      <section aria-label="Steps" className="grid grid-cols-[minmax(0,1fr)] gap-3">
        {draft.steps.length === 0 ? (
          <NoSteps draft={draft} />
        ) : (
          <Steps draft={draft} onEdit={setEdited} />
        )}
        <AddStep draft={draft} />
      </section>
      <Cautions cautions={draft.report.cautions} />
      {step && (
        <StepDialog
          key={step.id}
          step={step}
          steps={draft.steps}
          components={draft.sheet.components}
          ways={draft.report.ways[step.id] ?? []}
          size={draft.report.estimates[step.id]?.size}
          onWay={(way) => void goAnotherWay(draft, step, way)}
          onClose={() => setEdited(null)}
          onSave={(next) =>
            draft.change(draft.steps.map((step) => (step.id === next.id ? next : step)))
          }
        />
      )}
    </div>
  );
}

/** The steps as they lie in time, and what is forgotten. */
function InTime({ draft }: { draft: StepDraft }) {
  const { laid } = draft.report;
  return (
    <>
      <section aria-label="Schedule">
        <EatAt laid={laid ?? null} eatAt={draft.eatAt} onEatAt={draft.setEatAt} />
        {laid && <Timeline laid={laid} steps={draft.steps} />}
        {laid && <Ahead laid={laid} steps={draft.steps} />}
      </section>
      <Forgotten draft={draft} />
    </>
  );
}

function Steps({ draft, onEdit }: { draft: StepDraft; onEdit: (id: string) => void }) {
  return (
    <div>
      <h2 className="text-lg font-bold">
        Steps{" "}
        <span className="text-sm font-normal text-soft" role="status">
          {draft.saving ? "saving…" : "saved"}
        </span>
      </h2>
      <ol className="mt-1 border-t border-ink">
        {draft.steps.map((step, i) => (
          <StepLine
            key={step.id}
            step={step}
            number={i + 1}
            draft={draft}
            onEdit={() => onEdit(step.id)}
          />
        ))}
      </ol>
    </div>
  );
}

/** What has to be begun long before the rest: thawing, chilling, freezing, a long rest. */
function Ahead({ laid, steps }: { laid: Schemas["CookSchedule"]; steps: readonly Step[] }) {
  const lead = steps.filter((step) => laid.lead.includes(step.id));
  if (lead.length === 0) return null;
  const begin = (step: Step) => laid.steps.find((placed) => placed.id === step.id)?.start_at ?? "";
  return (
    <p className="mt-1">
      <b>Ahead of time:</b>{" "}
      {lead
        .map((step) => `${step.says}, ${timeText(step)}, begun by ${clock(begin(step))}`)
        .join("; ")}
    </p>
  );
}

function NoSteps({ draft }: { draft: StepDraft }) {
  return (
    <div className="grid max-w-prose gap-4">
      <p>
        No steps yet. Type one as you would say it, such as “bake 340 F 24-28 min, check at 20”, or
        begin with the usual ones of its family and change them.
      </p>
      <TemplateButton draft={draft} look="main" />
    </div>
  );
}

function TemplateButton({ draft, look }: { draft: StepDraft; look: "main" | "plain" }) {
  const say = useNotice();
  const take = async () => {
    try {
      const steps = await ask(
        api.GET("/api/trials/{trial_id}/steps/template", {
          params: { path: { trial_id: draft.sheet.trial_id } },
        }),
      );
      draft.change(steps, "The usual steps are in the list.");
    } catch (error) {
      say({ text: firstFault(error), bad: true });
    }
  };
  return (
    <Button look={look} className="justify-self-start" onClick={() => void take()}>
      Begin with the usual steps
    </Button>
  );
}

function StepLine({
  step,
  number,
  draft,
  onEdit,
}: {
  step: Step;
  number: number;
  draft: StepDraft;
  onEdit: () => void;
}) {
  const { report, steps } = draft;
  const { knobSays } = useDegrees();
  const guess = report.estimates[step.id];
  const knob = report.knobs[step.id];
  const rule = report.rules[step.id];
  const lacking = report.lacking[step.id];
  const instead = report.ways[step.id]?.find((way) => way.there);
  const laid = report.laid?.steps.find((placed) => placed.id === step.id);
  const places = new Map(steps.map((step, i) => [step.id, i + 1]));
  const after = (step.after ?? []).map((key) => places.get(key)).filter(Boolean);
  const memory = guess && memoryText(guess);
  return (
    <li className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-start gap-x-3 border-b border-rule py-0.5">
      <span className="pt-2">
        <Balloon n={number} filled={step.hands_on ?? true} />
      </span>
      <div className="min-w-0 py-2">
        <span className="font-semibold">{step.says}</span>{" "}
        <span className="text-soft">
          {[
            timeText(step),
            knob && knobSays(knob),
            step.vessel && `in the ${step.vessel}`,
            untilText(step),
            after.length > 0 && `after ${after.join(" and ")}`,
          ]
            .filter(Boolean)
            .join(" · ")}
        </span>
        {memory && <Memory says={memory} guess={guess} />}
        {guess && guess.looks_min.length > 0 && (
          <p className="text-sm text-soft">
            look after {guess.looks_min.slice(0, 4).map(minutes).join(", ")}
          </p>
        )}
        {rule && <p className="text-sm text-mark">{asks(rule)}</p>}
        {lacking && (
          <p className="text-sm">
            <span className="text-mark">No {lacking} here.</span>{" "}
            {instead && (
              <TextButton onPress={() => void goAnotherWay(draft, step, instead.key)}>
                {`Do it ${instead.key}`}
              </TextButton>
            )}
          </p>
        )}
      </div>
      <div className="flex flex-wrap items-center justify-end gap-1">
        <span className="px-1 text-sm text-soft max-sm:hidden">{laid && clock(laid.start_at)}</span>
        <Button look="quiet" onClick={onEdit} aria-label={`Change step ${number}, ${step.says}`}>
          Change
        </Button>
        <Button
          look="quiet"
          aria-label={`Take out step ${number}, ${step.says}`}
          onClick={() => draft.change(without(steps, step.id), `“${step.says}” is out.`)}
        >
          ×
        </Button>
      </div>
    </li>
  );
}

const asks = (rule: Schemas["SafeRule"]) => {
  const enough = rule.enough
    .map((level) => `${level.temperature_c} °C${level.seconds ? ` for ${level.seconds} s` : ""}`)
    .join(" or ");
  const rest = rule.rest_min ? `, then ${rule.rest_min} min rest` : "";
  const whose = rule.school === "us" ? "USDA FSIS" : "UK FSA";
  return `Measured before it is done: ${enough} in the core${rest} (${whose}).`;
};

async function goAnotherWay(draft: StepDraft, step: Step, way: string) {
  const steps = await ask(
    api.POST("/api/trials/{trial_id}/steps/another-way", {
      params: { path: { trial_id: draft.sheet.trial_id } },
      body: { steps: [...draft.steps], step: step.id, way },
    }),
  );
  draft.change(steps, `“${step.says}” is done ${way}.`);
}

function Forgotten({ draft }: { draft: StepDraft }) {
  const { forgotten } = draft.report;
  const add = async (text: string) => {
    const step = await readStep(draft, text);
    const heats = step.kind === "preheat";
    const steps = heats ? [step, ...draft.steps.map(waitsFor(step))] : [...draft.steps, step];
    draft.change(steps, `“${step.says}” is in.`);
  };
  if (forgotten.length === 0) return null;
  return (
    <section aria-label="Easy to forget" className="border-l-4 border-mark bg-wash px-3 py-2">
      <h2 className="font-bold">Easy to forget</h2>
      <ul>
        {forgotten.map((reminder) => (
          <li key={reminder.must} className="flex flex-wrap items-center gap-x-3">
            {reminder.says}
            <TextButton onPress={() => void add(reminder.text)}>Add it</TextButton>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Whatever bakes waits for the oven to be hot. */
const waitsFor = (heat: Step) => (step: Step) =>
  step.kind === "bake" ? { ...step, after: [...(step.after ?? []), heat.id] } : step;

const readStep = (draft: StepDraft, text: string) =>
  ask(
    api.POST("/api/trials/{trial_id}/steps/read", {
      params: { path: { trial_id: draft.sheet.trial_id } },
      body: { text, key: crypto.randomUUID(), steps: [...draft.steps] },
    }),
  );

function AddStep({ draft }: { draft: StepDraft }) {
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const add = async () => {
    await deed.run(async () => {
      const step = await readStep(draft, text);
      setText("");
      draft.change([...draft.steps, step]);
    });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      <div className="min-w-64 flex-1">
        <TextField
          label="Add a step"
          placeholder="bake 340 F 24-28 min, check at 20"
          maxLength={400}
          value={text}
          onChange={(typed) => {
            setText(typed);
            setError(undefined);
          }}
          error={error}
        />
      </div>
      <Button type="submit">Add</Button>
    </form>
  );
}
