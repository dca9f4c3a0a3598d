import { Link, useNavigate } from "react-router";

import { api, ask, type Schemas } from "../../api/client";
import { useClearingUp } from "../../dish/useClearingUp";
import { GoalMarks } from "../../drawing/GoalMarks";
import { known, valueText } from "../../lib/figures";
import { figure, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Menu } from "../../ui/Menu";
import { useNotice } from "../../ui/notices";
import { MiniSection } from "./MiniSection";
import { useDeed } from "../../ui/useDeed";

type Card = Schemas["DishCard"];

/** Dishes as small section views; one that cannot be read says so and can be mended. */
export function DishCards({ dishes, archived }: { dishes: readonly Card[]; archived: boolean }) {
  return (
    <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(20rem,1fr))] gap-4 max-sm:grid-cols-1">
      {dishes.map((dish) =>
        dish.broken ? (
          <BrokenDish key={dish.id} dish={dish} archived={archived} />
        ) : (
          <DishCard key={dish.id} dish={dish} archived={archived} />
        ),
      )}
    </ul>
  );
}

interface CardProps {
  dish: Card;
  archived: boolean;
}

function DishCard({ dish, archived }: CardProps) {
  const kcal = known(dish.kcal);
  const protein = known(dish.protein_g);
  const saved = dish.saved_kcal;
  return (
    <li className="relative border border-ink bg-sheet">
      <div className="absolute top-0.5 right-0.5">
        <DishMenu dish={dish} archived={archived} />
      </div>
      <Link to={`/dishes/${dish.id}`} className="block p-3 hover:bg-wash">
        <span className="flex items-baseline justify-between gap-3 pr-9">
          <span className="text-lg font-bold">{dish.name}</span>
          <span className="text-right text-sm text-soft">
            {dish.keeper ? "keeper" : "trial"} {dish.trial}, {dish.weighed ? "weighed" : "planned"}
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
          {saved != null && (
            <span className={`block text-sm ${saved >= 0 ? "text-done" : "text-mark"}`}>
              {figure(Math.abs(saved), "kcal")} kcal {saved >= 0 ? "less" : "more"} than the
              original
            </span>
          )}
        </span>
        <GoalMarks goals={dish.goals ?? []} />
        {dish.tags && dish.tags.length > 0 && (
          <span className="block text-sm text-soft">{dish.tags.join(", ")}</span>
        )}
      </Link>
    </li>
  );
}

/** What is stored of it makes no sense: the rest of the Kitchen goes on. */
function BrokenDish({ dish, archived }: CardProps) {
  const mend = useMending();
  return (
    <li className="grid content-start gap-2 border border-mark bg-sheet p-3">
      <span className="flex items-start justify-between gap-2">
        <span className="text-lg font-bold">{dish.name}</span>
        <DishMenu dish={dish} archived={archived} />
      </span>
      <p>
        <b className="text-mark">This dish can’t be shown.</b> {dish.broken}
      </p>
      <div>
        <Button aria-label={`Repair ${dish.name}`} onClick={() => void mend(dish.id)}>
          Repair
        </Button>
      </div>
    </li>
  );
}

/** Mend a dish that cannot be read: what cannot be kept is said. */
function useMending() {
  const say = useNotice();
  const deed = useDeed();
  return async (dish_id: number) => {
    await deed.run(async () => {
      const params = { path: { dish_id } };
      const mended = await ask(api.POST("/api/dishes/{dish_id}/repair", { params }));
      say({ text: mended.says.join(" "), bad: !mended.whole });
    });
  };
}

function DishMenu({ dish, archived }: CardProps) {
  const put = useClearingUp();
  const deed = useDeed();
  const navigate = useNavigate();
  const copy = async () => {
    await deed.run(async () => {
      const params = { path: { dish_id: dish.id } };
      const made = await ask(api.POST("/api/dishes/{dish_id}/duplicate", { params }));
      await navigate(`/dishes/${made.id}/build`);
    });
  };
  const from = archived ? "archive" : "here";
  const to = (where: "here" | "archive" | "deleted") => () =>
    void put("dish", dish.id, dish.name, where, from);
  return (
    <Menu
      label={`More for ${dish.name}`}
      items={[
        ...(dish.broken ? [] : [{ says: "Duplicate", run: () => void copy() }]),
        archived
          ? { says: "Bring back", run: to("here") }
          : { says: "Archive", run: to("archive") },
        { says: "Delete", run: to("deleted") },
      ]}
    />
  );
}
