import { Lessons } from "../../dish/Lessons";
import { useState } from "react";

import { api, ask } from "../../api/client";
import { useCook, useSteps } from "../../api/queries";
import { Button, ButtonLink } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Empty, Failed, Loading } from "../../ui/States";
import { Toggle } from "../../ui/Toggle";
import type { StageProps } from "../../dish/stage";
import { PlanSteps } from "./PlanSteps";
import { RunCook } from "./RunCook";
import { useDeed } from "../../ui/useDeed";

/** The changed steps for what was not begun yet. */
function TakePlan({ batchId }: { batchId: number }) {
  const say = useNotice();
  const deed = useDeed();
  const take = async () => {
    await deed.run(async () => {
      const params = { path: { batch_id: batchId } };
      await ask(api.PUT("/api/batches/{batch_id}/cook/plan", { params }));
      say({ text: "This batch has the changed steps. What was begun stays as it was." });
    });
  };
  return (
    <Button className="mb-3" onClick={() => void take()}>
      Use the changed steps for this batch
    </Button>
  );
}

/** The clock and the oven: steps planned and laid out in time, then cooked. */
export function CookStage({ dish, trial, batch }: StageProps) {
  const steps = useSteps(trial.id);
  const cook = useCook(batch?.id);
  const [chosen, setChosen] = useState<"plan" | "cook">();
  if (steps.isPending || (batch && cook.isPending)) return <Loading />;
  if (steps.error && !steps.data) {
    return <Failed error={steps.error} retry={() => void steps.refetch()} />;
  }
  if (cook.error && !cook.data) {
    return <Failed error={cook.error} retry={() => void cook.refetch()} />;
  }
  const planned = (cook.data?.steps.length ?? 0) > 0;
  const view = chosen ?? (batch && planned ? "cook" : "plan");
  return (
    <div className="p-5 max-sm:p-3">
      <header className="mb-4 flex flex-wrap items-center justify-between gap-3">
        <h1 className="text-2xl font-bold">
          {dish.name} {trial.letter}: {view === "plan" ? "steps" : "cooking"}
        </h1>
        {!batch && (
          <ButtonLink to={`/dishes/${dish.id}/weigh`} look="main">
            On to the weigh-in →
          </ButtonLink>
        )}
        <div role="group" aria-label="View" className="flex">
          <Toggle on={view === "plan"} onChoose={() => setChosen("plan")}>
            Plan the steps
          </Toggle>
          <Toggle on={view === "cook"} onChoose={() => setChosen("cook")}>
            Cook
          </Toggle>
        </div>
      </header>
      <div className="mb-3">
        <Lessons dish={dish} trial={trial} />
      </div>
      {view === "plan" ? (
        <>
          {cook.data?.begun && (
            <p className="mb-3 text-soft">
              This batch is cooked with the steps as they were when it began.{" "}
              {cook.data.plan_changed
                ? "They have changed since."
                : "What you change here is for the next one."}
            </p>
          )}
          {cook.data?.plan_changed && <TakePlan batchId={cook.data.batch_id} />}
          <PlanSteps key={trial.id} sheet={steps.data} />
        </>
      ) : !batch ? (
        <Empty title="Nothing to cook yet">
          <p>Weigh a batch of trial {trial.letter} first; its steps can be planned before.</p>
        </Empty>
      ) : !planned || !cook.data ? (
        <Empty title="No steps yet">
          <p>Plan the steps first: type them, or begin with the usual ones.</p>
        </Empty>
      ) : (
        <RunCook sheet={cook.data} heardMs={cook.dataUpdatedAt} />
      )}
    </div>
  );
}
