import { useState } from "react";

import { api, type Schemas } from "../../api/client";
import { useAnswer } from "../../api/useAnswer";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { TellOnce } from "../../food/TellOnce";
import type { Line } from "./lines";
import type { TypedWeight } from "../../scale/typedWeight";

interface ByMeasureProps {
  batchId: number;
  line: Line;
  onTaken: (told: TypedWeight) => void;
}

const MEASURE = /[a-zA-Z][a-zA-Z ]*$/;
const SINGULAR = /s$/;

/** Cups, spoons, scoops, packets: grams with the spread that such a measure is honestly good for. */
export function ByMeasure({ batchId, line, onTaken }: ByMeasureProps) {
  const [text, setText] = useState("");
  const [told, setTold] = useState(0);
  const [learning, setLearning] = useState(false);
  const typed = text.trim();
  const { about, answer, problem } = useAnswer<Schemas["AmountReading"][]>(
    typed,
    (asked) =>
      api.POST("/api/batches/{batch_id}/lines/{line_id}/measured", {
        params: { path: { batch_id: batchId, line_id: line.id } },
        body: { text: asked },
      }),
    120,
    told,
  );
  const readings = typed !== "" && about === typed && !problem ? (answer ?? []) : [];
  const needs = readings.find((reading) => reading.needs)?.needs;
  const measure = (MEASURE.exec(typed)?.[0] ?? "").replace(SINGULAR, "").trim();
  const learnt = () => {
    setLearning(false);
    setTold((times) => times + 1);
  };
  return (
    <div className="grid gap-3">
      <TextField
        label={`How much ${line.name}`}
        placeholder="2 scoops, 1/2 cup, 1 heaped tbsp, 1 packet"
        maxLength={60}
        autoFocus
        value={text}
        onChange={(next) => {
          setText(next);
          setLearning(false);
        }}
        error={
          typed !== "" && about === typed ? (problem?.at("text") ?? problem?.message) : undefined
        }
      />
      <ul className="grid gap-2">
        {readings
          .filter((reading) => reading.grams != null)
          .map((reading) => (
            <li key={reading.how}>
              <button
                type="button"
                onClick={() => onTaken(toldOf(reading))}
                className="min-h-11 w-full border border-ink px-3 py-2 text-left hover:bg-wash"
              >
                <b>{weighed(reading.grams ?? 0)} g</b>
                {reading.low_g != null && reading.high_g != null && (
                  <span>
                    , between {weighed(reading.low_g)} and {weighed(reading.high_g)} g
                  </span>
                )}
                <span className="block text-sm text-soft">{reading.how}</span>
              </button>
            </li>
          ))}
      </ul>
      {line.food_id != null && (needs ?? (learning && measure !== "")) && (
        <TellOnce
          foodId={line.food_id}
          food={line.name}
          needs={needs ?? { kind: isVolume(measure) ? "volume" : "measure", measure }}
          onTold={learnt}
          onLeave={() => setLearning(false)}
        />
      )}
      {readings.length > 0 && !needs && !learning && measure !== "" && (
        <Button look="quiet" className="justify-self-start" onClick={() => setLearning(true)}>
          Weigh one {measure} to learn yours
        </Button>
      )}
    </div>
  );
}

const isVolume = (measure: string) =>
  /^(heaped |level |rounded |scant )?(cup|tbsp|tsp|tablespoon|teaspoon|ml|pint)$/i.test(measure);

function toldOf(one: Schemas["AmountReading"]): TypedWeight {
  const grams = one.grams ?? 0;
  const range: [number, number] | null =
    one.low_g != null && one.high_g != null ? [one.low_g, one.high_g] : null;
  return { grams, range, origin: range ? "measure" : "hand", count: one.count ?? null };
}
