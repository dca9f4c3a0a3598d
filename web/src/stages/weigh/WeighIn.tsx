import { useEffect, useState } from "react";
import { Link } from "react-router";

import { useCaptures } from "../../api/captures";
import { api, ask, type Schemas, sentence } from "../../api/client";
import { type Live, useLive } from "../../api/live";
import { keys, useRefresh, useScale } from "../../api/queries";
import { useKeys } from "../../app/useKeys";
import { Deviation } from "../../drawing/Tolerance";
import { known, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Empty, Loading } from "../../ui/States";
import type { StageProps } from "../dish/DishPage";
import { Closing } from "./Closing";
import { Choices } from "./Choices";
import { FreePour } from "./FreePour";
import { LineList } from "./LineList";
import { type Line, onlyCounted, type ShownSheet, untilRight, wanted, withWaiting } from "./lines";
import { OtherWays } from "./OtherWays";
import { PlanDialog } from "./PlanDialog";
import { planOf } from "./plan";
import { PourLine } from "./PourLine";
import { Readout } from "./Readout";
import { ScaleButtons } from "./ScaleButtons";
import { SimulatorPanel } from "./SimulatorPanel";
import { Status } from "./Status";
import { Begin, BeginFreely } from "./WeighStage";
import { useChime } from "./useChime";
import { useVoice } from "./useVoice";
import { useWakeLock } from "./useWakeLock";
import { useWeighing, type Weighing } from "./useWeighing";

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
    if (done !== undefined) refresh(keys.kitchen, keys.card(batch.id));
  }, [done, refresh, batch.id]);
  if (live.missing) return <Empty title="Not here">{live.missing}</Empty>;
  if (!live.sheet) return live.server ? <Loading /> : <Lost />;
  if (live.sheet.closed_at) return <Closed {...props} sheet={live.sheet} />;
  const sheet = withWaiting(live.sheet, captures.waiting);
  return <Open {...props} live={live} sheet={sheet} captures={captures} />;
}

interface OpenProps extends Props {
  live: Live;
  sheet: ShownSheet;
  captures: ReturnType<typeof useCaptures>;
}

