import { useState } from "react";

import type { Schemas } from "../../api/client";
import { useBatchStock } from "../../api/queries";
import { day, fixed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Field";
import { Lots } from "../../stock/Lots";
import { useStockBook } from "../../stock/useStockBook";

/** Into the fridge or the freezer, with a date: what advice and habit say, both shown. */
export function PutAway({ batchId, closed }: { batchId: number; closed: boolean }) {
  const { data: stock } = useBatchStock(batchId);
  if (!stock) return null;
  return (
    <section aria-label="Put away">
      <h2 className="text-lg font-bold">Put it away</h2>
      {!closed ? (
        <p className="text-soft">Close the weigh-in first.</p>
      ) : (
        <>
          <PutForm key={stock.unbooked} batchId={batchId} stock={stock} />
          <Lots stock={stock} />
          {stock.last_record && <TakeBack stock={stock} record={stock.last_record} />}
          <Advice stock={stock} />
        </>
      )}
    </section>
  );
}

const servingsText = (n: number) => fixed(n, Number.isInteger(n) ? 0 : 1);

function PutForm({ batchId, stock }: { batchId: number; stock: Schemas["BatchStock"] }) {
  const book = useStockBook();
  const [amount, setAmount] = useState<number | null>(Math.floor(stock.unbooked) || null);
  if (stock.unbooked < 0.01) {
    return (
      <p className="text-soft">
        All {servingsText(stock.made ?? 0)} servings are put away or eaten.
      </p>
    );
  }
  const put = (place: "fridge" | "freezer") => {
    if (amount !== null && amount > 0) void book(batchId, { move: "put", amount, place, part: "" });
  };
  const eat = () => {
    void book(batchId, {
      move: "eaten",
      amount: Math.min(1, stock.unbooked),
      place: null,
      part: "",
    });
  };
  return (
    <div className="flex flex-wrap items-end gap-2">
      <NumberField
        label={`Servings, of ${servingsText(stock.unbooked)} not put away`}
        value={amount}
        onChange={setAmount}
      />
      <Button onClick={() => put("fridge")}>
        Fridge, until {day(stock.suggested.fridge ?? "")}
      </Button>
      <Button onClick={() => put("freezer")}>
        Freezer, until {day(stock.suggested.freezer ?? "")}
      </Button>
      <Button look="quiet" onClick={eat}>
        Eat one now
      </Button>
    </div>
  );
}

/** An entry that was wrong is taken back, the last one first. */
function TakeBack({ stock, record }: { stock: Schemas["BatchStock"]; record: string }) {
  const book = useStockBook();
  const back = { move: "undo", undoes: record, place: null, part: "" } as const;
  return (
    <Button look="quiet" className="-ml-3" onClick={() => void book(stock.batch_id, back)}>
      Undo the last entry
    </Button>
  );
}

const SAYS = { us: "US advice", uk: "UK advice", habit: "habit" } as const;

function Advice({ stock }: { stock: Schemas["BatchStock"] }) {
  return (
    <ul className="mt-2 text-sm text-soft">
      {stock.advice.map((keep) => (
        <li key={`${keep.place}${keep.says}`}>
          {keep.place}, {SAYS[keep.says]}: {keep.text}
        </li>
      ))}
      <li>The earlier date counts. Local rules come first.</li>
    </ul>
  );
}
