import { type KeyboardEvent, useEffect, useRef } from "react";

import { TellOnce } from "../food/TellOnce";
import { Button } from "../ui/Button";
import { choiceAt, LEFT_OUT, type PastedLine, UNDECIDED } from "./pasted";
import { choicesOf, questionOf } from "./quick";

interface PastedLinesProps {
  lines: readonly PastedLine[];
  chosen: readonly number[];
  takesSteps: boolean;
  onChoose: (line: number, choice: number) => void;
  /** What a line means: one line for each of its foods, or its degrees with their scale. */
  onInstead: (line: PastedLine, meant: readonly string[]) => void;
  onTold: () => void;
  /** Whether the first question takes the focus, so that the next key answers it. */
  takesFocus: boolean;
}

const MOST_KEYS = 9;

/** The lines as read, with what becomes of each; of those that are asked about, one after another. */
export function PastedLines(props: PastedLinesProps) {
  const { lines, chosen, onChoose, takesFocus } = props;
  const list = useRef<HTMLOListElement>(null);
  const asked = chosen.findIndex((choice) => choice === UNDECIDED);
  useEffect(() => {
    if (takesFocus && asked >= 0) {
      list.current?.querySelector<HTMLElement>("[data-asked] button")?.focus();
    }
  }, [takesFocus, asked, lines]);
  const answered = (event: KeyboardEvent) => {
    const line = lines[asked];
    const isField = (event.target as HTMLElement).closest("input, select, textarea");
    if (!line || isField || event.ctrlKey || event.metaKey || event.altKey) return;
    const choice = event.key === "0" ? LEFT_OUT : Number(event.key) - 1;
    const meant = line.instead?.[choice];
    const choices = line.answer ? choicesOf(line.answer) : [];
    if (event.key !== "0" && !meant && !(choice in choices.slice(0, MOST_KEYS))) return;
    event.preventDefault();
    if (meant) props.onInstead(line, [meant]);
    else onChoose(asked, choice);
  };
  return (
    <ol
      ref={list}
      onKeyDown={answered}
      className="grid gap-0 border-t border-ink"
      aria-label="The lines as read"
    >
      {lines.map((line, i) => (
        <ListLine
          key={`${i}${line.text}`}
          line={line}
          chosen={chosen[i] ?? LEFT_OUT}
          asked={i === asked}
          takesSteps={props.takesSteps}
          onChoose={(choice) => onChoose(i, choice)}
          onInstead={props.onInstead}
          onTold={props.onTold}
        />
      ))}
    </ol>
  );
}

interface ListLineProps {
  line: PastedLine;
  chosen: number;
  /** Its question is the one that is being answered. */
  asked: boolean;
  takesSteps: boolean;
  onChoose: (choice: number) => void;
  onInstead: PastedLinesProps["onInstead"];
  onTold: () => void;
}

function ListLine(props: ListLineProps) {
  const { line, onInstead } = props;
  if (line.status === "heading") {
    return <li className="border-b border-rule pt-3 pb-1 font-bold">{line.says}</li>;
  }
  const question = line.instead?.length
    ? "Are these degrees °C or °F?"
    : questionOf(line.answer ?? undefined);
  const apart = line.apart ?? [];
  return (
    <li
      className={`grid gap-x-3 gap-y-1 border-b border-rule py-1.5 sm:grid-cols-[minmax(0,1fr)_minmax(0,1.3fr)] ${props.asked ? "bg-wash" : ""}`}
    >
      <span className="font-mono text-[15px]">
        {line.text}
        {line.status === "faulty" && (
          <span className="block font-sans text-sm text-mark">{line.says}</span>
        )}
        {question && <span className="block font-sans text-sm text-soft">{question}</span>}
      </span>
      {apart.length > 1 ? (
        <span>
          <Button onClick={() => onInstead(line, apart)}>Use as {apart.length} lines</Button>
        </span>
      ) : (
        <Fate {...props} />
      )}
    </li>
  );
}

const WITHOUT_CHOICE: Partial<Record<PastedLine["status"], string>> = {
  faulty: "left out",
  words: "no ingredient: left out",
  servings: "the servings",
  unmatched: "no such food on the shelf: kept for later",
};

/** What becomes of the line. */
function Fate(props: ListLineProps) {
  const { line, chosen, asked, takesSteps, onChoose, onTold } = props;
  const choices = line.answer ? choicesOf(line.answer) : [];
  const choice = choiceAt(line, chosen);
  const isStep = line.status === "step";
  if (isStep && !takesSteps) return <span className="text-sm text-soft">a step: left out</span>;
  if (asked) return <Question {...props} />;
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
        {isStep && chosen === UNDECIDED && <option value={UNDECIDED}>choose: °C or °F</option>}
        {isStep && chosen !== UNDECIDED && <option value={0}>a step: it goes to the steps</option>}
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

/** The line that is being asked about: what it may be, each with its key. */
function Question({ line, onChoose, onInstead }: ListLineProps) {
  const choices = line.answer ? choicesOf(line.answer) : [];
  return (
    <span
      role="group"
      aria-label={`What “${line.text}” is`}
      data-asked
      className="grid content-start"
    >
      {line.instead?.map((meant, i) => (
        <Answer key={meant} keyed={i + 1} onClick={() => onInstead(line, [meant])}>
          {meant}
        </Answer>
      ))}
      {choices.slice(0, MOST_KEYS).map((choice, i) => (
        <Answer key={choice.key} keyed={i + 1} onClick={() => onChoose(i)}>
          <b>{choice.amount || "no amount"}</b> {choice.text}
          <span className="text-sm text-soft">: {choice.detail}</span>
        </Answer>
      ))}
      <Answer keyed={0} onClick={() => onChoose(LEFT_OUT)}>
        Leave it out
      </Answer>
    </span>
  );
}

interface AnswerProps {
  keyed: number;
  onClick: () => void;
  children: React.ReactNode;
}

function Answer({ keyed, onClick, children }: AnswerProps) {
  return (
    <button
      type="button"
      onClick={onClick}
      className="grid min-h-11 grid-cols-[2rem_1fr] items-center px-2 py-1 text-left hover:bg-sheet sm:min-h-9"
    >
      <kbd className="font-mono text-sm text-pencil">{keyed}</kbd>
      <span>{children}</span>
    </button>
  );
}
