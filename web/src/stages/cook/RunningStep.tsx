import { useState } from "react";

import type { Schemas } from "../../api/client";
import { Balloon } from "../../drawing/Balloon";
import { clock, countdown, minutes } from "../../lib/format";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Field";
import { Reason } from "../../ui/Reason";
import { Toggle } from "../../ui/Toggle";
import { LookForm, MeasureForm } from "./LookForm";
import { CAME_OUT, memoryText, timeText, untilText } from "./stepText";
import { ms } from "./timeline";
import { useDegrees } from "./useDegrees";
import type { CookDeed } from "../../api/cookDeeds";
import { MOST } from "../../api/vocabulary";

interface RunningStepProps {
  one: Schemas["CookedStep"];
  number: number;
  isNext: boolean;
  now: number;
  startAt: string | null;
  refused: string | undefined;
  log: (deed: CookDeed) => Promise<boolean>;
}

/** A step of a cook: waiting, going with its clock, or done with what it took. */
export function RunningStep(p: RunningStepProps) {
  if (p.one.status === "going") return <Going {...p} />;
  if (p.one.status === "waiting") return <Waiting {...p} />;
  return <Over {...p} />;
}

function useAbout({ step, knob, estimate }: Schemas["CookedStep"]): string {
  const { knobSays } = useDegrees();
  return [
    timeText(step),
    knob && knobSays(knob),
    step.vessel && `in the ${step.vessel}`,
    untilText(step),
    memoryText(estimate),
  ]
    .filter(Boolean)
    .join(" · ");
}

function Waiting({ one, number, isNext, startAt, log }: RunningStepProps) {
  const { step } = one;
  const about = useAbout(one);
  return (
    <li
      className={`grid grid-cols-[auto_minmax(0,1fr)_auto] items-start gap-x-3 border-b border-rule py-2 ${one.can_begin ? "" : "text-soft"}`}
    >
      <Balloon n={number} filled={step.hands_on ?? true} />
      <div className="min-w-0">
        <span className="font-semibold">{step.says}</span>
        {startAt && <span className="text-soft"> · about {clock(startAt)}</span>}
        <p className="text-sm text-soft">{about}</p>
        <Reason
          opens="Leave it out"
          label="Why it is left out"
          placeholder="no time for it"
          submit="Leave it out"
          onSubmit={(note) => void log({ deed: "skip", step: step.id, note })}
        />
      </div>
      <Button
        look={isNext ? "main" : "plain"}
        disabled={!one.can_begin}
        {...(isNext ? { shortcut: "B" } : { "aria-label": `Begin step ${number}, ${step.says}` })}
        onClick={() => void log({ deed: "begin", step: step.id })}
      >
        Begin
      </Button>
    </li>
  );
}

