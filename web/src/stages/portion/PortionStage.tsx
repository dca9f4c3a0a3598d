import { Tabs } from "radix-ui";
import { useState } from "react";
import { Link } from "react-router";

import { useCaptures } from "../../api/captures";
import { api, ask, type Schemas } from "../../api/client";
import { useLive } from "../../api/live";
import { usePortioning, useScale } from "../../api/queries";
import { useInTurn } from "../../lib/useInTurn";
import { useTab } from "../../lib/useTab";
import { useNotice } from "../../ui/notices";
import { ButtonLink } from "../../ui/Button";
import { Empty, Loading } from "../../ui/States";
import { TabList } from "../../ui/TabList";
import type { StageProps } from "../../dish/stage";
import { SimulatorPanel } from "../../scale/SimulatorPanel";
import { Arms } from "./Arms";
import { PortionAtTheScale } from "./PortionAtTheScale";
import { DivideForm } from "./DivideForm";
import { Finishes } from "./Finishes";
import { KeepAs } from "./KeepAs";
import { Pan } from "./Pan";
import { PortionStrip } from "./PortionStrip";
import { PutAway } from "./PutAway";
import { Spread } from "./Spread";
import { type Filling, nameOf } from "./filling";
import { Ways } from "./Ways";
import { WeighedBack } from "./WeighedBack";
import { Weights } from "./Weights";
import { useDeed } from "../../ui/useDeed";

/** Divide the batch, fill its pieces at the scale, weigh back what is not eaten, put it away. */
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
  return <Portioning {...props} batch={batch} />;
}

function Portioning({ dish, batch }: StageProps & { batch: Schemas["BatchSummary"] }) {
  const [filling, setFilling] = useState<Filling>({ aim: "mixture" });
  const live = useLive(batch.id, { aim: filling.aim, piece: filling.piece ?? null });
  const { data: sheet } = usePortioning(batch.id);
  const { data: scale } = useScale();
  const say = useNotice();
  const deed = useDeed();
  const inTurn = useInTurn();
  const [tab, setTab] = useTab(TABS);
  const captures = useCaptures(batch.id, live.show, (says) => say({ text: says, bad: true }));
  const divide = async (dividing: Schemas["Dividing"]) => {
    const params = { path: { batch_id: batch.id } };
    await inTurn(async () => {
      live.show(await ask(api.PUT("/api/batches/{batch_id}/dividing", { params, body: dividing })));
    });
  };
  const handsFree = async (on: boolean) => {
    const params = { path: { batch_id: batch.id } };
    await deed.run(async () => {
      live.show(await ask(api.PUT("/api/batches/{batch_id}/hands-free", { params, body: { on } })));
    });
  };
  if (live.missing) return <Empty title="Not here">{live.missing}</Empty>;
  if (!live.sheet || !sheet) return <Loading />;
  const made = live.sheet;
  if (made.divided) {
    return (
      <div className="p-5 max-sm:p-3">
        <h1 className="mb-3 text-2xl font-bold">
          {dish.name} {made.letter}: arms
        </h1>
        <Arms dishId={dish.id} batchId={batch.id} />
      </div>
    );
  }
  const tabs = batch.arm_of == null ? TABS : TABS_OF_AN_ARM;
  const current = filling.piece ?? made.next_piece ?? null;
  const target =
    filling.aim === "portion" && current !== null
      ? (made.fill_g[String(current)] ?? made.fill_each_g ?? null)
      : null;
  return (
    <Tabs.Root value={tab} onValueChange={setTab} className="p-5 max-sm:p-3">
      <header className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <h1 className="text-2xl font-bold">
          {dish.name} {made.letter}: portions
        </h1>
        <ButtonLink to={`/dishes/${dish.id}/card?batch=${batch.id}`} look="main">
          View card →
        </ButtonLink>
      </header>
      {made.lines.some((line) => line.status === "open") && (
        <p className="mt-1 text-mark">
          Lines are still open in the weigh-in: until then they count as planned.
        </p>
      )}
      <TabList label="The portions" tabs={tabs} />
      <Tabs.Content value="arms">
        <Arms dishId={dish.id} batchId={batch.id} />
      </Tabs.Content>
      <Tabs.Content value="divide">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[23rem_minmax(0,1fr)]">
          <div className="grid content-start gap-4 max-lg:contents">
            <Weights
              sheet={made}
              portions={sheet}
              aim={filling.aim}
              onAim={(aim) => setFilling({ aim })}
            />
            <DivideForm
              key={batch.id}
              dividing={made.dividing}
              pieces={made.portions}
              onDivide={divide}
            />
          </div>
          <div className="grid min-w-0 content-start gap-6 max-lg:contents">
            <PortionAtTheScale
              live={live}
              sheet={made}
              filling={filling}
              name={nameOf(filling, current)}
              current={current}
              target={target}
              onFilling={setFilling}
              onHandsFree={(on) => void handsFree(on)}
              capture={captures.capture}
            />
            <WeighedBack
              parts={made.weighed_back}
              filling={filling}
              onWeigh={(aim, component) => setFilling({ aim, component })}
            />
          </div>
        </div>
        {sheet.cut ? (
          <Pan
            cut={made.dividing.cut ?? null}
            pieces={sheet.cut}
            sheet={made}
            piece={sheet.piece ?? null}
            current={filling.aim === "portion" ? current : null}
            onChoose={(piece) => setFilling({ aim: "portion", piece })}
          />
        ) : (
          <PortionStrip
            sheet={made}
            current={filling.aim === "portion" ? current : null}
            onChoose={(piece) => setFilling({ aim: "portion", piece })}
          />
        )}
        <div className="mt-6 grid gap-x-10 gap-y-6 lg:grid-cols-2">
          <Ways sheet={sheet} onDivide={divide} dividing={made.dividing} />
          <Spread sheet={sheet} />
        </div>
      </Tabs.Content>
      <Tabs.Content value="toppings" className="max-w-2xl">
        <Finishes batchId={batch.id} plates={sheet.plates} />
      </Tabs.Content>
      <Tabs.Content value="away" className="grid gap-x-10 gap-y-6 lg:grid-cols-2">
        <PutAway batchId={batch.id} closed={made.closed_at != null} />
        <KeepAs batchId={batch.id} parts={made.weighed_back} dish={dish.name} />
      </Tabs.Content>
      {scale?.simulated && tab !== "away" && tab !== "arms" && (
        <SimulatorPanel
          scale={live.inUse}
          target={target ?? made.lines_g}
          net={live.reading?.net_g ?? 0}
        />
      )}
    </Tabs.Root>
  );
}

const TABS = [
  ["divide", "Divide and fill"],
  ["toppings", "Toppings"],
  ["away", "Put away"],
  ["arms", "Arms"],
] as const;

/** An arm is not divided into arms again. */
const TABS_OF_AN_ARM = [TABS[0], TABS[1], TABS[2]] as const;
