import { type ReactNode, type SyntheticEvent, useEffect, useRef, useState } from "react";

import { api, ask, type ProblemError, type Schemas } from "../../api/client";
import { useScale, useSettings } from "../../api/queries";
import { Button } from "../../ui/Button";
import { HOUSEHOLDS, MICROWAVE_W, MOST, QUALITIES, TOOLS } from "../../api/vocabulary";
import { QUALITY_NAMES } from "../../dish/tastingSays";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { Ticks } from "../../ui/Ticks";
import { Toggle } from "../../ui/Toggle";
import { habitsOf, HOME_NAMES, livesIn } from "../../lib/homes";
import { About } from "./About";
import { Scales } from "./Scales";
import { Vessels } from "./Vessels";
import { useDeed } from "../../ui/useDeed";

type Settings = Schemas["HouseSettings"];

/** Where the kitchen is, how figures are calculated, its tools, scales and vessels. */
export default function SettingsPage() {
  const { data, error, isPending, refetch } = useSettings();
  if (isPending) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return (
    <Sheet className="p-5 max-sm:p-4">
      <SettingsForm stored={data} />
      <About />
    </Sheet>
  );
}

function SettingsForm({ stored }: { stored: Settings }) {
  const [edit, setEdit] = useState(stored);
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem);
  const { data: scale } = useScale();
  const say = useNotice();
  const form = useRef<HTMLFormElement>(null);
  useEffect(() => {
    if (problem) form.current?.querySelector<HTMLElement>("[aria-invalid]")?.focus();
  }, [problem]);
  const change = (part: Partial<Settings>) => setEdit((all) => ({ ...all, ...part }));
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    await deed.run(async () => {
      setEdit(await ask(api.PUT("/api/settings", { body: edit })));
      setProblem(undefined);
      say({ text: "The settings are saved." });
    });
  };
  return (
    <form ref={form} onSubmit={(event) => void save(event)} noValidate>
      <header className="sticky top-0 z-10 flex flex-wrap items-center gap-x-4 gap-y-1 bg-sheet py-1">
        <h1 className="text-2xl font-bold">Settings</h1>
        {problem && problem.faults.length > 0 && (
          <span className="text-mark">Not saved: see the field in red.</span>
        )}
        {problem && problem.faults.length === 0 && (
          <span role="alert" className="text-mark">
            {problem.message}
          </span>
        )}
        <Button type="submit" look="main" className="ml-auto">
          Save the settings
        </Button>
      </header>
      <Homes settings={edit} onChoose={change} />
      <div className="mt-5 grid items-start gap-x-8 gap-y-6 lg:grid-cols-2">
        <Group title="Measures and paper">
          <Choice
            label="Cups and spoons in recipes"
            hint="What a typed “1 cup” or “2 tbsp” holds."
            value={edit.household ?? "us"}
            onChange={(household) => change({ household })}
            options={HOUSEHOLD_NAMES.map(([value, name]) => ({
              value,
              label: `${name}: ${HOUSEHOLDS[value]}`,
            }))}
          />
          <Choice
            label="Label type of a new food"
            hint="The panel that you fill in first; each label can be of either type."
            value={edit.label_style ?? "eu"}
            onChange={(label_style) => change({ label_style })}
            options={[
              { value: "us", label: "US: per serving" },
              { value: "eu", label: "EU and UK: per 100 g or ml" },
            ]}
          />
          <Choice
            label="Allergens"
            hint="The list to tick for a food, and the one on cards."
            value={edit.allergens ?? "eu"}
            onChange={(allergens) => change({ allergens })}
            options={[
              { value: "eu", label: "the fourteen of the EU and UK" },
              { value: "us", label: "the nine of the US" },
            ]}
          />
          <Choice
            label="Safe temperatures and eat-by days"
            hint="The core temperature that a cook asks for, and how long stock keeps."
            value={edit.safety ?? "us"}
            onChange={(safety) => change({ safety })}
            options={[
              { value: "us", label: "US advice (USDA FSIS)" },
              { value: "uk", label: "UK advice (Food Standards Agency)" },
            ]}
          />
          <Choice
            label="Degrees"
            hint="Both are always shown; these come first and are what you type."
            value={edit.degrees ?? "C"}
            onChange={(degrees) => change({ degrees })}
            options={[
              { value: "C", label: "°C" },
              { value: "F", label: "°F" },
            ]}
          />
          <div className="grid grid-cols-2 gap-4">
            <Choice
              label="Paper of cards"
              value={edit.paper ?? "a4"}
              onChange={(paper) => change({ paper })}
              options={[
                { value: "a4", label: "A4" },
                { value: "letter", label: "Letter" },
              ]}
            />
            <TextField
              label="Currency of prices"
              value={edit.currency ?? "€"}
              maxLength={4}
              onChange={(currency) => change({ currency })}
              error={problem?.at("currency")}
            />
          </div>
        </Group>
        <Group title="Figures">
          <Choice
            label="Energy"
            hint="Changes every kcal, in past batches too."
            value={edit.energy ?? "labelled"}
            onChange={(energy) => change({ energy })}
            options={[
              { value: "labelled", label: "as printed on the labels" },
              { value: "us", label: "from the macros, US: digestible carbohydrate" },
              { value: "us_449", label: "from the macros, US: 4-4-9 on total carbohydrate" },
              { value: "eu", label: "from the macros, EU: Annex XIV" },
            ]}
          />
          <NumberField
            label="Erythritol, kcal per gram"
            hint="0 by US and EU rules; some people count 0.2. Used when energy comes from the macros."
            value={edit.erythritol_kcal_per_g ?? 0}
            most={MOST.HouseSettings.erythritol_kcal_per_g}
            onChange={(value) => value !== null && change({ erythritol_kcal_per_g: value })}
            error={problem?.at("erythritol_kcal_per_g")}
          />
          <Choice
            label="Carbohydrate in the title block"
            hint="Cards always show both."
            value={edit.carbohydrate ?? "total"}
            onChange={(carbohydrate) => change({ carbohydrate })}
            options={[
              { value: "total", label: "total" },
              { value: "net", label: "net of fibre, polyols and allulose" },
            ]}
          />
          <Choice
            label="What stays in the bowl after weighed portions"
            hint="Counted: shared out among the portions. Left: in none of them."
            value={edit.residue ?? "counted"}
            onChange={(residue) => change({ residue })}
            options={[
              { value: "counted", label: "is counted among the portions" },
              { value: "left", label: "is left uneaten" },
            ]}
          />
        </Group>
        <Group title="Tools">
          <Ticks
            label="Tools in this kitchen"
            hint="A step that needs something else says how it can be done here."
            names={{}}
            choices={TOOLS}
            value={TOOLS.filter((tool) => !edit.tools_missing?.includes(tool))}
            onChange={(here) =>
              change({ tools_missing: TOOLS.filter((tool) => !here.some((item) => item === tool)) })
            }
          />
          <NumberField
            label="The microwave has"
            unit="W"
            most={MOST.HouseSettings.microwave_w}
            value={edit.microwave_w ?? null}
            onChange={(watts) => change({ microwave_w: watts ?? MICROWAVE_W })}
            error={problem?.at("microwave_w")}
            hint={`Recipes are written for ${MICROWAVE_W} W; other times follow.`}
          />
        </Group>
        <Group title="Tasting">
          <p className="text-sm text-soft">
            How much each mark counts in the overall mark, from 0 to 10.
          </p>
          <div className="grid grid-cols-2 gap-4 sm:grid-cols-4">
            {QUALITIES.map((quality) => (
              <NumberField
                key={quality}
                fill
                label={QUALITY_NAMES[quality]}
                most={MOST.Weights[quality]}
                value={edit.weights?.[quality] ?? null}
                onChange={(weight) =>
                  weight !== null && change({ weights: { ...edit.weights, [quality]: weight } })
                }
                error={problem?.at(`weights.${quality}`)}
              />
            ))}
          </div>
          {problem?.at("weights") && (
            <p role="alert" className="text-sm text-mark">
              {problem.at("weights")}
            </p>
          )}
        </Group>
        <Scales
          scales={edit.scales ?? []}
          answering={scale?.scales ?? []}
          at={(path) => problem?.at(path)}
          onChange={(scales) => change({ scales })}
        />
        <Vessels
          vessels={edit.vessels ?? []}
          answering={scale?.scales ?? []}
          at={(path) => problem?.at(path)}
          onChange={(vessels) => change({ vessels })}
        />
      </div>
      <p className="mt-6 text-sm text-soft">
        Every figure is for the cook’s own orientation, not labelling or medical advice.
      </p>
    </form>
  );
}

