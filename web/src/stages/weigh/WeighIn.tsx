import { useEffect, useState } from "react";
import { Link } from "react-router";

import { useCaptures } from "../../api/captures";
import { api, ask, type Schemas, sentence } from "../../api/client";
import { type BatchSheet, useLive } from "../../api/live";
import { keys, useRefresh, useScale } from "../../api/queries";
import { useKeys } from "../../app/useKeys";
import { Deviation } from "../../drawing/Tolerance";
import { known, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Empty, Loading } from "../../ui/States";
import type { StageProps } from "../dish/DishPage";
import { ByHand } from "./ByHand";
import { LineList } from "./LineList";
import { onlyCounted } from "./lines";
import { PourLine } from "./PourLine";
import { Readout } from "./Readout";
import { ScaleButtons } from "./ScaleButtons";
import { SimulatorPanel } from "./SimulatorPanel";
import { Begin } from "./WeighStage";
import { useChime } from "./useChime";
import { useWhenSteady } from "./useWhenSteady";

type Props = StageProps & { batch: Schemas["BatchSummary"] };

/** At the scale: the name, the reading, what is left to pour. */
export function WeighIn(props: Props) {
  const { batch } = props;
  const live = useLive(batch.id, { aim: "line" });
  const say = useNotice();
  const captures = useCaptures(batch.id, live.show, (says) => say({ text: says, bad: true }));
  const refresh = useRefresh();
  const done = live.sheet?.lines.filter((line) => line.status !== "open").length;
  useEffect(() => {
    if (done !== undefined) refresh(keys.dish(props.dish.id), keys.kitchen, keys.card(batch.id));
  }, [done, refresh, props.dish.id, batch.id]);
  if (live.missing) return <Empty title="Not here">{live.missing}</Empty>;
  if (!live.sheet) return live.server ? <Loading /> : <Lost />;
  if (live.sheet.closed_at) return <Closed {...props} sheet={live.sheet} />;
  return <Open {...props} live={live} sheet={live.sheet} captures={captures} />;
}

interface OpenProps extends Props {
  live: ReturnType<typeof useLive>;
  sheet: BatchSheet;
  captures: ReturnType<typeof useCaptures>;
}

