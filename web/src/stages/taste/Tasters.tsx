import { useState } from "react";

import { api, ask, firstFault, type Schemas } from "../../api/client";
import { count } from "../../lib/format";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { Menu } from "../../ui/Menu";
import { useNotice } from "../../ui/notices";
import { Toggle } from "../../ui/Toggle";
import { useDeed } from "../../ui/useDeed";

interface TastersProps {
  tasters: readonly Schemas["Taster"][];
  chosen: number | null;
  error: string | undefined;
  onChoose: (id: number) => void;
}

/** Who tastes: one of the house, or somebody new. */
export function Tasters({ tasters, chosen, error, onChoose }: TastersProps) {
  const [adding, setAdding] = useState(false);
  const here = tasters.filter((taster) => !taster.removed);
  return (
    <fieldset className="min-w-0">
      <legend className="text-sm text-soft">Who tastes?</legend>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {here.map((taster) => (
          <Toggle key={taster.id} on={taster.id === chosen} onChoose={() => onChoose(taster.id)}>
            {taster.name}
          </Toggle>
        ))}
        {!adding && here.length > 0 && (
          <Button look="quiet" onClick={() => setAdding(true)}>
            Someone else
          </Button>
        )}
      </div>
      {error && (
        <p role="alert" className="mt-1 text-sm text-mark">
          {error}
        </p>
      )}
      {(adding || here.length === 0) && (
        <NewTaster
          tasters={tasters}
          onAdded={(id) => {
            setAdding(false);
            onChoose(id);
          }}
        />
      )}
    </fieldset>
  );
}

interface NewTasterProps {
  tasters: readonly Schemas["Taster"][];
  onAdded: (id: number) => void;
}

function NewTaster({ tasters, onAdded }: NewTasterProps) {
  const [name, setName] = useState("");
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const add = async () => {
    await deed.run(async () => {
      const all = await ask(api.POST("/api/tasters", { body: { name } }));
      const folded = name.trim().toLowerCase();
      const added = all.find((taster) => taster.name.toLowerCase() === folded);
      if (added) onAdded(added.id);
    });
  };
  return (
    <div className="mt-2">
      <form
        className="flex items-end gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() === "") setError("Type a name.");
          else void add();
        }}
      >
        <div className="min-w-0 flex-1">
          <TextField
            label="Name"
            placeholder="Bow seat"
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
      <Everybody tasters={tasters} />
    </div>
  );
}

/** All of them: who is removed keeps what they said, and can be brought back. */
function Everybody({ tasters }: Pick<NewTasterProps, "tasters">) {
  const say = useNotice();
  const deed = useDeed();
  const put = async (taster: Schemas["Taster"], removed: boolean) => {
    await deed.run(async () => {
      const params = { path: { taster_id: taster.id } };
      await ask(api.PUT("/api/tasters/{taster_id}", { params, body: { removed } }));
      if (removed) {
        const stays = taster.tastings > 0 ? ` ${count(taster.tastings, "tasting")} stay.` : "";
        say({ text: `${taster.name} is removed.${stays}`, undo: () => void put(taster, false) });
      }
    });
  };
  if (tasters.length === 0) return null;
  return (
    <ul aria-label="Everybody" className="mt-2 border-t border-rule">
      {tasters.map((taster) => (
        <li
          key={taster.id}
          className="flex items-center justify-between border-b border-rule text-sm"
        >
          <span className={taster.removed ? "text-soft" : ""}>
            {taster.name}, {count(taster.tastings, "tasting")}
            {taster.removed && " (removed)"}
          </span>
          <Menu
            label={`More for ${taster.name}`}
            items={[
              taster.removed
                ? { says: "Bring back", run: () => void put(taster, false) }
                : { says: "Remove", run: () => void put(taster, true) },
            ]}
          />
        </li>
      ))}
    </ul>
  );
}
