import { useState } from "react";

import type { Schemas } from "../../api/client";
import { useFoods } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { Options } from "../../ui/Options";
import { NewFood } from "../shelf/NewFood";
import { useDictation } from "./useDictation";

interface Package {
  food: Schemas["FoodItem"];
  label: Schemas["ItemLabel"];
}

interface FoodPickerProps {
  label: string;
  placeholder?: string;
  /** The other packages of this food stand first. */
  foodId?: number | null;
  onPick: (labelId: number) => void;
}

/** A package from the shelf, by typing, choosing or saying; what is not there is added in place. */
export function FoodPicker({
  label,
  placeholder = "Type a food, like quark",
  foodId,
  onPick,
}: FoodPickerProps) {
  const [text, setText] = useState("");
  const [shelving, setShelving] = useState(false);
  const dictation = useDictation(setText);
  const { data } = useFoods(text.trim(), 12);
  const packages = (data?.foods ?? [])
    .flatMap((food) => food.labels.map((one): Package => ({ food, label: one })))
    .sort((a, b) => Number(b.food.id === foodId) - Number(a.food.id === foodId));
  return (
    <div className="flex min-w-0 flex-wrap items-start gap-2">
      <Options
        className="min-w-0 flex-1"
        label={label}
        placeholder={placeholder}
        text={text}
        onText={setText}
        options={packages}
        optionKey={(one) => String(one.label.id)}
        option={(one) => (
          <span className="grid">
            <span>{one.label.name || one.food.name}</span>
            <span className="text-sm text-soft">
              {one.food.name}
              {one.food.typical ? " (typical values)" : ""}
            </span>
          </span>
        )}
        onChoose={(one) => {
          setText("");
          onPick(one.label.id);
        }}
        none={
          data && (
            <p className="mt-1 flex flex-wrap items-center gap-x-3 text-sm">
              No food on the shelf is called “{text.trim()}”.
              <Button
                look="quiet"
                onPointerDown={(event) => event.preventDefault()}
                onClick={() => setShelving(true)}
              >
                Add its label
              </Button>
            </p>
          )
        }
      />
      {dictation.possible && (
        <Button onClick={dictation.listen} disabled={dictation.listening}>
          {dictation.listening ? "Listening…" : "Say it"}
        </Button>
      )}
      <Modal wide open={shelving} onOpenChange={setShelving} title={`Onto the shelf: ${text}`}>
        <NewFood called={text.trim()} onAdded={() => setShelving(false)} />
      </Modal>
    </div>
  );
}
