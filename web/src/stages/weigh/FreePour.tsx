import { useState } from "react";

import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { FoodPicker } from "../../food/FoodPicker";
import { type ShownSheet } from "./lines";
import type { Weighing } from "./useWeighing";

interface FreePourProps {
  sheet: ShownSheet;
  bowl: string;
  onBowl: (bowl: string) => void;
  weighing: Weighing;
}

const MOST_ASKED = 3;

/** Nothing is planned: what goes in is named first, or afterwards. */
export function FreePour({ sheet, bowl, onBowl, weighing }: FreePourProps) {
  const unnamed = sheet.lines.filter((line) => line.wants_name).reverse();
  return (
    <section aria-label="Names" className="mt-3 grid gap-4 border-t border-rule pt-3">
      {unnamed.slice(0, MOST_ASKED).map((line) => (
        <div key={line.id} className="grid gap-1 border-l-4 border-mark pl-3">
          <h2 className="font-bold">What were the {weighed(line.net_g ?? 0)} g?</h2>
          <FoodPicker
            label={`What were the ${weighed(line.net_g ?? 0)} g`}
            onPick={(labelId) => weighing.food(line, labelId)}
          />
        </div>
      ))}
      {unnamed.length > MOST_ASKED && (
        <p className="text-soft">and {unnamed.length - MOST_ASKED} more without a name</p>
      )}
      <div className="grid gap-1">
        <h2 className="font-bold">Or name it first</h2>
        <FoodPicker
          label="What goes in next"
          onPick={(labelId) => void weighing.addLine(labelId, bowl)}
        />
      </div>
      <NextBowl bowl={bowl} onBowl={onBowl} />
    </section>
  );
}

function NextBowl({ bowl, onBowl }: { bowl: string; onBowl: (bowl: string) => void }) {
  const [text, setText] = useState<string | null>(null);
  if (text === null) {
    return (
      <p className="text-sm text-soft">
        Into: <b className="text-ink">{bowl}</b>{" "}
        <Button look="quiet" onClick={() => setText("")}>
          Another bowl
        </Button>
      </p>
    );
  }
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim()) onBowl(text.trim());
        setText(null);
      }}
    >
      <TextField
        label="What the next bowl holds"
        placeholder="Frosting"
        maxLength={120}
        autoFocus
        value={text}
        onChange={setText}
      />
      <Button type="submit">Keep using it</Button>
    </form>
  );
}
