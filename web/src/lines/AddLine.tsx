import { useState } from "react";

import { api, ask, type Schemas } from "../api/client";
import { Button } from "../ui/Button";
import { Modal } from "../ui/Modal";
import { useNotice } from "../ui/notices";
import { Options } from "../ui/Options";
import { NewFood } from "../food/NewFood";
import type { BuildDraft } from "./useBuildDraft";
import { addLine } from "./draft";
import { focusAddLine } from "./focusAddLine";
import { useHeldText } from "../lib/useHeldText";
import { remember, takenAsBefore, takenSays } from "./chosen";
import { type Choice, choicesOf, lineOf, questionOf } from "./quick";
import { TellOnce } from "../food/TellOnce";
import { useQuickEntry } from "./useQuickEntry";
import { useDeed } from "../ui/useDeed";

interface AddLineProps {
  at: number;
  draft: BuildDraft;
  trialId: number;
  /** What the component is called that the first line makes, where there is none yet. */
  makes?: string;
}

/** "1/3 cup skyr" → the foods that match and what that is in grams; Enter adds the line. */
export function AddLine({ at, draft, trialId, makes }: AddLineProps) {
  const [text, setText] = useHeldText(`${trialId}.${at}`);
  const [asking, setAsking] = useState<Choice>();
  const [told, setTold] = useState(0);
  const [shelving, setShelving] = useState(false);
  const quick = useQuickEntry(text, told);
  const say = useNotice();
  const deed = useDeed();
  const food = quick.answer?.entry.food ?? "";
  const choices = quick.answer
    ? [...choicesOf(quick.answer), ...madeHere(quick.answer, at, draft)]
    : [];
  const again = () => focusAddLine(at);
  /** `answer` is what the line was read as: what was chosen of it is remembered. */
  const choose = (choice: Choice, answer: Schemas["QuickAnswer"] | undefined) => {
    if (choice.way?.needs) {
      setAsking(choice);
      return;
    }
    draft.change((build) => addLine(build, at, lineOf(choice), makes), choice.label);
    if (answer) {
      if (takenAsBefore(answer, choice)) say(takenSays(answer, choice, text.trim(), draft.undo));
      else void remember([{ text: text.trim(), answer, choice }]);
    }
    setText("");
    again();
  };
  const settled = quick.text === text.trim();
  const read = () => ask(api.POST("/api/quick-entry", { body: { text: text.trim() } }));
  /** Enter before the answer: ask once more and take what is sure. */
  const early = async () => {
    try {
      const answer = await read();
      const first = [...choicesOf(answer), ...madeHere(answer, at, draft)][0];
      if (first && isSure(answer)) choose(first, answer);
    } catch {
      // the answer that is on its way says what is wrong with the line
    }
  };
  /** The line goes in with the food that it waited for; what it cannot know of it is asked. */
  const shelved = async (food: Schemas["ShelfFood"]) => {
    setShelving(false);
    again();
    try {
      const answer = await read();
      const mine = choicesOf(answer).find((choice) => choice.foodId === food.id);
      if (mine) choose(mine, answer);
      else setTold((count) => count + 1);
    } catch {
      setTold((count) => count + 1);
    }
  };
  const keep = async () => {
    await deed.run(async () => {
      const params = { path: { trial_id: trialId } };
      await ask(api.POST("/api/trials/{trial_id}/pending", { params, body: { text } }));
      setText("");
      say({ text: "The line is kept for later." });
      again();
    });
  };
  return (
    <div data-add-line className="mt-1">
      <Options
        label={`Add a line to ${draft.build.components?.[at]?.name ?? makes ?? "the build"}`}
        placeholder="Add a line: 160 g carrot, 1/3 cup skyr, 2 large eggs"
        text={text}
        onText={(next) => {
          setText(next);
          setAsking(undefined);
        }}
        error={settled ? quick.error : undefined}
        options={choices}
        optionKey={(choice) => choice.key}
        note={questionOf(quick.answer) || undefined}
        option={(choice) => <ChoiceRow choice={choice} />}
        onChoose={(choice) => choose(choice, settled ? quick.answer : undefined)}
        sure={isSure(quick.answer)}
        stale={!settled}
        onEarly={() => void early()}
        none={
          settled &&
          quick.answer &&
          food !== "" && (
            <div className="mt-1 flex flex-wrap items-center gap-x-3 text-sm">
              <span>No food on the shelf is called “{food}”.</span>
              <Button
                look="quiet"
                onPointerDown={(event) => event.preventDefault()}
                onClick={() => setShelving(true)}
              >
                Add its label
              </Button>
              <Button
                look="quiet"
                onPointerDown={(event) => event.preventDefault()}
                onClick={() => void keep()}
              >
                Save for later
              </Button>
            </div>
          )
        }
      />
      {asking?.way?.needs && asking.foodId !== undefined && (
        <TellOnce
          foodId={asking.foodId}
          food={asking.food ?? asking.text}
          needs={asking.way.needs}
          onTold={() => {
            setAsking(undefined);
            setTold((count) => count + 1);
            again();
          }}
          onLeave={() => setAsking(undefined)}
        />
      )}
      <Modal
        wide
        open={shelving}
        onOpenChange={setShelving}
        focusAfter={again}
        title={`Onto the shelf: ${food}`}
      >
        <NewFood called={food} onAdded={(food) => void shelved(food)} />
      </Modal>
    </div>
  );
}

/** What is made here is called so; of the shelf's foods the answer knows. */
const isSure = (answer: Schemas["QuickAnswer"] | undefined) =>
  answer !== undefined && (answer.sure || answer.options.length === 0);

function ChoiceRow({ choice }: { choice: Choice }) {
  return (
    <span className="grid grid-cols-[1fr_auto] gap-x-3">
      <span>
        {choice.text}
        {choice.label?.label.style === "table" && !choice.text.includes("generic") && (
          <span className="text-sm text-soft"> (generic)</span>
        )}
      </span>
      <span className={`text-right ${choice.way?.needs ? "text-pencil" : "font-bold"}`}>
        {choice.amount}
      </span>
      <span className="col-span-2 text-sm text-soft">{choice.detail}</span>
    </span>
  );
}

/** Components of this trial go in by weight, like a food. */
function madeHere(answer: Schemas["QuickAnswer"], at: number, draft: BuildDraft): Choice[] {
  const words = answer.entry.food.toLowerCase().split(/\s+/).filter(Boolean);
  const amount = answer.entry.quantities?.[0];
  const inGrams = amount && (amount.unit === "g" || !amount.unit) ? amount.low : 0;
  const way = { grams: inGrams, how: "as written" };
  return (draft.build.components ?? [])
    .filter((part, i) => i !== at && words.length > 0 && named(part.name, words))
    .map((part) => ({
      key: `c${part.name}`,
      text: `${part.name} (made here)`,
      detail: "a component of this trial, used by weight",
      amount: inGrams > 0 ? `${inGrams} g` : "",
      component: part.name,
      way,
    }));
}

const named = (name: string, words: readonly string[]) =>
  words.every((word) => name.toLowerCase().includes(word));
