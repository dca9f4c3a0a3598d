import { useState } from "react";

import type { Taken } from "../../api/captures";
import type { Schemas } from "../../api/client";
import type { BatchSheet, Live } from "../../api/live";
import { useKeys } from "../../lib/useKeys";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Toggle } from "../../ui/Toggle";
import { PourLine } from "../../scale/PourLine";
import { Readout } from "../../scale/Readout";
import { ScaleButtons } from "../../scale/ScaleButtons";
import { ByHand } from "../../scale/TypedIn";
import { useChime } from "../../scale/useChime";
import { isNothing, useWhenSteady } from "../../scale/useWhenSteady";
import type { Filling } from "./filling";

/** What the scale shows, or what was typed. */
type Weight = Partial<ReturnType<typeof showing>> & { net_g?: number; origin: "scale" | "hand" };

interface PortionAtTheScaleProps {
  live: Live;
  sheet: BatchSheet;
  filling: Filling;
  name: string;
  current: number | null;
  target: number | null | undefined;
  onFilling: (filling: Filling) => void;
  onHandsFree: (on: boolean) => void;
  capture: (capture: Taken) => string;
}

/** One thing at a time on the scale: the mixture, a piece, the cooked batch, what came back. */
export function PortionAtTheScale(p: PortionAtTheScaleProps) {
  const { live, sheet, filling, current } = p;
  const [byHand, setByHand] = useState(false);
  const { reading } = live;
  const raw = reading?.reading;
  const { whenSteady, waiting } = useWhenSteady(reading);
  const say = useNotice();
  const target = p.target ?? null;
  const portioning = filling.aim === "portion";
  useChime(sheet.last_record ?? null);

  const record = (part: Weight) => {
    const bowl = bowlOf(filling, sheet, current);
    const weight = { bowl, tare_record: reading?.tare_record ?? null, ...part };
    if (filling.aim !== "portion") p.capture({ kind: filling.aim, ...weight });
    else if (current !== null) {
      p.capture({ kind: sheet.topping_up ? "top_up" : "portion", piece: current, ...weight });
      p.onFilling({ aim: "portion" });
    }
  };
  const take = () => {
    if (!raw) return;
    whenSteady("take", (steady, late) => {
      if (portioning && isNothing(steady)) {
        if (!late) say({ text: "Nothing has been filled in yet." });
        return false;
      }
      record({ ...showing(steady.reading), origin: "scale" });
      return true;
    });
  };
  const tare = () => {
    if (!raw) return;
    const bowl = bowlOf(filling, sheet, current);
    const piece = portioning ? current : null;
    whenSteady("tare", (steady) =>
      p.capture({ kind: "tare", bowl, piece, ...showing(steady.reading) }),
    );
  };
  const undo = () => {
    if (sheet.last_record) p.capture({ kind: "undo", undoes: sheet.last_record, origin: "hand" });
  };
  const aim = (name: Filling["aim"]) => () => p.onFilling({ aim: name });
  useKeys([
    { keys: " ", acts: true, shown: "Space", says: "Record the reading", run: take },
    { keys: "t", acts: true, says: "Tare: the empty vessel, or the next cup", run: tare },
    { keys: "Backspace", acts: true, shown: "⌫", says: "Undo the last record", run: undo },
    { keys: "e", says: "Type the weight in", run: () => setByHand(true) },
    { keys: "m", acts: true, says: "Weigh the whole mixture", run: aim("mixture") },
    { keys: "p", acts: true, says: "Fill portions", run: aim("portion") },
    { keys: "c", acts: true, says: "Weigh the whole batch after cooking", run: aim("cooked") },
    {
      keys: "h",
      acts: true,
      says: "Hands-free on or off",
      run: () => p.onHandsFree(!sheet.hands_free),
    },
  ]);
  const piece = sheet.pieces.find((piece) => piece.piece === current);
  return (
    <section aria-label="At the scale" className="min-w-0 max-lg:order-1">
      <p className="text-sm" role="status">
        {!live.server ? (
          <span className="text-mark">The kitchen does not answer. Trying again…</span>
        ) : live.scale ? (
          <span className="text-done">✓ scale connected</span>
        ) : (
          <span className="text-mark">The scale does not answer. Typing it in works.</span>
        )}
      </p>
      <div className="flex flex-wrap items-center justify-between gap-x-4">
        <h2 className="text-3xl font-bold">{p.name}</h2>
        {portioning && (
          <Toggle small on={sheet.hands_free} onChoose={() => p.onHandsFree(!sheet.hands_free)}>
            hands-free
          </Toggle>
        )}
      </div>
      <p className="text-soft">{guide(filling, sheet)}</p>
      <Readout reading={reading} plain={target === null} vessel="the cup" />
      {target !== null && <PourLine reading={reading} target={target} />}
      <ScaleButtons
        ready={raw !== undefined && !(portioning && current === null)}
        taking={waiting === "take"}
        canUndo={Boolean(sheet.last_record)}
        onTake={take}
        onTare={tare}
        onUndo={undo}
        onByHand={() => setByHand(true)}
      />
      {portioning && piece && (
        <Button
          look="quiet"
          onClick={() => p.capture({ kind: "odd", piece: piece.piece, origin: "hand" })}
        >
          {piece.odd
            ? `Piece ${piece.piece} is like the others`
            : `Piece ${piece.piece} is an odd one: keep its ${weighed(piece.net_g)} g as it is`}
        </Button>
      )}
      <ByHand
        key={`${filling.aim}${current}`}
        open={byHand}
        onOpenChange={setByHand}
        name={p.name}
        target={target === null ? null : Math.round(target * 10) / 10}
        estimates={false}
        onTaken={({ grams }) => record({ net_g: grams, origin: "hand" })}
      />
    </section>
  );
}

/** Whose weight it is: a component that came back, or the cups that are filled. */
function bowlOf(filling: Filling, sheet: BatchSheet, piece: number | null): string {
  if (filling.component) return filling.component;
  if (filling.aim !== "portion") return filling.aim;
  return sheet.topping_up ? `cup ${piece}` : "cups";
}

function guide({ aim }: Filling, sheet: BatchSheet): string {
  if (aim === "leftover") return "Empty vessel on, tare, then what was not used or ran off.";
  if (aim === "fat")
    return "Let it set, weigh the fat layer: it is part water, so it counts as half to all fat.";
  if (aim !== "portion") return "Empty vessel on, tare, then the vessel with everything in it.";
  const how = sheet.hands_free
    ? "Cup on, wait, fill: it tares and takes by itself."
    : "Empty cup on, tare, fill to the target, take it.";
  if (sheet.dividing.weighed_cooked) return "Each piece as it came out of the oven: on, take it.";
  if (sheet.topping_up) return `Second pass: put the cup back on and top it up. ${how}`;
  return sheet.dividing.two_pass ? `First pass, not quite full. ${how}` : how;
}

const showing = (raw: Schemas["Reading"]) => ({
  gross_g: raw.grams,
  scale: raw.scale ?? "",
  mode: raw.mode ?? "gross",
  division_g: raw.division_g,
});
