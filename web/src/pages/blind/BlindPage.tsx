import { useState } from "react";
import { Link, useParams } from "react-router";

import { api, ask, firstFault, type Schemas } from "../../api/client";
import { useBlindTest } from "../../api/queries";
import { BLIND_LEVEL } from "../../api/vocabulary";
import { Button, ButtonLink } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { useNotice } from "../../ui/notices";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { useDeed } from "../../ui/useDeed";

type Test = Schemas["BlindSheet"];

/** A blind test: a seat at a time on the phone, the serving sheet on paper, the key at the end. */
export default function BlindPage() {
  const { testId } = useParams();
  const { data: test, error, refetch } = useBlindTest(Number(testId) || 0);
  if (!test) return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  return (
    <Sheet className="p-5 max-sm:p-3">
      <p className="text-sm print:hidden">
        <Link
          to={`/dishes/${test.dish_id}/trials?tab=blind`}
          className="text-pencil hover:underline"
        >
          ← {test.dish}: trials
        </Link>
      </p>
      <h1 className="text-2xl font-bold">
        {test.kind === "triangle" ? "Which is the odd one?" : "Which do you prefer?"}
      </h1>
      {test.result ? <Ended test={test} /> : <Running key={test.id} test={test} />}
      <ServingSheet test={test} />
    </Sheet>
  );
}

function Running({ test }: { test: Test }) {
  const open = test.seats.find((seat) => seat.chosen == null);
  const [seat, setSeat] = useState<number>();
  const [asking, setAsking] = useState(false);
  const say = useNotice();
  const deed = useDeed();
  const at = test.seats.find((served) => served.number === seat) ?? open;
  const answer = async (number: number, code: number, takenBack = false) => {
    const params = { path: { test_id: test.id } };
    const body = { id: crypto.randomUUID(), seat: number, code, taken_back: takenBack };
    try {
      await ask(api.POST("/api/blind-tests/{test_id}/answers", { params, body }));
      setSeat(takenBack ? number : undefined);
      if (!takenBack) {
        say({ text: `Seat ${number}: ${code}.`, undo: () => void answer(number, code, true) });
      }
    } catch (error) {
      say({ text: firstFault(error), bad: true });
    }
  };
  const end = async () => {
    await deed.run(async () => {
      const params = { path: { test_id: test.id } };
      await ask(api.POST("/api/blind-tests/{test_id}/end", { params }));
    });
    setAsking(false);
  };
  return (
    <div className="print:hidden">
      <p className="mt-1 text-soft">
        {test.answered} of {test.seats.length} answered. {test.prospect.says}
      </p>
      {at ? (
        <section aria-label={`Seat ${at.number}`} className="mt-4">
          <h2 className="text-lg font-bold">
            Seat {at.number} of {test.seats.length}
          </h2>
          <p>
            {test.kind === "triangle"
              ? "Taste from left to right. Two are alike: press the one that is not."
              : "Taste from left to right, then press the one that you would rather have."}
          </p>
          <div className="mt-4 flex flex-wrap gap-4">
            {at.codes.map((code) => (
              <button
                key={code}
                type="button"
                onClick={() => void answer(at.number, code)}
                aria-pressed={at.chosen === code}
                className={`grid size-28 place-items-center rounded-full border-2 border-ink font-mono text-4xl font-bold hover:bg-wash sm:size-36 ${at.chosen === code ? "bg-ink text-sheet" : ""}`}
              >
                {code}
              </button>
            ))}
          </div>
        </section>
      ) : (
        <p className="mt-4 text-lg">Everybody has answered.</p>
      )}
      <div className="mt-6 flex flex-wrap gap-2">
        <Button look={open ? "plain" : "main"} onClick={() => setAsking(true)}>
          End and show the key
        </Button>
        <ButtonLink look="quiet" to={`/blind/${test.id}/cups`}>
          For whoever fills the cups
        </ButtonLink>
        <Button look="quiet" onClick={() => window.print()}>
          Print sheets for the tasters
        </Button>
      </div>
      <Modal open={asking} onOpenChange={setAsking} title="Show the key?">
        <p>
          {open
            ? `${test.seats.length - test.answered} seats have not answered. `
            : "Everybody has answered. "}
          Once the key has been seen, nobody can answer any more, and that can’t be undone.
        </p>
        <div className="mt-4 flex gap-2">
          <Button look="main" onClick={() => void end()}>
            Show the key
          </Button>
          <Button onClick={() => setAsking(false)}>Not yet</Button>
        </div>
      </Modal>
    </div>
  );
}

function Ended({ test }: { test: Test }) {
  const { result, prospect } = test;
  if (!result) return null;
  return (
    <>
      <p className="mt-3 text-xl font-bold">{result.says}</p>
      <p className="mt-1 max-w-prose text-soft">
        {prospect.says} Exact binomial test at {100 * BLIND_LEVEL} %
        {test.kind === "triangle" ? ", one-sided (ISO 4120)." : ", two-sided (ISO 5495)."}
      </p>
      <table className="mt-4 w-full max-w-2xl">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="font-normal">seat</th>
            <th className="font-normal">served, from left to right</th>
            <th className="font-normal">chose</th>
          </tr>
        </thead>
        <tbody>
          {test.seats.map((seat, i) => (
            <tr key={seat.number} className="border-t border-rule">
              <td className="py-1">{seat.number}</td>
              <td>
                {seat.codes
                  .map((code, cup) => `${code} ${test.key[i]?.samples[cup] ?? ""}`)
                  .join(" · ")}
              </td>
              <td className="font-mono">{seat.chosen ?? "–"}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

/** What stands before whom, on paper: codes alone, and room for the answer. */
function ServingSheet({ test }: { test: Test }) {
  return (
    <section aria-label="Tasters’ sheet" className="hidden print:block">
      <h2 className="text-lg font-bold">Tasters’ sheet</h2>
      <p>{test.dish}. Taste from left to right and write down one code.</p>
      <table className="mt-3 w-full">
        <thead className="text-left">
          <tr>
            <th>seat</th>
            <th>cups</th>
            <th>my answer</th>
          </tr>
        </thead>
        <tbody>
          {test.seats.map((seat) => (
            <tr key={seat.number} className="h-10 border-t border-ink">
              <td>{seat.number}</td>
              <td className="font-mono text-xl">{seat.codes.join("   ")}</td>
              <td>______</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
