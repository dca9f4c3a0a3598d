import { api, ask, type Schemas } from "../../api/client";
import { FOOD_KINDS } from "../../api/vocabulary";
import { useNotice } from "../../ui/notices";
import { useDeed } from "../../ui/useDeed";

type Food = Schemas["ShelfFood"];
type FoodKind = Food["kind"];

const named = (kind: FoodKind) => kind.replaceAll("_", " ");
const SORTED = FOOD_KINDS.toSorted((a, b) => named(a).localeCompare(named(b)));

/** What the food counts as in a build, and who says so; a guess is put right in one touch. */
export function KindChoice({ food }: { food: Food }) {
  const say = useNotice();
  const deed = useDeed();
  const put = (version: number, kind: FoodKind | null) =>
    deed.run(() => {
      const params = { path: { food_id: food.id } };
      const body = { version, name: food.name, facts: { ...food.facts, kind } };
      return ask(api.PUT("/api/foods/{food_id}", { params, body }));
    });
  const choose = async (kind: FoodKind | null) => {
    const stored = await put(food.version, kind);
    if (stored)
      say({
        text: `${food.name} counts as ${named(stored.kind)}.`,
        undo: () => void put(stored.version, food.facts.kind ?? null),
      });
  };
  const doubtful = food.kind_by === "other names" || food.kind_by === "nothing";
  return (
    <p className="flex flex-wrap items-center gap-x-2">
      <label htmlFor={`kind-${food.id}`}>Counts as</label>
      <select
        id={`kind-${food.id}`}
        value={food.facts.kind ?? "guess"}
        onChange={(event) =>
          void choose(event.target.value === "guess" ? null : (event.target.value as FoodKind))
        }
        className="my-1 min-h-11 min-w-0 border border-soft bg-paper px-2 font-semibold"
      >
        <option value="guess">
          {food.facts.kind == null ? named(food.kind) : "what its name says"}
        </option>
        {SORTED.map((kind) => (
          <option key={kind} value={kind}>
            {named(kind)}
          </option>
        ))}
      </select>
      <span className={doubtful ? "text-mark" : "text-soft"}>{SAYS[food.kind_by]}</span>
    </p>
  );
}

const SAYS: Record<Food["kind_by"], string> = {
  said: "as you said",
  name: "by its name",
  "other names": "a guess from its other names: is that right?",
  nothing: "its names do not say what it is: choose",
};
