import { type SyntheticEvent, useState } from "react";

import { api, ask, firstFault, type Schemas } from "../../api/client";
import { FoodPicker } from "../../food/FoodPicker";
import { clock, day, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Field";
import { Modal } from "../../ui/Modal";
import { useNotice } from "../../ui/notices";
import { TextButton } from "../../ui/Reason";
import { useDeed } from "../../ui/useDeed";
import type { Line, ShownSheet } from "./lines";

type Amendment = Omit<Schemas["Amendment"], "id">;

/** Send a correction, or undo one. */
function useCorrecting(sheet: ShownSheet) {
  const say = useNotice();
  const path = { batch_id: sheet.id };
  const deed = useDeed((problem) => say({ text: firstFault(problem), bad: true }));
  const withdraw = (record_id: string) =>
    deed.run(async () => {
      const params = { path: { ...path, record_id } };
      await ask(api.DELETE("/api/batches/{batch_id}/corrections/{record_id}", { params }));
      say({ text: "The correction is undone." });
    });
  const correct = async (amendment: Amendment, name: string) => {
    const id = crypto.randomUUID();
    await ask(
      api.POST("/api/batches/{batch_id}/corrections", {
        params: { path },
        body: { id, ...amendment },
      }),
    );
    say({ text: `${name} is corrected.`, undo: () => void withdraw(id) });
  };
  return { correct, withdraw };
}

/** What was corrected since the weigh-in was closed, and what there is to correct. */
export function Corrections({ sheet }: { sheet: ShownSheet }) {
  const { correct, withdraw } = useCorrecting(sheet);
  const say = useNotice();
  const corrected = sheet.lines.filter((line) => line.corrections.length > 0);
  const outdated = sheet.lines.filter((line) => line.outdated && line.label_id != null);
  if (corrected.length + outdated.length === 0) return null;
  const takeNew = (line: Line) =>
    correct(
      { line: line.id, label_id: line.label_id ?? null, note: `${line.name} was corrected.` },
      line.name,
    ).catch((error: unknown) => say({ text: firstFault(error), bad: true }));
  return (
    <section aria-label="Corrections" className="grid gap-1 border border-rule p-3">
      <h2 className="font-bold">Corrections</h2>
      {outdated.map((line) => (
        <p key={line.id} className="flex flex-wrap items-center gap-x-4">
          <span>
            <b>{line.name}</b> was corrected after this batch was weighed. This batch keeps the old
            figures.
          </span>
          <Button onClick={() => void takeNew(line)}>Use the new figures</Button>
        </p>
      ))}
      <ul>
        {corrected.flatMap((line) =>
          line.corrections.map((correction, i) => (
            <li key={correction.record_id} className="flex flex-wrap items-baseline gap-x-4">
              <span>
                <b>{line.name}</b>: {weighed(line.corrections[i + 1]?.was_g ?? line.net_g ?? 0)} g,
                was {before(correction)}{" "}
                <span className="text-soft">
                  ({correction.why && `${correction.why}; `}
                  {day(correction.at)}, {clock(correction.at)})
                </span>
              </span>
              {i === line.corrections.length - 1 && (
                <TextButton onPress={() => void withdraw(correction.record_id)}>Undo</TextButton>
              )}
            </li>
          )),
        )}
      </ul>
    </section>
  );
}

const before = ({ was_g, was_name }: Schemas["Correction"]) =>
  [was_g == null ? "left out" : `${weighed(was_g)} g`, was_name].filter(Boolean).join(" of ");

interface Typed {
  grams: number | null;
  changed: boolean;
  food: number | null;
}

function faultOf({ grams, changed, food }: Typed): string | undefined {
  if (food === null && grams === null) return "Type how many grams it was.";
  return food === null && !changed ? "This is what is recorded already." : undefined;
}

interface CorrectLineProps {
  sheet: ShownSheet;
  line: Line;
  onClose: () => void;
}

/** What really went in. The old figure is kept beside it. */
export function CorrectLine({ sheet, line, onClose }: CorrectLineProps) {
  const { correct } = useCorrecting(sheet);
  const [grams, setGrams] = useState<number | null>(line.net_g ?? null);
  const [food, setFood] = useState<number | null>(null);
  const [why, setWhy] = useState("");
  const [error, setError] = useState<string>();
  const changed = grams !== (line.net_g ?? null);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    const fault = faultOf({ grams, changed, food });
    setError(fault);
    if (fault) return;
    try {
      const net_g = changed ? grams : null;
      await correct({ line: line.id, net_g, label_id: food, note: why.trim() }, line.name);
      onClose();
    } catch (refused) {
      setError(firstFault(refused));
    }
  };
  const whole = line.also.length > 0 ? ` (with ${line.also.join(", ")}, all of it)` : "";
  return (
    <Modal open onOpenChange={onClose} title={`Correct ${line.name}`}>
      <form onSubmit={(event) => void save(event)} className="grid gap-4" noValidate>
        <NumberField
          label={`Grams that really went in${whole}`}
          unit="g"
          optional
          value={grams}
          onChange={setGrams}
          error={error}
          autoFocus
        />
        {food === null ? (
          <FoodPicker label="Was it another food?" foodId={line.food_id ?? null} onPick={setFood} />
        ) : (
          <p className="text-done">✓ The other food is chosen.</p>
        )}
        <TextField
          label="Why, if you like"
          placeholder="typed a zero too many"
          maxLength={300}
          value={why}
          onChange={setWhy}
        />
        <p className="text-sm text-soft">
          {line.net_g == null ? "Left out" : `${weighed(line.net_g)} g`} stays on record beside it.
          Figures, card and stock of this batch follow; other batches keep theirs.
        </p>
        <Button type="submit" look="main">
          Correct it
        </Button>
      </form>
    </Modal>
  );
}
