import { type SyntheticEvent, useState } from "react";

import { api, ask, firstFault, type Schemas, sentence } from "../api/client";
import { MOST } from "../api/vocabulary";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/Field";
import { useDeed } from "../ui/useDeed";

interface TellOnceProps {
  foodId: number;
  food: string;
  needs: Schemas["MissingFact"];
  onTold: () => void;
  onLeave: () => void;
}

const SHARES = { refuse: "is thrown away", drained: "is left when it is drained" } as const;

/** Ask once what a cup, a scoop or a piece of a food weighs, and keep it. */
export function TellOnce({ foodId, food, needs, onTold, onLeave }: TellOnceProps) {
  const [value, setValue] = useState<number | null>(null);
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const share = needs.kind === "refuse" || needs.kind === "drained" ? needs.kind : null;
  const tell = async (event: SyntheticEvent) => {
    event.preventDefault();
    event.stopPropagation();
    if (value === null) {
      setError("Type a number.");
      return;
    }
    await deed.run(async () => {
      const told = { kind: needs.kind, measure: needs.measure };
      const body = share ? { ...told, share: value / 100 } : { ...told, grams: value };
      const params = { path: { food_id: foodId } };
      await ask(api.POST("/api/foods/{food_id}/told", { params, body }));
      onTold();
    });
  };
  const fromScale = async () => {
    try {
      const { scales } = await ask(api.GET("/api/scale"));
      const reading = scales.find((scale) => scale.connected)?.reading;
      if (!reading) setError("No scale answers: type the weight.");
      else if (!reading.stable) setError("The scale has not settled: wait a moment.");
      else setValue(reading.grams);
    } catch (caught) {
      setError(sentence(caught));
    }
  };
  return (
    <form
      onSubmit={(event) => void tell(event)}
      className="mt-1 grid gap-2 border-2 border-pencil bg-sheet p-3"
      aria-label={`What one ${needs.measure} of ${food} weighs`}
      noValidate
    >
      <NumberField
        autoFocus
        label={
          share
            ? `Of ${food}, this much ${SHARES[share]}`
            : `One level ${needs.measure} of ${food} weighs`
        }
        unit={share ? "%" : "g"}
        {...(share && { most: 100 * MOST.MeasureAnswer.share })}
        value={value}
        onChange={(next) => {
          setValue(next);
          setError(undefined);
        }}
        error={error}
        hint="Asked once and kept with the food; it can be changed on the shelf."
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit" look="main">
          Keep it
        </Button>
        {!share && <Button onClick={() => void fromScale()}>Take it from the scale</Button>}
        <Button look="quiet" onClick={onLeave}>
          Not now
        </Button>
      </div>
    </form>
  );
}
