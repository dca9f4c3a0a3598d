import { type SyntheticEvent, useState } from "react";
import { Link, useNavigate } from "react-router";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useKitchen, useRefresh } from "../../api/queries";
import { GoalMarks } from "../../drawing/GoalMarks";
import { known, valueText } from "../../lib/figures";
import { figure, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { GoingOn } from "./GoingOn";
import { ImportBatch } from "./ImportBatch";
import { MiniSection } from "./MiniSection";
import { OnHand } from "./OnHand";

/** Home: what is going on, and every dish. */
export function KitchenPage() {
  const { data, error, isPending, refetch } = useKitchen();
  if (isPending) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return (
    <Sheet className="p-5 max-sm:p-4">
      <h1 className="text-2xl font-bold">Kitchen</h1>
      <GoingOn kitchen={data} />
      <OnHand />
      <section aria-labelledby="dishes" className="mt-6">
        <h2 id="dishes" className="text-lg font-bold">
          Dishes
        </h2>
        {data.dishes.length === 0 && (
          <p className="mt-2 max-w-prose">
            No dish yet. A dish starts with its original: what one serving of the ordinary version
            weighs and holds. For example: “Carrot loaf, bakery slice, 180 g, 690 kcal”. Name yours
            below.
          </p>
        )}
        <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(20rem,1fr))] gap-4 max-sm:grid-cols-1">
          {data.dishes.map((dish) => (
            <DishCard key={dish.id} dish={dish} />
          ))}
        </ul>
      </section>
      <div className="mt-6 grid gap-x-10 gap-y-6 border-t border-rule pt-5 sm:grid-cols-2">
        <StartDish />
        <ImportBatch />
      </div>
    </Sheet>
  );
}

function DishCard({ dish }: { dish: Schemas["DishCard"] }) {
  const kcal = known(dish.serving.kcal);
  const protein = known(dish.serving.protein_g);
  const saved = dish.original?.saved_kcal;
  return (
    <li className="border border-ink bg-sheet">
      <Link to={`/dishes/${dish.id}`} className="block p-3 hover:bg-wash">
        <span className="flex items-baseline justify-between gap-3">
          <span className="text-lg font-bold">{dish.name}</span>
          <span className="text-sm text-soft">
            trial {dish.trial}, {dish.weighed ? "weighed" : "planned"}
          </span>
        </span>
        <MiniSection dish={dish} />
        <span className="mt-2 block">
          {kcal && dish.serving.grams != null && kcal.value > 0 ? (
            <>
              <b>{valueText(kcal, "kcal")} kcal</b>
              {protein && ` · ${valueText(protein, "g")} g protein`}
              {` · ${weighed(dish.serving.grams)} g`}
            </>
          ) : (
            "No figures yet"
          )}
          {saved != null && kcal && kcal.value > 0 && (
            <span className={`block text-sm ${saved >= 0 ? "text-done" : "text-mark"}`}>
              {figure(Math.abs(saved), "kcal")} kcal {saved >= 0 ? "less" : "more"} than the
              original
            </span>
          )}
        </span>
        <GoalMarks goals={dish.goals} />
      </Link>
    </li>
  );
}

function StartDish() {
  const [name, setName] = useState("");
  const [error, setError] = useState<string>();
  const navigate = useNavigate();
  const refresh = useRefresh();
  const start = async (event: SyntheticEvent) => {
    event.preventDefault();
    if (name.trim() === "") {
      setError("Give the dish a name.");
      return;
    }
    try {
      const dish = await ask(api.POST("/api/dishes", { body: { name } }));
      refresh(keys.kitchen);
      void navigate(`/dishes/${dish.id}/original`);
    } catch (failure) {
      const said = failure instanceof ProblemError ? failure.at("name") : undefined;
      setError(said ?? sentence(failure));
    }
  };
  const cookFirst = async () => {
    const today = new Date().toLocaleDateString(undefined, { day: "numeric", month: "long" });
    try {
      const body = { name: name.trim() || `Cooked on ${today}` };
      const dish = await ask(api.POST("/api/dishes", { body }));
      const trial = dish.trials[0];
      if (!trial) return;
      const params = { path: { trial_id: trial.id } };
      const batch = await ask(
        api.POST("/api/trials/{trial_id}/batches", { params, body: { free: true } }),
      );
      refresh(keys.kitchen);
      void navigate(`/dishes/${dish.id}/weigh?batch=${batch.id}`);
    } catch (failure) {
      setError(sentence(failure));
    }
  };
  return (
    <form onSubmit={(event) => void start(event)} className="grid content-start gap-2">
      <h2 className="text-lg font-bold">Start a dish</h2>
      <TextField
        label="Name of the dish"
        placeholder="Sticky toffee pudding"
        maxLength={120}
        value={name}
        onChange={(text) => {
          setName(text);
          setError(undefined);
        }}
        error={error}
      />
      <div className="flex flex-wrap gap-2">
        <Button type="submit">Start</Button>
        <Button look="quiet" onClick={() => void cookFirst()}>
          Cook first, write later
        </Button>
      </div>
    </form>
  );
}
