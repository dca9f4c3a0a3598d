import { useState } from "react";
import { Link } from "react-router";

import { api, ask, sentence } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import type { StageProps } from "../../dish/stage";
import { LineList } from "./LineList";
import type { ShownSheet } from "./lines";
import { SoFar } from "./SoFar";
import { Begin, BeginFreely } from "./Begin";

type ClosedProps = Pick<StageProps, "dish" | "trial"> & { sheet: ShownSheet };

/** What was weighed, and where to go from here. */
export function Closed({ dish, trial, sheet }: ClosedProps) {
  return (
    <div className="grid gap-6 p-5 max-sm:p-3 lg:grid-cols-[20rem_1fr]">
      <LineList sheet={sheet} />
      <div className="grid content-start gap-4">
        <h1 className="text-2xl font-bold">
          {dish.name} {trial.letter} is weighed
        </h1>
        <SoFar sheet={sheet} />
        <p className="max-w-prose">
          {sheet.free
            ? "What you weighed is the plan of this trial now. Next: weigh the whole mixture and divide it."
            : "The records stay as they are. Next: weigh the whole mixture and divide it."}
        </p>
        <div className="flex flex-wrap gap-3">
          <Link
            to={`/dishes/${dish.id}/portion?batch=${sheet.id}`}
            className="inline-flex min-h-11 items-center border border-pencil bg-pencil px-3.5 font-semibold text-on-pencil"
          >
            On to the portions →
          </Link>
          <Link
            to={`/dishes/${dish.id}/cook?batch=${sheet.id}`}
            className="inline-flex min-h-11 items-center border border-ink px-3.5 font-semibold hover:bg-wash"
          >
            To the stove
          </Link>
          <Begin dish={dish} trial={trial} again />
          {!sheet.free && <AsPlan sheet={sheet} />}
          <BeginFreely dish={dish} trial={trial} />
        </div>
      </div>
    </div>
  );
}

/** Next time's targets are what went in this time. */
function AsPlan({ sheet }: { sheet: ShownSheet }) {
  const [done, setDone] = useState(false);
  const say = useNotice();
  const refresh = useRefresh();
  const make = async () => {
    try {
      const params = { path: { batch_id: sheet.id } };
      await ask(api.POST("/api/batches/{batch_id}/as-plan", { params }));
      refresh(keys.trial(sheet.trial_id), keys.dish(sheet.dish_id), keys.kitchen);
      setDone(true);
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  if (done) return <p className="self-center text-done">✓ These weights are the plan now.</p>;
  return <Button onClick={() => void make()}>Next time as weighed</Button>;
}
