import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useScale } from "../../api/queries";
import { known, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { useInTurn } from "../../lib/useInTurn";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { FoodPicker } from "../../food/FoodPicker";

type Finish = Schemas["Finish"];

interface FinishesProps {
  batchId: number;
  plates: Schemas["Plates"];
}

/** One base, several finishes at the plate: what is added to a serving, and for whom. */
export function Finishes({ batchId, plates }: FinishesProps) {
  const client = useQueryClient();
  const say = useNotice();
  const inTurn = useInTurn();
  const versionNow = useRef(plates.version);
  const [name, setName] = useState("");
  const [eater, setEater] = useState("");
  const finishes = plates.plated.map((plate) => plate.finish);
  const put = (version: number, next: readonly Finish[]) =>
    ask(
      api.PUT("/api/batches/{batch_id}/finishes", {
        params: { path: { batch_id: batchId } },
        body: { version, finishes: [...next] },
      }),
    ).then((stored) => {
      versionNow.current = stored.version;
      client.setQueryData<Schemas["PortionSheet"]>(keys.portioning(batchId), (sheet) =>
        sheet ? { ...sheet, plates: stored } : sheet,
      );
    });
  /** One after the other: each builds on what the one before has stored. */
  const store = (next: readonly Finish[], did?: string) => {
    void inTurn(async () => {
      try {
        await put(Math.max(versionNow.current, plates.version), next);
        if (did) {
          const undo = () => void put(versionNow.current, finishes);
          say({ text: did, undo });
        }
      } catch (error) {
        const conflict = error instanceof ProblemError && error.status === 409;
        const says = conflict ? "The batch moved meanwhile: try once more." : sentence(error);
        say({ text: says, bad: true });
      }
    });
  };
  const change = (id: string, part: Partial<Finish>, did?: string) =>
    store(
      finishes.map((finish) => (finish.id === id ? { ...finish, ...part } : finish)),
      did,
    );
  return (
    <section aria-label="Finishes">
      <h2 className="text-lg font-bold">Toppings when serving</h2>
      <p className="text-sm text-soft">
        Syrup, topping, a side dish: added to one serving, weighed or guessed then.
      </p>
      <ul className="mt-1 grid gap-3">
        {plates.plated.map((plate) => (
          <OneFinish
            key={plate.finish.id}
            plated={plate}
            onChange={(part, did) => change(plate.finish.id, part, did)}
            onRemove={() =>
              store(
                finishes.filter((other) => other.id !== plate.finish.id),
                `“${plate.finish.name}” is out.`,
              )
            }
          />
        ))}
      </ul>
      <form
        className="mt-2 flex flex-wrap items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() === "") return;
          const added = {
            id: crypto.randomUUID(),
            name: name.trim(),
            eater: eater.trim(),
            lines: [],
          };
          store([...finishes, added]);
          setName("");
          setEater("");
        }}
      >
        <div className="min-w-36 flex-1">
          <TextField
            label="A finish"
            placeholder="with syrup"
            maxLength={120}
            value={name}
            onChange={setName}
          />
        </div>
        <div className="w-32">
          <TextField
            label="For"
            placeholder="anybody"
            maxLength={60}
            value={eater}
            onChange={setEater}
          />
        </div>
        <Button type="submit" disabled={name.trim() === ""}>
          Add
        </Button>
      </form>
    </section>
  );
}

interface OneFinishProps {
  plated: Schemas["PlateWithFinish"];
  onChange: (part: Partial<Finish>, did?: string) => void;
  onRemove: () => void;
}

function OneFinish({ plated, onChange, onRemove }: OneFinishProps) {
  const { finish, lines } = plated;
  const stored = finish.lines ?? [];
  const kcal = known(plated.serving.kcal);
  const protein = known(plated.serving.protein_g);
  const setGrams = (at: number, grams: number) =>
    onChange({
      lines: stored.map((line, i) => (i === at ? { label_id: line.label_id, grams } : line)),
    });
  return (
    <li className="border border-rule p-2">
      <div className="flex items-start gap-x-3">
        <div className="flex min-w-0 flex-1 flex-wrap items-baseline justify-between gap-x-3 py-2">
          <span className="font-bold">
            {finish.name}
            {finish.eater && <span className="font-normal text-soft"> for {finish.eater}</span>}
          </span>
          <span>
            <b>{kcal ? `${valueText(kcal, "kcal")} kcal` : "kcal unknown"}</b>
            {protein && ` · ${valueText(protein, "g")} g protein`}
            {plated.serving.grams != null && ` · ${weighed(Math.round(plated.serving.grams))} g`}
          </span>
        </div>
        <Button look="quiet" aria-label={`Take out ${finish.name}`} onClick={onRemove}>
          ×
        </Button>
      </div>
      <ul>
        {lines.map((line, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2">
            <span className="min-w-32 flex-1">{line.name}</span>
            <NumberField
              bare
              label={`Grams of ${line.name}`}
              unit="g"
              value={line.grams}
              onChange={(grams) => grams !== null && setGrams(i, grams)}
            />
            <FromScale onGrams={(grams) => setGrams(i, grams)} name={line.name} />
            <Button
              look="quiet"
              aria-label={`Take ${line.name} off ${finish.name}`}
              onClick={() =>
                onChange({ lines: stored.filter((_, at) => at !== i) }, `${line.name} is off.`)
              }
            >
              ×
            </Button>
          </li>
        ))}
      </ul>
      <FoodPicker
        label={`Add to ${finish.name}`}
        placeholder="Type a food, like syrup"
        onPick={(label_id) => onChange({ lines: [...stored, { label_id, grams: 20 }] })}
      />
    </li>
  );
}

/** What the first scale shows now, as the grams of a topping. */
function FromScale({ name, onGrams }: { name: string; onGrams: (grams: number) => void }) {
  const { data } = useScale();
  const scale = data?.scales.find((scale) => scale.connected && scale.reading?.stable);
  const grams = scale?.reading?.grams;
  if (grams === undefined || grams <= 0) return null;
  return (
    <Button
      look="quiet"
      aria-label={`${name}: take ${weighed(grams)} g from the scale`}
      onClick={() => onGrams(grams)}
    >
      {weighed(grams)} g from the scale
    </Button>
  );
}
