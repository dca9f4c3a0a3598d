import { Popover } from "radix-ui";
import { useState } from "react";
import { Link } from "react-router";

import { type Schemas, sentence } from "../api/client";
import { type CookDeed, useSendCookDeed } from "../api/cookDeeds";
import { useTimers } from "../api/queries";
import { MOST } from "../api/vocabulary";
import { countdown } from "../lib/format";
import { useNow } from "../lib/useNow";
import { Button } from "../ui/Button";
import { NumberField, TextField } from "../ui/Field";
import { useNotice } from "../ui/notices";
import { useAlarm } from "./useAlarm";

type Running = Schemas["RunningTimer"];

/** What runs, on every screen: each with its clock, ringing when it is up or wants to be looked at. */
export function TimerBar() {
  const { data, dataUpdatedAt } = useTimers();
  const now = useNow(data?.now, dataUpdatedAt);
  const running = data?.running ?? [];
  useAlarm(
    running.filter((timer) => calls(timer, now) !== null),
    now,
  );
  if (running.length === 0) return null;
  return (
    <section
      aria-label="Timers"
      className="flex gap-2 overflow-x-auto border-b border-ink bg-sheet px-4 py-1.5 max-sm:px-2 print:hidden"
      tabIndex={0}
    >
      {running.map((timer) => (
        <TimerChip key={`${timer.batch_id ?? 0}/${timer.id}`} timer={timer} now={now} />
      ))}
    </section>
  );
}

/** What a timer wants of the cook now. */
function calls(timer: Running, now: number): "up" | "look" | null {
  if (Date.parse(timer.due_at) <= now) return "up";
  if (timer.next_look_at && Date.parse(timer.next_look_at) <= now) return "look";
  return null;
}

function useTimerLog() {
  const send = useSendCookDeed();
  const say = useNotice();
  return async (deed: CookDeed, batchId: number | null): Promise<boolean> => {
    try {
      await send(deed, batchId);
      return true;
    } catch (error) {
      say({ text: sentence(error), bad: true });
      return false;
    }
  };
}

function TimerChip({ timer, now }: { timer: Running; now: number }) {
  const log = useTimerLog();
  const call = calls(timer, now);
  const left = Date.parse(timer.due_at) - now;
  const batchId = timer.batch_id ?? null;
  const at = timer.kind === "reminder" ? "portion?tab=away&" : "cook?";
  return (
    <div
      role="group"
      aria-label={timer.name}
      className={`flex max-w-[calc(100vw-1rem)] shrink-0 items-center gap-2 border px-2 ${call === "up" ? "border-mark bg-mark text-sheet" : call === "look" ? "border-mark" : "border-ink"}`}
    >
      <span className="grid min-w-0 leading-tight">
        {timer.dish_id == null ? (
          <span className="truncate text-sm">{timer.name}</span>
        ) : (
          <Link
            className="truncate text-sm underline-offset-2 hover:underline"
            to={`/dishes/${timer.dish_id}/${at}batch=${timer.batch_id}`}
          >
            {timer.name}
          </Link>
        )}
        <span className="truncate text-xs opacity-90">
          {call === "look" ? `look: ${timer.says ? `${timer.says}?` : "is it done?"}` : timer.dish}
        </span>
      </span>
      <span role="timer" className="font-mono text-xl font-bold">
        {countdown(left)}
      </span>
      {timer.kind !== "reminder" && (
        <>
          <ChipButton
            name={`${timer.name}: +1 minute`}
            onPress={() => void log({ deed: "extend", step: timer.id, minutes: 1 }, batchId)}
          >
            +1
          </ChipButton>
          {call === "look" && (
            <ChipButton
              name={`${timer.name}: looked, not yet`}
              onPress={() => void log({ deed: "look", step: timer.id, note: "not yet" }, batchId)}
            >
              not yet
            </ChipButton>
          )}
          {!timer.needs_temperature && (
            <ChipButton
              name={`${timer.name}: done`}
              onPress={() => void log({ deed: "done", step: timer.id }, batchId)}
            >
              done
            </ChipButton>
          )}
        </>
      )}
    </div>
  );
}

function ChipButton({
  name,
  onPress,
  children,
}: {
  name: string;
  onPress: () => void;
  children: string;
}) {
  return (
    <button
      type="button"
      aria-label={name}
      onClick={onPress}
      className="min-h-9 min-w-9 border border-current px-1.5 text-sm font-semibold max-sm:min-h-11 max-sm:min-w-11"
    >
      {children}
    </button>
  );
}

/** A timer of its own, for whatever is not a step. */
export function NewTimer() {
  const log = useTimerLog();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState("");
  const [minutes, setMinutes] = useState<number | null>(10);
  const set = async () => {
    if (minutes === null || minutes <= 0) return;
    if (await log({ deed: "timer", minutes, note: name.trim() }, null)) setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <button
          type="button"
          aria-label="Set a timer"
          title="Set a timer"
          className="grid size-11 shrink-0 place-items-center hover:bg-wash"
        >
          <svg width="20" height="20" aria-hidden="true" fill="none" stroke="var(--ink)">
            <circle cx="10" cy="11" r="7.5" strokeWidth="1.5" />
            <path d="M10 11V6.5M10 11l3 2M8 1.5h4M10 1.5v2" strokeWidth="1.5" />
          </svg>
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          className="z-50 w-72 border-2 border-ink bg-sheet p-4"
          aria-label="Set a timer"
        >
          <form
            className="grid gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void set();
            }}
          >
            <TextField
              label="What for"
              placeholder="Eggs"
              maxLength={100}
              value={name}
              onChange={setName}
            />
            <NumberField
              label="How long"
              unit="min"
              value={minutes}
              most={MOST.CookDeed.minutes}
              onChange={setMinutes}
            />
            <Button type="submit" look="main">
              Start it
            </Button>
            <Notify />
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** Whether this device may show a notification when something is up. */
function Notify() {
  const [allowed, setAllowed] = useState(
    typeof Notification === "undefined" ? "unsupported" : Notification.permission,
  );
  if (allowed !== "default") return null;
  return (
    <Button look="quiet" onClick={() => void Notification.requestPermission().then(setAllowed)}>
      Also notify me on this device
    </Button>
  );
}
