import { type ComponentType, useEffect, useRef } from "react";
import { Link, NavLink, useNavigate, useParams, useSearchParams } from "react-router";

import type { Schemas } from "../api/client";
import { useDish } from "../api/queries";
import type { StageProps } from "../dish/stage";
import { useKeys } from "../lib/useKeys";
import { Sheet } from "../ui/Sheet";
import { Empty, Failed, Loading } from "../ui/States";
import { BuildStage } from "../stages/rebuild/BuildStage";
import { CardStage } from "../stages/card/CardStage";
import { CookStage } from "../stages/cook/CookStage";
import { OriginalStage } from "../stages/original/OriginalStage";
import { PortionStage } from "../stages/portion/PortionStage";
import { TasteStage } from "../stages/taste/TasteStage";
import { TrialsStage } from "../stages/trials/TrialsStage";
import { WeighStage } from "../stages/weigh/WeighStage";

type Progress = "open" | "going" | "done";

interface Stage {
  path: string;
  name: string;
  page: ComponentType<StageProps>;
  /** What it shows is one batch’s own: an arm has its own page of it. */
  ofABatch?: boolean;
  progress: (p: StageProps) => Progress;
}

const STAGES: readonly Stage[] = [
  {
    path: "original",
    name: "Original",
    page: OriginalStage,
    progress: ({ dish }) =>
      dish.original.kcal == null ? "open" : dish.original.serving_g == null ? "going" : "done",
  },
  {
    path: "build",
    name: "Build",
    page: BuildStage,
    progress: ({ batch }) => (batch ? "done" : "going"),
  },
  {
    path: "weigh",
    name: "Weigh",
    page: WeighStage,
    ofABatch: true,
    progress: ({ batch }) => (!batch ? "open" : batch.closed_at ? "done" : "going"),
  },
  {
    path: "cook",
    name: "Cook",
    page: CookStage,
    ofABatch: true,
    progress: ({ batch }) =>
      !batch || batch.cooking === "none" ? "open" : batch.cooking === "going" ? "going" : "done",
  },
  {
    path: "portion",
    name: "Portion",
    page: PortionStage,
    ofABatch: true,
    progress: ({ batch }) => (batch?.closed_at ? "going" : "open"),
  },
  {
    path: "taste",
    name: "Taste",
    page: TasteStage,
    ofABatch: true,
    progress: ({ trial, batch }) =>
      trial.verdict.stamp ? "done" : batch?.closed_at ? "going" : "open",
  },
  {
    path: "card",
    name: "Card",
    page: CardStage,
    ofABatch: true,
    progress: ({ batch }) => (batch?.closed_at ? "done" : "open"),
  },
  {
    path: "trials",
    name: "Trials",
    page: TrialsStage,
    progress: ({ dish }) => (dish.trials.length > 1 ? "going" : "open"),
  },
];

/** A dish as a drawing sheet, its stages as index tabs in working order. */
export default function DishPage() {
  const { dishId, stage } = useParams();
  const { data: dish, error, isPending, refetch } = useDish(Number(dishId) || 0);
  const [query] = useSearchParams();
  useStageKeys();
  if (isPending) return <Loading />;
  // What was read stays in front of the cook while the kitchen does not answer.
  if (!dish) return <Failed error={error} retry={() => void refetch()} />;
  const trial =
    dish.trials.find((trial) => String(trial.id) === query.get("trial")) ?? chosen(dish, query);
  if (!trial) return <Empty title="This dish has no trial">Start it again in the Kitchen.</Empty>;
  const batch =
    trial.batches.find((batch) => String(batch.id) === query.get("batch")) ??
    trial.batches.findLast((batch) => !batch.archived && batch.arm_of == null);
  const props: StageProps = { dish, trial, batch };
  const open = STAGES.find((known) => known.path === (stage ?? "build"));
  const Page = open?.page;
  return (
    <Sheet className="flex max-sm:block">
      <nav
        aria-label={`Stages of ${dish.name}`}
        className="flex w-28 shrink-0 flex-col border-r border-ink max-sm:sticky max-sm:top-0 max-sm:z-20 max-sm:w-full max-sm:flex-row max-sm:overflow-x-auto max-sm:border-r-0 max-sm:border-b max-sm:bg-sheet print:hidden"
      >
        {STAGES.map((known) => (
          <StageTab
            key={known.path}
            stage={known}
            progress={known.progress(props)}
            dishId={dish.id}
          />
        ))}
      </nav>
      <div className="min-w-0 flex-1">
        {open?.ofABatch && batch && <ArmTabs batch={batch} batches={trial.batches} />}
        {Page ? (
          <Page key={`${trial.id}/${batch?.id ?? "none"}`} {...props} />
        ) : (
          <Empty title="There is no such stage">Choose one of the tabs.</Empty>
        )}
      </div>
    </Sheet>
  );
}

