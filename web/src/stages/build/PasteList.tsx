import { type SyntheticEvent, useState } from "react";

import { api, ask, firstFault, type Schemas, sentence } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { count } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import { Modal } from "../../ui/Modal";
import { useNotice } from "../../ui/notices";
import type { Draft } from "./ComponentTable";
import { addComponent, addLine, type Build } from "./draft";
import { type Choice, choicesOf, lineOf, questionOf } from "./quick";
import { TellOnce } from "./TellOnce";

interface PasteListProps {
  draft: Draft;
  trialId: number;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  /** A line that was kept for later: forgotten once it is in. */
  pending?: Schemas["PendingLine"] | undefined;
}

/** A whole ingredient list at once: every line with its reading, before anything is added. */
export function PasteList({ open, onOpenChange, ...rest }: PasteListProps) {
  return (
    <Modal wide open={open} onOpenChange={onOpenChange} title="Paste an ingredient list">
      <Reader key={rest.pending?.id ?? "new"} {...rest} onDone={() => onOpenChange(false)} />
    </Modal>
  );
}

interface ReaderProps extends Pick<PasteListProps, "draft" | "trialId" | "pending"> {
  onDone: () => void;
}

const LEFT_OUT = -1;

function Reader({ draft, trialId, pending, onDone }: ReaderProps) {
  const [text, setText] = useState(pending?.text ?? "");
  const [lines, setLines] = useState<readonly Schemas["QuickLine"][]>();
  const [chosen, setChosen] = useState<readonly number[]>([]);
  const [error, setError] = useState<string>();
  const refresh = useRefresh();
  const say = useNotice();
  const read = async (event?: SyntheticEvent) => {
    event?.preventDefault();
    try {
      const found = await ask(api.POST("/api/quick-entry/list", { body: { text } }));
      setLines(found);
      setChosen((before) =>
        found.map((line, i) =>
          before.length === found.length && before[i] !== LEFT_OUT
            ? (before[i] ?? 0)
            : hasChoice(line)
              ? 0
              : LEFT_OUT,
        ),
      );
      setError(found.length === 0 ? "Paste at least one line." : undefined);
    } catch (caught) {
      setError(firstFault(caught));
    }
  };
  const ready = (lines ?? []).filter((line, i) => choiceAt(line, chosen[i])?.way?.needs == null);
  const adding = ready.filter((line) => choiceAt(line, chosen[lines?.indexOf(line) ?? 0]));
  const unmatched = (lines ?? []).filter((line) => line.status === "unmatched");
  const add = async () => {
    const found = lines ?? [];
    draft.change((build) => withList(build, found, chosen), ...labelsOf(found, chosen));
    const params = { path: { trial_id: trialId } };
    try {
      for (const line of unmatched) {
        if (pending) continue;
        await ask(
          api.POST("/api/trials/{trial_id}/pending", { params, body: { text: line.text } }),
        );
      }
      if (pending && adding.length > 0) {
        const path = { trial_id: trialId, pending_id: pending.id };
        await ask(api.DELETE("/api/trials/{trial_id}/pending/{pending_id}", { params: { path } }));
      }
    } catch (caught) {
      say({ text: sentence(caught), bad: true });
    }
    refresh(keys.trial(trialId));
    say({ text: `${count(adding.length, "line is", "lines are")} added.`, undo: draft.undo });
    onDone();
  };
  return (
    <form onSubmit={(event) => void read(event)} className="grid gap-3">
      <Field
        label="One ingredient a line. A line that ends in a colon names a component."
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
              onChoose={(choice) =>
                setChosen((all) => all.map((one, j) => (j === i ? choice : one)))
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
            disabled={adding.length === 0 && unmatched.length === 0}
            onClick={() => void add()}
          >
            Add {count(adding.length, "line")}
          </Button>
        )}
        {unmatched.length > 0 && !pending && (
          <span className="text-sm text-soft">
            {count(unmatched.length, "line")} without a food will be kept for later.
          </span>
        )}
      </div>
    </form>
  );
}

const hasChoice = (line: Schemas["QuickLine"]) => (line.answer?.options.length ?? 0) > 0;

function choiceAt(line: Schemas["QuickLine"], at: number | undefined): Choice | undefined {
  if (!line.answer || at === undefined || at === LEFT_OUT) return undefined;
  return choicesOf(line.answer)[at];
}

/** The build with the lines: a heading begins its component, made where it is missing. */
function withList(
  build: Build,
  lines: readonly Schemas["QuickLine"][],
  chosen: readonly number[],
): Build {
  let next = (build.components ?? []).length > 0 ? build : addComponent(build, "Everything");
  let at = 0;
  lines.forEach((line, i) => {
    if (line.status === "heading") {
      const name = line.says ?? line.text;
      const there = (next.components ?? []).findIndex((part) => part.name === name);
      if (there < 0) next = addComponent(next, name);
      at = there < 0 ? (next.components ?? []).length - 1 : there;
      return;
    }
    const choice = choiceAt(line, chosen[i]);
    if (choice && !choice.way?.needs) next = addLine(next, at, lineOf(choice));
  });
  return next;
}

const labelsOf = (lines: readonly Schemas["QuickLine"][], chosen: readonly number[]) =>
  lines.flatMap((line, i) => choiceAt(line, chosen[i])?.label ?? []);

interface ListLineProps {
  line: Schemas["QuickLine"];
  chosen: number;
  onChoose: (at: number) => void;
  onTold: () => void;
}

function ListLine({ line, chosen, onChoose, onTold }: ListLineProps) {
  if (line.status === "heading") {
    return <li className="border-b border-rule pt-3 pb-1 font-bold">{line.says}</li>;
  }
  const choices = line.answer ? choicesOf(line.answer) : [];
  const choice = choices[chosen];
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
      {choices.length === 0 ? (
        <span className="text-sm text-soft">
          {line.status === "faulty" ? "left out" : "no such food on the shelf: kept for later"}
        </span>
      ) : (
        <span>
          <select
            aria-label={`What “${line.text}” is`}
            value={chosen}
            onChange={(event) => onChoose(Number(event.target.value))}
            className="min-h-11 w-full min-w-0 border border-soft bg-sheet px-2"
          >
            {choices.map((one, i) => (
              <option key={one.key} value={i}>
                {`${one.amount || "no amount"} ${one.text}: ${one.detail}`}
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
      )}
    </li>
  );
}
