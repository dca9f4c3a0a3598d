import { Link } from "react-router";

import { useStock } from "../../api/queries";
import { known, valueText } from "../../lib/figures";
import { day } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Lots } from "../../stock/Lots";

/** What is in the fridge and the freezer, what must be eaten first at the top. */
export function OnHand() {
  const { data, fetchNextPage, hasNextPage } = useStock();
  const stocks = data?.pages.flatMap((page) => page.stocks) ?? [];
  if (stocks.length === 0) return null;
  return (
    <section aria-labelledby="on-hand" className="mt-6">
      <h2 id="on-hand" className="text-lg font-bold">
        In the fridge and the freezer
      </h2>
      <ul className="mt-1 grid gap-x-10 gap-y-3 lg:grid-cols-2">
        {stocks.map((stock) => {
          const kcal = known(stock.kcal);
          return (
            <li key={stock.batch_id}>
              <Link
                to={`/dishes/${stock.dish_id}/portion?tab=away&batch=${stock.batch_id}`}
                className="font-bold hover:underline"
              >
                {stock.dish} {stock.letter}
              </Link>{" "}
              <span className="text-soft">
                made {day(stock.made_at)}
                {kcal && `, ${valueText(kcal, "kcal")} kcal a serving`}
              </span>
              <Lots stock={stock} />
            </li>
          );
        })}
      </ul>
      {hasNextPage && (
        <Button className="mt-3" onClick={() => void fetchNextPage()}>
          Show more: {stocks.length} of {data?.pages[0]?.total} shown
        </Button>
      )}
    </section>
  );
}
