import { useState } from "react";

import { api, ask, type ProblemError, type Schemas } from "../api/client";
import { useFoods } from "../api/queries";
import { MOST } from "../api/vocabulary";
import { Button } from "../ui/Button";
import { NumberField, TextField } from "../ui/Field";
import { Modal } from "../ui/Modal";
import { Options } from "../ui/Options";
import type { BuildDraft } from "./useBuildDraft";
import { useDeed } from "../ui/useDeed";

interface Part {
  food: Pick<Schemas["ShelfFood"], "id" | "name">;
  grams: number | null;
}

interface OwnSwapProps {
  food: { id: number; name: string };
  draft: BuildDraft;
  onAdded: () => void;
}

/** A swap as the cook knows it: what goes in for 100 g, what else moves, what to expect. */
export function OwnSwap({ food, draft, onAdded }: OwnSwapProps) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button look="quiet" onClick={() => setOpen(true)}>
        Add a swap of my own…
      </Button>
      <Modal open={open} onOpenChange={setOpen} title={`A swap of my own for ${food.name}`}>
        <OwnSwapForm
          food={food}
          draft={draft}
          onAdded={() => {
            setOpen(false);
            onAdded();
          }}
        />
      </Modal>
    </>
  );
}

function OwnSwapForm({ food, draft, onAdded }: OwnSwapProps) {
  const [name, setName] = useState("");
  const [parts, setParts] = useState<Part[]>([]);
  const [also, setAlso] = useState<Record<number, number | null>>({});
  const [watch, setWatch] = useState("");
  const [step, setStep] = useState("");
  const [likeness, setLikeness] = useState<number | null>(null);
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem);
  const others = othersOf(draft, food.id);
  const save = async () => {
    const gives = parts.map((part) => ({ food_id: part.food.id, per_100_g: part.grams ?? 0 }));
    const moved = Object.entries(also).flatMap(([id, factor]) =>
      factor == null || factor === 1 ? [] : [{ food_id: Number(id), factor }],
    );
    await deed.run(async () => {
      const body = { name, takes_food_id: food.id, gives, also: moved, watch, step, likeness };
      await ask(api.POST("/api/swaps", { body }));
      onAdded();
    });
  };
  return (
    <form
      className="grid gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <TextField
        label="What it is called"
        placeholder="Plain powder and more spice"
        maxLength={120}
        value={name}
        error={problem?.at("name") && "Give it a name."}
        onChange={setName}
      />
      <fieldset className="grid gap-2">
        <legend className="text-sm text-soft">For every 100 g of {food.name}</legend>
        {parts.map((part, i) => (
          <NumberField
            key={part.food.id}
            inline
            label={part.food.name}
            unit="g"
            value={part.grams}
            error={problem?.at(`gives[${i}].per_100_g`) && "Say how many grams."}
            onChange={(grams) =>
              setParts((all) =>
                all.map((brought, j) => (j === i ? { ...brought, grams } : brought)),
              )
            }
          />
        ))}
        <FoodPicker
          onChoose={(chosen) => setParts((all) => [...all, { food: chosen, grams: 100 }])}
        />
        {problem?.at("gives") && (
          <p role="alert" className="text-mark">
            {parts.length === 0 ? "Choose what goes in." : problem.at("gives")}
          </p>
        )}
      </fieldset>
      {others.length > 0 && (
        <details>
          <summary className="cursor-pointer text-pencil">Other lines move along</summary>
          <div className="mt-1 grid gap-1">
            {others.map((other) => (
              <NumberField
                key={other.id}
                inline
                optional
                label={other.name}
                unit="×"
                value={also[other.id] ?? null}
                onChange={(factor) => setAlso((all) => ({ ...all, [other.id]: factor }))}
              />
            ))}
          </div>
        </details>
      )}
      <TextField label="What to watch" maxLength={500} value={watch} onChange={setWatch} />
      <TextField
        label="A step that comes with it"
        placeholder="Drain it overnight."
        maxLength={500}
        value={step}
        onChange={setStep}
      />
      <NumberField
        label="Likeness that you expect, of 10"
        optional
        most={MOST.NewSwap.likeness}
        value={likeness}
        onChange={setLikeness}
        error={problem?.at("likeness")}
      />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-mark">
          {problem.message}
        </p>
      )}
      <Button type="submit" look="main">
        Keep the swap
      </Button>
    </form>
  );
}

function othersOf(draft: BuildDraft, foodId: number): { id: number; name: string }[] {
  const found = new Map<number, string>();
  for (const line of (draft.build.components ?? []).flatMap((part) => part.lines ?? [])) {
    const label = draft.labels[String(line.label_id)];
    if (label && label.food_id !== foodId) found.set(label.food_id, label.label.name ?? "");
  }
  return [...found].map(([id, name]) => ({ id, name }));
}

function FoodPicker({
  onChoose,
}: {
  onChoose: (food: Pick<Schemas["ShelfFood"], "id" | "name">) => void;
}) {
  const [text, setText] = useState("");
  const { data } = useFoods(text, 8);
  return (
    <Options
      label="What goes in"
      placeholder="a food of the shelf"
      text={text}
      onText={setText}
      options={data?.foods ?? []}
      optionKey={(food) => String(food.id)}
      option={(food) => food.name}
      onChoose={(food) => {
        onChoose(food);
        setText("");
      }}
    />
  );
}
