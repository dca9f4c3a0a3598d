import type { Schemas } from "../../api/client";
import { clock, minutes } from "../../lib/format";
import { Field } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";

interface EatAtProps {
  laid: Schemas["CookSchedule"] | null;
  eatAt: string | null;
  onEatAt: (at: string | null) => void;
}

const STEP_MS = 15 * 60_000;

/** Forward from now, or backward from the time to eat; and what that comes to. */
export function EatAt({ laid, eatAt, onEatAt }: EatAtProps) {
  return (
    <div className="mb-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      <div role="group" aria-label="Plan" className="flex">
        <Toggle on={eatAt === null} onChoose={() => onEatAt(null)}>
          Begin now
        </Toggle>
        <Toggle on={eatAt !== null} onChoose={() => onEatAt(suggested(laid))}>
          Eat at…
        </Toggle>
      </div>
      {eatAt !== null && (
        <Field label="Eat at">
          {({ id }) => (
            <input
              id={id}
              type="datetime-local"
              value={local(new Date(eatAt))}
              onChange={(event) => {
                const at = new Date(event.target.value);
                if (!Number.isNaN(at.getTime())) onEatAt(at.toISOString());
              }}
              className="min-h-11 border border-soft bg-sheet px-2.5"
            />
          )}
        </Field>
      )}
      {laid && (
        <p className="text-lg">
          {eatAt !== null && laid.late_min < 1 && (
            <>
              begin <b>{clock(laid.begin_at)}</b> ·{" "}
            </>
          )}
          ready <b>{clock(laid.ready_at)}</b>
          <span className="text-soft">
            {" "}
            · {minutes(laid.minutes)}, {minutes(laid.hands_on_min)} of them hands on
          </span>
        </p>
      )}
      {laid && laid.late_min >= 1 && (
        <p className="text-mark">
          {minutes(laid.late_min)} later than that, begun now: no order of the steps is quicker.
        </p>
      )}
    </div>
  );
}

/** The next quarter of an hour at which it can be ready. */
function suggested(laid: Schemas["CookSchedule"] | null): string {
  const soonest = laid ? Date.parse(laid.ready_at) : Date.now();
  return new Date(Math.ceil(soonest / STEP_MS) * STEP_MS).toISOString();
}

/** As the field wants it: local time without a zone. */
function local(at: Date): string {
  const shifted = new Date(at.getTime() - at.getTimezoneOffset() * 60_000);
  return shifted.toISOString().slice(0, 16);
}
