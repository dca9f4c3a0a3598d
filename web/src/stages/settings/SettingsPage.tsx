import { type SyntheticEvent, useState } from "react";

import { api, ask, type ProblemError, problemOf, type Schemas } from "../../api/client";
import { useRefresh, useScale, useSettings } from "../../api/queries";
import { Button } from "../../ui/Button";
import { MICROWAVE_W, TOOLS } from "../../api/vocabulary";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { Ticks } from "../../ui/Ticks";
import { Scales } from "./Scales";
import { Vessels } from "./Vessels";

type Settings = Schemas["HouseSettings"];

/** How to reckon, which carbohydrate leads, the scales and vessels of the house. */
export default function SettingsPage() {
  const { data, error, isPending, refetch } = useSettings();
  if (isPending) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return (
    <Sheet className="p-5 max-sm:p-4">
      <SettingsForm stored={data} />
    </Sheet>
  );
}

function SettingsForm({ stored }: { stored: Settings }) {
  const [edit, setEdit] = useState(stored);
  const [problem, setProblem] = useState<ProblemError>();
  const { data: scale } = useScale();
  const refresh = useRefresh();
  const say = useNotice();
  const change = (part: Partial<Settings>) => setEdit((all) => ({ ...all, ...part }));
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    try {
      setEdit(await ask(api.PUT("/api/settings", { body: edit })));
      setProblem(undefined);
      refresh([]);
      say({ text: "The settings are saved." });
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  return (
    <form onSubmit={(event) => void save(event)} className="grid max-w-2xl gap-5" noValidate>
      <h1 className="text-2xl font-bold">Settings</h1>
      <Choice
        label="Energy is reckoned"
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
        label="Erythritol counts, kcal per gram"
        hint="0 by the US and EU rules; some people count 0.2. Acts when energy is reckoned from the macros."
        value={edit.erythritol_kcal_per_g ?? 0}
        most={4}
        onChange={(value) => value !== null && change({ erythritol_kcal_per_g: value })}
        error={problem?.at("erythritol_kcal_per_g")}
      />
      <Choice
        label="Carbohydrate in the title block"
        value={edit.carbohydrate ?? "total"}
        onChange={(carbohydrate) => change({ carbohydrate })}
        options={[
          { value: "total", label: "total" },
          { value: "net", label: "net of fibre, polyols and allulose" },
        ]}
      />
      <Choice
        label="Cups and spoons in recipes are"
        value={edit.household ?? "us"}
        onChange={(household) => change({ household })}
        options={[
          { value: "us", label: "US: cup 236.6 ml, tablespoon 14.8 ml" },
          { value: "us_label", label: "US label: cup 240 ml, tablespoon 15 ml" },
          { value: "metric", label: "metric: cup 250 ml, tablespoon 15 ml" },
          { value: "uk", label: "UK: tablespoon 15 ml, pint 568 ml" },
          { value: "au", label: "Australian: cup 250 ml, tablespoon 20 ml" },
        ]}
      />
      <Choice
        label="Allergens are named"
        value={edit.allergens ?? "eu"}
        onChange={(allergens) => change({ allergens })}
        options={[
          { value: "eu", label: "by the fourteen of the EU" },
          { value: "us", label: "by the nine of the US" },
        ]}
      />
      <Choice
        label="Core temperatures and dates to eat by"
        value={edit.safety ?? "us"}
        onChange={(safety) => change({ safety })}
        options={[
          { value: "us", label: "by US advice (USDA FSIS)" },
          { value: "uk", label: "by UK advice (Food Standards Agency)" },
        ]}
      />
      <Choice
        label="Cards are printed on"
        value={edit.paper ?? "a4"}
        onChange={(paper) => change({ paper })}
        options={[
          { value: "a4", label: "A4" },
          { value: "letter", label: "Letter" },
        ]}
      />
      <Ticks
        label="In this kitchen"
        hint="A step that needs something else says how it can be done here."
        names={{}}
        choices={TOOLS}
        value={TOOLS.filter((tool) => !edit.tools_missing?.includes(tool))}
        onChange={(here) =>
          change({ tools_missing: TOOLS.filter((tool) => !here.some((one) => one === tool)) })
        }
      />
      <NumberField
        label="The microwave has"
        unit="W"
        most={3000}
        value={edit.microwave_w ?? null}
        onChange={(watts) => change({ microwave_w: watts ?? MICROWAVE_W })}
        error={problem?.at("microwave_w")}
        hint={`Recipes are written for ${MICROWAVE_W} W; other times follow.`}
      />
      <TextField
        label="Currency"
        value={edit.currency ?? "€"}
        maxLength={4}
        onChange={(currency) => change({ currency })}
        error={problem?.at("currency")}
        className="max-w-24"
      />
      <Choice
        label="What stays in the bowl after weighed portions"
        value={edit.residue ?? "counted"}
        onChange={(residue) => change({ residue })}
        options={[
          { value: "counted", label: "is counted among the portions" },
          { value: "left", label: "is left uneaten" },
        ]}
      />
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
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-mark">
          {problem.message}
        </p>
      )}
      <Button type="submit" look="main" className="justify-self-start">
        Save the settings
      </Button>
      <p className="text-sm text-soft">
        Every figure is for the cook’s own orientation, not labelling or medical advice.
      </p>
    </form>
  );
}
