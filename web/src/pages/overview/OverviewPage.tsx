import { useEffect, useState } from "react";
import { Link, useLocation } from "react-router";

import { type KitchenQuery, useKitchen } from "../../api/queries";
import { count } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";
import { Toggle } from "../../ui/Toggle";
import { DishCards } from "./DishCards";
import { EmptyKitchen } from "./EmptyKitchen";
import { GoingOn } from "./GoingOn";
import { ImportBatch } from "./ImportBatch";
import { OnHand } from "./OnHand";
import { StartDish } from "./StartDish";
import { Waiting } from "./Waiting";

const LATELY: KitchenQuery = { search: "", tag: "", sort: "touched", archived: false };
/** Fewer dishes than this are seen at a glance. */
const MANY = 6;

/** Home: what is in progress, and every dish. */
export function OverviewPage() {
  const [query, setQuery] = useState(LATELY);
  const { hash, key } = useLocation();
  const { data, error, isPending, refetch, fetchNextPage, hasNextPage, isFetchingNextPage } =
    useKitchen(query);
  const ready = data !== undefined;
  useEffect(() => {
    const meant = ready && hash ? document.getElementById(hash.slice(1)) : null;
    meant?.scrollIntoView({ block: "center" });
    meant?.querySelector("input")?.focus({ preventScroll: true });
  }, [ready, hash, key]);
  if (isPending) return <Loading />;
  if (!data) return <Failed error={error} retry={() => void refetch()} />;
  const first = data.pages[0];
  const dishes = data.pages.flatMap((page) => page.dishes);
  const total = first?.total ?? 0;
  const filtered = query.search !== "" || query.tag !== "" || query.archived;
  return (
    <Sheet className="p-5 max-sm:p-4">
      <h1 className="text-2xl font-bold">Kitchen</h1>
      <StartDish />
      {first && <GoingOn kitchen={first} />}
      {first && <Waiting kitchen={first} />}
      <OnHand />
      <section aria-labelledby="dishes" className="mt-6">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h2 id="dishes" className="text-lg font-bold">
            {query.archived ? "Archived dishes" : "Dishes"}
          </h2>
          {(filtered || total >= MANY || (first?.archived ?? 0) > 0) && (
            <Filters query={query} onQuery={setQuery} tags={first?.tags ?? []} />
          )}
        </div>
        {dishes.length === 0 && (filtered ? <NothingFound /> : <EmptyKitchen />)}
        <DishCards dishes={dishes} archived={query.archived} />
        {hasNextPage && (
          <Button
            className="mt-4"
            disabled={isFetchingNextPage}
            onClick={() => void fetchNextPage()}
          >
            Show more: {dishes.length} of {total} shown
          </Button>
        )}
        {!query.archived && (first?.archived ?? 0) > 0 && (
          <Button
            look="quiet"
            className="mt-4 -ml-3"
            onClick={() => setQuery({ ...LATELY, archived: true })}
          >
            {count(first?.archived ?? 0, "archived dish", "archived dishes")}
          </Button>
        )}
        {query.archived && (
          <Button className="mt-4" onClick={() => setQuery(LATELY)}>
            Back to the dishes
          </Button>
        )}
      </section>
      {dishes.some((dish) => dish.keeper) && (
        <p className="mt-4">
          <Link to="/keepers" className="text-pencil hover:underline">
            Keepers in order →
          </Link>
        </p>
      )}
      <div id="import" className="mt-6 border-t border-rule pt-5">
        <ImportBatch />
      </div>
    </Sheet>
  );
}

function NothingFound() {
  return <p className="mt-2">No dish has that name.</p>;
}

interface FiltersProps {
  query: KitchenQuery;
  onQuery: (query: KitchenQuery) => void;
  tags: readonly string[];
}

/** Find a dish among many: by words, by tag, in another order. */
function Filters({ query, onQuery, tags }: FiltersProps) {
  return (
    <div role="search" aria-label="Dishes" className="flex flex-wrap items-end gap-3">
      {tags.length > 0 && (
        <div role="group" aria-label="Tags" className="flex flex-wrap gap-1">
          {tags.map((tag) => (
            <Toggle
              small
              key={tag}
              on={query.tag === tag}
              onChoose={() => onQuery({ ...query, tag: query.tag === tag ? "" : tag })}
            >
              {tag}
            </Toggle>
          ))}
        </div>
      )}
      <label className="grid gap-1">
        <span className="text-sm text-soft">Find a dish</span>
        <input
          type="search"
          maxLength={200}
          value={query.search}
          onChange={(event) => onQuery({ ...query, search: event.target.value })}
          className="min-h-11 w-52 border border-soft bg-sheet px-2.5"
        />
      </label>
      <Choice
        label="Order"
        value={query.sort}
        options={[
          { value: "touched", label: "last used" },
          { value: "name", label: "by name" },
          { value: "newest", label: "newest" },
        ]}
        onChange={(sort) => onQuery({ ...query, sort })}
      />
    </div>
  );
}
