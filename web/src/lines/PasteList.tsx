import { useEffect, useRef, useState } from "react";

import { api, ask, firstFault, type Schemas, sentence } from "../api/client";
import { useAnswer } from "../api/useAnswer";
import { count } from "../lib/format";
import { Button } from "../ui/Button";
import { Field } from "../ui/Field";
import { Modal } from "../ui/Modal";
import { useNotice } from "../ui/notices";
import { addSteps } from "./addSteps";
import { remember } from "./chosen";
import {
  first,
  labelsOf,
  type PastedLine,
  sorted,
  UNDECIDED,
  withList,
  withServings,
} from "./pasted";
import { PastedLines } from "./PastedLines";
import type { BuildDraft } from "./useBuildDraft";

interface PasteListProps {
  draft: BuildDraft;
  trialId: number;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** Steps among the lines go to the steps of the trial; the original has none. */
  takesSteps: boolean;
  /** What the lines without a heading are called. */
  makes: string;
  /** A line that was kept for later: forgotten once it is in. */
  pending?: Schemas["UnmatchedLine"] | undefined;
}

/** A whole recipe at once: every line with its reading, before anything is added. */
export function PasteList({ open, onOpenChange, ...rest }: PasteListProps) {
  return (
    <Modal wide open={open} onOpenChange={onOpenChange} title="Paste a recipe">
      <Reader key={rest.pending?.id ?? "new"} {...rest} onDone={() => onOpenChange(false)} />
    </Modal>
  );
}

interface ReaderProps extends Omit<PasteListProps, "open" | "onOpenChange"> {
  onDone: () => void;
}

const NONE: readonly PastedLine[] = [];

function Reader({ draft, trialId, takesSteps, makes, pending, onDone }: ReaderProps) {
  const [text, setText] = useState(pending?.text ?? "");
  const [pasted, setPasted] = useState(pending !== undefined);
  const [told, setTold] = useState(0);
  const [choices, setChoices] = useState<Choices>(new Map());
  const adds = useRef<HTMLButtonElement>(null);
  const { about, answer, problem } = useAnswer(
    text.trim(),
    (recipe) => api.POST("/api/quick-entry/list", { body: { text: recipe } }),
    150,
    told,
  );
  const lines = text.trim() === "" ? NONE : (answer?.lines ?? NONE);
  const chosen = lines.map((line) => choices.get(line.text) ?? first(line, takesSteps));
  const sort = sorted(lines, chosen);
  const undecided = chosen.includes(UNDECIDED);
  const say = useNotice();
  /** What is shown was read from what stands in the field. */
  const isCurrent = about === text.trim() && !problem;
  const isReady = pasted && isCurrent && lines.length > 0 && !undecided;
  useEffect(() => {
    if (isReady) adds.current?.focus();
  }, [isReady]);
  const servings = draft.build.portions === 1 ? answer?.servings : undefined;
  /** A second Enter may come before the page shows that the first was taken. */
  const isAdding = useRef(false);
  const add = async () => {
    if (!isCurrent || isAdding.current) return;
    isAdding.current = true;
    draft.change(
      (build) => withServings(withList(build, lines, chosen, makes), servings),
      ...labelsOf(sort),
    );
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
      await remember(
        sort.adding.flatMap(({ line: { text, answer }, choice }) =>
          answer ? [{ text, answer, choice }] : [],
        ),
      );
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
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
      className="grid gap-3"
    >
      <Field
        label="One ingredient or step a line. A line that ends in a colon names a component."
        error={problem && firstFault(problem)}
      >
        {({ id, describedBy, invalid }) => (
          <textarea
            id={id}
            autoFocus
            rows={lines.length > 0 ? 3 : 10}
            value={text}
            maxLength={20_000}
            placeholder={
              "For the frosting:\n220 g quark\n1/2 cup powdered sweetener\n1 tsp vanilla"
            }
            aria-describedby={describedBy}
            aria-invalid={invalid || undefined}
            onChange={(event) => {
              setText(event.target.value);
              setPasted((event.nativeEvent as InputEvent).inputType === "insertFromPaste");
            }}
            className="w-full border border-soft bg-sheet p-2.5 font-mono text-[15px] placeholder:text-soft"
          />
        )}
      </Field>
      {lines.length > 0 && (
        <PastedLines
          lines={lines}
          chosen={chosen}
          takesSteps={takesSteps}
          takesFocus={pasted}
          onChoose={(at, choice) =>
            setChoices((all) => new Map(all).set(lines[at]?.text ?? "", choice))
          }
          onInstead={(line, meant) => setText(text.replace(line.text, () => meant.join("\n")))}
          onTold={() => setTold((count) => count + 1)}
        />
      )}
      <div className="flex flex-wrap items-center gap-3">
        <Button
          ref={adds}
          type="submit"
          look="main"
          disabled={!isCurrent || sort.adding.length + sort.steps.length + sort.later.length === 0}
        >
          Add {count(sort.adding.length, "line")}
          {sort.steps.length > 0 && ` and ${count(sort.steps.length, "step")}`}
        </Button>
        {servings != null && <span className="text-sm">{count(servings, "serving")}</span>}
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

/** What was chosen, by the text of its line. */
type Choices = ReadonlyMap<string, number>;

function saying(lines: number, steps: number): string {
  const added = [
    lines > 0 || steps === 0 ? count(lines, "line") : "",
    steps > 0 ? count(steps, "step") : "",
  ].filter(Boolean);
  return `${added.join(" and ")} ${lines + steps === 1 ? "is" : "are"} added.`;
}
