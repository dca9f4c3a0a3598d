import { type MouseEvent, useState } from "react";

import { api, ask, type Schemas, sentence } from "../../api/client";
import { parseNumber } from "../../lib/format";
import { Button } from "../../ui/Button";
import { numberFault } from "../../lib/numberFault";
import { useNotice } from "../../ui/notices";

type Act = Schemas["SimulatorAct"]["act"];

/** A button that was clicked gives the space bar back to the weigh-in. */
function leaveTheKeys(event: MouseEvent) {
  const pressed = event.target instanceof HTMLElement ? event.target.closest("button") : null;
  if (event.detail > 0) pressed?.blur();
}

const CALM_G = 0.05;
const SHAKY_G = 1.5;
const QUICK_S = 0.25;
const SLOW_S = 0.9;

/** What a cook's hands do at the simulated scale; a real scale has no such panel. */
export function SimulatorPanel({ target, net }: { target: number; net: number }) {
  const say = useNotice();
  const [text, setText] = useState<string | null>(null);
  const [bowlOff, setBowlOff] = useState(false);
  const [fine, setFine] = useState(false);
  const [shaky, setShaky] = useState(false);
  const [slow, setSlow] = useState(false);
  const rest = Math.max(0, Math.round((target - Math.max(net, 0)) * 10) / 10);
  const shown = text ?? String(rest);
  const fault = numberFault(shown, false, 20_000);
  const act = async (name: Act, amount = 0) => {
    try {
      await ask(api.POST("/api/scale/simulator", { body: { act: name, amount } }));
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  const pour = (name: Act) => {
    if (fault === undefined) void act(name, parseNumber(shown) ?? 0);
    setText(null);
  };
  return (
    <section
      aria-label="Simulated scale"
      className="mt-5 border border-dashed border-soft p-3"
      onClick={leaveTheKeys}
    >
      <div className="flex flex-wrap items-center gap-2">
        <h2 className="mr-2 text-sm text-soft">Simulated scale</h2>
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
        <Button className="px-2.5" onClick={() => pour("pour")}>
          Pour
        </Button>
        <Button className="px-2.5" onClick={() => pour("scoop")}>
          Scoop
        </Button>
        <Button className="px-2.5" onClick={() => pour("spill")}>
          Spill
        </Button>
        <Button
          look="plain"
          className="px-2.5"
          onClick={() => {
            void act(bowlOff ? "put" : "lift");
            setBowlOff(!bowlOff);
          }}
        >
          {bowlOff ? "Bowl back" : "Lift the bowl"}
        </Button>
        <Button
          look="plain"
          className="px-2.5"
          onClick={() => {
            void act("division", fine ? 1 : 0.1);
            setFine(!fine);
          }}
        >
          {fine ? "Read to 1 g" : "Read to 0.1 g"}
        </Button>
        <Button
          look="plain"
          className="px-2.5"
          onClick={() => {
            void act("noise", shaky ? CALM_G : SHAKY_G);
            setShaky(!shaky);
          }}
        >
          {shaky ? "Calm the table" : "Shake the table"}
        </Button>
        <Button
          className="px-2.5"
          onClick={() => {
            void act("settling", slow ? QUICK_S : SLOW_S);
            setSlow(!slow);
          }}
        >
          {slow ? "Settle quickly" : "Settle slowly"}
        </Button>
        <Button className="px-2.5" onClick={() => void act("cut")}>
          Pull the cable
        </Button>
      </div>
      {fault !== undefined && (
        <p role="alert" className="mt-1 text-sm text-mark">
          {fault}
        </p>
      )}
    </section>
  );
}
