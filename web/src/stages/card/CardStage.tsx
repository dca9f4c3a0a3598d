import { useRef } from "react";
import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { useCard, useSettings } from "../../api/queries";
import { sectionOf } from "../../drawing/section";
import { SectionView } from "../../drawing/SectionView";
import { weighed } from "../../lib/format";
import { Findings } from "../../ui/Findings";
import { Empty, Failed, Loading } from "../../ui/States";
import type { StageProps } from "../../dish/stage";
import { BesideOriginal } from "./BesideOriginal";
import { CardActions } from "./CardActions";
import { CardSheet } from "./CardSheet";
import { Figures } from "./FiguresTable";
import { Sources } from "./Sources";

/** The finished card: what was weighed, what one serving holds, who says so. */
export function CardStage({ dish, trial, batch }: StageProps) {
  const { data: card, error, isPending, refetch } = useCard(batch?.id);
  const { data: settings } = useSettings();
  if (!batch) {
    return (
      <Empty title="No card yet">
        <p>
          A card is calculated from what was weighed. Weigh a batch of trial {trial.letter} first.
        </p>
        <Link to={`/dishes/${dish.id}/weigh`} className="text-pencil underline">
          To the weigh-in
        </Link>
      </Empty>
    );
  }
  if (isPending || !settings) return <Loading />;
  if (error) return <Failed error={error} retry={() => void refetch()} />;
  return <Card card={card} trial={trial} carbohydrate={settings.carbohydrate ?? "total"} />;
}

interface CardProps {
  card: Schemas["Card"];
  trial: Schemas["TrialSummary"];
  carbohydrate: "total" | "net";
}

/** The finished page, and on the screen what stands behind its figures. */
function Card({ card, trial, carbohydrate }: CardProps) {
  const { result } = card;
  const page = useRef<HTMLDivElement>(null);
  return (
    <article className="p-5 max-sm:p-3 print:p-0">
      <style>{`@page { size: ${card.paper === "letter" ? "letter" : "A4"}; margin: 11mm; }`}</style>
      <header className="flex flex-wrap items-center justify-between gap-x-6 gap-y-2 print:hidden">
        <Batches trial={trial} card={card} />
        <CardActions card={card} page={page} />
      </header>
      {!card.closed && (
        <p className="mt-1 text-mark print:hidden">
          The weigh-in is not closed: open lines count as planned.
        </p>
      )}
      <div ref={page} className="mt-3 bg-sheet print:mt-0">
        <CardSheet card={card} carbohydrate={carbohydrate} />
      </div>
      <section aria-label="Behind the figures" className="mt-8 print:hidden">
        <h2 className="border-t border-ink pt-3 text-lg font-bold">Behind the figures</h2>
        <div className="mt-3 grid gap-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
          <div className="min-w-0">
            <Figures card={card} bases={basesOf(card)} />
            {!result.per_100g && (
              <p className="text-soft">Per 100 g waits for something that weighs something.</p>
            )}
            <BesideOriginal result={result} />
          </div>
          <div className="min-w-0">
            <SectionView
              title={`${card.dish}: original beside trial ${card.letter}, as weighed`}
              ours={`Trial ${card.letter}, as weighed`}
              section={sectionOf(result, card.behind.names, card.behind.original_column ?? null)}
              height={360}
            />
            <Findings findings={result.findings} className="mt-5" />
            <Sources card={card} />
          </div>
        </div>
      </section>
    </article>
  );
}

function basesOf({ result }: Schemas["Card"]) {
  const grams = result.serving.grams;
  const serving = {
    title: "Per serving",
    detail: grams == null ? "" : `${weighed(Math.round(grams * 10) / 10)} g`,
    facts: result.serving,
  };
  if (!result.per_100g) return [serving];
  return [serving, { title: "Per 100 g", detail: rawOrCooked(result), facts: result.per_100g }];
}

const WEIGHT_OF = { cooked: "cooked", mixture: "mixture", lines: "of lines" } as const;

function rawOrCooked({ weight_g: grams, weight_of: of }: Schemas["Card"]["result"]): string {
  if (grams == null || of == null) return "of a weight that is not known";
  return `of ${weighed(grams)} g ${WEIGHT_OF[of]}`;
}

function Batches({ trial, card }: Pick<CardProps, "trial" | "card">) {
  // Arms have a row of links of their own.
  const whole = trial.batches.filter((batch) => batch.arm_of == null);
  const shown = trial.batches.find((batch) => batch.id === card.batch_id);
  const open = shown?.arm_of ?? card.batch_id;
  if (whole.length < 2) return <span />;
  return (
    <nav aria-label="Batches of this trial" className="flex flex-wrap gap-1">
      {whole.map((batch, i) => (
        <Link
          key={batch.id}
          to={`?batch=${batch.id}`}
          aria-current={batch.id === open ? "page" : undefined}
          className={`inline-flex min-h-11 items-center border border-rule px-2.5 ${batch.id === open ? "bg-ink text-sheet" : "hover:bg-wash"}`}
        >
          Batch {i + 1}
        </Link>
      ))}
    </nav>
  );
}
