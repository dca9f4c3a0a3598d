import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, type Schemas } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { LabelEditor } from "./LabelEditor";
import { emptyLabel } from "./panels";

/** A food with its first label. */
export function NewFood() {
  const [name, setName] = useState("");
  const [error, setError] = useState<string>();
  const navigate = useNavigate();
  const refresh = useRefresh();
  const say = useNotice();
  const save = async (label: Schemas["Label"]) => {
    if (name.trim() === "") {
      setError("Give the food a name, like Quark.");
      return;
    }
    const named = label.name?.trim() ? label : { ...label, name: name.trim() };
    const food = await ask(api.POST("/api/foods", { body: { name, label: named } }));
    refresh(keys.foods);
    say({ text: `${food.name} is on the shelf.` });
    void navigate(`/shelf/${food.id}`);
  };
  return (
    <div>
      <h1 className="mb-3 text-2xl font-bold">A food for the shelf</h1>
      <div className="mb-4 max-w-md">
        <TextField
          label="What the food is called in the kitchen"
          placeholder="Quark"
          maxLength={120}
          autoFocus
          value={name}
          error={error}
          onChange={(text) => {
            setName(text);
            setError(undefined);
          }}
        />
      </div>
      <LabelEditor stored={emptyLabel("")} isNew onSave={save} />
    </div>
  );
}
