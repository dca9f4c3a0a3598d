import { Link } from "react-router";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { useArms } from "../../api/queries";
import { useClearingUp } from "../../dish/useClearingUp";
import { type AnyFigure, known, unknownText, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { useNotice } from "../../ui/notices";
import { Failed, Loading } from "../../ui/States";
import { NewArms } from "./NewArms";

interface ArmsProps {
  dishId: number;
  batchId: number;
}

/** One batch divided by weight into parts that each go their own way. */
export function Arms({ dishId, batchId }: ArmsProps) {
  const { data: sheet, error, refetch } = useArms(batchId);
  const say = useNotice();
  const clear = useClearingUp();
  if (!sheet) return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  const divide = async (arms: readonly Schemas["NewArm"][]) => {
    try {
      await ask(
        api.POST("/api/batches/{batch_id}/arms", {
          params: { path: { batch_id: batchId } },
          body: { arms: [...arms] },
        }),
      );
      say({ text: "Divided. Weigh each arm now." });
      return null;
    } catch (failure) {
      return failure instanceof ProblemError ? failure : new ProblemError(0, sentence(failure));
    }
  };
  if (sheet.arms.length === 0) {
    if (sheet.not_yet) return <p className="text-soft">{sheet.not_yet}</p>;
    return <NewArms sheet={sheet} onDivide={divide} />;
  }
  return (
    <section aria-label="Arms of this batch">
      <p className="mb-3 max-w-prose">
        What was mixed is divided: each arm is weighed, cooked, portioned and tasted for itself.
        What one of them did to the marks stands in Trials.
      </p>
      <ul className="border-t-2 border-ink">
        {sheet.arms.map((arm) => (
          <li key={arm.batch_id} className="grid gap-1 border-b border-rule py-3">
            <ArmRow
              arm={arm}
              dishId={dishId}
              onDelete={() => void clear("batch", arm.batch_id, arm.name, "deleted")}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

interface ArmRowProps {
  arm: Schemas["ArmState"];
  dishId: number;
  onDelete: () => void;
}

function ArmRow({ arm, dishId, onDelete }: ArmRowProps) {
  const to = (stage: string) => `/dishes/${dishId}/${stage}?batch=${arm.batch_id}`;
  const stages = arm.closed ? ["weigh", "cook", "portion", "taste", "card"] : ["weigh"];
  return (
    <>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-lg font-bold">{arm.name}</h2>
        <p>
          {arm.part_g == null ? "" : `${weighed(arm.part_g)} g`}
          {arm.closed ? "" : ", not weighed yet"}
          {" · "}
          {arm.pieces === 1 ? "1 piece" : `${arm.pieces} pieces`}
        </p>
      </div>
      {arm.changes.length > 0 && <p className="text-sm text-soft">{arm.changes.join("; ")}</p>}
      {arm.broken && <p className="text-mark">{arm.broken}</p>}
      {arm.serving && (
        <p>
          One serving <Amount figure={arm.serving.kcal} unit="kcal" /> kcal ·{" "}
          <Amount figure={arm.serving.protein_g} unit="g" /> g protein
        </p>
      )}
      <p className="flex flex-wrap items-center gap-x-4">
        {stages.map((stage) => (
          <Link key={stage} to={to(stage)} className="py-2 text-pencil underline">
            {NAMES[stage]}
          </Link>
        ))}
        <Button look="quiet" onClick={onDelete}>
          Delete {arm.name}
        </Button>
      </p>
    </>
  );
}

function Amount({ figure, unit }: { figure: AnyFigure; unit: "kcal" | "g" }) {
  const found = known(figure);
  const says = found ? valueText(found, unit) : unknownText(figure, unit);
  return <b className="font-mono">{says}</b>;
}

const NAMES: Record<string, string> = {
  weigh: "Weigh",
  cook: "Cook",
  portion: "Portion",
  taste: "Taste",
  card: "Card",
};
