import { type SyntheticEvent, useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, ProblemError, sentence } from "../../api/client";
import { keys, useKitchen, useRefresh } from "../../api/queries";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { DishCards } from "./DishCards";
import { GoingOn } from "./GoingOn";
import { ImportBatch } from "./ImportBatch";
import { OnHand } from "./OnHand";
import { SetAside } from "./SetAside";

/** Home: what is going on, and every dish. */
export function KitchenPage() {
  const { data, error, isPending, refetch, fetchNextPage, hasNextPage, isFetchingNextPage } =
    useKitchen();
  if (isPending) return <Loading />;
  if (!data) return <Failed error={error} retry={() => void refetch()} />;
  const first = data.pages[0];
  const dishes = data.pages.flatMap((page) => page.dishes);
  return (
    <Sheet className="p-5 max-sm:p-4">
      <h1 className="text-2xl font-bold">Kitchen</h1>
      {first && <GoingOn kitchen={first} />}
      <OnHand />
      <section aria-labelledby="dishes" className="mt-6">
        <h2 id="dishes" className="text-lg font-bold">
          Dishes
        </h2>
        {dishes.length === 0 && (
          <p className="mt-2 max-w-prose">
            No dish yet. A dish starts with its original: what one serving of the ordinary version
            weighs and holds. For example: “Carrot loaf, bakery slice, 180 g, 690 kcal”. Name yours
            below.
          </p>
        )}
        <DishCards dishes={dishes} />
        {hasNextPage && (
          <Button
            className="mt-4"
            disabled={isFetchingNextPage}
            onClick={() => void fetchNextPage()}
          >
            Show more: {dishes.length} of {first?.total} shown
          </Button>
        )}
        {(first?.set_aside ?? 0) > 0 && <SetAside count={first?.set_aside ?? 0} />}
      </section>
      <div className="mt-6 grid gap-x-10 gap-y-6 border-t border-rule pt-5 sm:grid-cols-2">
        <StartDish />
        <ImportBatch />
      </div>
    </Sheet>
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
