import { useRef, useState } from "react";

import { api, ask, type Schemas } from "../api/client";
import { useFoods } from "../api/queries";
import { Button } from "../ui/Button";
import { Modal } from "../ui/Modal";
import { Options } from "../ui/Options";
import { NewFood } from "./NewFood";
import { useDictation } from "./useDictation";

interface ShelfPackage {
  food: Schemas["FoodItem"];
  label: Schemas["ItemLabel"];
}

const MOST_FOODS = 12;

/** Every package of the foods; those of `foodId` stand first. */
const packagesOf = (foods: readonly Schemas["FoodItem"][], foodId: number | null | undefined) =>
  foods
    .flatMap((food) => food.labels.map((label): ShelfPackage => ({ food, label })))
    .sort((a, b) => Number(b.food.id === foodId) - Number(a.food.id === foodId));

interface FoodPickerProps {
  label: string;
  placeholder?: string;
  /** The other packages of this food stand first. */
  foodId?: number | null;
  onPick: (labelId: number, name: string) => void;
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
  const box = useRef<HTMLInputElement>(null);
  const dictation = useDictation((words) => {
    setText(words);
    box.current?.focus();
  });
  const { data, isPlaceholderData } = useFoods(text.trim(), MOST_FOODS);
  const packages = packagesOf(data?.foods ?? [], foodId);
  const pick = (one: ShelfPackage) => {
    setText("");
    // The space bar belongs to the scale again.
    if (document.activeElement instanceof HTMLElement) document.activeElement.blur();
    onPick(one.label.id, one.label.name || one.food.name);
  };
  /** Enter before the answer: ask once more and take what is sure. */
  const early = async () => {
    const query = { search: text.trim(), limit: MOST_FOODS };
    const found = await ask(api.GET("/api/foods", { params: { query } })).catch(() => undefined);
    const first = packagesOf(found?.foods ?? [], foodId)[0];
    if (first && found?.sure) pick(first);
  };
  return (
    <div className="flex min-w-0 flex-wrap items-start gap-2">
      <Options
        inputRef={box}
        className="min-w-0 flex-1"
        label={label}
        placeholder={placeholder}
        text={text}
        onText={setText}
        options={packages}
        optionKey={(found) => String(found.label.id)}
        option={(found) => (
          <span className="grid">
            <span>{found.label.name || found.food.name}</span>
            <span className="text-sm text-soft">
              {found.food.name}
              {found.food.typical ? " (generic)" : ""}
            </span>
          </span>
        )}
        onChoose={pick}
        sure={data?.sure ?? false}
        note={
          data && !data.sure && text.trim() !== ""
            ? `Nothing on the shelf is called just “${text.trim()}”. Which one?`
            : undefined
        }
        stale={isPlaceholderData}
        onEarly={() => void early()}
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
