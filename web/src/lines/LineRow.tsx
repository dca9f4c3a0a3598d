import { DropdownMenu } from "radix-ui";
import { type KeyboardEvent, useId, useState } from "react";

import type { Schemas } from "../api/client";
import { api, ask, ProblemError, sentence } from "../api/client";
import { useFood } from "../api/queries";
import { MACRONUTRIENTS } from "../api/vocabulary";
import { useStruck } from "../drawing/useStruck";
import { figure, fixed, signed, weighed } from "../lib/format";
import { numberFault } from "../lib/numberFault";
import { parseNumber } from "../lib/typedNumber";
import { useNotice } from "../ui/notices";
import type { BuildDraft } from "./useBuildDraft";
import { type BuildLine, changeLine, lineName, moveLine, removeLine } from "./draft";
import { LinePanel } from "./LinePanel";
import type { Trying } from "./SwapList";
import type { Reckoned } from "./useReckoned";

interface LineRowProps {
  line: BuildLine;
  where: string;
  draft: BuildDraft;
  trialId: number;
  dishId: number;
  /** Not there where there is nothing to swap: in the original itself. */
  trying?: Trying | undefined;
  numbers: Map<string, number>;
  reckoned: Reckoned;
  selected: string | null;
  onSelect: (where: string | null) => void;
}

/** A line: its number, its food, target grams, and what that is in one serving. */
export function LineRow({
  line,
  where,
  draft,
  trialId,
  dishId,
  trying,
  numbers,
  reckoned,
  selected,
  onSelect,
}: LineRowProps) {
  const [open, setOpen] = useState(false);
  const say = useNotice();
  const name = lineName(line, draft.labels);
  const remove = () => {
    draft.change((build) => removeLine(build, line.id));
    say({ text: `${name} is removed.`, undo: draft.undo });
  };
  const move = (step: -1 | 1) => {
    draft.change((build) => moveLine(build, line.id, step));
    requestAnimationFrame(() => gramsBox(line.id)?.focus());
  };
  const pressed = (event: KeyboardEvent<HTMLInputElement>) => {
    const boxes = [...document.querySelectorAll<HTMLInputElement>("[data-grams]")];
    const here = boxes.indexOf(event.currentTarget);
    if (event.altKey && event.key.toLowerCase() === "s") {
      event.preventDefault();
      setOpen((now) => !now);
    } else if (event.altKey && (event.key === "ArrowUp" || event.key === "ArrowDown")) {
      event.preventDefault();
      move(event.key === "ArrowUp" ? -1 : 1);
    } else if (event.altKey && (event.key === "Backspace" || event.key === "Delete")) {
      event.preventDefault();
      (boxes[here + 1] ?? boxes[here - 1])?.focus();
      remove();
    } else if (event.key === "ArrowUp" || event.key === "ArrowDown" || event.key === "Enter") {
      event.preventDefault();
      boxes[here + (event.key === "ArrowUp" ? -1 : 1)]?.focus();
    }
  };
  const share = reckoned.result.lines.find((line) => line.where === where);
  const layer = reckoned.report.section.rebuild.layers.find((layer) => layer.key === where);
  return (
    <>
      <tr
        className={`border-b border-rule ${selected === where ? "bg-wash" : ""} ${line.off ? "text-soft line-through" : ""}`}
        onFocus={() => onSelect(where)}
        onPointerEnter={() => onSelect(where)}
      >
        <td className="w-8 py-0.5 pr-1">
          <Balloon number={numbers.get(where)} />
        </td>
        <td className="py-0.5 pr-2 leading-tight">
          {trying ? (
            <button
              type="button"
              aria-expanded={open}
              title="Swap it, settle it, ask what if"
              onClick={() => {
                trying.preview(null);
                setOpen(!open);
              }}
              className="min-h-6 text-left underline decoration-rule decoration-dotted underline-offset-4 hover:text-pencil max-sm:min-h-11"
            >
              {name}
            </button>
          ) : (
            name
          )}
          {line.locked && <span className="text-xs text-soft"> · worth it</span>}
          {line.why && <span className="block text-xs text-soft italic">“{line.why}”</span>}
          <HowWorkedOut line={line} draft={draft} />
        </td>
        <td className="px-1 py-0.5 text-right">
          <GramsBox
            line={line}
            name={name}
            draft={draft}
            onKeyDown={pressed}
            fault={
              reckoned.problem?.at(`${where}.grams`) ?? reckoned.problem?.at(`${where}.target_g`)
            }
          />
        </td>
        <KcalCell share={share} />
        {MACRONUTRIENTS.map((macro) => (
          <td key={macro} className="px-1 text-right max-sm:hidden">
            {share?.[macro] == null ? (share ? "?" : "") : figure(share[macro], "g")}
          </td>
        ))}
        <td className="px-1 text-right text-sm max-sm:hidden">
          {layer?.cost == null ? "" : fixed(layer.cost, 2)}
        </td>
        <td>
          <LineMenu
            line={line}
            name={name}
            draft={draft}
            onMove={move}
            onRemove={remove}
            onOpen={trying && (() => setOpen(true))}
          />
        </td>
      </tr>
      {open && trying && (
        <tr className="border-b border-rule">
          <td colSpan={9} className="py-1">
            <LinePanel
              line={line}
              draft={draft}
              trialId={trialId}
              dishId={dishId}
              original={reckoned.report.section.original ?? null}
              trying={trying}
            />
          </td>
        </tr>
      )}
    </>
  );
}

