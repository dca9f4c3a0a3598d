import { useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { day } from "../../lib/format";
import { useNotice } from "../../ui/notices";
import { LabelEditor } from "./LabelEditor";
import { emptyLabel } from "./panels";

type ShelfLabel = Schemas["ShelfLabel"];

/** One food: its labels, one of them open in the editor. */
export function FoodSheet({ food }: { food: Schemas["ShelfFood"] }) {
  const [chosen, setChosen] = useState<number | "new">(food.labels[0]?.id ?? "new");
  const [conflict, setConflict] = useState<ProblemError>();
  const refresh = useRefresh();
  const say = useNotice();
  const open = food.labels.find((one) => one.id === chosen);

  const put = async (label: ShelfLabel, panel: Schemas["Label"], version: number) =>
    ask(
      api.PUT("/api/labels/{label_id}", {
        params: { path: { label_id: label.id } },
        body: { version, label: panel },
      }),
    );
  const save = async (panel: Schemas["Label"]) => {
    if (!open) {
      const stored = await ask(
        api.POST("/api/foods/{food_id}/labels", {
          params: { path: { food_id: food.id } },
          body: panel,
        }),
      );
      refresh(keys.foods);
      setChosen(stored.labels.at(-1)?.id ?? "new");
      say({ text: "The label is on the shelf." });
      return;
    }
    try {
      const stored = await put(open, panel, open.version);
      const now = stored.labels.find((one) => one.id === open.id);
      refresh(keys.foods, ["trial"], keys.kitchen);
      setConflict(undefined);
      say({
        text: "The label is saved. Past batches keep theirs.",
        undo: () =>
          void put(open, open.label, now?.version ?? open.version + 1).then(
            () => refresh(keys.foods, ["trial"], keys.kitchen),
            (error: unknown) => say({ text: sentence(error), bad: true }),
          ),
      });
    } catch (error) {
      if (error instanceof ProblemError && error.status === 409) {
        setConflict(error);
        refresh(keys.foods);
      }
      throw error;
    }
  };

  return (
    <div>
      <h1 className="text-2xl font-bold">{food.name}</h1>
      <div
        role="tablist"
        aria-label={`Labels of ${food.name}`}
        className="mt-2 mb-4 flex flex-wrap gap-2"
      >
        {food.labels.map((label) => (
          <Tab key={label.id} on={label.id === chosen} onChoose={() => setChosen(label.id)}>
            {label.label.name || "without a name"}
          </Tab>
        ))}
        <Tab on={chosen === "new"} onChoose={() => setChosen("new")}>
          + another label
        </Tab>
      </div>
      {open && (
        <p className="mb-3 text-sm text-soft">
          As printed since {day(open.since)}
          {open.revisions > 1 &&
            `, changed ${open.revisions - 1} times; batches keep the one they were weighed with`}
        </p>
      )}
      {conflict && (
        <p role="alert" className="mb-3 text-mark">
          {conflict.message} Saving again stores yours.
        </p>
      )}
      <LabelEditor
        key={open ? `${open.id}/${open.label.style}/${String(chosen)}` : "new"}
        stored={open?.label ?? emptyLabel(food.name)}
        isNew={!open}
        onSave={save}
      />
    </div>
  );
}

function Tab({ on, onChoose, children }: { on: boolean; onChoose: () => void; children: string }) {
  return (
    <button
      type="button"
      role="tab"
      aria-selected={on}
      onClick={onChoose}
      className={`min-h-11 border px-3 ${on ? "border-ink bg-ink text-sheet" : "border-rule hover:bg-wash"}`}
    >
      {children}
    </button>
  );
}
