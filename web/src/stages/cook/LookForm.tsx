import { inDegrees, toCelsius } from "../../lib/temperature";
import { useState } from "react";

import type { Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { Reason } from "../../ui/Reason";
import { SCALES } from "./stepText";
import { useDegrees } from "./useDegrees";
import type { CookDeed } from "../../api/cookDeeds";
import { MOST } from "../../api/vocabulary";

interface LookFormProps {
  cue: string;
  onSaid: (seen: string, ovenC: number | null) => Promise<void>;
}

/** What was seen, and what a thermometer in the oven shows. */
export function LookForm({ cue, onSaid }: LookFormProps) {
  const [seen, setSeen] = useState("");
  const [oven, setOven] = useState<number | null>(null);
  const { scale } = useDegrees();
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        void onSaid(seen, oven === null || scale === "C" ? oven : toCelsius(oven));
      }}
    >
      <div className="min-w-56 flex-1">
        <TextField
          label="What you saw"
          placeholder={cue ? `${cue}?` : "pale, still wet in the middle"}
          maxLength={300}
          autoFocus
          value={seen}
          onChange={setSeen}
        />
      </div>
      <NumberField
        label="The oven really shows"
        unit={`°${scale}`}
        optional
        most={inDegrees(MOST.CookDeed.oven_c, scale)}
        value={oven}
        onChange={setOven}
      />
      <Button type="submit">Keep it</Button>
    </form>
  );
}

interface MeasureFormProps {
  one: Schemas["CookedStep"];
  rule: Schemas["SafeRule"];
  log: (deed: CookDeed) => Promise<boolean>;
}

/** The core temperature that a step asks for before it is done, and whose rule that is. */
export function MeasureForm({ one, rule, log }: MeasureFormProps) {
  const [degrees, setDegrees] = useState<number | null>(null);
  const house = useDegrees();
  const [scale, setScale] = useState(house.scale);
  const longest = Math.max(...rule.enough.map((held) => held.seconds));
  const [held, setHeld] = useState<number | null>(longest > 0 ? longest : null);
  const [error, setError] = useState<string>();
  const last = one.measured.at(-1);
  const take = async () => {
    if (degrees === null) {
      setError("Type what the thermometer shows.");
      return;
    }
    const celsius = scale === "F" ? toCelsius(degrees) : degrees;
    await log({
      deed: "temperature",
      step: one.step.id,
      temperature_c: celsius,
      held_s: held ?? 0,
    });
    setDegrees(null);
  };
  return (
    <section aria-label="Core temperature" className="my-2 border border-mark p-2">
      <p>
        <b>{rule.food}:</b>{" "}
        {rule.enough.map((held) => enough(held, house.degreesSay)).join(", or ")} in the middle
        {rule.rest_min > 0 && `, then ${rule.rest_min} minutes of rest`}.{" "}
        <span className="text-sm text-soft">
          {rule.school === "us" ? "USDA FSIS" : "UK Food Standards Agency"}, from memory; local
          rules come first.
        </span>
      </p>
      {last && (
        <p className={last.enough ? "text-done" : "text-mark"}>
          {last.enough ? "✓" : "Not yet:"} {house.degreesSay(last.temperature_c)}
          {last.held_s > 0 && ` for ${last.held_s} s`}
        </p>
      )}
      {one.passed ? (
        <p>Passed without measuring: {one.passed}</p>
      ) : (
        <form
          className="flex flex-wrap items-start gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void take();
          }}
        >
          <NumberField
            label="Core temperature"
            value={degrees}
            optional
            most={inDegrees(MOST.CookDeed.temperature_c, scale)}
            onChange={(typed) => {
              setDegrees(typed);
              setError(undefined);
            }}
            error={error}
          />
          <div className="w-20">
            <Choice label="In" value={scale} options={SCALES} onChange={setScale} />
          </div>
          {longest > 0 && (
            <NumberField
              label="Held for"
              unit="s"
              optional
              most={MOST.CookDeed.held_s}
              value={held}
              onChange={setHeld}
            />
          )}
          <Button type="submit" className="mt-6">
            Measured
          </Button>
        </form>
      )}
      {!one.passed && !one.safe && (
        <Reason
          opens="Continue without measuring"
          label="Why: it stays with the batch and on its card"
          placeholder="no thermometer here; cut open, clear juices"
          submit="Go on"
          onSubmit={(note) => void log({ deed: "pass", step: one.step.id, note })}
        />
      )}
    </section>
  );
}

const enough = (held: Schemas["HoldTime"], degreesSay: (celsius: number) => string) =>
  `${degreesSay(held.temperature_c)}${held.seconds > 0 ? ` for ${held.seconds} s` : ""}`;