function Open({ dish, sheet, live, captures }: OpenProps) {
  const [otherWays, setOtherWays] = useState(false);
  const [planning, setPlanning] = useState(false);
  const [tooLittle, setTooLittle] = useState<number | null>(null);
  const [newBowl, setBowl] = useState<string | null>(null);
  const { data: scale } = useScale();
  const refresh = useRefresh();
  const line = sheet.lines.find((one) => one.id === sheet.current);
  const bowl = newBowl ?? sheet.lines.at(-1)?.bowl ?? "Bowl";
  const weighing = useWeighing({ sheet, line, live, captures, bowl });
  const open = sheet.lines.filter((one) => one.status === "open").length;
  const voice = useVoice(line, live.reading);
  useChime(sheet.last_record ?? null);
  useWakeLock();

  const close = async () => {
    if (await weighing.close()) refresh(keys.dish(dish.id), keys.kitchen);
  };
  useKeys([
    { keys: " ", shown: "Space", says: "Take the reading for this line", run: weighing.take },
    { keys: "t", says: "Tare: start from what is on the scale now", run: weighing.tare },
    { keys: "Backspace", shown: "⌫", says: "Undo the last record", run: weighing.undo },
    { keys: "s", says: "Skip this line on purpose", run: () => weighing.skip() },
    { keys: "a", says: "Take it, and pour more on this line", run: () => weighing.add() },
    { keys: "e", says: "Another way: typed, by spoon, until right", run: () => setOtherWays(true) },
    {
      keys: "ArrowDown",
      shown: "↑ ↓",
      says: "Another line",
      run: () => weighing.step(1),
    },
    { keys: "ArrowUp", says: "The line before", run: () => weighing.step(-1) },
    { keys: "+", shown: "+ −", says: "Wider tolerance", run: () => weighing.nudge(1) },
    { keys: "-", says: "Narrower tolerance", run: () => weighing.nudge(-1) },
    {
      keys: "h",
      says: "Hands-free on or off",
      run: () => weighing.setHandsFree(!sheet.hands_free),
    },
    { keys: "v", says: "Spoken prompts on or off", run: voice.toggle },
    { keys: "p", says: "Plan: order, bowls, scales", run: () => setPlanning(true) },
    {
      keys: "Enter",
      says: "Close the weigh-in when all is weighed",
      run: () => open === 0 && void close(),
    },
  ]);
  const lastPoured = sheet.free && open === 0 && sheet.lines.length > 0;

  return (
    <div className="grid lg:grid-cols-[17.5rem_1fr]">
      <aside className="border-r border-rule p-4 max-lg:order-2 max-lg:border-t max-lg:border-r-0 max-sm:p-3">
        <LineList sheet={sheet} onTurn={weighing.turn} onPlan={() => setPlanning(true)} />
        <div className="mt-4 lg:hidden">
          <SoFar sheet={sheet} />
        </div>
      </aside>
      <div className="flex min-w-0 flex-col p-5 max-sm:p-3">
        <Status
          live={live}
          sheet={sheet}
          waiting={captures.waiting.length}
          onHandsFree={weighing.setHandsFree}
          voice={voice}
        />
        {line || sheet.free ? (
          <AtTheScale
            sheet={sheet}
            line={line}
            live={live}
            weighing={weighing}
            tooLittle={tooLittle}
            onTooLittle={setTooLittle}
            onOtherWays={() => setOtherWays(true)}
          />
        ) : captures.waiting.length > 0 ? (
          <h1 className="mt-2 text-3xl font-bold">All of it is on its way to the kitchen</h1>
        ) : (
          <Closing
            sheet={sheet}
            live={live}
            onCapture={captures.capture}
            onClose={() => void close()}
            onUndo={weighing.undo}
          />
        )}
        {sheet.free && <FreePour sheet={sheet} bowl={bowl} onBowl={setBowl} weighing={weighing} />}
        {lastPoured && (
          <Closing
            sheet={sheet}
            live={live}
            onCapture={captures.capture}
            onClose={() => void close()}
            onUndo={weighing.undo}
          />
        )}
        {scale?.simulated && (
          <SimulatorPanel
            scale={live.inUse}
            target={line?.target_g ?? 0}
            net={live.reading?.net_g ?? 0}
            onRehearse={(on) => void rehearse(sheet.id, on)}
          />
        )}
      </div>
      {planning && (
        <PlanDialog
          sheet={sheet}
          onClose={() => setPlanning(false)}
          onSave={(plan) => {
            setPlanning(false);
            void weighing.arrange(plan);
          }}
        />
      )}
      <OtherWays
        key={`${line?.id ?? "none"}/${String(otherWays)}`}
        open={otherWays}
        onOpenChange={setOtherWays}
        batchId={sheet.id}
        line={line}
        components={[...new Set(sheet.lines.map((one) => one.component))]}
        weighing={weighing}
        plan={planOf(sheet)}
      />
    </div>
  );
}

const rehearse = (batchId: number, on: boolean) =>
  ask(
    api.PUT("/api/batches/{batch_id}/rehearsal", {
      params: { path: { batch_id: batchId } },
      body: { on, seed: 7 },
    }),
  );

interface AtTheScaleProps {
  sheet: ShownSheet;
  line: Line | undefined;
  live: Live;
  weighing: Weighing;
  /** The line that the cook says is all there is. */
  tooLittle: number | null;
  onTooLittle: (line: number | null) => void;
  onOtherWays: () => void;
}

/** The name, the reading, what is left to pour. */
function AtTheScale(p: AtTheScaleProps) {
  const { sheet, line, live, weighing } = p;
  const { reading } = live;
  const counted = line !== undefined && onlyCounted(line);
  const targeted = line !== undefined && line.target_g > 0;
  const next = sheet.lines.find((one) => one.status === "open" && one.id !== sheet.current);
  const short = line !== undefined && p.tooLittle === line.id && reading?.state === "pouring";
  const over = reading?.state === "over" && reading.steady;
  const vessel = line === undefined ? "the bowl" : line.way === "out_of" ? "its pack" : "the bowl";
  return (
    <>
      <h1 className="mt-2 text-[2.6rem] leading-tight font-bold max-sm:text-3xl">
        {line ? (line.unnamed ? "No name yet" : line.name) : "Pour anything"}
      </h1>
      <p className="text-lg text-soft max-sm:text-base">
        {line ? (
          <About line={line} division={reading?.reading.division_g} />
        ) : (
          "Take it, then say what it was; or name it first."
        )}
      </p>
      <div className="flex items-end justify-between gap-6">
        <Readout reading={reading} plain={!targeted} vessel={vessel} />
        <div className="max-w-64 pb-12 text-right max-lg:hidden">
          <SoFar sheet={sheet} />
          {next && (
            <p className="mt-4 text-sm text-soft">
              then
              <span className="block text-base text-ink">
                {[next.name, wanted(next)].filter(Boolean).join(", ")}
              </span>
            </p>
          )}
        </div>
      </div>
      {counted ? (
        <CountedLine
          count={line.count ?? 0}
          onCountOnly={() => weighing.told({ grams: 0, range: null, origin: "hand" })}
        />
      ) : targeted ? (
        <PourLine reading={reading} target={line.target_g} soFar={line.poured_g} />
      ) : null}
      {reading && line && targeted && line.status === "open" && (over || short) && (
        <Choices
          batchId={sheet.id}
          line={line}
          net={line.poured_g + reading.net_g}
          weighing={weighing}
          onDone={() => p.onTooLittle(null)}
        />
      )}
      {targeted && line.status === "open" && !over && !short && (
        <p className="min-h-8 text-sm text-soft max-sm:min-h-11">
          {reading?.state === "pouring" && (
            <>
              No more of it?{" "}
              <button
                type="button"
                className="min-h-8 text-pencil hover:underline max-sm:min-h-11"
                onClick={() => p.onTooLittle(line.id)}
              >
                That is all there is
              </button>
            </>
          )}
        </p>
      )}
      <ScaleButtons
        ready={reading !== null}
        taking={weighing.waiting === "line"}
        canUndo={Boolean(sheet.last_record)}
        onTake={weighing.take}
        onTare={weighing.tare}
        onUndo={weighing.undo}
        {...(line && { onSkip: () => weighing.skip() })}
        {...(line && untilRight(line) && { onAdd: () => weighing.add() })}
        onByHand={p.onOtherWays}
        byHand="Another way"
      />
    </>
  );
}

