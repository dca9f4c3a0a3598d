import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { useTasteSheet } from "../../api/queries";
import type { StageProps } from "../../dish/stage";
import { ButtonLink } from "../../ui/Button";
import { Empty, Failed, Loading } from "../../ui/States";
import { Photos } from "./Photos";
import { TastingForm } from "./TastingForm";
import { useTasting } from "./useTasting";
import { VerdictForm } from "./VerdictForm";
import { WhatWasSaid } from "./WhatWasSaid";

/** Say how it was: a sheet for each taster, what was said, the verdict. */
export function TasteStage(props: StageProps) {
  const { dish, trial } = props;
  // While the next batch is being weighed, the one before it is still on the table.
  const batch = props.batch?.closed_at
    ? props.batch
    : trial.batches.findLast((made) => made.closed_at && !made.archived);
  if (!batch) {
    return (
      <Empty title="Nothing to taste yet">
        <p>Marks belong to a batch that was weighed.</p>
        <Link to={`/dishes/${dish.id}/weigh`} className="text-pencil underline">
          To the weigh-in
        </Link>
      </Empty>
    );
  }
  return <Tasting key={batch.id} {...props} batch={batch} />;
}

function Tasting({ dish, batch }: StageProps & { batch: Schemas["BatchSummary"] }) {
  const { data: sheet, error, refetch } = useTasteSheet(batch.id);
  const tasting = useTasting(batch.id);
  if (!sheet) return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  return (
    <div className="p-5 max-sm:p-3">
      <header className="flex flex-wrap items-start justify-between gap-x-4 gap-y-2">
        <h1 className="text-2xl font-bold">
          {dish.name} {sheet.letter}: tasting
        </h1>
        <ButtonLink to={`/dishes/${dish.id}/trials?trial=${sheet.trial_id}`} look="plain">
          Compare trials →
        </ButtonLink>
      </header>
      <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1fr)_23rem]">
        <TastingForm sheet={sheet} tasting={tasting} />
        <div className="grid content-start gap-6">
          <VerdictForm
            key={sheet.verdict_version}
            trialId={sheet.trial_id}
            letter={sheet.letter}
            verdict={sheet.verdict}
            version={sheet.verdict_version}
          />
          <Photos batchId={batch.id} />
          <WhatWasSaid sheet={sheet} tasting={tasting} />
        </div>
      </div>
    </div>
  );
}
