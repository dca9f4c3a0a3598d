import { useState } from "react";
import { Link } from "react-router";

import { useCaptures } from "../../api/captures";
import { api, ask, type Schemas, sentence } from "../../api/client";
import { type Aim, type BatchSheet, useLive } from "../../api/live";
import { keys, useRefresh, useScale } from "../../api/queries";
import { useKeys } from "../../app/useKeys";
import { NumberField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Empty, Loading } from "../../ui/States";
import { weighed } from "../../lib/format";
import type { StageProps } from "../dish/DishPage";
import { ByHand } from "../weigh/TypedIn";
import { PourLine } from "../weigh/PourLine";
import { Readout } from "../weigh/Readout";
import { ScaleButtons } from "../weigh/ScaleButtons";
import { SimulatorPanel } from "../weigh/SimulatorPanel";
import { useWhenSteady } from "../weigh/useWhenSteady";
import { PortionStrip } from "./PortionStrip";

/** Weigh the whole mixture, choose the number of portions, fill each to its target. */
export function PortionStage(props: StageProps) {
  const { dish, batch } = props;
  if (!batch) {
    return (
      <Empty title="Nothing to divide yet">
        <p>Portions come out of a weighed batch. Weigh the lines first.</p>
        <Link to={`/dishes/${dish.id}/weigh`} className="text-pencil underline">
          To the weigh-in
        </Link>
      </Empty>
    );
  }
  return <Divide {...props} batch={batch} />;
}

type Filling = Exclude<Aim["aim"], "line">;

const NAMES: Record<Filling, string> = {
  mixture: "The whole mixture",
  cooked: "The whole batch, cooked",
  portion: "Portion",
};

