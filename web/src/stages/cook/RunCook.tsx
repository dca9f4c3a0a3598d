import { COOLING_SAYS } from "../../api/vocabulary";

import type { Schemas } from "../../api/client";
import { useKeys } from "../../lib/useKeys";
import { clock, countdown, minutes } from "../../lib/format";
import { useNow } from "../../lib/useNow";
import { Button, ButtonLink } from "../../ui/Button";
import { Cautions } from "./Cautions";
import { RunningStep } from "./RunningStep";
import { asCooked, ms } from "./timeline";
import { Timeline } from "./Timeline";
import { useCookLog } from "./useCookLog";

/** Cook a batch: begin and end steps, look when it is time, measure what must be measured. */
export function RunCook({ sheet, heardMs }: { sheet: Schemas["CookSheet"]; heardMs: number }) {
  const { log, refused } = useCookLog(sheet.batch_id);
  const now = useNow(sheet.now, heardMs);
  const going = sheet.steps.filter((step) => step.status === "going");
  const next = nextOf(sheet);
  const undo = () => {
    if (sheet.last_record) void log({ deed: "undo", undoes: sheet.last_record });
  };
  useKeys([
    {
      keys: "b",
      acts: true,
      says: "Begin the next step",
      run: () => next && void log({ deed: "begin", step: next.step.id }),
    },
    {
      keys: "d",
      acts: true,
      says: "The step that is up first is done",
      run: () => {
        const first = soonest(going);
        if (first) void log({ deed: "done", step: first.step.id });
      },
    },
    {
      keys: "+",
      acts: true,
      says: "One minute more for the step that is up first",
      run: () => {
        const first = soonest(going);
        if (first) void log({ deed: "extend", step: first.step.id, minutes: 1 });
      },
    },
    { keys: "Backspace", acts: true, shown: "⌫", says: "Undo the last record", run: undo },
  ]);
  const numberOf = new Map(sheet.steps.map((step, i) => [step.step.id, i + 1]));
  const row = (one: Schemas["CookedStep"]) => (
    <RunningStep
      key={one.step.id}
      one={one}
      number={numberOf.get(one.step.id) ?? 0}
      isNext={one === next}
      now={now}
      startAt={sheet.laid?.steps.find((laid) => laid.id === one.step.id)?.start_at ?? null}
      refused={refused?.step === one.step.id ? refused.says : undefined}
      log={log}
    />
  );
  const over = sheet.steps.filter((step) => step.status === "done" || step.status === "skipped");
  const waiting = sheet.steps.filter((step) => step.status === "waiting");
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-5">
      {sheet.laid && (
        <section aria-label="Schedule">
          <p className="mb-1 text-lg">
            ready <b>{clock(sheet.laid.ready_at)}</b>
            <span className="text-soft"> · {sheet.open_steps} steps to go</span>
          </p>
          <Timeline laid={sheet.laid} steps={sheet.steps.map((step) => step.step)} now={now} />
        </section>
      )}
      {sheet.open_steps === 0 && <Done sheet={sheet} />}
      {sheet.fridge_by && <FridgeBy by={sheet.fridge_by} now={now} />}
      {going.length > 0 && (
        <section aria-label="Now">
          <h2 className="text-lg font-bold">Now</h2>
          <ul className="mt-1 grid gap-3">{going.map(row)}</ul>
        </section>
      )}
      {waiting.length > 0 && (
        <section aria-label="Next">
          <h2 className="text-lg font-bold">Next</h2>
          <ul className="mt-1 border-t border-ink">{waiting.map(row)}</ul>
        </section>
      )}
      {over.length > 0 && (
        <section aria-label="Done">
          <h2 className="flex flex-wrap items-center gap-x-4 text-lg font-bold">
            Done
            <Button look="quiet" onClick={undo} disabled={!sheet.last_record} shortcut="⌫">
              Undo the last record
            </Button>
          </h2>
          <ul className="border-t border-ink">{over.map(row)}</ul>
        </section>
      )}
      {sheet.guesses && <p className="mt-3 text-sm text-soft">{sheet.guesses.says}</p>}
      <Cautions cautions={sheet.cautions} />
    </div>
  );
}

/** What the schedule begins first, of those that can begin. */
function nextOf(sheet: Schemas["CookSheet"]) {
  const can = new Set(sheet.steps.filter((step) => step.can_begin).map((step) => step.step.id));
  const first = sheet.laid?.steps.find((step) => can.has(step.id));
  return sheet.steps.find((step) => step.step.id === first?.id);
}

const soonest = (going: readonly Schemas["CookedStep"][]) =>
  [...going].sort((a, b) => ms(a.due_at ?? "") - ms(b.due_at ?? ""))[0];

/** The cook as it went, and where to go on. */
function Done({ sheet }: { sheet: Schemas["CookSheet"] }) {
  const went = asCooked(sheet.steps);
  return (
    <section aria-label="As it went" className="grid grid-cols-[minmax(0,1fr)] gap-3">
      <p className="flex flex-wrap items-center gap-x-5 gap-y-2 text-lg">
        <span className="text-done">✓ Every step is done or left out.</span>
        {went && (
          <span className="text-soft">
            {clock(went.begin_at)} to {clock(went.ready_at)}, {minutes(went.minutes)}
          </span>
        )}
        <ButtonLink to={`../portion?batch=${sheet.batch_id}`} relative="path" look="main">
          On to the portions →
        </ButtonLink>
      </p>
      {went && <Timeline laid={went} steps={sheet.steps.map((step) => step.step)} />}
    </section>
  );
}

function FridgeBy({ by, now }: { by: string; now: number }) {
  const left = ms(by) - now;
  return (
    <p className={left < 0 ? "text-mark" : ""}>
      Into the fridge by <b>{clock(by)}</b>{" "}
      <span className="text-soft">
        ({left < 0 ? `${countdown(left)} over` : `${countdown(left)} left`}): {COOLING_SAYS}. Local
        rules come first.
      </span>
    </p>
  );
}
