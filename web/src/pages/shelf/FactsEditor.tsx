import { type SyntheticEvent, useState } from "react";

import { api, ask, ProblemError, type Schemas } from "../../api/client";
import { MOST } from "../../api/vocabulary";
import { parseNumber } from "../../lib/typedNumber";
import { Button } from "../../ui/Button";
import { NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { useDeed } from "../../ui/useDeed";

type Facts = Schemas["FoodFacts"];
type HouseMeasure = Schemas["Measure"];

const ORIGINS = {
  weighed: "weighed by you",
  label: "from a label",
  typical: "typical value",
} as const;

/** What is known of a food whatever its package: names, cups, pieces, waste, what to look for. */
export function FactsEditor({ food }: { food: Schemas["ShelfFood"] }) {
  const [name, setName] = useState(food.name);
  const [facts, setFacts] = useState<Facts>(food.facts);
  const [aliases, setAliases] = useState((food.facts.aliases ?? []).join(", "));
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem);
  const [cup, setCup] = useState(food.cup_g == null ? null : Math.round(food.cup_g * 10) / 10);
  const [cupTold, setCupTold] = useState(false);
  const say = useNotice();
  const change = (part: Partial<Facts>) => setFacts((all) => ({ ...all, ...part }));
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    const wanted = {
      ...facts,
      aliases: aliases
        .split(/[,;]/)
        .map((alias) => alias.trim())
        .filter(Boolean),
    };
    await deed.run(async () => {
      await ask(
        api.PUT("/api/foods/{food_id}", {
          params: { path: { food_id: food.id } },
          body: { version: food.version, name, facts: wanted },
        }),
      );
      if (cupTold && cup !== null) {
        const body = { kind: "volume", measure: "cup", grams: cup } as const;
        const params = { path: { food_id: food.id } };
        await ask(api.POST("/api/foods/{food_id}/told", { params, body }));
      }
      setProblem(undefined);
      say({ text: "Names and measures are saved." });
    });
  };
  const faulty = problem?.faults.find((fault) => fault.path.startsWith("facts"))?.message;
  return (
    <form onSubmit={(event) => void save(event)} className="grid max-w-2xl gap-4" noValidate>
      <TextField
        label="Food name"
        maxLength={120}
        value={name}
        onChange={setName}
        error={problem?.at("name")}
      />
      <TextField
        label="Other names, with commas between"
        placeholder="zucchini, summer squash"
        maxLength={1000}
        value={aliases}
        onChange={setAliases}
      />
      <TextField
        label="What to look for in the shop"
        placeholder="under 4 g fat per 100 g; in its own juice"
        maxLength={300}
        value={facts.buy_rule ?? ""}
        onChange={(buy_rule) => change({ buy_rule })}
      />
      <div className="grid gap-x-6 gap-y-2 border-t border-ink pt-3 sm:grid-cols-2">
        <NumberField
          inline
          optional
          label="A level cup weighs"
          unit="g"
          value={cup}
          onChange={(grams) => {
            setCup(grams);
            setCupTold(grams !== null);
            if (grams === null) change({ density_g_per_ml: null });
          }}
          error={problem?.at("grams")}
          hint={
            facts.density_g_per_ml == null
              ? "Spoons and other cups follow from it."
              : `${cupTold ? "weighed by you" : ORIGINS[facts.density_origin ?? "typical"]}; spoons and other cups follow from it`
          }
        />
        <NumberField
          inline
          optional
          label="Peel, core, bones"
          unit="%"
          most={100 * MOST.FoodFacts.refuse_share}
          value={percent(facts.refuse_share)}
          onChange={(share) => change({ refuse_share: share === null ? null : share / 100 })}
          hint="thrown away of the weight as bought"
        />
        <NumberField
          inline
          optional
          label="Drained, of the net weight"
          unit="%"
          most={100 * MOST.FoodFacts.drained_share}
          value={percent(facts.drained_share)}
          onChange={(share) => change({ drained_share: share === null ? null : share / 100 })}
        />
      </div>
      <Measures value={facts.measures ?? []} onChange={(measures) => change({ measures })} />
      {(faulty ?? (problem && problem.faults.length === 0)) && (
        <p role="alert" className="text-mark">
          {faulty ?? problem?.message}
        </p>
      )}
      <Button type="submit" look="main" className="justify-self-start">
        Save names and measures
      </Button>
    </form>
  );
}

const percent = (share: number | null | undefined) =>
  share == null ? null : Math.round(share * 1000) / 10;

interface MeasuresProps {
  value: readonly HouseMeasure[];
  onChange: (measures: HouseMeasure[]) => void;
}

/** One large one, a scoop, a can: what each weighs as eaten. */
function Measures({ value, onChange }: MeasuresProps) {
  const [name, setName] = useState("");
  const [grams, setGrams] = useState("");
  const [error, setError] = useState<string>();
  const add = () => {
    const weight = parseNumber(grams);
    if (name.trim() === "" || weight === null || weight <= 0) {
      setError("Name the measure and what it weighs, like large and 50.");
      return;
    }
    const wanted = name.trim().toLowerCase();
    const others = value.filter((measure) => measure.name !== wanted);
    onChange([...others, { name: wanted, grams: weight, origin: "weighed" }]);
    setName("");
    setGrams("");
    setError(undefined);
  };
  return (
    <section aria-label="Pieces and scoops" className="border-t border-ink pt-3">
      <h2 className="font-bold">Pieces, scoops, cans</h2>
      <table className="w-full max-w-md">
        <tbody>
          {value.map((measure) => (
            <tr key={measure.name} className="border-b border-rule">
              <th className="py-1 text-left font-normal">one {measure.name}</th>
              <td className="text-right font-bold">{measure.grams} g</td>
              <td className="pl-3 text-sm text-soft">{ORIGINS[measure.origin ?? "typical"]}</td>
              <td className="text-right">
                <button
                  type="button"
                  aria-label={`Remove ${measure.name}`}
                  onClick={() => onChange(value.filter((other) => other !== measure))}
                  className="size-11 hover:bg-wash"
                >
                  ×
                </button>
              </td>
            </tr>
          ))}
          {value.length === 0 && (
            <tr>
              <td className="py-1 text-soft">
                None yet. “2 large” or “3 scoops” become grams once one of them is known here.
              </td>
            </tr>
          )}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap items-end gap-2">
        <TextField
          label="One"
          placeholder="large, scoop, can"
          maxLength={40}
          value={name}
          onChange={setName}
        />
        <TextField
          label="weighs, g"
          inputMode="decimal"
          maxLength={12}
          value={grams}
          onChange={setGrams}
          className="max-w-28 text-right"
        />
        <Button onClick={add}>Add it</Button>
      </div>
      {error && (
        <p role="alert" className="mt-1 text-sm text-mark">
          {error}
        </p>
      )}
    </section>
  );
}