/** Where the grams come from, as long as they are those: "1/2 cup at 0.52 g/ml". */
function HowWorkedOut({ line, draft }: { line: BuildLine; draft: BuildDraft }) {
  const own = line.label_id == null ? undefined : draft.labels[String(line.label_id)];
  const piece = own?.label.piece || "piece";
  const counted = line.count != null && line.target_g === 0;
  const text = counted ? `${weighed(line.count ?? 0)} × ${piece}, not weighed` : line.how;
  return text ? <span className="block text-xs text-soft">{text}</span> : null;
}

const gramsBox = (id: string) => document.querySelector<HTMLInputElement>(`[data-grams="${id}"]`);

function Balloon({ number }: { number: number | undefined }) {
  if (number === undefined) return null;
  return (
    <span
      className="grid size-6 place-items-center rounded-full border border-ink text-xs"
      aria-hidden="true"
    >
      {number}
    </span>
  );
}

function KcalCell({ share }: { share: Schemas["LineShare"] | undefined }) {
  const kcal = share?.kcal;
  const text = kcal == null ? "" : figure(kcal, "kcal");
  const struck = useStruck(text);
  const [before, setBefore] = useState(kcal);
  const [difference, setDifference] = useState(0);
  if (kcal !== before) {
    setBefore(kcal);
    setDifference(kcal != null && before != null ? kcal - before : 0);
  }
  return (
    <td className="px-1 text-right">
      <span key={struck.key} className={struck.className}>
        {kcal == null && share ? <span className="text-sm text-mark">unknown</span> : text}
      </span>
      {struck.key > 0 && Math.abs(difference) >= 0.5 && (
        <span key={`d${struck.key}`} className="block text-xs leading-none text-soft">
          {signed(difference, "kcal")}
        </span>
      )}
    </td>
  );
}

interface GramsBoxProps {
  line: BuildLine;
  name: string;
  draft: BuildDraft;
  onKeyDown: (event: KeyboardEvent<HTMLInputElement>) => void;
  fault: string | undefined;
}