function About({ line, division }: { line: Line; division: number | undefined }) {
  const says = [
    line.component,
    line.planned_name != null && `instead of ${line.planned_name}`,
    line.way === "out_of" && "taken out of its pack",
    line.also.length > 0 && `in one with that of ${line.also.join(", ")}`,
    untilRight(line) && `until ${line.until}`,
    line.status === "open" && line.poured_g > 0 && `${weighed(line.poured_g)} g in already`,
    line.finer_scale && (division ?? 0) >= 1 && "small: a 0.1 g scale is better",
    line.status === "weighed" && "weighed already, a new reading replaces it",
    line.status === "skipped" && "skipped, a reading takes it back in",
  ].filter(Boolean);
  return says.join(" · ");
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

function SoFar({ sheet }: { sheet: ShownSheet }) {
  const kcal = known(sheet.result.serving.kcal);
  const protein = known(sheet.result.serving.protein_g);
  if (!kcal || sheet.lines.every((line) => line.unnamed)) return null;
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

function Lost() {
  return (
    <p role="alert" className="p-6 text-mark">
      The kitchen does not answer. Trying again…
    </p>
  );
}

function Closed({ dish, trial, sheet }: Props & { sheet: ShownSheet }) {
  return (
    <div className="grid gap-6 p-5 max-sm:p-3 lg:grid-cols-[20rem_1fr]">
      <LineList sheet={sheet} />
      <div className="grid content-start gap-4">
        <h1 className="text-2xl font-bold">
          {dish.name} {trial.letter} is weighed
        </h1>
        <SoFar sheet={sheet} />
        <p className="max-w-prose">
          {sheet.free
            ? "What you weighed is the plan of this trial now. Next: weigh the whole mixture and divide it."
            : "The records stay as they are. Next: weigh the whole mixture and divide it."}
        </p>
        <div className="flex flex-wrap gap-3">
          <Link
            to={`/dishes/${dish.id}/portion?batch=${sheet.id}`}
            className="inline-flex min-h-11 items-center border border-pencil bg-pencil px-3.5 font-semibold text-on-pencil"
          >
            On to the portions →
          </Link>
          <Begin dish={dish} trial={trial} again />
          {!sheet.free && <AsPlan sheet={sheet} />}
          <BeginFreely dish={dish} trial={trial} />
        </div>
      </div>
    </div>
  );
}

/** Next time's targets are what went in this time. */
function AsPlan({ sheet }: { sheet: ShownSheet }) {
  const [done, setDone] = useState(false);
  const say = useNotice();
  const refresh = useRefresh();
  const make = async () => {
    try {
      const params = { path: { batch_id: sheet.id } };
      await ask(api.POST("/api/batches/{batch_id}/as-plan", { params }));
      refresh(keys.trial(sheet.trial_id), keys.dish(sheet.dish_id), keys.kitchen);
      setDone(true);
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  };
  if (done) return <p className="self-center text-done">✓ These weights are the plan now.</p>;
  return <Button onClick={() => void make()}>Next time as weighed</Button>;
}