const HOUSEHOLD_NAMES = [
  ["us", "US"],
  ["us_label", "US label"],
  ["metric", "metric"],
  ["uk", "UK"],
  ["au", "Australian"],
] as const satisfies readonly [keyof typeof HOUSEHOLDS, string][];

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="grid min-w-0 content-start gap-4 border border-rule p-3">
      <legend className="px-1 font-bold">{title}</legend>
      {children}
    </fieldset>
  );
}

/** One touch for everything that goes by where a kitchen is; each can still be set by itself. */
function Homes({
  settings,
  onChoose,
}: {
  settings: Settings;
  onChoose: (part: Partial<Settings>) => void;
}) {
  return (
    <div className="mt-3">
      <div role="group" aria-labelledby="home" className="flex flex-wrap items-center gap-2">
        <span id="home" className="font-semibold">
          This kitchen is in
        </span>
        {HOME_NAMES.map(({ home, name }) => (
          <Toggle key={home} on={livesIn(home, settings)} onChoose={() => onChoose(habitsOf(home))}>
            {name}
          </Toggle>
        ))}
      </div>
      <p className="mt-1 max-w-prose text-sm text-soft">
        Sets “Measures and paper” at once, all but the currency: typed prices keep theirs. The EU
        has no single advice on temperatures and days: the stricter, the UK’s, stands in.
      </p>
    </div>
  );
}
