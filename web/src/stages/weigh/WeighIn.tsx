import { useState } from "react";

import { useCaptures } from "../../api/captures";
import { api, ask, type Schemas } from "../../api/client";
import { type Live, useLive } from "../../api/live";
import { useScale } from "../../api/queries";
import { useKeys } from "../../lib/useKeys";
import { useNotice } from "../../ui/notices";
import { Empty, Loading } from "../../ui/States";
import type { StageProps } from "../../dish/stage";
import { LineAtTheScale } from "./LineAtTheScale";
import { Closed } from "./Closed";
import { Closing } from "./Closing";
import { FreePour } from "./FreePour";
import { FinishEarly } from "./FinishEarly";
import { LineList } from "./LineList";
import { type ShownSheet, withWaiting } from "./lines";
import { OtherWays } from "./OtherWays";
import { PlanDialog } from "./PlanDialog";
import { planOf } from "./plan";
import { SimulatorPanel } from "../../scale/SimulatorPanel";
import { SoFar } from "./SoFar";
import { Status } from "./Status";
import { useChime } from "../../scale/useChime";
import { useVoice } from "./useVoice";
import { useWakeLock } from "./useWakeLock";
import { useWeighing } from "./useWeighing";

const DIGITS = Array.from({ length: 10 }, (_, digit) => String(digit));

type Props = StageProps & { batch: Schemas["BatchSummary"] };

/** At the scale: the name, the reading, what is left to pour. */
export function WeighIn(props: Props) {
  const { batch } = props;
  const live = useLive(batch.id, { aim: "line" });
  const say = useNotice();
  const captures = useCaptures(batch.id, live.show, (says) => say({ text: says, bad: true }));
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

function Open({ sheet, live, captures }: OpenProps) {
  const [otherWays, setOtherWays] = useState(false);
  const [typed, setTyped] = useState("");
  const [planning, setPlanning] = useState(false);
  const [tooLittle, setTooLittle] = useState<number | null>(null);
  const [newBowl, setBowl] = useState<string | null>(null);
  const { data: scale } = useScale();
  const line = sheet.lines.find((line) => line.id === sheet.current);
  const bowl = newBowl ?? sheet.lines.at(-1)?.bowl ?? "Bowl";
  const weighing = useWeighing({ sheet, line, live, captures, bowl });
  const open = sheet.lines.filter((line) => line.status === "open").length;
  const voice = useVoice(line, live.reading);
  useChime(sheet.last_record ?? null);
  useWakeLock();

  /** Open with what is typed of its weight already. */
  const anotherWay = (begun: string) => {
    setTyped(begun);
    setOtherWays(true);
  };
  useKeys([
    {
      keys: " ",
      acts: true,
      shown: "Space",
      says: "Record the reading for this line",
      run: weighing.take,
    },
    {
      keys: "t",
      acts: true,
      says: "Tare: start from what is on the scale now",
      run: weighing.tare,
    },
    { keys: "Backspace", acts: true, shown: "⌫", says: "Undo the last record", run: weighing.undo },
    { keys: "s", acts: true, says: "Weigh this line later", run: () => weighing.later() },
    {
      keys: "a",
      acts: true,
      says: "Record it, and pour more on this line",
      run: () => weighing.add(),
    },
    { keys: "e", says: "Another way: typed, by spoon, until right", run: () => anotherWay("") },
    ...DIGITS.map((digit) => ({
      keys: digit,
      shown: "0-9",
      says: digit === "0" ? "Type its weight, then Enter" : "",
      run: () => {
        if (line) anotherWay(digit);
      },
    })),
    {
      keys: "ArrowDown",
      shown: "↑ ↓",
      says: "Another line",
      run: () => weighing.step(1),
    },
    { keys: "ArrowUp", says: "The line before", run: () => weighing.step(-1) },
    { keys: "+", acts: true, shown: "+ −", says: "Wider tolerance", run: () => weighing.nudge(1) },
    { keys: "-", acts: true, says: "Narrower tolerance", run: () => weighing.nudge(-1) },
    {
      keys: "h",
      acts: true,
      says: "Hands-free on or off",
      run: () => weighing.setHandsFree(!sheet.hands_free),
    },
    { keys: "v", acts: true, says: "Spoken prompts on or off", run: voice.toggle },
    { keys: "p", says: "Plan: order, bowls, scales", run: () => setPlanning(true) },
  ]);
  const lastPoured = sheet.free && open === 0 && sheet.lines.length > 0;
  const closing = (
    <Closing
      sheet={sheet}
      live={live}
      onCapture={captures.capture}
      onClose={() => void weighing.close()}
      onUndo={weighing.undo}
    />
  );

  return (
    <div className="grid lg:grid-cols-[17.5rem_1fr]">
      <aside className="border-r border-rule p-4 max-lg:order-2 max-lg:border-t max-lg:border-r-0 max-sm:p-3">
        <LineList sheet={sheet} onTurn={weighing.turn} onPlan={() => setPlanning(true)} />
        {!sheet.free && open > 0 && <FinishEarly sheet={sheet} onFinish={weighing.finishEarly} />}
        <div className="mt-4 lg:hidden">
          <SoFar sheet={sheet} />
        </div>
      </aside>
      <div className="flex min-w-0 flex-col p-5 max-sm:p-3">
        <Status live={live} sheet={sheet} onHandsFree={weighing.setHandsFree} voice={voice} />
        {line || sheet.free ? (
          <LineAtTheScale
            sheet={sheet}
            line={line}
            live={live}
            weighing={weighing}
            tooLittle={tooLittle}
            onTooLittle={setTooLittle}
            onOtherWays={() => anotherWay("")}
          />
        ) : captures.waiting.length > 0 ? (
          <h1 className="mt-2 text-3xl font-bold">All of it is on its way to the kitchen</h1>
        ) : (
          closing
        )}
        {sheet.free && <FreePour sheet={sheet} bowl={bowl} onBowl={setBowl} weighing={weighing} />}
        {lastPoured && closing}
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
        typed={typed}
        batchId={sheet.id}
        line={line}
        components={[...new Set(sheet.lines.map((line) => line.component))]}
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

function Lost() {
  return (
    <p role="alert" className="p-6 text-mark">
      The kitchen does not answer. Trying again…
    </p>
  );
}
