import { useDeferredValue, useRef, useState } from "react";
import { Link, useParams } from "react-router";

import { api, ask, type Schemas } from "../../api/client";
import { useFood, useFoods } from "../../api/queries";
import { useKeys } from "../../lib/useKeys";
import { figure } from "../../lib/format";
import { Button, ButtonLink } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { Tick } from "../../ui/Tick";
import { FoodSheet } from "./FoodSheet";
import { NewFood } from "../../food/NewFood";
import { useDeed } from "../../ui/useDeed";

const AT_FIRST = 60;
const MOST = 200;

/** Foods and their labels. */
export default function ShelfPage() {
  const { foodId } = useParams();
  const Heading = foodId ? "h2" : "h1";
  return (
    <Sheet className="lg:grid lg:grid-cols-[21rem_1fr]">
      <section
        aria-label="Foods"
        className={`border-r border-ink p-4 max-lg:border-r-0 ${foodId ? "max-lg:hidden" : ""}`}
      >
        <Heading className="text-2xl font-bold">Shelf</Heading>
        <FoodList here={foodId} />
      </section>
      <div className={`min-w-0 p-5 max-sm:p-4 ${foodId ? "" : "max-lg:hidden"}`}>
        {foodId && (
          <Link
            to="/shelf"
            className="mb-2 grid min-h-11 place-content-center justify-start text-pencil lg:hidden"
          >
            ← All foods
          </Link>
        )}
        {foodId === "new" ? (
          <NewFood />
        ) : foodId ? (
          <OpenFood key={foodId} id={Number(foodId)} />
        ) : (
          <Welcome />
        )}
      </div>
    </Sheet>
  );
}

function Welcome() {
  return (
    <div className="grid max-w-prose gap-3">
      <p className="text-soft">
        Choose a food to see its labels, or add one. A batch keeps the label that it was weighed
        with: editing one here never changes a past batch.
      </p>
      <p>
        <Link to="/claims" className="text-pencil underline">
          Check someone’s numbers
        </Link>
        : do the kcal, the macros, the servings and the whole pan agree?
      </p>
    </div>
  );
}

function OpenFood({ id }: { id: number }) {
  const { data: food, error, isPending, refetch } = useFood(Number.isInteger(id) ? id : undefined);
  if (food) return <FoodSheet food={food} />;
  if (error && "status" in error && error.status !== 404) {
    return <Failed error={error} retry={() => void refetch()} />;
  }
  if (isPending && Number.isInteger(id)) return <Loading />;
  return <p className="text-mark">That food is not on the shelf.</p>;
}

function FoodList({ here }: { here: string | undefined }) {
  const [search, setSearch] = useState("");
  const [limit, setLimit] = useState(AT_FIRST);
  const words = useDeferredValue(search);
  const [mine, setMine] = useState(false);
  const { data, error, isPending, refetch } = useFoods(words, limit, { mine });
  const box = useRef<HTMLInputElement>(null);
  useKeys([{ keys: "f", says: "Find a food", run: () => box.current?.focus() }]);
  return (
    <>
      <input
        ref={box}
        type="search"
        aria-label="Find a food"
        placeholder="Find a food or a package   f"
        maxLength={200}
        value={search}
        onChange={(event) => {
          setSearch(event.target.value);
          setLimit(AT_FIRST);
        }}
        className="mt-3 min-h-11 w-full border border-soft bg-sheet px-2.5 placeholder:text-soft"
      />
      <div className="mt-1">
        <Tick on={mine} onChange={setMine}>
          Only mine, no generic foods
        </Tick>
      </div>
      <div className="mt-2 grid grid-cols-[auto_1fr_1fr] gap-2">
        <ButtonLink to="/shelf/new" look="main">
          Add a food
        </ButtonLink>
        <ButtonLink to="/shelf/compare">Compare</ButtonLink>
        <ButtonLink to="/shelf/files">Files</ButtonLink>
      </div>
      {isPending ? (
        <Loading />
      ) : error ? (
        <Failed error={error} retry={() => void refetch()} />
      ) : (
        <>
          <p className="mt-3 flex justify-between text-sm text-soft">
            <span role="status">{listSays(data, search, mine)}</span>
            {data.total > 0 && <span>per 100 g</span>}
          </p>
          <ul className="mt-1 border-t border-rule">
            {data.foods.map((food) => (
              <FoodRow key={food.id} food={food} here={String(food.id) === here} />
            ))}
          </ul>
          {data.total > data.foods.length &&
            (limit < MOST ? (
              <Button look="quiet" className="mt-1" onClick={() => setLimit(MOST)}>
                Show more of {data.total}
              </Button>
            ) : (
              <p className="mt-2 text-sm text-soft">
                and {data.total - data.foods.length} more: type a part of the name
              </p>
            ))}
          {data.total === 0 && search === "" && !mine && <StockIt />}
        </>
      )}
    </>
  );
}

function listSays(page: Schemas["FoodPage"], search: string, mine: boolean): string {
  if (page.total === 0) {
    if (search === "") return mine ? "There are only generic foods so far." : "";
    return `${mine ? "None of your own foods" : "Nothing on the shelf"} is called “${search}”.`;
  }
  if (search === "")
    return page.foods.some((food) => food.recent) ? "Lately used first" : "All foods";
  return {
    words: `${page.total} found`,
    spelling: "Closest in spelling",
    "some words": "With some of the words",
  }[page.how];
}

/** An empty shelf: begin with generic foods, or with a package. */
function StockIt() {
  const say = useNotice();
  const deed = useDeed();
  const stock = async () => {
    await deed.run(async () => {
      const { foods } = await ask(api.POST("/api/shelf/reference"));
      say({ text: `${foods} generic foods are on the shelf.` });
    });
  };
  return (
    <div className="mt-3 grid gap-2">
      <p className="text-soft">
        The shelf is empty. A food has a name, like Quark, and the label of at least one package.
      </p>
      <Button onClick={() => void stock()}>Begin with generic foods</Button>
      <p className="text-sm text-soft">Generic values: a start until you add your own labels.</p>
    </div>
  );
}

function FoodRow({ food, here }: { food: Schemas["FoodItem"]; here: boolean }) {
  const first = food.labels[0];
  const soft = here ? "" : "text-soft";
  return (
    <li className="border-b border-rule">
      <Link
        to={`/shelf/${food.id}`}
        aria-current={here ? "page" : undefined}
        className={`grid min-h-12 grid-cols-[1fr_auto] items-center gap-x-3 px-2 py-1 leading-tight ${here ? "bg-ink text-sheet" : "hover:bg-wash"}`}
      >
        <span>
          {food.name}
          <span className={`block text-sm ${soft}`}>
            {food.typical
              ? "generic"
              : food.labels
                  .map((label) => label.name)
                  .slice(0, 3)
                  .join(", ")}
          </span>
        </span>
        <span className={`text-right text-sm ${soft}`}>
          {first?.kcal_per_100g == null ? "" : `${figure(first.kcal_per_100g, "kcal")} kcal`}
          <span className="block">
            {first?.protein_per_100g == null
              ? ""
              : `${figure(first.protein_per_100g, "g")} g protein`}
          </span>
        </span>
      </Link>
    </li>
  );
}
