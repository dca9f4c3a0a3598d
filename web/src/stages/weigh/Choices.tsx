import { api, type Schemas } from "../../api/client";
import { useAnswer } from "../../api/useAnswer";
import { useKeys } from "../../lib/useKeys";
import { known, valueText } from "../../lib/figures";
import { signed, weighed } from "../../lib/format";
import { goalNumber, goalText } from "../../lib/goals";
import type { Line } from "./lines";
import type { Weighing } from "./useWeighing";

type Effect = Schemas["ChoiceEffect"];
type Name = Schemas["Choice"]["name"];

interface ChoicesProps {
  batchId: number;
  line: Line;
  /** What lies on the scale for the line, with what it had already. */
  net: number;
  weighing: Weighing;
  onDone: () => void;
}

const KEY: Record<Name, string> = { accept: "1", to_target: "", carry_open: "2", carry_all: "3" };

/** Too much or too little: what each way on makes of a serving. */
export function Choices({ batchId, line, net, weighing, onDone }: ChoicesProps) {
  const asked = JSON.stringify({ line: line.id, net_g: net });
  const { answer } = useAnswer<Schemas["Choices"]>(
    asked,
    (about) =>
      api.POST("/api/batches/{batch_id}/choices", {
        params: { path: { batch_id: batchId } },
        body: JSON.parse(about) as Schemas["OnTheScale"],
      }),
    60,
  );
  const choose = (name: Name) => {
    const way = answer?.ways.find((way) => way.choice.name === name);
    if (!way || name === "to_target") return;
    weighing.accept(way.choice);
    onDone();
  };
  useKeys([
    {
      keys: "1",
      acts: true,
      says: "Too much or too little: accept it",
      run: () => choose("accept"),
    },
    {
      keys: "2",
      acts: true,
      says: "Scale the remaining lines",
      run: () => choose("carry_open"),
    },
    {
      keys: "3",
      acts: true,
      says: "Scale all lines",
      run: () => choose("carry_all"),
    },
  ]);
  if (!answer) return null;
  const over = answer.off_g > 0;
  const off = `${weighed(Math.abs(answer.off_g))} g`;
  return (
    <section
      aria-label={over ? "Too much" : "Too little"}
      className="my-3 border-2 border-mark p-3 max-sm:my-1 max-sm:p-1.5"
    >
      <h2 className={weighing.undecided ? "mb-2 font-bold" : "sr-only"}>
        {weighing.undecided && `${weighed(net)} g is `}
        {off} {over ? "too much" : "too little"}: what now?
      </h2>
      <ul className="grid gap-2 max-sm:gap-1 sm:grid-cols-2">
        {answer.ways.map((way) => (
          <li key={way.choice.name} className="grid">
            {way.choice.name === "to_target" ? (
              <ToTarget way={way} over={over} off={off} weighing={weighing} />
            ) : (
              <button
                type="button"
                onClick={() => choose(way.choice.name)}
                className="flex min-h-14 flex-col border border-ink px-3 py-2 text-left hover:bg-wash"
              >
                <span className="flex w-full justify-between gap-2">
                  <b>{nameOf(way, over)}</b>
                  <kbd className="font-mono text-xs text-soft max-sm:hidden">
                    {KEY[way.choice.name]}
                  </kbd>
                </span>
                <span className="block text-sm text-soft">
                  {detailOf(way)} <After way={way} />
                </span>
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface ToTargetProps {
  way: Effect;
  over: boolean;
  off: string;
  weighing: Weighing;
}

/** Bring it to the target: at the scale it is watched, what was typed is typed anew. */
function ToTarget({ way, over, off, weighing }: ToTargetProps) {
  const name = over ? `Take ${off} back` : `Top up by ${off}`;
  if (!weighing.undecided) {
    return (
      <div className="border-l-4 border-rule py-2 pl-3">
        <b>{name}</b>
        <span className="block text-sm text-soft">
          The scale watches: it is taken when it is right. <After way={way} />
        </span>
      </div>
    );
  }
  return (
    <button
      type="button"
      onClick={weighing.forget}
      className="flex min-h-14 flex-col border border-ink px-3 py-2 text-left hover:bg-wash"
    >
      <b>{name}</b>
      <span className="block text-sm text-soft">
        Nothing is recorded yet: weigh it or type it anew. <After way={way} />
      </span>
    </button>
  );
}

function nameOf({ choice }: Effect, over: boolean): string {
  if (choice.name === "accept") return "Accept it as it is";
  if (choice.name === "carry_open") return "Scale the remaining lines";
  return over ? "Scale all lines" : "Scale all lines to fit";
}

function detailOf({ choice, short }: Effect): string {
  if (choice.factor == null) return "The other lines stay as planned.";
  const times = `× ${choice.factor.toFixed(3).replace(/0+$/, "")}`;
  if (short.length === 0) return `Their targets ${times}.`;
  return `All targets ${times}; to top up: ${short.join(", ")}.`;
}

function After({ way }: { way: Effect }) {
  const kcal = known(way.kcal);
  const protein = known(way.protein_g);
  if (!kcal) return null;
  return (
    <span className="text-ink">
      {valueText(kcal, "kcal")} kcal
      {Math.round(way.kcal_change ?? 0) !== 0 && ` (${signed(way.kcal_change ?? 0, "kcal")})`}
      {protein && `, ${valueText(protein, "g")} g protein`} a serving
      {way.serving_g != null && ` of ${weighed(Math.round(way.serving_g))} g`}.
      {way.misses.map((goal) => (
        <span key={goal.key} className="block font-semibold text-mark">
          ✗ misses {goalText(goal)} by {goalNumber(goal, goal.by)} {goal.unit}
        </span>
      ))}
    </span>
  );
}
