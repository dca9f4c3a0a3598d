import type { Schemas } from "../../api/client";
import { MOST, MOST_SCALES } from "../../api/vocabulary";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";

type Spec = Schemas["ScaleSpec"];

interface ScalesProps {
  scales: readonly Spec[];
  answering: readonly Schemas["OneScale"][];
  at: (path: string) => string | undefined;
  onChange: (scales: Spec[]) => void;
}

const SIMULATED = ["simulated", "simulated fine"] as const;

/** The scales of the house: small lines go to the finer one by themselves. */
export function Scales({ scales, answering, at, onChange }: ScalesProps) {
  const change = (i: number, part: Partial<Spec>) =>
    onChange(scales.map((scale, j) => (i === j ? { ...scale, ...part } : scale)));
  const add = () => {
    const taken = scales.map((scale) => scale.place);
    const place = SIMULATED.find((free) => !taken.includes(free)) ?? "/dev/ttyUSB0";
    const fine = place === "simulated fine";
    onChange([
      ...scales,
      {
        name: fine ? "pocket scale" : `scale ${scales.length + 1}`,
        place,
        capacity_g: fine ? 500 : 5000,
        division_g: fine ? 0.1 : 1,
      },
    ]);
  };
  return (
    <fieldset className="border border-rule p-3">
      <legend className="px-1 font-bold">Scales</legend>
      <p className="text-sm text-soft">
        Connected at: “simulated” or “simulated fine”, a serial device like /dev/ttyUSB0 or COM3, or
        socket://host:port.
      </p>
      {at("scales") && (
        <p role="alert" className="text-mark">
          {at("scales")}
        </p>
      )}
      <ul className="mt-2 grid gap-3">
        {scales.map((device, i) => {
          const found = answering.find((scale) => scale.name === device.name);
          return (
            <li key={i} className="grid items-start gap-2 border-t border-rule pt-2 sm:grid-cols-2">
              <TextField
                label="Name of the scale"
                value={device.name}
                maxLength={40}
                onChange={(name) => change(i, { name })}
                error={at(`scales[${i}].name`)}
              />
              <TextField
                label={`Where ${device.name} is connected`}
                value={device.place ?? "simulated"}
                maxLength={200}
                onChange={(place) => change(i, { place })}
                error={at(`scales[${i}].place`)}
                hint={found?.connected ? "It answers." : "It does not answer now."}
              />
              <NumberField
                label="It carries"
                unit="g"
                value={device.capacity_g ?? 5000}
                most={MOST.ScaleSpec.capacity_g}
                onChange={(value) => value !== null && change(i, { capacity_g: value })}
                error={at(`scales[${i}].capacity_g`)}
              />
              <div className="flex items-end justify-between gap-3">
                <Choice
                  label="It reads to"
                  value={String(device.division_g ?? 1)}
                  onChange={(value) => change(i, { division_g: Number(value) })}
                  options={DIVISIONS}
                />
                <Button
                  look="quiet"
                  onClick={() => onChange(scales.filter((_, j) => i !== j))}
                  aria-label={`Remove ${device.name}`}
                >
                  Remove
                </Button>
              </div>
            </li>
          );
        })}
      </ul>
      <Button className="mt-3" onClick={add} disabled={scales.length >= MOST_SCALES}>
        Another scale
      </Button>
    </fieldset>
  );
}

const DIVISIONS = ["5", "2", "1", "0.5", "0.1", "0.01"].map((value) => ({
  value,
  label: `${value} g`,
}));
