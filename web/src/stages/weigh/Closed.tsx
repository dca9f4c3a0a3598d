import { useState } from "react";

import { api, ask } from "../../api/client";
import { Button, ButtonLink } from "../../ui/Button";
import type { StageProps } from "../../dish/stage";
import { CorrectLine, Corrections } from "./Corrections";
import { LineList } from "./LineList";
import type { ShownSheet } from "./lines";
import { SoFar } from "./SoFar";
import { Begin, BeginFreely } from "./Begin";
import { useDeed } from "../../ui/useDeed";

type ClosedProps = Pick<StageProps, "dish" | "trial"> & { sheet: ShownSheet };

/** What was weighed, and where to go from here. */
export function Closed({ dish, trial, sheet }: ClosedProps) {
  const [chosen, setChosen] = useState<number>();
  const line = sheet.lines.find((line) => line.id === chosen);
  return (
    <div className="grid gap-6 p-5 max-sm:p-3 lg:grid-cols-[20rem_1fr]">
      <LineList sheet={sheet} onTurn={setChosen} />
      <div className="grid content-start gap-4">
        <h1 className="text-2xl font-bold">
          {dish.name} {trial.letter} is weighed
        </h1>
        <SoFar sheet={sheet} />
        <p className="max-w-prose">
          {sheet.free && "What you weighed is the plan of this trial now. "}
          This batch is closed. If a line is wrong, choose it in the list and correct it. Next:
          weigh the whole mixture and divide it.
        </p>
        <Corrections sheet={sheet} />
        {line && (
          <CorrectLine
            key={line.id}
            sheet={sheet}
            line={line}
            onClose={() => setChosen(undefined)}
          />
        )}
        <div className="flex flex-wrap gap-3">
          <ButtonLink to={`/dishes/${dish.id}/portion?batch=${sheet.id}`} look="main">
            On to the portions →
          </ButtonLink>
          <ButtonLink to={`/dishes/${dish.id}/cook?batch=${sheet.id}`}>To the stove</ButtonLink>
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
  const deed = useDeed();
  const make = async () => {
    await deed.run(async () => {
      const params = { path: { batch_id: sheet.id } };
      await ask(api.POST("/api/batches/{batch_id}/as-plan", { params }));
      setDone(true);
    });
  };
  if (done) return <p className="self-center text-done">✓ These weights are the plan now.</p>;
  return <Button onClick={() => void make()}>Use these weights as the plan</Button>;
}
