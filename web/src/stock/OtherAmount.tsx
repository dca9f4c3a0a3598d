import { Popover } from "radix-ui";
import { useState } from "react";

import { api, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";
import { known, valueText } from "../lib/figures";
import { figure, weighed } from "../lib/format";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/Field";
import { Toggle } from "../ui/Toggle";
import { amountText, moveOf } from "./lotText";
import { useStockBook } from "./useStockBook";

type Lot = Schemas["ShelfLot"];

/** Half a serving, two at once, or so many grams at the table. */
export function OtherAmount({ lot, stock }: { lot: Lot; stock: Schemas["InStock"] }) {
  const [open, setOpen] = useState(false);
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button look="quiet" aria-label={`Other amount: ${stock.dish}, ${lot.place}`}>
          Other
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="end"
          collisionPadding={8}
          className="z-50 w-80 max-w-[calc(100vw-1rem)] border-2 border-ink bg-sheet p-4"
          aria-label="Another amount"
        >
          <Amount lot={lot} stock={stock} onDone={() => setOpen(false)} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

interface AmountProps {
  lot: Lot;
  stock: Schemas["InStock"];
  onDone: () => void;
}

function Amount({ lot, stock, onDone }: AmountProps) {
  const book = useStockBook();
  const each = lot.part ? null : (stock.serving_g ?? null);
  const [inGrams, setInGrams] = useState(false);
  const [typed, setTyped] = useState<number | null>(
    lot.part ? lot.amount : Math.min(2, lot.amount),
  );
  const grams = lot.part !== "" || inGrams;
  /** The same amount, in the other unit. */
  const countIn = (wanted: boolean) => {
    if (wanted === inGrams || each === null) return;
    setInGrams(wanted);
    setTyped((all) =>
      all === null ? null : wanted ? Math.round(all * each) : Math.round((100 * all) / each) / 100,
    );
  };
  const { answer } = useAnswer(
    lot.part === "" && typed !== null && typed > 0 ? JSON.stringify([typed, inGrams]) : "",
    () =>
      api.GET("/api/batches/{batch_id}/stock/amount", {
        params: {
          path: { batch_id: stock.batch_id },
          query: { place: lot.place, typed: typed ?? 0, in_grams: inGrams },
        },
      }),
    60,
  );
  const taken = lot.part ? typed : (answer?.amount ?? null);
  const tooMuch = lot.part ? typed !== null && typed > lot.amount : answer?.there === false;
  const ready = taken !== null && taken > 0 && !tooMuch;
  const kcal = known(answer?.kcal);
  const other = moveOf(lot);
  const act = (move: "eaten" | "given" | "binned" | "moved", did: string) => () => {
    if (!ready) return;
    const where = {
      place: lot.place,
      part: lot.part,
      ...(move === "moved" && { to: other.to }),
    };
    void book(stock.batch_id, { move, amount: taken, ...where }, did);
    onDone();
  };
  return (
    <div className="grid gap-3">
      {each !== null && (
        <div role="group" aria-label="Counted in" className="flex">
          <Toggle small on={!inGrams} onChoose={() => countIn(false)}>
            servings
          </Toggle>
          <Toggle small on={inGrams} onChoose={() => countIn(true)}>
            grams
          </Toggle>
        </div>
      )}
      <NumberField
        key={String(inGrams)}
        label={grams ? "Grams" : "Servings"}
        unit={grams ? "g" : ""}
        value={typed}
        takes="positive"
        autoFocus
        error={tooMuch ? `Only ${amountText(lot)} there.` : undefined}
        onChange={setTyped}
      />
      {ready && kcal && answer && (
        <p className="text-sm text-soft">
          {valueText(kcal, "kcal")} kcal
          {answer.grams != null &&
            (inGrams
              ? ` · ${figure(answer.amount, "g")} of a serving`
              : ` · ${weighed(Math.round(answer.grams))} g`)}
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="main" disabled={!ready} onClick={act("eaten", "Eaten.")}>
          Eat
        </Button>
        <Button disabled={!ready} onClick={act("given", "Given away.")}>
          Give away
        </Button>
        <Button disabled={!ready} onClick={act("binned", "Thrown out.")}>
          Throw out
        </Button>
        {!lot.late && (
          <Button disabled={!ready} onClick={act("moved", other.did)}>
            {other.name}
          </Button>
        )}
      </div>
    </div>
  );
}
