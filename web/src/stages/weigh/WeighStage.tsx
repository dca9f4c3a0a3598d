import { Empty } from "../../ui/States";
import type { StageProps } from "../../dish/stage";
import { Lessons } from "../../dish/Lessons";
import { Begin, BeginFreely } from "./Begin";
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
        <Lessons dish={props.dish} trial={props.trial} />
        <div className="flex flex-wrap gap-3">
          <Begin {...props} />
          <BeginFreely {...props} />
        </div>
        <p className="text-soft">
          Or weigh without a recipe: pour anything, and say what it was before or after. The trial
          writes itself.
        </p>
      </Empty>
    );
  }
  return <WeighIn {...props} batch={props.batch} />;
}
