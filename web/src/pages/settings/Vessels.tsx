import type { Schemas } from "../../api/client";
import { MOST, MOST_VESSELS } from "../../api/vocabulary";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Field";

type Vessel = Schemas["Vessel"];

interface VesselsProps {
  vessels: readonly Vessel[];
  answering: readonly Schemas["OneScale"][];
  at: (path: string) => string | undefined;
  onChange: (vessels: Vessel[]) => void;
}

/** Bowls, pans and cups: their empty weight tells them apart, their volume says what fits. */
export function Vessels({ vessels, answering, at, onChange }: VesselsProps) {
  const change = (i: number, part: Partial<Vessel>) =>
    onChange(vessels.map((vessel, j) => (i === j ? { ...vessel, ...part } : vessel)));
  const reading = answering.find((scale) => scale.connected)?.reading;
  return (
    <fieldset className="min-w-0 border border-rule p-3 lg:col-span-2">
      <legend className="px-1 font-bold">Bowls, pans and cups</legend>
      <p className="text-sm text-soft">
        With its empty weight a bowl is recognised on the scale, also when something is in it
        already. With its volume a pan or a set of cups says how much of a mixture fits.
      </p>
      {at("vessels") && (
        <p role="alert" className="text-mark">
          {at("vessels")}
        </p>
      )}
      {vessels.length === 0 && (
        <p className="mt-2 text-soft">None yet. For example: steel bowl, 385 g empty.</p>
      )}
      <ul className="mt-2 grid gap-3">
        {vessels.map((vessel, i) => (
          <li
            key={i}
            className="flex flex-wrap items-end gap-x-8 gap-y-2 border-t border-rule pt-2"
          >
            <div className="flex flex-wrap items-end gap-3">
              <TextField
                label="Name of the vessel"
                value={vessel.name}
                maxLength={40}
                onChange={(name) => change(i, { name })}
                error={at(`vessels[${i}].name`)}
              />
              <NumberField
                label="Empty"
                unit="g"
                optional
                value={vessel.empty_g}
                onChange={(empty) => change(i, { empty_g: empty })}
                error={at(`vessels[${i}].empty_g`)}
              />
              <Button
                look="quiet"
                disabled={!reading?.stable}
                onClick={() => reading && change(i, { empty_g: Math.max(0, reading.grams) })}
              >
                Take it from the scale
              </Button>
            </div>
            <div className="flex flex-wrap items-end gap-3">
              <NumberField
                label="Holds, brim full"
                unit="ml"
                optional
                value={vessel.volume_ml}
                onChange={(volume) => change(i, { volume_ml: volume })}
                error={at(`vessels[${i}].volume_ml`)}
              />
              <NumberField
                label="How many of them"
                value={vessel.cups ?? 1}
                most={MOST.Vessel.cups}
                onChange={(cups) => {
                  if (cups !== null && Number.isInteger(cups) && cups >= 1) change(i, { cups });
                }}
                error={at(`vessels[${i}].cups`)}
              />
              <Button
                look="quiet"
                onClick={() => onChange(vessels.filter((_, j) => i !== j))}
                aria-label={`Remove ${vessel.name || "this vessel"}`}
              >
                Remove
              </Button>
            </div>
          </li>
        ))}
      </ul>
      <Button
        className="mt-3"
        onClick={() => onChange([...vessels, { name: "", cups: 1 }])}
        disabled={vessels.length >= MOST_VESSELS}
      >
        Another vessel
      </Button>
    </fieldset>
  );
}