function Open({ dish, live, sheet, captures }: OpenProps) {
  const [byHand, setByHand] = useState(false);
  const { data: scale } = useScale();
  const say = useNotice();
  const refresh = useRefresh();
  const line = sheet.lines.find((one) => one.id === sheet.current);
  const { reading } = live;
  const raw = reading?.reading;
  const next = sheet.lines.find((one) => one.status === "open" && one.id !== sheet.current);
  const open = sheet.lines.filter((one) => one.status === "open").length;
  const { whenSteady, waiting } = useWhenSteady(reading);
  useChime(sheet.last_record ?? null);

  const fromScale = (kind: "tare" | "line") => {
    if (!raw) {
      say({ text: "The scale does not answer: type it in, or look at the cable.", bad: true });
      return;
    }
    const lineId = kind === "line" ? (line?.id ?? null) : null;
    whenSteady(kind, (steady) =>
      captures.capture({
        kind,
        line: lineId,
        gross_g: steady.grams,
        tare_record: sheet.tare_record ?? null,
        mode: steady.mode ?? "gross",
        division_g: steady.division_g,
        origin: "scale",
      }),
    );
  };
  const take = () => line && fromScale("line");
  const counted = line !== undefined && onlyCounted(line);
  const countOnly = () =>
    line && captures.capture({ kind: "line", line: line.id, net_g: 0, origin: "hand" });
  const skip = () => line && captures.capture({ kind: "skip", line: line.id, origin: "hand" });
  const turn = (id: number) => captures.capture({ kind: "turn", line: id, origin: "hand" });
  const undo = () => {
    if (sheet.last_record)
      captures.capture({ kind: "undo", undoes: sheet.last_record, origin: "hand" });
  };
  const step = (by: -1 | 1) => {
    const at = sheet.lines.findIndex((one) => one.id === sheet.current);
    const to = sheet.lines[at + by];
    if (to) turn(to.id);
  };
  const close = async () => {
    try {
      live.show(
        await ask(
          api.POST("/api/batches/{batch_id}/close", { params: { path: { batch_id: sheet.id } } }),
        ),
      );
      refresh(keys.dish(dish.id), keys.kitchen);
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  const setHandsFree = async (on: boolean) => {
    try {
      live.show(
        await ask(
          api.PUT("/api/batches/{batch_id}/hands-free", {
            params: { path: { batch_id: sheet.id } },
            body: { on },
          }),
        ),
      );
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  useKeys([
    { keys: " ", shown: "Space", says: "Take the reading for this line", run: () => take() },
    { keys: "t", says: "Tare: start from what is on the scale now", run: () => fromScale("tare") },
    { keys: "Backspace", shown: "⌫", says: "Undo the last record", run: undo },
    { keys: "s", says: "Skip this line on purpose", run: () => skip() },
    { keys: "e", says: "Type the weight in, or estimate it", run: () => setByHand(true) },
    { keys: "ArrowDown", shown: "↑ ↓", says: "Another line", run: () => step(1) },
    { keys: "ArrowUp", says: "The line before", run: () => step(-1) },
    { keys: "h", says: "Hands-free on or off", run: () => void setHandsFree(!sheet.hands_free) },
    {
      keys: "Enter",
      says: "Close the weigh-in when all is weighed",
      run: () => open === 0 && void close(),
    },
  ]);

  return (
    <div className="grid lg:grid-cols-[17.5rem_1fr]">
      <aside className="border-r border-rule p-4 max-lg:order-2 max-lg:border-t max-lg:border-r-0 max-sm:p-3">
        <LineList sheet={sheet} onTurn={turn} />
        <div className="mt-4 lg:hidden">
          <SoFar sheet={sheet} />
        </div>
      </aside>
      <div className="flex min-w-0 flex-col p-5 max-sm:p-3">
        <Status
          live={live}
          waiting={captures.waiting.length}
          handsFree={sheet.hands_free}
          onHandsFree={(on) => void setHandsFree(on)}
        />
        {line ? (
          <>
            <h1 className="mt-2 text-[2.6rem] leading-tight font-bold max-sm:text-3xl">
              {line.name}
            </h1>
            <p className="text-lg text-soft max-sm:text-base">
              {line.component}
              {line.finer_scale && raw && raw.division_g >= 1
                ? " · small: a 0.1 g scale is better"
                : ""}
              {line.status === "weighed" ? " · weighed already, a new reading replaces it" : ""}
              {line.status === "skipped" ? " · skipped, a reading takes it back in" : ""}
            </p>
            <div className="flex items-end justify-between gap-6">
              <Readout reading={reading} plain={counted} />
              <div className="max-w-64 pb-12 text-right max-lg:hidden">
                <SoFar sheet={sheet} />
                {next && (
                  <p className="mt-4 text-sm text-soft">
                    then
                    <span className="block text-base text-ink">
                      {next.name},{" "}
                      {onlyCounted(next)
                        ? `${weighed(next.count ?? 0)} ×`
                        : `${weighed(next.target_g)} g`}
                    </span>
                  </p>
                )}
              </div>
            </div>
            {counted ? (
              <CountedLine count={line.count ?? 0} onCountOnly={countOnly} />
            ) : (
              <PourLine reading={reading} target={line.target_g} />
            )}
            <ScaleButtons
              ready={raw !== undefined}
              taking={waiting === "line"}
              canUndo={Boolean(sheet.last_record)}
              onTake={take}
              onTare={() => fromScale("tare")}
              onUndo={undo}
              onSkip={skip}
              onByHand={() => setByHand(true)}
            />
          </>
        ) : (
          <AllWeighed onClose={() => void close()} onUndo={undo} />
        )}
        {scale?.simulated && (
          <SimulatorPanel target={line?.target_g ?? 0} net={reading?.net_g ?? 0} />
        )}
      </div>
      {line && (
        <ByHand
          key={line.id}
          open={byHand}
          onOpenChange={setByHand}
          name={line.name}
          target={line.target_g}
          onTaken={(grams, range) =>
            captures.capture({
              kind: "line",
              line: line.id,
              net_g: grams,
              low_g: range?.[0] ?? null,
              high_g: range?.[1] ?? null,
              origin: range ? "estimate" : "hand",
            })
          }
        />
      )}
    </div>
  );
}

interface CountedLineProps {
  count: number;
  onCountOnly: () => void;
}

/** Pieces that nobody has weighed: the count is what is reckoned, a weight is welcome. */
function CountedLine({ count, onCountOnly }: CountedLineProps) {
  return (
    <div className="my-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-y border-rule py-3">
      <p className="text-xl font-bold">{weighed(count)} pieces, by count</p>
      <p className="max-w-prose text-soft">
        Put them on and take the reading, so that the batch’s weight is known. Or leave it at the
        count.
      </p>
      <Button onClick={onCountOnly}>Only counted</Button>
    </div>
  );
}

interface StatusProps {
  live: OpenProps["live"];
  waiting: number;
  handsFree: boolean;
  onHandsFree: (on: boolean) => void;
}

function Status({ live, waiting, handsFree, onHandsFree }: StatusProps) {
  const division = live.reading?.reading.division_g;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 text-sm">
      <span
        role="status"
        className={live.scale && live.server ? "text-done" : "font-semibold text-mark"}
      >
        {!live.server
          ? "The kitchen does not answer: what you take is kept here and sent when it does"
          : live.scale
            ? `✓ scale connected${division ? ` · ${division} g` : ""}`
            : "The scale does not answer. Trying again; typing it in works meanwhile"}
      </span>
      {waiting > 0 && <span className="text-mark">{waiting} on the way</span>}
      <label className="ml-auto flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          checked={handsFree}
          onChange={(event) => onHandsFree(event.target.checked)}
          className="size-5 accent-(--pencil)"
        />
        hands-free: take it when it is right and steady
      </label>
    </div>
  );
}

function SoFar({ sheet }: { sheet: BatchSheet }) {
  const kcal = known(sheet.result.serving.kcal);
  const protein = known(sheet.result.serving.protein_g);
  if (!kcal) return null;
  const open = sheet.lines.some((line) => line.status === "open");
  return (
    <p className="text-sm text-soft" aria-live="polite">
      {open ? "One serving, open lines as planned:" : "One serving, as weighed:"}
      <span className="block text-base font-bold text-ink">
        {valueText(kcal, "kcal")} <Deviation found={kcal} unit="kcal" /> kcal
        {protein && ` · ${valueText(protein, "g")} g protein`}
      </span>
    </p>
  );
}

function AllWeighed({ onClose, onUndo }: { onClose: () => void; onUndo: () => void }) {
  return (
    <div className="grid gap-4 py-10">
      <h1 className="text-3xl font-bold">Every line is weighed or skipped</h1>
      <p className="max-w-prose text-soft">
        Close the weigh-in to go on to the portions. Choose a line in the list to weigh it again.
      </p>
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={onClose} shortcut="Enter" className="min-h-14 text-lg">
          Close the weigh-in
        </Button>
        <Button onClick={onUndo} shortcut="⌫" className="min-h-14">
          Undo the last one
        </Button>
      </div>
    </div>
  );
}

function Lost() {
  return (
    <p role="alert" className="p-6 text-mark">
      The kitchen does not answer. Trying again…
    </p>
  );
}

function Closed({ dish, trial, sheet }: Props & { sheet: BatchSheet }) {
  return (
    <div className="grid gap-6 p-5 max-sm:p-3 lg:grid-cols-[20rem_1fr]">
      <LineList sheet={sheet} />
      <div className="grid content-start gap-4">
        <h1 className="text-2xl font-bold">
          {dish.name} {trial.letter} is weighed
        </h1>
        <SoFar sheet={sheet} />
        <p className="max-w-prose">
          The records stay as they are. Next: weigh the whole mixture and divide it.
        </p>
        <div className="flex flex-wrap gap-3">
          <Link
            to={`/dishes/${dish.id}/portion?batch=${sheet.id}`}
            className="inline-flex min-h-11 items-center border border-pencil bg-pencil px-3.5 font-semibold text-on-pencil"
          >
            On to the portions →
          </Link>
          <Begin dish={dish} trial={trial} again />
        </div>
      </div>
    </div>
  );
}
