import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { GoalMarks } from "../../drawing/GoalMarks";
import { known, valueText } from "../../lib/figures";
import { figure, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { MiniSection } from "./MiniSection";
import { useSetAside } from "./useSetAside";

type Card = Schemas["DishCard"];

/** Dishes as small section views; one that cannot be read says so and can be mended. */
export function DishCards({ dishes }: { dishes: readonly Card[] }) {
  return (
    <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(20rem,1fr))] gap-4 max-sm:grid-cols-1">
      {dishes.map((dish) =>
        dish.broken ? (
          <BrokenDish key={dish.id} dish={dish} />
        ) : (
          <DishCard key={dish.id} dish={dish} />
        ),
      )}
    </ul>
  );
}

function DishCard({ dish }: { dish: Card }) {
  const kcal = known(dish.kcal);
  const protein = known(dish.protein_g);
  const saved = dish.saved_kcal;
  return (
    <li className="border border-ink bg-sheet">
      <Link to={`/dishes/${dish.id}`} className="block p-3 hover:bg-wash">
        <span className="flex items-baseline justify-between gap-3">
          <span className="text-lg font-bold">{dish.name}</span>
          <span className="text-sm text-soft">
            trial {dish.trial}, {dish.weighed ? "weighed" : "planned"}
          </span>
        </span>
        <MiniSection dish={dish} />
        <span className="mt-2 block">
          {kcal && dish.serving_g != null && kcal.value > 0 ? (
            <>
              <b>{valueText(kcal, "kcal")} kcal</b>
              {protein && ` · ${valueText(protein, "g")} g protein`}
              {` · ${weighed(dish.serving_g)} g`}
            </>
          ) : (
            "No figures yet"
          )}
          {saved != null && kcal && kcal.value > 0 && (
            <span className={`block text-sm ${saved >= 0 ? "text-done" : "text-mark"}`}>
              {figure(Math.abs(saved), "kcal")} kcal {saved >= 0 ? "less" : "more"} than the
              original
            </span>
          )}
        </span>
        <GoalMarks goals={dish.goals ?? []} />
      </Link>
    </li>
  );
}

/** What is stored of it makes no sense: the rest of the Kitchen goes on. */
function BrokenDish({ dish }: { dish: Card }) {
  const { setAside, mend } = useSetAside();
  return (
    <li className="grid content-start gap-2 border border-mark bg-sheet p-3">
      <span className="text-lg font-bold">{dish.name}</span>
      <p>
        <b className="text-mark">This dish can’t be shown.</b> {dish.broken}
      </p>
      <div className="flex flex-wrap gap-2">
        <Button aria-label={`Repair ${dish.name}`} onClick={() => void mend(dish.id)}>
          Repair
        </Button>
        <Button
          look="quiet"
          aria-label={`Set aside ${dish.name}`}
          onClick={() => void setAside(dish.id, dish.name, true)}
        >
          Set aside
        </Button>
      </div>
    </li>
  );
}
