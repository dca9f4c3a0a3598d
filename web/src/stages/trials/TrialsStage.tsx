import { Tabs } from "radix-ui";
import { useState } from "react";

import { useHistory } from "../../api/queries";
import type { StageProps } from "../../dish/stage";
import { useTab } from "../../lib/useTab";
import { Button, ButtonLink } from "../../ui/Button";
import { Failed, Loading } from "../../ui/States";
import { TabList } from "../../ui/TabList";
import { BlindTab } from "./BlindTab";
import { FrontierTab } from "./FrontierTab";
import { NextTab } from "./NextTab";
import { RevisionTable } from "./RevisionTable";
import { SideBySide } from "./SideBySide";

const TABS = [
  ["table", "All trials"],
  ["compare", "Side by side"],
  ["frontier", "Score and kcal"],
  ["next", "What next"],
  ["blind", "Blind tests"],
] as const;

/** The lab book of a dish: what each trial changed, what that did, what to try next. */
export function TrialsStage({ dish, trial }: StageProps) {
  const { data: history, error, refetch } = useHistory(dish.id);
  const [tab, setTab] = useTab(TABS);
  const [picked, setPicked] = useState<number[]>([]);
  const [chosenPair, setPair] = useState<[number, number]>();
  const [from, setFrom] = useState(trial.id);
  if (!history) return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  const pair = chosenPair ?? usualPair(history.trials, trial);
  const pick = (id: number) =>
    setPicked(
      picked.includes(id) ? picked.filter((other) => other !== id) : [...picked, id].slice(-2),
    );
  const [first, second] = picked;
  const compare = () => {
    if (first === undefined || second === undefined) return;
    // The older stands left, as before stands before after.
    setPair(first < second ? [first, second] : [second, first]);
    setTab("compare");
  };
  return (
    <Tabs.Root value={tab} onValueChange={setTab} className="p-5 max-sm:p-3">
      <header className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <h1 className="text-2xl font-bold">{dish.name}: trials</h1>
        <ButtonLink to={`/dishes/${dish.id}/trials?trial=${trial.id}&tab=next`} look="main">
          What next →
        </ButtonLink>
      </header>
      <p className="text-sm text-soft">{scatterSays(history)}</p>
      <TabList label="Trials" tabs={TABS} />
      <Tabs.Content value="table">
        <RevisionTable history={history} picked={picked} onPick={pick} />
        {history.trials.length > 1 && (
          <p className="mt-3">
            <Button disabled={second === undefined} onClick={compare}>
              {second === undefined ? "Pick two to compare" : "Compare the two"}
            </Button>
          </p>
        )}
      </Tabs.Content>
      <Tabs.Content value="compare">
        {pair ? (
          <SideBySide trials={history.trials} pair={pair} onPair={setPair} />
        ) : (
          <p className="text-soft">
            There is one trial so far. The next one stands beside it here.
          </p>
        )}
      </Tabs.Content>
      <Tabs.Content value="frontier">
        <FrontierTab history={history} />
      </Tabs.Content>
      <Tabs.Content value="next">
        <NextTab dishId={dish.id} trials={history.trials} from={from} onFrom={setFrom} />
      </Tabs.Content>
      <Tabs.Content value="blind">
        <BlindTab dishId={dish.id} letters={history.trials.map((kept) => kept.letter)} />
      </Tabs.Content>
    </Tabs.Root>
  );
}

function usualPair(
  trials: readonly { id: number; copied_from: number | null }[],
  trial: { id: number },
): [number, number] | undefined {
  const here = trials.find((entry) => entry.id === trial.id);
  const other = here?.copied_from ?? trials.find((entry) => entry.id !== trial.id)?.id;
  if (other === undefined || !here) return undefined;
  return other < here.id ? [other, here.id] : [here.id, other];
}

function scatterSays(history: { scatter: number | null; tasters: number }): string {
  if (history.tasters === 0) return "Nobody has tasted yet: scores come with the first tastings.";
  if (history.scatter == null) {
    return "Scores have no margin yet: that takes two tasters and two trials.";
  }
  const scatter = history.scatter.toFixed(1);
  return `One taster’s mark strays by about ${scatter} from what all would say. A difference within the margins is no difference.`;
}
