import { useState } from "react";
import { Link } from "react-router";

import { api, ask, firstFault, type Schemas } from "../../api/client";
import { Ruler } from "../../drawing/Ruler";
import { count, day } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useDeed } from "../../ui/useDeed";

/** What waits for a word: how full it still is, and trials without a verdict. */
export function Waiting({ kitchen }: { kitchen: Schemas["KitchenView"] }) {
  const { fullness, unjudged } = kitchen;
  if (fullness.length === 0 && unjudged.trials.length === 0) return null;
  const more = unjudged.total - unjudged.trials.length;
  return (
    <section aria-labelledby="waiting" className="mt-4">
      <h2 id="waiting" className="text-lg font-bold">
        Waiting for a word
      </h2>
      <ul className="mt-2 grid gap-2">
        {fullness.map((question) => (
          <StillFull key={`${question.tasting} ${question.after_h}`} asked={question} />
        ))}
        {unjudged.trials.map((waiting) => (
          <li key={waiting.trial_id} className="border-l-4 border-rule bg-wash">
            <Link
              to={`/dishes/${waiting.dish_id}/taste?batch=${waiting.batch_id}`}
              className="flex min-h-11 flex-wrap items-center gap-x-4 px-3 py-2 hover:underline"
            >
              <span className="font-bold">
                {waiting.dish}, trial {waiting.letter}
              </span>
              <span>
                made {day(waiting.closed_at)},{" "}
                {waiting.tastings === 0 ? "not tasted yet" : count(waiting.tastings, "tasting")}
              </span>
              <span className="ml-auto font-semibold text-pencil">
                {waiting.tastings === 0 ? "Taste" : "Give a verdict"} →
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {more > 0 && (
        <p className="mt-1 text-sm text-soft">And {count(more, "more trial", "more trials")}.</p>
      )}
    </section>
  );
}

/** How full it still is, hours after: marked here, later, or never. */
function StillFull({ asked }: { asked: Schemas["FullnessQuestion"] }) {
  const [mark, setMark] = useState("");
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const send = async (answer: "mark" | "later" | "never") => {
    const params = { path: { tasting_id: asked.tasting } };
    const body = {
      id: crypto.randomUUID(),
      after_h: asked.after_h as 1 | 3,
      answer,
      mark: answer === "mark" ? mark : null,
    };
    await deed.run(async () => {
      await ask(api.POST("/api/tastings/{tasting_id}/fullness", { params, body }));
    });
  };
  return (
    <li className="border-l-4 border-pencil bg-wash px-3 py-2">
      <p>
        <b>{asked.taster}</b>, {count(asked.after_h, "hour")} after {asked.dish} {asked.letter}
      </p>
      <div className="max-w-md">
        <Ruler
          label="How full are you still?"
          value={mark}
          error={error}
          onChange={(said) => {
            setMark(said);
            setError(undefined);
          }}
        />
      </div>
      <p className="mt-2 flex flex-wrap gap-2">
        <Button disabled={mark.trim() === ""} onClick={() => void send("mark")}>
          Record
        </Button>
        <Button look="quiet" onClick={() => void send("later")}>
          Ask later
        </Button>
        <Button look="quiet" onClick={() => void send("never")}>
          Don’t ask
        </Button>
      </p>
    </li>
  );
}
