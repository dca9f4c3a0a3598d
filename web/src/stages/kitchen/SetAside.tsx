import { useState } from "react";

import { useKitchen } from "../../api/queries";
import { count as counted } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useSetAside } from "./useSetAside";

/** Dishes that are out of the way, each with the way back. */
export function SetAside({ count }: { count: number }) {
  const [open, setOpen] = useState(false);
  return (
    <div className="mt-4">
      <Button
        look="quiet"
        className="-ml-3"
        aria-expanded={open}
        onClick={() => setOpen((was) => !was)}
      >
        {counted(count, "dish", "dishes")} set aside
      </Button>
      {open && <List />}
    </div>
  );
}

function List() {
  const { data, fetchNextPage, hasNextPage } = useKitchen(true);
  const { setAside } = useSetAside();
  const dishes = data?.pages.flatMap((page) => page.dishes) ?? [];
  return (
    <>
      <ul aria-label="Set aside" className="max-w-xl border-t border-rule">
        {dishes.map((dish) => (
          <li key={dish.id} className="flex items-center gap-3 border-b border-rule">
            <span className="flex-1 font-semibold">{dish.name}</span>
            <Button
              look="quiet"
              aria-label={`Bring back ${dish.name}`}
              onClick={() => void setAside(dish.id, dish.name, false)}
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
      {hasNextPage && (
        <Button className="mt-2" onClick={() => void fetchNextPage()}>
          Show more
        </Button>
      )}
    </>
  );
}
