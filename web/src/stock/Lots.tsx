import { useState } from "react";

import type { Schemas } from "../api/client";
import { day } from "../lib/format";
import { Button } from "../ui/Button";
import { ReasonForm } from "../ui/Reason";
import { amountText, moveOf, untilText } from "./lotText";
import { OtherAmount } from "./OtherAmount";
import { useStockBook } from "./useStockBook";

type Lot = Schemas["ShelfLot"];

/** What of a batch is in the fridge and the freezer, until when, and what can be done with it. */
export function Lots({ stock }: { stock: Schemas["InStock"] }) {
  if (stock.lots.length === 0) return null;
  return (
    <ul className="mt-1 border-t border-ink" aria-label={`${stock.dish}, put away`}>
      {stock.lots.map((lot) => (
        <OneLot key={`${lot.place}${lot.part}${lot.since}`} lot={lot} stock={stock} />
      ))}
      <Warming stock={stock} />
    </ul>
  );
}

/** How it gets warm again, and how that came out the last time. */
function Warming({ stock }: { stock: Schemas["InStock"] }) {
  const book = useStockBook();
  if (stock.reheat_ways.length === 0) return null;
  return (
    <li className="text-sm text-soft">
      <details>
        <summary className="min-h-6 cursor-pointer text-pencil max-sm:min-h-11">
          Warm it up
          {stock.warmed && ` (last time, ${day(stock.warmed.at)}: ${stock.warmed.says})`}
        </summary>
        <ul className="list-disc pl-5">
          {stock.reheat_ways.map((way) => (
            <li key={way}>{way}</li>
          ))}
        </ul>
        <p>{stock.reheat}</p>
        <ReasonForm
          label="How you warmed it, and how it came out"
          placeholder="air fryer 4 min: crisp again"
          submit="Keep it"
          onSubmit={(note) =>
            void book(stock.batch_id, { move: "warmed", place: null, part: "", note }, "Kept.")
          }
        />
      </details>
    </li>
  );
}

function OneLot({ lot, stock }: { lot: Lot; stock: Schemas["InStock"] }) {
  const book = useStockBook();
  const [asks, setAsks] = useState(false);
  const amount = lot.part ? lot.amount : Math.min(1, lot.amount);
  const about = { amount, place: lot.place, part: lot.part };
  const what = `${stock.dish}, ${lot.place}`;
  const act = (move: "eaten" | "given" | "binned", did: string) => () =>
    void book(stock.batch_id, { move, ...about }, did);
  const { to, name, did } = moveOf(lot);
  const move = (note = "") =>
    void book(stock.batch_id, { move: "moved", ...about, amount: lot.amount, to, note }, did);
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1">
      <span className="min-w-44 flex-1">
        <b>{amountText(lot)}</b> in the {lot.place},{" "}
        <span className={lot.days_left <= 0 ? "font-semibold text-mark" : "text-soft"}>
          {untilText(lot)}
        </span>
      </span>
      <span className="-mx-2 flex flex-wrap [&>button]:px-2">
        <Button look="quiet" aria-label={`Eat one: ${what}`} onClick={act("eaten", "Eaten.")}>
          Eat {lot.part ? "it" : "one"}
        </Button>
        <Button
          look="quiet"
          aria-label={`Give away one: ${what}`}
          onClick={act("given", "Given away.")}
        >
          Give away
        </Button>
        <Button
          look="quiet"
          aria-label={`Throw out one: ${what}`}
          onClick={act("binned", "Thrown out.")}
        >
          Throw out
        </Button>
        <Button
          look="quiet"
          aria-label={`${name} all: ${what}`}
          onClick={() => (lot.late ? setAsks(!asks) : move())}
        >
          {name}
        </Button>
        <OtherAmount lot={lot} stock={stock} />
      </span>
      {asks && (
        <div className="basis-full pb-2">
          <ReasonForm
            label="Its date is over, and freezing makes nothing fresh again. Why is it still good?"
            placeholder="it was in the freezer meanwhile"
            submit={name}
            onSubmit={(reason) => {
              setAsks(false);
              move(reason);
            }}
          />
        </div>
      )}
    </li>
  );
}