interface ArmTabsProps {
  batch: Schemas["BatchSummary"];
  batches: readonly Schemas["BatchSummary"][];
}

/** The whole and the arms that it is divided into: each has pages of its own. */
function ArmTabs({ batch, batches }: ArmTabsProps) {
  const [query] = useSearchParams();
  const whole = batch.arm_of ?? batch.id;
  const arms = batches.filter((arm) => arm.arm_of === whole);
  if (arms.length === 0) return null;
  const to = (id: number) => {
    const next = new URLSearchParams([...query].filter(([name]) => name !== "tab"));
    next.set("batch", String(id));
    return `?${next.toString()}`;
  };
  return (
    <nav
      aria-label="Arms of this batch"
      className="flex gap-1 overflow-x-auto border-b border-rule px-5 max-sm:px-3 print:hidden"
    >
      {[{ id: whole, arm: "The whole batch" }, ...arms].map(({ id, arm }) => (
        <Link
          key={id}
          to={to(id)}
          aria-current={id === batch.id ? "page" : undefined}
          className={`flex min-h-11 shrink-0 items-center border-b-4 px-2 ${id === batch.id ? "border-ink font-bold" : "border-transparent text-pencil hover:underline"}`}
        >
          {arm}
        </Link>
      ))}
    </nav>
  );
}

function chosen(dish: Schemas["DishSheet"], query: URLSearchParams) {
  const batch = query.get("batch");
  return (
    dish.trials.find((trial) => trial.batches.some((made) => String(made.id) === batch)) ??
    dish.trials.find((trial) => trial.id === dish.opens)
  );
}

/** From stage to stage without the mouse. */
function useStageKeys() {
  const navigate = useNavigate();
  const go = (by: -1 | 1) => () => {
    // The address is ahead of the page while a stage is on its way.
    const { pathname, search } = window.location;
    const [, , dishId, open = "build"] = pathname.split("/");
    const next = STAGES[STAGES.findIndex((stage) => stage.path === open) + by];
    if (next) void navigate(stageAddress(Number(dishId), next, new URLSearchParams(search)));
  };
  useKeys([
    { keys: ".", says: "Next stage", run: go(1) },
    { keys: ",", says: "Previous stage", run: go(-1) },
  ]);
}

/** A stage of the same trial and batch; another stage has other tabs. */
function stageAddress(dishId: number, stage: Stage, query: URLSearchParams): string {
  const kept = new URLSearchParams([...query].filter(([name]) => name !== "tab"));
  return `/dishes/${dishId}/${stage.path}${kept.size > 0 ? `?${kept.toString()}` : ""}`;
}

const SAYS: Record<Progress, string> = { open: "not begun", going: "in progress", done: "done" };

function StageTab({
  stage,
  progress,
  dishId,
}: {
  stage: Stage;
  progress: Progress;
  dishId: number;
}) {
  const [query] = useSearchParams();
  const { stage: open = "build" } = useParams();
  const tab = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // On a phone the tabs run off the side: the one that is open comes into sight.
    const row = tab.current?.parentElement;
    if (open !== stage.path || !tab.current || !row) return;
    row.scrollLeft = tab.current.offsetLeft - (row.clientWidth - tab.current.clientWidth) / 2;
  }, [open, stage.path]);
  return (
    <NavLink
      ref={tab}
      to={stageAddress(dishId, stage, query)}
      className={({ isActive }) =>
        `flex min-h-12 items-center gap-2 border-rule px-3 max-sm:flex-1 max-sm:justify-center max-sm:px-2 sm:border-b ${isActive ? "bg-ink font-bold text-sheet" : "hover:bg-wash"}`
      }
    >
      <svg
        width="12"
        height="12"
        role="img"
        aria-label={SAYS[progress]}
        className="shrink-0 max-sm:hidden"
      >
        <circle cx="6" cy="6" r="5" fill="none" stroke="currentColor" strokeWidth="1.4" />
        {progress === "going" && <path d="M6 1A5 5 0 0 0 6 11Z" fill="currentColor" />}
        {progress === "done" && <circle cx="6" cy="6" r="5" fill="currentColor" />}
      </svg>
      {stage.name}
    </NavLink>
  );
}
