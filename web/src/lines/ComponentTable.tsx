import { type SyntheticEvent, type KeyboardEvent, useState } from "react";

import { figure } from "../lib/format";
import { Button } from "../ui/Button";
import { TextField } from "../ui/Field";
import { useNotice } from "../ui/notices";
import { AddLine } from "./AddLine";
import { addComponent, removeComponent, renameComponent } from "./draft";
import { focusAddLine } from "./focusAddLine";
import { EatenShare } from "./EatenShare";
import { LineRow } from "./LineRow";
import type { Trying } from "./SwapList";
import type { BuildDraft } from "./useBuildDraft";
import type { Reckoned } from "./useReckoned";
import type { Schemas } from "../api/client";

interface ComponentTableProps {
  at: number;
  part: Schemas["BuildComponent"];
  draft: BuildDraft;
  trialId: number;
  dishId: number;
  trying?: Trying;
  numbers: Map<string, number>;
  reckoned: Reckoned;
  selected: string | null;
  onSelect: (where: string | null) => void;
}

/** One component: its lines, their part of a serving, and the place to add one. */
export function ComponentTable(p: ComponentTableProps) {
  const { at, part, draft } = p;
  const say = useNotice();
  const lines = part.lines ?? [];
  const total = lines.reduce((sum, line) => sum + (line.off ? 0 : line.target_g), 0);
  const remove = () => {
    draft.change((build) => removeComponent(build, at));
    say({ text: `${part.name} is removed.`, undo: draft.undo });
  };
  return (
    <section aria-label={part.name} className="mb-4">
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b-2 border-ink text-left text-sm text-soft">
            <th className="font-normal" colSpan={2}>
              <span className="flex items-center">
                <ComponentName
                  name={part.name}
                  onRename={(name) => draft.change((build) => renameComponent(build, at, name))}
                />
              </span>
            </th>
            <th className="w-20 px-1 text-right font-normal">g</th>
            <th className="w-14 px-1 text-right font-normal">
              kcal<span className="block text-xs leading-none">serving</span>
            </th>
            <th className="w-13 px-1 text-right font-normal max-sm:hidden">protein</th>
            <th className="w-13 px-1 text-right font-normal max-sm:hidden">
              <abbr title="carbohydrate, total" className="no-underline">
                carb.
              </abbr>
            </th>
            <th className="w-10 px-1 text-right font-normal max-sm:hidden">fat</th>
            <th className="w-11 px-1 text-right font-normal max-sm:hidden">cost</th>
            <td className="w-8" />
          </tr>
        </thead>
        <tbody>
          {lines.map((line, j) => (
            <LineRow key={line.id} line={line} where={`components[${at}].lines[${j}]`} {...p} />
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t border-ink text-sm text-soft">
            <td colSpan={2} className="py-1">
              {lines.length === 0 ? (
                <button
                  type="button"
                  onClick={remove}
                  className="min-h-6 text-pencil hover:underline"
                >
                  Remove this component
                </button>
              ) : (
                "Total"
              )}
            </td>
            <td className="px-1 text-right">{figure(total, "g")}</td>
            <td colSpan={6} />
          </tr>
        </tfoot>
      </table>
      <EatenShare name={part.name} draft={draft} usual={p.reckoned.report.uptakes[part.name]} />
      <AddLine at={at} draft={draft} trialId={p.trialId} />
    </section>
  );
}

function ComponentName({ name, onRename }: { name: string; onRename: (name: string) => void }) {
  const [text, setText] = useState(name);
  const commit = () => {
    const trimmed = text.trim();
    if (trimmed === "" || trimmed === name) setText(name);
    else onRename(trimmed);
  };
  return (
    <input
      aria-label={`Name of the component ${name}`}
      value={text}
      maxLength={120}
      onChange={(event) => setText(event.target.value)}
      onBlur={commit}
      onKeyDown={(event: KeyboardEvent<HTMLInputElement>) => {
        if (event.key === "Enter") event.currentTarget.blur();
      }}
      className="min-h-9 w-full min-w-0 border border-transparent bg-transparent text-base font-bold text-ink hover:border-rule"
    />
  );
}

/** Name a further component. */
export function NewComponent({ draft }: { draft: BuildDraft }) {
  const [name, setName] = useState("");
  const [error, setError] = useState<string>();
  const names = (draft.build.components ?? []).map((part) => part.name);
  const add = (event: SyntheticEvent) => {
    event.preventDefault();
    const wanted = name.trim();
    if (wanted === "") setError("Give it a name, like Frosting.");
    else if (names.includes(wanted)) setError(`There is a component ${wanted} already.`);
    else {
      draft.change((build) => addComponent(build, wanted));
      setName("");
      setError(undefined);
      focusAddLine(names.length);
    }
  };
  return (
    <form onSubmit={add} className="flex items-end gap-2">
      <div className="min-w-0 flex-1">
        <TextField
          label="Another component"
          placeholder="Frosting"
          maxLength={120}
          value={name}
          error={error}
          onChange={(text) => {
            setName(text);
            setError(undefined);
          }}
        />
      </div>
      <Button type="submit" className={error ? "mb-6" : ""}>
        Add
      </Button>
    </form>
  );
}