function Going({ one, number, now, refused, log }: RunningStepProps) {
  const { step } = one;
  const about = useAbout(one);
  const [looking, setLooking] = useState(false);
  const due = one.due_at ? ms(one.due_at) : now;
  const look = one.next_look_at ? ms(one.next_look_at) : null;
  const lookDue = look !== null && look <= now;
  return (
    <li className="border-2 border-ink p-3" aria-label={`Step ${number}, ${step.says}`}>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Balloon n={number} filled />
        <span className="text-lg font-bold">{step.says}</span>
        <span
          role="timer"
          className={`ml-auto font-mono text-4xl font-bold ${due < now ? "text-mark" : ""}`}
        >
          {countdown(due - now)}
        </span>
      </div>
      <p className="text-sm text-soft">
        begun {clock(one.begun_at ?? "")}, ends {clock(one.due_at ?? "")} · {about}
      </p>
      {look !== null && (
        <p className={lookDue ? "font-semibold text-mark" : "text-sm text-soft"}>
          {lookDue ? `Look now: ${asked(step)}` : `next look at ${clock(one.next_look_at ?? "")}`}
        </p>
      )}
      {one.hot && one.looks.length === 0 && <GuessTime one={one} log={log} />}
      <Seen looks={one.looks} />
      {one.rule && <MeasureForm one={one} rule={one.rule} log={log} />}
      {refused && (
        <p role="alert" className="text-mark">
          {refused}
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          look="main"
          shortcut="D"
          className="min-w-28 max-sm:flex-1"
          onClick={() => void log({ deed: "done", step: step.id })}
        >
          Done
        </Button>
        <Button
          shortcut="+"
          onClick={() => void log({ deed: "extend", step: step.id, minutes: 1 })}
        >
          +1 min
        </Button>
        <Button onClick={() => void log({ deed: "extend", step: step.id, minutes: 5 })}>
          +5 min
        </Button>
        <Button onClick={() => setLooking(true)}>Checked</Button>
      </div>
      {looking && (
        <LookForm
          cue={step.cue ?? ""}
          onSaid={async (note, ovenC) => {
            const deed: CookDeed = { deed: "look", step: step.id, note, oven_c: ovenC };
            if (await log(deed)) setLooking(false);
          }}
        />
      )}
    </li>
  );
}

/** Before the first look: how long will it really take? */
function GuessTime({ one, log }: Pick<RunningStepProps, "one" | "log">) {
  const [typed, setTyped] = useState<number | null>(null);
  if (one.guess_min != null) {
    return <p className="text-sm">You guess {minutes(one.guess_min)} in all.</p>;
  }
  return (
    <form
      className="my-1 flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed) void log({ deed: "guess", step: one.step.id, minutes: typed });
      }}
    >
      <NumberField
        label="Your guess, in all"
        unit="min"
        optional
        most={MOST.CookDeed.minutes}
        value={typed}
        onChange={setTyped}
      />
      <Button type="submit" disabled={!typed}>
        Guess
      </Button>
    </form>
  );
}

const asked = (step: Schemas["Step"]) => (step.cue ? `${step.cue}?` : "is it done?");

function Seen({ looks }: { looks: Schemas["CookedStep"]["looks"] }) {
  const { degreesSay } = useDegrees();
  if (looks.length === 0) return null;
  return (
    <ul className="my-1 text-sm">
      {looks.map((look) => (
        <li key={look.at}>
          after {minutes(look.minutes)}: {look.seen || "looked"}
          {look.oven_c != null && `, oven ${degreesSay(look.oven_c)}`}
        </li>
      ))}
    </ul>
  );
}

function Over({ one, number, log }: RunningStepProps) {
  const { step } = one;
  const { degreesSay } = useDegrees();
  const skipped = one.status === "skipped";
  const hottest = one.measured.reduce<number | null>(
    (most, next) => Math.max(most ?? -99, next.temperature_c),
    null,
  );
  return (
    <li className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3 border-b border-rule py-1.5 text-soft">
      <Balloon n={number} />
      <div>
        <span className={skipped ? "" : "text-done"}>{skipped ? "left out" : "✓"}</span>{" "}
        <span className="text-ink">{step.says}</span>{" "}
        {[
          one.actual_min != null && `took ${minutes(one.actual_min)} (planned ${timeText(step)})`,
          one.guess_min != null && `guessed ${minutes(one.guess_min)}`,
          hottest !== null && `core ${degreesSay(hottest)}`,
          one.passed && `not measured: ${one.passed}`,
          one.reason,
        ]
          .filter(Boolean)
          .join(" · ")}
        <Seen looks={one.looks} />
        {!skipped && one.hot && <CameOut one={one} log={log} />}
      </div>
    </li>
  );
}

/** How it came out: the oven's memory takes it into account. */
function CameOut({ one, log }: Pick<RunningStepProps, "one" | "log">) {
  return (
    <div role="group" aria-label={`How ${one.step.says} came out`} className="my-1 flex flex-wrap">
      {OUTCOMES.map((outcome) => (
        <Toggle
          small
          key={outcome}
          on={one.outcome === outcome}
          onChoose={() => void log({ deed: "outcome", step: one.step.id, note: outcome })}
        >
          {CAME_OUT[outcome]}
        </Toggle>
      ))}
    </div>
  );
}

const OUTCOMES = ["under", "right", "over"] as const;
