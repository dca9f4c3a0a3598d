import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, type Schemas } from "../api/client";
import { useSettings } from "../api/queries";
import { TextField } from "../ui/Field";
import { useNotice } from "../ui/notices";
import { Loading } from "../ui/States";
import { LabelEditor } from "./LabelEditor";
import { type Edited, emptyLabel } from "./panels";

interface NewFoodProps {
  /** What the line that asked for it calls the food. */
  called?: string;
  /** Instead of opening it on the shelf. */
  onAdded?: (food: Schemas["ShelfFood"]) => void;
}

/** A food with its first label. */
export function NewFood({ called = "", onAdded }: NewFoodProps) {
  const [name, setName] = useState(called);
  const [error, setError] = useState<string>();
  const { data: settings } = useSettings();
  const navigate = useNavigate();
  const say = useNotice();
  const save = async (edited: Edited) => {
    if (name.trim() === "") {
      setError("Give the food a name, like Quark.");
      return;
    }
    const food = await ask(api.POST("/api/foods", { body: { name, ...edited } }));
    say({ text: `${food.name} is on the shelf.` });
    if (onAdded) onAdded(food);
    else void navigate(`/shelf/${food.id}`);
  };
  if (!settings) return <Loading />; // else Tab from the name would lead past the label
  return (
    <div>
      {!onAdded && <h1 className="mb-3 text-2xl font-bold">A food for the shelf</h1>}
      <div className="mb-4 max-w-md">
        <TextField
          label="Food name"
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
      <LabelEditor
        stored={{ label: emptyLabel(settings.label_style), package: {} }}
        onSave={save}
      />
    </div>
  );
}
