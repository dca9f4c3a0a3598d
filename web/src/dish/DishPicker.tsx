import { useState } from "react";

import type { Schemas } from "../api/client";
import { useDishes } from "../api/queries";
import { Options } from "../ui/Options";

export type DishName = Schemas["DishName"];

interface DishPickerProps {
  label: string;
  placeholder?: string;
  onChoose: (dish: DishName) => void;
}

/** Choose a dish by typing a part of its name; the lately used ones come first. */
export function DishPicker({
  label,
  placeholder = "A part of its name",
  onChoose,
}: DishPickerProps) {
  const [text, setText] = useState("");
  const { data: dishes = [], isPlaceholderData } = useDishes(text, 8);
  return (
    <div>
      <p className="mb-1 text-sm text-soft" aria-hidden="true">
        {label}
      </p>
      <Options
        eager
        label={label}
        placeholder={placeholder}
        text={text}
        onText={setText}
        options={dishes}
        optionKey={(dish) => String(dish.id)}
        option={(dish) => (
          <span className="flex justify-between gap-3">
            <span className="truncate">{dish.name}</span>
            <span className="text-soft">trial {dish.trial}</span>
          </span>
        )}
        onChoose={(dish) => {
          setText("");
          onChoose(dish);
        }}
        stale={isPlaceholderData}
        none={<p className="mt-1 text-sm">No dish is called that.</p>}
      />
    </div>
  );
}
