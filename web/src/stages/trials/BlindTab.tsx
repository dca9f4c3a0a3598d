import { useState } from "react";
import { Link, useNavigate } from "react-router";

import { api, ask, type ProblemError, type Schemas } from "../../api/client";
import { useBlindTests, useProspect } from "../../api/queries";
import { MOST_SEATS } from "../../api/vocabulary";
import { day } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { useDeed } from "../../ui/useDeed";

type BlindKind = Schemas["NewBlindTest"]["kind"];

const KINDS: readonly { value: BlindKind; label: string }[] = [
  { value: "triangle", label: "Which is the odd one? (triangle)" },
  { value: "preference", label: "Which do you prefer? (pair)" },
];

/** Blind tests of the dish, and a new one. */
export function BlindTab({ dishId, letters }: { dishId: number; letters: readonly string[] }) {
  const { data: tests = [] } = useBlindTests(dishId);
  const say = useNotice();
  const deed = useDeed();
  const put = async (id: number, removed: boolean) => {
    const params = { path: { test_id: id } };
    await deed.run(async () => {
      await ask(api.PUT("/api/blind-tests/{test_id}/removed", { params, body: { removed } }));
      if (removed) say({ text: "The test is deleted.", undo: () => void put(id, false) });
    });
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-2">
      <section aria-label="Blind tests">
        <h2 className="text-lg font-bold">Blind tests</h2>
        {tests.length === 0 && (
          <p className="max-w-prose text-soft">
            None yet. Nobody knows which sample is which, so what is found can’t be wishful.
          </p>
        )}
        <ul>
          {tests.map((test) => (
            <li key={test.id} className="flex items-start gap-3 border-t border-rule py-2">
              <Link to={`/blind/${test.id}`} className="min-h-11 min-w-0 flex-1 hover:underline">
                <b>
                  {test.name_a} or {test.name_b}
                </b>
                <span className="block text-sm">
                  {test.says ||
                    `${test.answered} of ${test.seats} answered. The key stays hidden till the end.`}
                </span>
                <span className="text-sm text-soft">
                  {test.kind === "triangle" ? "triangle" : "pair"}, {day(test.created_at)}
                </span>
              </Link>
              <Button look="quiet" onClick={() => void put(test.id, true)}>
                Delete
              </Button>
            </li>
          ))}
        </ul>
      </section>
      <NewTest dishId={dishId} letters={letters} />
    </div>
  );
}

function NewTest({ dishId, letters }: { dishId: number; letters: readonly string[] }) {
  const [kind, setKind] = useState<BlindKind>("triangle");
  const [nameA, setNameA] = useState(letters[1] ? `Trial ${letters[1]}` : "");
  const [nameB, setNameB] = useState(letters[0] ? `Trial ${letters[0]}` : "");
  const [seats, setSeats] = useState<number | null>(10);
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem, true);
  const { data: prospect } = useProspect(kind, Math.min(seats ?? 0, MOST_SEATS));
  const navigate = useNavigate();
  const begin = async () => {
    const body = { kind, name_a: nameA, name_b: nameB, seats: seats ?? 0 };
    await deed.run(async () => {
      const params = { path: { dish_id: dishId } };
      const made = await ask(api.POST("/api/dishes/{dish_id}/blind-tests", { params, body }));
      await navigate(`/blind/${made.id}`);
    });
  };
  return (
    <section aria-label="A new blind test">
      <h2 className="text-lg font-bold">A new blind test</h2>
      <form
        className="mt-2 grid max-w-md gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void begin();
        }}
      >
        <Choice label="Question" value={kind} options={KINDS} onChange={setKind} />
        <TextField
          label="One sample"
          placeholder="Trial A, with oil"
          maxLength={120}
          value={nameA}
          error={problem?.at("name_a")}
          onChange={setNameA}
        />
        <TextField
          label="The other"
          placeholder="Trial C, with carrot"
          maxLength={120}
          value={nameB}
          error={problem?.at("name_b")}
          onChange={setNameB}
        />
        <NumberField
          label="How many taste"
          most={MOST_SEATS}
          takes="whole"
          value={seats}
          error={problem?.at("seats")}
          onChange={setSeats}
        />
        {prospect && (
          <p aria-live="polite" className={prospect.needed == null ? "text-mark" : "text-soft"}>
            {prospect.says}
          </p>
        )}
        <p className="text-sm text-soft">
          Each answer counts once: let every seat be another person, or another sitting.
        </p>
        {problem && problem.faults.length === 0 && (
          <p role="alert" className="text-mark">
            {problem.message}
          </p>
        )}
        <div>
          <Button type="submit" disabled={deed.busy}>
            Draw the codes
          </Button>
        </div>
      </form>
    </section>
  );
}
