import { type SyntheticEvent, useState } from "react";

import { api, ask, firstFault, type Schemas, sentence } from "../api/client";
import { count } from "../lib/format";
import { Button } from "../ui/Button";
import { Field } from "../ui/Field";
import { Modal } from "../ui/Modal";
import { useNotice } from "../ui/notices";
import { addSteps } from "./addSteps";
import type { BuildDraft } from "./useBuildDraft";
import {
  choiceAt,
  first,
  labelsOf,
  LEFT_OUT,
  type PastedLine,
  sorted,
  UNDECIDED,
  withList,
} from "./pasted";
import { choicesOf, questionOf } from "./quick";
import { TellOnce } from "../food/TellOnce";
import { useDeed } from "../ui/useDeed";

interface PasteListProps {
  draft: BuildDraft;
  trialId: number;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Steps among the lines go to the steps of the trial; the original has none. */
  takesSteps: boolean;
  /** A line that was kept for later: forgotten once it is in. */
  pending?: Schemas["UnmatchedLine"] | undefined;
}

/** A whole recipe at once: every line with its reading, before anything is added. */
export function PasteList({ open, onOpenChange, ...rest }: PasteListProps) {
  return (
    <Modal wide open={open} onOpenChange={onOpenChange} title="Paste an ingredient list">
      <Reader key={rest.pending?.id ?? "new"} {...rest} onDone={() => onOpenChange(false)} />
    </Modal>
  );
}

interface ReaderProps extends Omit<PasteListProps, "open" | "onOpenChange"> {
  onDone: () => void;
}

function Reader({ draft, trialId, takesSteps, pending, onDone }: ReaderProps) {
  const [text, setText] = useState(pending?.text ?? "");
  const [lines, setLines] = useState<readonly PastedLine[]>();
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const say = useNotice();
  const read = async (event?: SyntheticEvent) => {
    event?.preventDefault();
    await deed.run(async () => {
      const found = await ask(api.POST("/api/quick-entry/list", { body: { text } }));
      setLines(found);
      setChosen((before) =>
        found.map((line, i) => {
          const kept = before.length === found.length ? before[i] : undefined;
          return kept !== undefined && kept >= 0 ? kept : first(line, takesSteps);
        }),
      );
      setError(found.length === 0 ? "Paste at least one line." : undefined);
    });
  };
  const sort = sorted(lines ?? [], chosen);
  const add = async () => {
    draft.change((build) => withList(build, lines ?? [], chosen), ...labelsOf(sort));
    const params = { path: { trial_id: trialId } };
    try {
      if (!pending) {
        for (const line of sort.later) {
          await ask(
            api.POST("/api/trials/{trial_id}/pending", { params, body: { text: line.text } }),
          );
        }
      }
      if (sort.steps.length > 0) await addSteps(trialId, sort.steps);
      if (pending && sort.adding.length > 0) {
        const path = { trial_id: trialId, pending_id: pending.id };
        await ask(api.DELETE("/api/trials/{trial_id}/pending/{pending_id}", { params: { path } }));
      }
    } catch (caught) {
      say({ text: sentence(caught), bad: true });
    }
    say({ text: saying(sort.adding.length, sort.steps.length), undo: draft.undo });
    onDone();
  };
  return (
    <form onSubmit={(event) => void read(event)} className="grid gap-3">
      <Field
        label="One ingredient or step a line. A line that ends in a colon names a component."
        error={error}
      >
        {({ id, describedBy, invalid }) => (
          <textarea
            id={id}
            rows={lines ? 3 : 10}
            value={text}
            maxLength={20_000}
            placeholder={
              "For the frosting:\n220 g quark\n1/2 cup powdered sweetener\n1 tsp vanilla"
            }
            aria-describedby={describedBy}
            aria-invalid={invalid || undefined}
            onChange={(event) => setText(event.target.value)}
            className="w-full border border-soft bg-sheet p-2.5 font-mono text-[15px] placeholder:text-soft"
          />
        )}
      </Field>
      {lines && (
        <ol className="grid gap-0 border-t border-ink" aria-label="The lines as read">
          {lines.map((line, i) => (
            <ListLine
              key={`${i}${line.text}`}
              line={line}
              chosen={chosen[i] ?? LEFT_OUT}
              takesSteps={takesSteps}
              onChoose={(choice) =>
                setChosen((all) => all.map((earlier, j) => (j === i ? choice : earlier)))
              }
              onTold={() => void read()}
            />
          ))}
        </ol>
      )}
      <div className="flex flex-wrap items-center gap-3">
        <Button type="submit" look={lines ? "plain" : "main"}>
          {lines ? "Read again" : "Read the lines"}
        </Button>
        {lines && (
          <Button
            look="main"
            disabled={sort.adding.length + sort.steps.length + sort.later.length === 0}
            onClick={() => void add()}
          >
            Add {count(sort.adding.length, "line")}
            {sort.steps.length > 0 && ` and ${count(sort.steps.length, "step")}`}
          </Button>
        )}
        {sort.later.length > 0 && !pending && (
          <span className="text-sm text-soft">
            {count(sort.later.length, "line waits", "lines wait")} for a food or a choice: kept for
            later.
          </span>
        )}
      </div>
    </form>
  );
}