/** Target grams. Plain numbers answer while typing; "4 oz" is turned into grams on leaving. */
function GramsBox({ line, name, draft, onKeyDown, fault }: GramsBoxProps) {
  const id = useId();
  const [text, setText] = useState<string | null>(null);
  const [refused, setRefused] = useState<string>();
  const set = (grams: number) =>
    draft.change((build) => changeLine(build, line.id, { target_g: grams, how: "", count: null }));
  const hasUnit = text !== null && /[a-z]/i.test(text);
  const typing = text !== null && !hasUnit ? numberFault(text, false) : undefined;
  const says = refused ?? typing ?? fault;
  const typed = (next: string) => {
    setText(next);
    setRefused(undefined);
    const grams = parseNumber(next);
    if (next.trim() !== "" && numberFault(next, false) === undefined && grams !== null) set(grams);
  };
  const left = async () => {
    if (text === null) return;
    if (!hasUnit) {
      if (typing === undefined) setText(null);
      return;
    }
    try {
      const { grams } = await ask(api.GET("/api/grams", { params: { query: { text } } }));
      set(Math.round(grams * 10) / 10);
      setText(null);
    } catch (error) {
      setRefused((error instanceof ProblemError && error.at("text")) || sentence(error));
    }
  };
  return (
    <>
      <input
        data-grams={line.id}
        aria-label={`${name}, target grams`}
        aria-invalid={says !== undefined || undefined}
        aria-describedby={says === undefined ? undefined : `${id}-says`}
        inputMode="decimal"
        autoComplete="off"
        maxLength={60}
        value={text ?? String(line.target_g)}
        onChange={(event) => typed(event.target.value)}
        onBlur={() => void left()}
        onFocus={(event) => event.target.select()}
        onKeyDown={onKeyDown}
        className="h-9 w-18 border border-rule bg-sheet px-1.5 text-right hover:border-soft aria-invalid:border-2 aria-invalid:border-mark max-sm:h-11"
      />
      {says !== undefined && (
        <p id={`${id}-says`} role="alert" className="mt-0.5 text-left text-xs text-mark">
          {says}
        </p>
      )}
    </>
  );
}

interface LineMenuProps {
  line: BuildLine;
  name: string;
  draft: BuildDraft;
  onMove: (step: -1 | 1) => void;
  onRemove: () => void;
  onOpen: (() => void) | undefined;
}

function LineMenu({ line, name, draft, onMove, onRemove, onOpen }: LineMenuProps) {
  const item =
    "flex min-h-11 cursor-pointer items-center px-3 outline-none data-highlighted:bg-wash";
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={`More for ${name}`}
        className="grid h-9 w-9 place-items-center font-bold text-soft hover:bg-wash max-sm:h-11"
      >
        ⋮
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-44 border border-ink bg-sheet shadow-lg"
        >
          {onOpen && (
            <DropdownMenu.Item className={item} onSelect={onOpen}>
              Swap it, what if…
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item
            className={item}
            onSelect={() => draft.change((build) => changeLine(build, line.id, { off: !line.off }))}
          >
            {line.off ? "Put it back in" : "Leave it out for now"}
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => onMove(-1)}>
            Move up
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={() => onMove(1)}>
            Move down
          </DropdownMenu.Item>
          <DropdownMenu.Item className={item} onSelect={onRemove}>
            Remove
          </DropdownMenu.Item>
          <OtherPackages line={line} draft={draft} item={item} />
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** The other labels of the same food: one of them may go in instead. */
function OtherPackages({
  line,
  draft,
  item,
}: {
  line: BuildLine;
  draft: BuildDraft;
  item: string;
}) {
  const own = line.label_id == null ? undefined : draft.labels[String(line.label_id)];
  const { data: food } = useFood(own?.food_id);
  const others = food?.labels.filter((label) => label.id !== line.label_id) ?? [];
  if (others.length === 0) return null;
  return (
    <DropdownMenu.Group className="border-t border-rule">
      <DropdownMenu.Label className="px-3 pt-2 text-sm text-soft">Instead of it</DropdownMenu.Label>
      {others.map((label) => (
        <DropdownMenu.Item
          key={label.id}
          className={item}
          onSelect={() =>
            draft.change((build) => changeLine(build, line.id, { label_id: label.id }), label)
          }
        >
          {label.label.name}
        </DropdownMenu.Item>
      ))}
    </DropdownMenu.Group>
  );
}
