import { useState } from "react";
import { Link, useNavigate } from "react-router";

import { api, ask, type Schemas, sentence } from "../../api/client";
import { Difference } from "../../dish/Difference";
import { trialOptions } from "../../dish/trialOptions";
import { useClearingUp } from "../../dish/useClearingUp";
import { count, day } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { Menu } from "../../ui/Menu";
import { Toggle } from "../../ui/Toggle";
import { useDeed } from "../../ui/useDeed";

interface TrialsTabProps {
  dish: Schemas["DishSheet"];
  trial: Schemas["TrialSummary"];
  /** Everything typed is stored: what is copied is what is seen. */
  saved: boolean;
}

/** The next trial, and what this one changed. */
export function TrialsTab({ dish, trial, saved }: TrialsTabProps) {
  const others = dish.trials.filter((other) => other.id !== trial.id);
  const [chosen, setChosen] = useState<number | undefined>(trial.copied_from ?? others.at(-1)?.id);
  return (
    <div className="grid gap-5">
      <NextTrial dish={dish} trial={trial} saved={saved} />
      <AllTrials dish={dish} trial={trial} />
      {others.length > 0 && chosen !== undefined && (
        <section aria-label="What this trial changed">
          <div className="max-w-96">
            <Choice
              label={`Trial ${trial.letter} against`}
              value={String(chosen)}
              options={trialOptions(others)}
              onChange={(id) => setChosen(Number(id))}
            />
          </div>
          <Difference trialId={trial.id} to={chosen} />
        </section>
      )}
    </div>
  );
}

/** Every trial with its batches; what is not needed is archived or deleted. */
function AllTrials({ dish, trial }: Pick<TrialsTabProps, "dish" | "trial">) {
  const [archived, setArchived] = useState(false);
  const put = useClearingUp();
  const navigate = useNavigate();
  const hidden = dish.trials.some(
    (trial) => trial.archived || trial.batches.some((b) => b.archived),
  );
  const leave = async (one: Schemas["TrialSummary"], where: "archive" | "deleted") => {
    const went = await put("trial", one.id, `Trial ${one.letter}`, where);
    if (went && one.id === trial.id) await navigate(`/dishes/${dish.id}/build?tab=trials`);
  };
  return (
    <section aria-label="All trials">
      <h2 className="flex flex-wrap items-center justify-between gap-x-4 text-lg font-bold">
        All trials
        {hidden && (
          <Toggle small on={archived} onChoose={() => setArchived(!archived)}>
            show archived
          </Toggle>
        )}
      </h2>
      <ul className="border-t border-ink">
        {dish.trials
          .filter((trial) => archived || !trial.archived)
          .map((other) => (
            <li key={other.id} className="border-b border-rule">
              <div className="flex items-center gap-2">
                <Link
                  to={`/dishes/${dish.id}/build?trial=${other.id}`}
                  className={`min-h-11 flex-1 content-center hover:underline ${other.id === trial.id ? "font-bold" : ""}`}
                >
                  Trial {other.letter}
                  {other.intent && `: ${other.intent}`}
                  {other.archived && <span className="text-soft"> (archived)</span>}
                </Link>
                <Menu
                  label={`More for trial ${other.letter}`}
                  items={[
                    other.archived
                      ? {
                          says: "Bring back",
                          run: () =>
                            void put("trial", other.id, `Trial ${other.letter}`, "here", "archive"),
                        }
                      : { says: "Archive", run: () => void leave(other, "archive") },
                    { says: "Delete", run: () => void leave(other, "deleted") },
                  ]}
                />
              </div>
              <Batches dish={dish} of={other} archived={archived} />
            </li>
          ))}
      </ul>
    </section>
  );
}

interface BatchesProps {
  dish: Schemas["DishSheet"];
  of: Schemas["TrialSummary"];
  archived: boolean;
}

function Batches({ dish, of, archived }: BatchesProps) {
  const put = useClearingUp();
  const shown = of.batches.filter((batch) => archived || !batch.archived);
  if (shown.length === 0) return null;
  return (
    <ul className="ml-4">
      {shown.map((batch) => {
        const called = batch.arm ? `${batch.arm}, ${day(batch.started_at)}` : day(batch.started_at);
        const name = batch.arm || `The batch of ${called}`;
        return (
          <li key={batch.id} className="flex items-center gap-2 text-sm">
            <Link
              to={`/dishes/${dish.id}/weigh?batch=${batch.id}`}
              className="min-h-8 flex-1 content-center hover:underline max-sm:min-h-11"
            >
              {called},{" "}
              {batch.closed_at ? "weighed" : `${count(batch.open_lines, "line")} still open`}
              {batch.archived && " (archived)"}
            </Link>
            <Menu
              label={`More for the batch of ${called}, trial ${of.letter}`}
              items={[
                batch.archived
                  ? {
                      says: "Bring back",
                      run: () => void put("batch", batch.id, name, "here", "archive"),
                    }
                  : { says: "Archive", run: () => void put("batch", batch.id, name, "archive") },
                { says: "Delete", run: () => void put("batch", batch.id, name, "deleted") },
              ]}
            />
          </li>
        );
      })}
    </ul>
  );
}

function NextTrial({ dish, trial, saved }: TrialsTabProps) {
  const [intent, setIntent] = useState("");
  const [error, setError] = useState<string>();
  const navigate = useNavigate();
  const deed = useDeed((problem) => setError(sentence(problem)), true);
  const copy = () =>
    deed.run(async () => {
      const params = { path: { dish_id: dish.id } };
      const body = { copy_of: trial.id, intent };
      const made = await ask(api.POST("/api/dishes/{dish_id}/trials", { params, body }));
      await navigate(`/dishes/${dish.id}/build?trial=${made.id}`);
    });
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (intent.trim() === "") setError("Say what you are testing.");
        else void copy();
      }}
    >
      <div className="min-w-56 flex-1">
        <TextField
          label={`New trial from ${trial.letter}: what are you testing?`}
          placeholder="halve the oil"
          maxLength={300}
          value={intent}
          error={error}
          onChange={(text) => {
            setIntent(text);
            setError(undefined);
          }}
        />
      </div>
      <Button
        type="submit"
        look="main"
        disabled={!saved || deed.busy}
        className={error ? "mb-6" : ""}
      >
        Start the next trial
      </Button>
    </form>
  );
}
