import { useRef, useState } from "react";
import { Link, useParams } from "react-router";

import type { Schemas } from "../../api/client";
import { useFoods } from "../../api/queries";
import { useKeys } from "../../app/useKeys";
import { count } from "../../lib/format";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { FoodSheet } from "./FoodSheet";
import { NewFood } from "./NewFood";

const SHOWN_AT_MOST = 200;

/** Foods and their labels. */
export default function ShelfPage() {
  const { foodId } = useParams();
  const { data: foods, error, isPending, refetch } = useFoods();
  const [search, setSearch] = useState("");
  const box = useRef<HTMLInputElement>(null);
  useKeys([{ keys: "f", says: "Find a food", run: () => box.current?.focus() }]);
  if (isPending) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  const found = matching(foods, search);
  const Heading = foodId ? "h2" : "h1";
  const food = foods.find((one) => String(one.id) === foodId);
  return (
    <Sheet className="lg:grid lg:grid-cols-[19rem_1fr]">
      <section
        aria-label="Foods"
        className={`border-r border-ink p-4 max-lg:border-r-0 ${foodId ? "max-lg:hidden" : ""}`}
      >
        <Heading className="text-2xl font-bold">Shelf</Heading>
        <input
          ref={box}
          type="search"
          aria-label="Find a food"
          placeholder="Find a food or a package   f"
          maxLength={200}
          value={search}
          onChange={(event) => setSearch(event.target.value)}
          className="mt-3 min-h-11 w-full border border-soft bg-sheet px-2.5 placeholder:text-soft"
        />
        <Link
          to="/shelf/new"
          className="mt-3 flex min-h-11 items-center justify-center border border-ink font-semibold hover:bg-wash"
        >
          Add a food
        </Link>
        <ul className="mt-3 border-t border-rule">
          {found.slice(0, SHOWN_AT_MOST).map((one) => (
            <FoodItem key={one.id} food={one} here={one.id === food?.id} />
          ))}
        </ul>
        {found.length > SHOWN_AT_MOST && (
          <p className="mt-2 text-sm text-soft">
            and {found.length - SHOWN_AT_MOST} more: type a part of the name
          </p>
        )}
        {found.length === 0 && (
          <p className="mt-3 text-soft">
            {foods.length === 0
              ? "The shelf is empty. A food has a name, like Quark, and the label of at least one package."
              : `Nothing on the shelf is called “${search}”.`}
          </p>
        )}
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
        ) : food ? (
          <FoodSheet key={food.id} food={food} />
        ) : foodId ? (
          <p className="text-mark">That food is not on the shelf.</p>
        ) : (
          <p className="max-w-prose text-soft">
            Choose a food to see its labels, or add one. A batch keeps the label that it was weighed
            with: editing one here never changes a past batch.
          </p>
        )}
      </div>
    </Sheet>
  );
}

function matching(foods: readonly Schemas["ShelfFood"][], search: string) {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return foods.filter((food) => {
    const all = [food.name, ...food.labels.map((one) => one.label.name ?? "")]
      .join(" ")
      .toLowerCase();
    return words.every((word) => all.includes(word));
  });
}

function FoodItem({ food, here }: { food: Schemas["ShelfFood"]; here: boolean }) {
  return (
    <li className="border-b border-rule">
      <Link
        to={`/shelf/${food.id}`}
        aria-current={here ? "page" : undefined}
        className={`flex min-h-11 items-center justify-between gap-3 px-2 ${here ? "bg-ink text-sheet" : "hover:bg-wash"}`}
      >
        <span>{food.name}</span>
        <span className={`text-sm ${here ? "" : "text-soft"}`}>
          {count(food.labels.length, "label")}
        </span>
      </Link>
    </li>
  );
}
