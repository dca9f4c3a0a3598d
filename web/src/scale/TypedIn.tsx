import { UNMEASURED_G } from "../api/vocabulary";
import { type SyntheticEvent, useState } from "react";

import { weighed } from "../lib/format";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/Field";
import { Modal } from "../ui/Modal";
import type { TypedWeight } from "./typedWeight";

const [pinch, fromG, toG] = UNMEASURED_G.pinch;
const [spray] = UNMEASURED_G.second;

interface TypedInProps {
  target: number | null;
  /** The first digit of the weight, where it was typed before the field was there. */
  typed?: string;
  /** Of an amount outside these it is asked whether it is meant. */
  likely?: readonly number[] | null;
  onTaken: (told: TypedWeight) => void;
  estimates?: boolean;
  /** Pieces: how many there were stands beside their weight. */
  counted?: boolean;
}

/** A weight read elsewhere, or an honest estimate from low to high. */
export function TypedIn({
  target,
  typed = "",
  likely = null,
  onTaken,
  estimates = true,
  counted = false,
}: TypedInProps) {
  const [grams, setGrams] = useState<number | null>(typed ? Number(typed) : target);
  const [low, setLow] = useState<number | null>(null);
  const [high, setHigh] = useState<number | null>(null);
  const [pieces, setPieces] = useState<number | null>(null);
  const [error, setError] = useState<string>();
  const [meant, setMeant] = useState<number>();
  const [least = 0, most = Infinity] = likely ?? [];
  const far = grams !== null && target !== null && (grams <= least || grams >= most);
  const asks = far && meant === grams;
  const take = (event: SyntheticEvent) => {
    event.preventDefault();
    if (grams === null) {
      setError("Type how many grams it was.");
      return;
    }
    if (far && meant !== grams) {
      setMeant(grams);
      return;
    }
    if (low === null && high === null) {
      onTaken({ grams, range: null, origin: "hand", count: pieces });
      return;
    }
    if (low === null || high === null || low > grams || high < grams) {
      setError(`An estimate runs from less to more, with ${weighed(grams)} g in between.`);
      return;
    }
    onTaken({ grams, range: [low, high], origin: "estimate", count: pieces });
  };
  return (
    <form onSubmit={take} className="grid gap-4" noValidate>
      <NumberField
        label="Grams, as read on another scale"
        unit="g"
        value={grams}
        onChange={setGrams}
        autoFocus
        begun={typed !== ""}
      />
      {counted && (
        <NumberField label="Pieces" unit="×" optional value={pieces} onChange={setPieces} />
      )}
      {estimates && (
        <fieldset className="border border-rule p-3">
          <legend className="px-1 text-sm text-soft">
            Not weighed at all? Say from how much to how much
          </legend>
          <div className="flex flex-wrap gap-4">
            <NumberField label="At least" unit="g" optional value={low} onChange={setLow} />
            <NumberField label="At most" unit="g" optional value={high} onChange={setHigh} />
          </div>
          <p className="mt-2 text-sm text-soft">
            A pinch is about {pinch} g ({fromG} to {toG}), a second of spray about {spray} g: common
            practice.
          </p>
        </fieldset>
      )}
      {error !== undefined && (
        <p role="alert" className="text-mark">
          {error}
        </p>
      )}
      {asks && (
        <p role="alert" className="text-mark">
          {weighed(grams)} g, and {weighed(target)} g is planned. Is that right?
        </p>
      )}
      <Button type="submit" look="main">
        {asks ? `Yes, record ${weighed(grams)} g` : "Record it"}
      </Button>
    </form>
  );
}

interface ByHandProps extends TypedInProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  name: string;
}

/** Typing a weight in, where that is the only other way. */
export function ByHand({ open, onOpenChange, name, ...rest }: ByHandProps) {
  return (
    <Modal open={open} onOpenChange={onOpenChange} title={`${name}, by hand`}>
      <TypedIn
        {...rest}
        onTaken={(told) => {
          rest.onTaken(told);
          onOpenChange(false);
        }}
      />
    </Modal>
  );
}
