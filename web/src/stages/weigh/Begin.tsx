import type { StageProps } from "../../dish/stage";
import { useBegin } from "../../dish/useBegin";
import { Button } from "../../ui/Button";

/** Begin a weigh-in of what is planned. */
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
  return <Button onClick={() => void begin()}>Weigh without a recipe</Button>;
}
