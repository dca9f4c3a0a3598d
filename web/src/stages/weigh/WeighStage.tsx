import { Button } from "../../ui/Button";
import { Empty } from "../../ui/States";
import type { StageProps } from "../dish/DishPage";
import { useBegin } from "./useBegin";
import { WeighIn } from "./WeighIn";

/** The weigh-in of the current batch, or the beginning of one. */
export function WeighStage(props: StageProps) {
  if (!props.batch) {
    return (
      <Empty title="Nothing weighed yet">
        <p>
          A weigh-in takes the lines of trial {props.trial.letter} one by one: put the bowl on the
          scale, tare, pour to the target. What went in is kept, not what was planned.
        </p>
        <div className="flex flex-wrap gap-3">
          <Begin {...props} />
          <BeginFreely {...props} />
        </div>
        <p className="text-soft">
          Or cook first and write later: pour anything, say what it was before or after. The trial
          writes itself.
        </p>
      </Empty>
    );
  }
  return <WeighIn {...props} batch={props.batch} />;
}

export function Begin({
  dish,
  trial,
  again = false,
}: Pick<StageProps, "dish" | "trial"> & { again?: boolean }) {
  const begin = useBegin({ dish, trial });
  return (
    <Button
      look={again ? "plain" : "main"}
      onClick={() => void begin()}
      className="justify-self-start"
    >
      {again ? "Weigh another batch" : "Begin the weigh-in"}
    </Button>
  );
}

/** Nothing planned: the trial writes itself from what is poured. */
export function BeginFreely({ dish, trial }: Pick<StageProps, "dish" | "trial">) {
  const begin = useBegin({ dish, trial }, true);
  return <Button onClick={() => void begin()}>Cook first, write later</Button>;
}
