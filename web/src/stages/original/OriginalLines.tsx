import type { Schemas } from "../../api/client";
import { useTrial } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Findings } from "../../ui/Findings";
import { Failed, Loading } from "../../ui/States";
import { ComponentTable, NewComponent } from "../../lines/ComponentTable";
import { balloons } from "../../lines/draft";
import { PortionsField } from "../../lines/LinesTab";
import { Pending } from "../../lines/Pending";
import { useBuildDraft } from "../../lines/useBuildDraft";
import { useReckoned } from "../../lines/useReckoned";

interface OriginalLinesProps {
  trialId: number;
  dish: Schemas["DishSheet"];
}

/** The original as ingredients: quick entry or a pasted recipe, calculated like a trial. */
export function OriginalLines({ trialId, dish }: OriginalLinesProps) {
  const { data, error, isPending, refetch } = useTrial(trialId);
  if (isPending) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return <Lines dish={dish} sheet={data} />;
}

function Lines({ dish, sheet }: { dish: Schemas["DishSheet"]; sheet: Schemas["TrialSheet"] }) {
  const draft = useBuildDraft(sheet);
  const reckoned = useReckoned(sheet.id, draft.build, sheet.report);
  const components = draft.build.components ?? [];
  return (
    <section aria-label="Ingredients of the original">
      <h2 className="text-lg font-bold">Its ingredients</h2>
      {components.length === 0 && (
        <p className="mb-3 max-w-prose">
          Nothing in it yet. Name its first component, then type lines like “115 g butter”, or paste
          the whole recipe.
        </p>
      )}
      {components.map((part, i) => (
        <ComponentTable
          key={i}
          at={i}
          part={part}
          draft={draft}
          trialId={sheet.id}
          dishId={dish.id}
          numbers={balloons(draft.build)}
          reckoned={reckoned}
          selected={null}
          onSelect={() => undefined}
        />
      ))}
      <Pending draft={draft} trialId={sheet.id} takesSteps={false} makes={dish.name} />
      <NewComponent draft={draft} />
      <div className="my-3 flex flex-wrap items-end justify-between gap-4">
        <PortionsField draft={draft} label="Servings" hint="Into how many the recipe divides." />
        <Button onClick={draft.undo} disabled={!draft.canUndo}>
          Undo
        </Button>
      </div>
      <Findings findings={reckoned.result.findings} className="mt-4" />
    </section>
  );
}
