import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, type Schemas } from "../../api/client";
import { useSettings } from "../../api/queries";
import { HOMES } from "../../api/vocabulary";
import { HOME_NAMES, livesIn } from "../../lib/homes";
import { Button } from "../../ui/Button";
import { Toggle } from "../../ui/Toggle";
import { useDeed } from "../../ui/useDeed";

/** What a kitchen without dishes shows: where it is, how a dish goes, and one to look around in. */
export function EmptyKitchen() {
  return (
    <div className="mt-2 grid items-start gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
      <HowADishGoes />
      <div className="grid gap-6">
        <ExampleDish />
        <WhereItIs />
      </div>
    </div>
  );
}

const STEPS = [
  ["Original", "A bought flapjack: 95 g, 430 kcal, 6 g protein."],
  [
    "Build",
    "Oats 160 g, quark 240 g, 2 eggs 100 g, protein powder 60 g, honey 30 g: planned 204 kcal, 18 g protein each of 6.",
  ],
  ["Weigh", "Each ingredient on the scale. The oats came to 168 g, and that is what counts."],
  // eslint-disable-next-line no-restricted-syntax -- an example dish, not a rule
  ["Cook", "25 minutes at 170 °C, until the edges are golden."],
  ["Portion", "518 g out of the oven, cut into 6 × 86 g."],
  ["Card", "209 kcal, 18 g protein a piece, as weighed, each with its margin."],
] as const;

function HowADishGoes() {
  return (
    <section aria-labelledby="goes">
      <p className="max-w-prose">
        No dish yet. Name one above to start. This is how a dish goes, with a flapjack:
      </p>
      <h3 id="goes" className="sr-only">
        How a dish goes
      </h3>
      <ol className="mt-3 border-t border-ink">
        {STEPS.map(([stage, says], i) => (
          <li
            key={stage}
            className="grid grid-cols-[1.5rem_5rem_minmax(0,1fr)] gap-x-2 border-b border-rule py-2"
          >
            <span className="font-mono text-soft">{i + 1}</span>
            <b>{stage}</b>
            <span>{says}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function ExampleDish() {
  const navigate = useNavigate();
  const { run, busy } = useDeed(undefined, true);
  const add = () =>
    run(async () => {
      const dish = await ask(api.POST("/api/dishes/example"));
      void navigate(`/dishes/${dish.id}/build`);
    });
  return (
    <section aria-labelledby="example" className="border border-rule p-3">
      <h3 id="example" className="font-bold">
        Look around first
      </h3>
      <p className="mt-1 mb-3 text-sm">
        A sticky toffee pudding with its original, rebuild, goal and steps. Its packages are
        invented; delete it when you are done.
      </p>
      <Button disabled={busy} onClick={() => void add()}>
        Add the example dish
      </Button>
    </section>
  );
}

/** Asked once: until the settings are saved for the first time. */
function WhereItIs() {
  const { data: settings } = useSettings();
  const [answered, setAnswered] = useState(false);
  const deed = useDeed();
  if (!settings || ((settings.version ?? 1) > 1 && !answered)) return null;
  const choose = async (home: keyof typeof HOMES) => {
    const body: Schemas["HouseSettings"] = { ...settings, ...HOMES[home] };
    setAnswered(true);
    await deed.run(async () => {
      await ask(api.PUT("/api/settings", { body }));
    });
  };
  return (
    <section aria-labelledby="where" className="border border-rule p-3">
      <h3 id="where" className="font-bold">
        Where is this kitchen?
      </h3>
      <p className="mt-1 mb-3 text-sm">
        Sets cups, label type, allergens, temperatures, safety advice, paper and currency. Settings
        has each of them.
      </p>
      <div role="group" aria-labelledby="where" className="flex flex-wrap gap-2">
        {HOME_NAMES.map(({ home, name }) => (
          <Toggle key={home} on={livesIn(home, settings)} onChoose={() => void choose(home)}>
            {name}
          </Toggle>
        ))}
      </div>
    </section>
  );
}