function Divide({ dish, batch }: StageProps & { batch: Schemas["BatchSummary"] }) {
  const [aim, setAim] = useState<Filling>("mixture");
  const [piece, setPiece] = useState<number | null>(null);
  const [byHand, setByHand] = useState(false);
  const live = useLive(batch.id, { aim, piece });
  const say = useNotice();
  const refresh = useRefresh();
  const captures = useCaptures(
    batch.id,
    (sheet) => {
      live.show(sheet);
      refresh(keys.card(batch.id), keys.kitchen);
    },
    (says) => say({ text: says, bad: true }),
  );
  const { data: scale } = useScale();
  const { sheet, reading } = live;
  const raw = reading?.reading;
  const { whenSteady, waiting } = useWhenSteady(reading);
  const current = piece ?? (sheet ? nextPiece(sheet) : 1);
  const target = aim === "portion" ? (sheet?.next_target_g ?? sheet?.target_each_g ?? null) : null;
  const name = aim === "portion" ? `Portion ${current}` : NAMES[aim];

  const record = (part: Partial<Schemas["Capture"]>) => {
    captures.capture({
      kind: aim,
      piece: aim === "portion" ? current : null,
      tare_record: reading?.tare_record ?? null,
      ...part,
    });
    if (aim === "portion") setPiece(null);
  };
  const take = () => {
    if (!raw) return;
    whenSteady("take", (steady) => record({ ...showing(steady), origin: "scale" }));
  };
  const tare = () => {
    if (!raw) return;
    whenSteady("tare", (steady) => captures.capture({ kind: "tare", ...showing(steady) }));
  };
  const undo = () => {
    if (sheet?.last_record)
      captures.capture({ kind: "undo", undoes: sheet.last_record, origin: "hand" });
  };
  const setCount = async (count: number) => {
    try {
      live.show(
        await ask(
          api.PUT("/api/batches/{batch_id}/portions", {
            params: { path: { batch_id: batch.id } },
            body: { count },
          }),
        ),
      );
      refresh(keys.card(batch.id), keys.kitchen);
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  useKeys([
    { keys: " ", shown: "Space", says: "Take the reading", run: take },
    { keys: "t", says: "Tare: the empty vessel, or the next cup", run: tare },
    { keys: "Backspace", shown: "⌫", says: "Undo the last record", run: undo },
    { keys: "e", says: "Type the weight in", run: () => setByHand(true) },
    { keys: "m", says: "Weigh the whole mixture", run: () => setAim("mixture") },
    { keys: "p", says: "Fill portions", run: () => setAim("portion") },
    { keys: "c", says: "Weigh the whole batch after cooking", run: () => setAim("cooked") },
  ]);
  if (live.missing) return <Empty title="Not here">{live.missing}</Empty>;
  if (!sheet) return <Loading />;

  return (
    <div className="p-5 max-sm:p-3">
      <h1 className="text-2xl font-bold">
        {dish.name} {sheet.letter}: portions
      </h1>
      {sheet.lines.some((line) => line.status === "open") && (
        <p className="mt-1 text-mark">
          Lines are still open in the weigh-in: until then they count as planned.
        </p>
      )}
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[22rem_1fr]">
        <div className="grid content-start gap-4">
          <Weights sheet={sheet} aim={aim} onAim={setAim} />
          <NumberField
            label="Number of portions"
            value={sheet.portions}
            most={1000}
            onChange={(count) => {
              if (count !== null && Number.isInteger(count) && count >= 1) void setCount(count);
            }}
          />
          <Link
            to={`/dishes/${dish.id}/card?batch=${batch.id}`}
            className="inline-flex min-h-11 items-center justify-self-start border border-pencil bg-pencil px-3.5 font-semibold text-on-pencil"
          >
            Read the card →
          </Link>
        </div>
        <section aria-label="At the scale" className="min-w-0">
          <p className="text-sm" role="status">
            {!live.server ? (
              <span className="text-mark">The kitchen does not answer. Trying again…</span>
            ) : live.scale ? (
              <span className="text-done">✓ scale connected</span>
            ) : (
              <span className="text-mark">The scale does not answer. Typing it in works.</span>
            )}
          </p>
          <h2 className="text-3xl font-bold">{name}</h2>
          <p className="text-soft">
            {aim === "portion"
              ? "Empty cup on, tare, fill to the target, take it."
              : "Empty vessel on, tare, then the vessel with everything in it."}
          </p>
          <Readout reading={reading} plain={target === null} />
          {target !== null && <PourLine reading={reading} target={target} />}
          <ScaleButtons
            ready={raw !== undefined}
            taking={waiting === "take"}
            canUndo={Boolean(sheet.last_record)}
            onTake={take}
            onTare={tare}
            onUndo={undo}
            onByHand={() => setByHand(true)}
          />
        </section>
      </div>
      <PortionStrip
        sheet={sheet}
        current={aim === "portion" ? current : null}
        onChoose={(chosen) => {
          setAim("portion");
          setPiece(chosen);
        }}
      />
      {scale?.simulated && (
        <SimulatorPanel
          scale={live.inUse}
          target={target ?? sheet.lines_g}
          net={reading?.net_g ?? 0}
        />
      )}
      <ByHand
        key={`${aim}${current}`}
        open={byHand}
        onOpenChange={setByHand}
        name={name}
        target={target === null ? null : Math.round(target * 10) / 10}
        estimates={false}
        onTaken={({ grams }) => record({ net_g: grams, origin: "hand" })}
      />
    </div>
  );
}

const showing = (raw: Schemas["Reading"]) => ({
  gross_g: raw.grams,
  scale: raw.scale ?? "",
  mode: raw.mode ?? "gross",
  division_g: raw.division_g,
});

function nextPiece(sheet: BatchSheet): number {
  const filled = new Set(sheet.pieces.map((piece) => piece.piece));
  for (let piece = 1; piece <= sheet.portions; piece++) if (!filled.has(piece)) return piece;
  return sheet.portions;
}

interface WeightsProps {
  sheet: BatchSheet;
  aim: Filling;
  onAim: (aim: Filling) => void;
}

function Weights({ sheet, aim, onAim }: WeightsProps) {
  const gap = sheet.mixture_g == null ? null : sheet.mixture_g - sheet.lines_g;
  return (
    <div className="border border-ink">
      <Row name="Sum of the lines" grams={sheet.lines_g} />
      <Row
        name="Whole mixture"
        grams={sheet.mixture_g ?? null}
        on={aim === "mixture"}
        onAim={() => onAim("mixture")}
      >
        {gap !== null && Math.abs(gap) >= 1
          ? `${weighed(Math.abs(gap))} g ${gap < 0 ? "less" : "more"} than the lines`
          : null}
      </Row>
      <Row
        name="Each portion"
        grams={sheet.target_each_g ?? null}
        on={aim === "portion"}
        onAim={() => onAim("portion")}
      >
        {sheet.pieces.length > 0 &&
        sheet.pieces.length < sheet.portions &&
        sheet.next_target_g != null
          ? `next one ${weighed(sheet.next_target_g)} g, from what is left`
          : null}
      </Row>
      <Row
        name="After cooking"
        grams={sheet.cooked_g ?? null}
        on={aim === "cooked"}
        onAim={() => onAim("cooked")}
      />
    </div>
  );
}

interface RowProps {
  name: string;
  grams: number | null;
  on?: boolean;
  onAim?: () => void;
  children?: string | null;
}

function Row({ name, grams, on = false, onAim, children }: RowProps) {
  const inside = (
    <>
      <span>{name}</span>
      <span className="text-right text-lg font-bold">
        {grams == null ? "not weighed" : `${weighed(grams)} g`}
      </span>
      {children && (
        <span className={`col-span-2 text-sm ${on ? "" : "text-soft"}`}>{children}</span>
      )}
    </>
  );
  const look =
    "grid w-full grid-cols-[1fr_auto] items-center gap-x-3 px-3 py-1.5 text-left min-h-11 border-b border-rule last:border-b-0";
  if (!onAim) return <div className={look}>{inside}</div>;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onAim}
      className={`${look} ${on ? "bg-ink text-sheet" : "hover:bg-wash"}`}
    >
      {inside}
    </button>
  );
}
