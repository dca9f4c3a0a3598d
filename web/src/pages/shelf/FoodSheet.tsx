import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys, useSettings } from "../../api/queries";
import { day } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Toggle } from "../../ui/Toggle";
import { FactsEditor } from "./FactsEditor";
import { KindChoice } from "./KindChoice";
import { LabelEditor } from "../../food/LabelEditor";
import { type Edited, emptyLabel } from "../../food/panels";
import { Versions } from "./Versions";
import { useDeed } from "../../ui/useDeed";

type ShelfLabel = Schemas["ShelfLabel"];
type Chosen = number | "new" | "facts";

/** One food: its labels, one of them open in the editor, and what is known whatever the package. */
export function FoodSheet({ food }: { food: Schemas["ShelfFood"] }) {
  const [chosen, setChosen] = useState<Chosen>(food.labels[0]?.id ?? "new");
  const { data: settings } = useSettings();
  const open = food.labels.find((label) => label.id === chosen);
  const { save, conflict } = useSaveLabel(food, open, setChosen);
  return (
    <div>
      <FoodHead food={food} />
      <div
        role="tablist"
        aria-label={`Labels of ${food.name}`}
        className="mt-2 mb-4 flex flex-wrap gap-2"
      >
        {food.labels.map((label) => (
          <Toggle tab key={label.id} on={label.id === chosen} onChoose={() => setChosen(label.id)}>
            {label.label.name || "without a name"}
          </Toggle>
        ))}
        <Toggle tab on={chosen === "new"} onChoose={() => setChosen("new")}>
          + another label
        </Toggle>
        <Toggle tab on={chosen === "facts"} onChoose={() => setChosen("facts")}>
          Names and measures
        </Toggle>
      </div>
      {chosen === "facts" ? (
        <FactsEditor food={food} />
      ) : (
        <>
          {open && (
            <LabelHead
              label={open}
              alone={food.labels.length === 1}
              onRemoved={() => {
                setChosen(food.labels.find((label) => label.id !== open.id)?.id ?? "new");
              }}
            />
          )}
          {conflict && (
            <p role="alert" className="mb-3 text-mark">
              {conflict.message} Saving again stores yours.
            </p>
          )}
          <LabelEditor
            key={open?.id ?? "new"}
            stored={
              open
                ? { label: open.label, package: open.package }
                : { label: emptyLabel(settings?.label_style), package: {} }
            }
            {...(open && { labelId: open.id })}
            onSave={save}
          />
          {open && <Versions labelId={open.id} />}
        </>
      )}
    </div>
  );
}

/** Store a new label, or a changed one as a new version; a change can be undone. */
function useSaveLabel(
  food: Schemas["ShelfFood"],
  open: ShelfLabel | undefined,
  setChosen: (chosen: Chosen) => void,
) {
  const [conflict, setConflict] = useState<ProblemError>();
  const client = useQueryClient();
  const say = useNotice();
  const put = (label: ShelfLabel, edited: Edited, version: number) =>
    ask(
      api.PUT("/api/labels/{label_id}", {
        params: { path: { label_id: label.id } },
        body: { version, ...edited },
      }),
    );
  const add = async (edited: Edited) => {
    const known = new Set(food.labels.map((label) => label.id));
    const stored = await ask(
      api.POST("/api/foods/{food_id}/labels", {
        params: { path: { food_id: food.id } },
        body: edited,
      }),
    );
    setChosen(stored.labels.find((label) => !known.has(label.id))?.id ?? "new");
    say({ text: "The label is on the shelf." });
  };
  const save = async (edited: Edited) => {
    if (!open) return add(edited);
    try {
      const stored = await put(open, edited, open.version);
      const now = stored.labels.find((label) => label.id === open.id);
      setConflict(undefined);
      say({
        text: "The label is saved. Past batches keep theirs.",
        undo: () =>
          void put(
            open,
            { label: open.label, package: open.package },
            now?.version ?? open.version + 1,
          ).catch((error: unknown) => say({ text: sentence(error), bad: true })),
      });
    } catch (error) {
      if (error instanceof ProblemError && error.status === 409) {
        // What is stored now came with the refusal: saving again, however soon, answers to it.
        const theirs = error.current as ShelfLabel;
        client.setQueryData<Schemas["ShelfFood"]>(
          [...keys.foods, food.id],
          (known) =>
            known && {
              ...known,
              labels: known.labels.map((label) => (label.id === theirs.id ? theirs : label)),
            },
        );
        setConflict(error);
      }
      throw error;
    }
  };
  return { save, conflict };
}

function FoodHead({ food }: { food: Schemas["ShelfFood"] }) {
  const navigate = useNavigate();
  const say = useNotice();
  const deed = useDeed();
  const put = (on_shelf: boolean): Promise<void> =>
    deed.run(async () => {
      const params = { path: { food_id: food.id } };
      await ask(api.PUT("/api/foods/{food_id}/on-shelf", { params, body: { on_shelf } }));
      if (on_shelf) return;
      void navigate("/shelf");
      say({ text: `${food.name} is off the shelf. Builds keep it.`, undo: () => void put(true) });
    });
  const aliases = food.facts.aliases ?? [];
  const several = food.labels.slice(0, 5).map((label) => label.id);
  return (
    <header className="flex flex-wrap items-start justify-between gap-x-4">
      <div className="min-w-0">
        <h1 className="text-2xl font-bold">{food.name}</h1>
        {aliases.length > 0 && <p className="text-soft">also {aliases.join(", ")}</p>}
        <KindChoice food={food} />
        {food.facts.buy_rule && <p className="font-semibold">In the shop: {food.facts.buy_rule}</p>}
      </div>
      <div className="-mx-3.5 flex flex-wrap">
        {several.length > 1 && (
          <Link
            to={`/shelf/compare?labels=${several.join(",")}`}
            className="inline-flex min-h-11 items-center px-3.5 font-semibold text-pencil hover:bg-wash"
          >
            Compare its labels
          </Link>
        )}
        <Button look="quiet" onClick={() => void put(!food.removed ? false : true)}>
          {food.removed ? "Put it back" : "Remove from shelf"}
        </Button>
      </div>
    </header>
  );
}

interface LabelHeadProps {
  label: ShelfLabel;
  alone: boolean;
  onRemoved: () => void;
}

function LabelHead({ label, alone, onRemoved }: LabelHeadProps) {
  const say = useNotice();
  const deed = useDeed();
  const put = (on_shelf: boolean) =>
    ask(
      api.PUT("/api/labels/{label_id}/on-shelf", {
        params: { path: { label_id: label.id } },
        body: { on_shelf },
      }),
    );
  const remove = async () => {
    await deed.run(async () => {
      await put(false);
      onRemoved();
      say({
        text: `${label.label.name ?? "The label"} is off the shelf. Builds keep it.`,
        undo: () => void put(true),
      });
    });
  };
  return (
    <div className="mb-3 flex flex-wrap items-center justify-between gap-x-4 text-sm text-soft">
      <p>
        {label.label.style === "table" ? (
          <b className="text-ink">Generic values, not a package’s label. </b>
        ) : (
          `As printed since ${day(label.since)}`
        )}
        {label.revisions > 1 &&
          `, version ${label.revisions}; batches keep the one they were weighed with`}
      </p>
      {!alone && (
        <button
          type="button"
          onClick={() => void remove()}
          className="min-h-11 text-pencil hover:underline"
        >
          Take this label off
        </button>
      )}
    </div>
  );
}
