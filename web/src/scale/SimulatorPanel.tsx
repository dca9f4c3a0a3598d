import { type MouseEvent, useState } from "react";

import { api, ask, type Schemas } from "../api/client";
import { parseNumber } from "../lib/typedNumber";
import { Button } from "../ui/Button";
import { numberFault } from "../lib/numberFault";
import { useDeed } from "../ui/useDeed";

type SimulatedAct = Schemas["SimulatorAct"]["act"];

/** A button that was clicked gives the space bar back to the weigh-in. */
function leaveTheKeys(event: MouseEvent) {
  const pressed = event.target instanceof HTMLElement ? event.target.closest("button") : null;
  if (event.detail > 0) pressed?.blur();
}

/** What a scale and its table do: [act, its name, off again, on, off]. */
const HABITS: readonly [SimulatedAct, string, string, number, number][] = [
  ["division", "Read to 0.1 g", "Read to 1 g", 0.1, 1],
  ["noise", "Shake the table", "Calm the table", 1.5, 0.05],
  ["settling", "Settle slowly", "Settle quickly", 0.9, 0.25],
  ["drift", "Let it creep", "Stop creeping", 12, 0],
  ["auto_off", "Goes off after 8 s", "Stays on", 8, 0],
];
const OTHER_BOWL_G = 250;
const LONG_SILENCE_S = 5;

interface SimulatorPanelProps {
  /** The scale that the hands are at. */
  scale: string | null;
  target: number;
  net: number;
  /** A simulated person pours the whole recipe. */
  onRehearse?: (on: boolean) => void;
}

/** What a cook's hands do at the simulated scale; a real scale has no such panel. */
export function SimulatorPanel({ scale, target, net, onRehearse }: SimulatorPanelProps) {
  const deed = useDeed();
  const [text, setText] = useState<string | null>(null);
  const [bowlOff, setBowlOff] = useState(false);
  const [habits, setHabits] = useState<ReadonlySet<SimulatedAct>>(new Set());
  const [rehearsing, setRehearsing] = useState(false);
  const rest = Math.max(0, Math.round((target - Math.max(net, 0)) * 10) / 10);
  const shown = text ?? String(rest);
  const fault = numberFault(shown, false, 20_000);
  const act = async (name: SimulatedAct, amount = 0) => {
    await deed.run(async () => {
      await ask(api.POST("/api/scale/simulator", { body: { act: name, amount, scale } }));
    });
  };
  const pour = (name: SimulatedAct) => {
    if (fault === undefined) void act(name, parseNumber(shown) ?? 0);
    setText(null);
  };
  const pours: [SimulatedAct, string][] = [
    ["pour", "Pour"],
    ["scoop", "Scoop"],
    ["spill", "Spoon back"],
    ["sticky", "Pour, sticky"],
    ["person", "Realistic pour"],
  ];
  return (
    <section
      aria-label="Simulated scale"
      className="mt-5 border border-dashed border-soft p-3"
      onClick={leaveTheKeys}
    >
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-2 text-sm text-soft">Simulated {scale ?? "scale"}</h2>
        <label className="flex items-center gap-1.5">
          <span className="sr-only">Amount for the simulated scale</span>
          <input
            inputMode="decimal"
            value={shown}
            maxLength={20}
            aria-invalid={fault !== undefined || undefined}
            onChange={(event) => setText(event.target.value)}
            onKeyDown={(event) => {
              if (event.key === "Enter") pour("pour");
            }}
            className="min-h-11 w-20 border border-soft bg-sheet px-2 text-right aria-invalid:border-2 aria-invalid:border-mark"
          />
          g
        </label>
        {pours.map(([name, says]) => (
          <Button key={name} className="px-2.5" onClick={() => pour(name)}>
            {says}
          </Button>
        ))}
        <Button
          className="px-2.5"
          onClick={() => {
            void act(bowlOff ? "put" : "lift");
            setBowlOff(!bowlOff);
          }}
        >
          {bowlOff ? "Bowl back" : "Lift the bowl"}
        </Button>
        {onRehearse && (
          <Button
            className="px-2.5"
            onClick={() => {
              onRehearse(!rehearsing);
              setRehearsing(!rehearsing);
            }}
          >
            {rehearsing ? "Stop the person" : "Pour the whole recipe"}
          </Button>
        )}
      </div>
      {fault !== undefined && (
        <p role="alert" className="mt-1 text-sm text-mark">
          {fault}
        </p>
      )}
      <details className="mt-2">
        <summary className="min-h-8 cursor-pointer text-sm text-soft max-sm:min-h-11">
          Simulate faults
        </summary>
        <div className="mt-1 flex flex-wrap gap-2">
          <Button
            className="px-2.5"
            onClick={() => {
              void act("bowl", OTHER_BOWL_G);
              setBowlOff(false);
            }}
          >
            Another bowl
          </Button>
          {HABITS.map(([name, on, off, high, low]) => (
            <Button
              key={name}
              className="px-2.5"
              onClick={() => {
                const has = habits.has(name);
                void act(name, has ? low : high);
                setHabits(
                  new Set(has ? [...habits].filter((habit) => habit !== name) : [...habits, name]),
                );
              }}
            >
              {habits.has(name) ? off : on}
            </Button>
          ))}
          <Button className="px-2.5" onClick={() => void act("silence", LONG_SILENCE_S)}>
            Fall silent
          </Button>
          <Button className="px-2.5" onClick={() => void act("cut")}>
            Pull the cable
          </Button>
        </div>
      </details>
    </section>
  );
}