function saying(lines: number, steps: number): string {
  const added = [
    lines > 0 || steps === 0 ? count(lines, "line") : "",
    steps > 0 ? count(steps, "step") : "",
  ].filter(Boolean);
  return `${added.join(" and ")} ${lines + steps === 1 ? "is" : "are"} added.`;
}

interface ListLineProps {
  line: PastedLine;
  chosen: number;
  takesSteps: boolean;
  onChoose: (at: number) => void;
  onTold: () => void;
}

function ListLine({ line, chosen, takesSteps, onChoose, onTold }: ListLineProps) {
  if (line.status === "heading") {
    return <li className="border-b border-rule pt-3 pb-1 font-bold">{line.says}</li>;
  }
  const question = questionOf(line.answer ?? undefined);
  return (
    <li className="grid gap-x-3 gap-y-1 border-b border-rule py-1.5 sm:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)]">
      <span className="font-mono text-[15px]">
        {line.text}
        {line.status === "faulty" && (
          <span className="block font-sans text-sm text-mark">{line.says}</span>
        )}
        {question && <span className="block font-sans text-sm text-soft">{question}</span>}
      </span>
      <Fate {...{ line, chosen, takesSteps, onChoose, onTold }} />
    </li>
  );
}

const WITHOUT_CHOICE: Partial<Record<PastedLine["status"], string>> = {
  faulty: "left out",
  words: "no ingredient: left out",
  unmatched: "no such food on the shelf: kept for later",
};

/** What becomes of the line. */
function Fate({ line, chosen, takesSteps, onChoose, onTold }: ListLineProps) {
  const choices = line.answer ? choicesOf(line.answer) : [];
  const choice = choiceAt(line, chosen);
  const isStep = line.status === "step";
  if (isStep && !takesSteps) return <span className="text-sm text-soft">a step: left out</span>;
  if (choices.length === 0 && !isStep) {
    return <span className="text-sm text-soft">{WITHOUT_CHOICE[line.status]}</span>;
  }
  return (
    <span>
      <select
        aria-label={`What “${line.text}” is`}
        value={chosen}
        onChange={(event) => onChoose(Number(event.target.value))}
        className={`min-h-11 w-full min-w-0 border bg-sheet px-2 ${chosen === UNDECIDED ? "border-mark" : "border-soft"}`}
      >
        {!isStep && line.answer?.sure === false && (
          <option value={UNDECIDED}>choose, or it is kept for later</option>
        )}
        {isStep && <option value={0}>a step: it goes to the steps</option>}
        {choices.map((choice, i) => (
          <option key={choice.key} value={i}>
            {`${choice.amount || "no amount"} ${choice.text}: ${choice.detail}`}
          </option>
        ))}
        <option value={LEFT_OUT}>leave it out</option>
      </select>
      {choice?.way?.needs && choice.foodId !== undefined && (
        <TellOnce
          foodId={choice.foodId}
          food={choice.food ?? choice.text}
          needs={choice.way.needs}
          onTold={onTold}
          onLeave={() => onChoose(LEFT_OUT)}
        />
      )}
    </span>
  );
}
