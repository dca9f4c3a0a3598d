import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { useCard, useSettings } from "../../api/queries";
import { sectionOf } from "../../drawing/section";
import { SectionView } from "../../drawing/SectionView";
import { TitleBlock } from "../../drawing/TitleBlock";
import { count, day, figure, signed, weighed } from "../../lib/format";
import { sourceName } from "../../lib/sources";
import { Button } from "../../ui/Button";
import { Findings } from "../../ui/Findings";
import { Empty, Failed, Loading } from "../../ui/States";
import type { StageProps } from "../dish/DishPage";
import { Figures } from "./FiguresTable";

/** The finished card: what was weighed, what one serving holds, who says so. */
export function CardStage({ dish, trial, batch }: StageProps) {
  const { data: card, error, isPending, refetch } = useCard(batch?.id);
  const { data: settings } = useSettings();
  if (!batch) {
    return (
      <Empty title="No card yet">
        <p>
          A card is reckoned from what was weighed. Weigh a batch of trial {trial.letter} first.
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

function Card({ card, trial, carbohydrate }: CardProps) {
  const { result } = card;
  return (
    <article className="p-5 max-sm:p-3">
      <header className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-2">
        <h1 className="text-2xl font-bold">
          {card.dish}{" "}
          <span className="font-normal text-soft">
            trial {card.letter}, {day(card.made_at)}
          </span>
        </h1>
        <div className="flex flex-wrap gap-2 print:hidden">
          <Batches trial={trial} card={card} />
          <a
            href={`/api/batches/${card.batch_id}/file`}
            download
            className="inline-flex min-h-11 items-center border border-ink px-3.5 text-[15px] font-semibold hover:bg-wash"
          >
            Export
          </a>
          <Button onClick={() => window.print()}>Print</Button>
        </div>
      </header>
      {!card.closed && (
        <p className="mt-1 text-mark">The weigh-in is not closed: open lines count as planned.</p>
      )}
      <div className="mt-4 grid gap-6 lg:grid-cols-[minmax(0,1.6fr)_minmax(0,1fr)]">
        <div className="min-w-0">
          <TitleBlock
            dish={card.dish}
            trial={card.letter}
            state={card.closed ? "as weighed" : "weighing"}
            result={result}
            labelNames={card.label_names}
            carbohydrate={carbohydrate}
            goals={card.goals}
          />
          <div className="mt-5">
            <Figures card={card} bases={basesOf(card)} />
          </div>
          {!result.per_100g && (
            <p className="text-soft">Per 100 g waits for something that weighs something.</p>
          )}
          <BesideOriginal result={result} />
          <BuildInGrams card={card} />
        </div>
        <div className="min-w-0">
          <SectionView
            title={`${card.dish}: original beside trial ${card.letter}, as weighed`}
            ours={`Trial ${card.letter}, as weighed`}
            section={sectionOf(result, card.names, card.original_column ?? null)}
            height={360}
          />
          <Findings findings={result.findings} className="mt-5" />
          <Outside />
          <Sources card={card} />
        </div>
      </div>
    </article>
  );
}

function basesOf({ result, ...card }: Schemas["Card"]) {
  const grams = result.serving.grams;
  const serving = {
    title: "Per serving",
    detail: grams == null ? "" : `${weighed(grams)} g`,
    facts: result.serving,
  };
  if (!result.per_100g) return [serving];
  return [
    serving,
    { title: "Per 100 g", detail: rawOrCooked({ result, ...card }), facts: result.per_100g },
  ];
}

function rawOrCooked(card: Schemas["Card"]): string {
  const { cooked_g: cooked, mixture_g: mixture } = card.batch;
  if (cooked != null) return `of ${weighed(cooked)} g cooked`;
  if (mixture != null) return `of ${weighed(mixture)} g mixture`;
  const { weight_g: lines } = card.result;
  return lines == null ? "of a weight that is not known" : `of ${weighed(lines)} g of lines`;
}

function Batches({ trial, card }: Pick<CardProps, "trial" | "card">) {
  if (trial.batches.length < 2) return null;
  return (
    <nav aria-label="Batches of this trial" className="flex flex-wrap gap-1">
      {trial.batches.map((batch, i) => (
        <Link
          key={batch.id}
          to={`?batch=${batch.id}`}
          aria-current={batch.id === card.batch_id ? "page" : undefined}
          className={`inline-flex min-h-11 items-center border border-rule px-2.5 ${batch.id === card.batch_id ? "bg-ink text-sheet" : "hover:bg-wash"}`}
        >
          Batch {i + 1}
        </Link>
      ))}
    </nav>
  );
}

function BesideOriginal({ result }: { result: Schemas["Result"] }) {
  const { original } = result;
  if (original?.kcal == null) return null;
  const equal = original.at_equal_weight;
  const rows = [
    { name: "kcal", unit: "kcal", key: "kcal" },
    { name: "protein g", unit: "g", key: "protein_g" },
    { name: "carbohydrate g", unit: "g", key: "carbohydrate_g" },
    { name: "fat g", unit: "g", key: "fat_g" },
  ] as const;
  const cell = (value: number | null | undefined, unit: "kcal" | "g") =>
    value == null ? "unknown" : figure(value, unit);
  const stated = (value: number | null | undefined) => (value == null ? "unknown" : weighed(value));
  return (
    <section className="mt-6">
      <h2 className="font-bold">Beside the original</h2>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Beside the original">
        <table className="mt-1 w-full border-collapse text-right">
          <thead className="text-sm text-soft">
            <tr className="border-b border-ink align-bottom">
              <td />
              <th className="px-2 font-normal">
                original{original.serving_g != null && `, ${weighed(original.serving_g)} g`}
              </th>
              <th className="px-2 font-normal">
                ours, one serving
                {result.serving.grams != null && `, ${weighed(result.serving.grams)} g`}
              </th>
              <th className="pl-2 font-normal">
                ours, equal weight{equal && `, ${weighed(equal.grams)} g`}
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.key} className="border-b border-rule">
                <th className="py-1 text-left font-normal">{row.name}</th>
                <td className="px-2">{stated(original[row.key])}</td>
                <td className="px-2 font-bold">{cell(result.serving[row.key]?.value, row.unit)}</td>
                <td className="pl-2">{cell(equal?.[row.key], row.unit)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      {!equal && (
        <p className="mt-1 text-sm text-soft">At equal weight waits for both serving weights.</p>
      )}
    </section>
  );
}

function Outside() {
  return (
    <p className="mt-4 text-sm text-soft">
      The margin holds if the labels are right as rounded. Outside it: labels that are wrong within
      the legal tolerance, the scale’s own accuracy, and how fruit, meat and flour vary by nature.
    </p>
  );
}

function BuildInGrams({ card }: { card: Schemas["Card"] }) {
  return (
    <section className="mt-6">
      <h2 className="font-bold">
        Build in grams{" "}
        <span className="font-normal text-soft">{count(card.portions, "portion")}</span>
      </h2>
      <table className="mt-1 w-full border-collapse">
        <thead className="text-sm text-soft">
          <tr className="border-b border-ink">
            <th className="py-1 text-left font-normal">line</th>
            <th className="px-2 text-right font-normal">weighed g</th>
            <th className="pl-2 text-right font-normal">planned g</th>
          </tr>
        </thead>
        <tbody>
          {card.lines.map((line, i) => (
            <tr key={i} className="border-b border-rule">
              <td className="py-1">
                {line.name}
                {line.component !== card.lines[i - 1]?.component && (
                  <span className="text-sm text-soft"> · {line.component}</span>
                )}
                <WentOtherwise line={line} />
              </td>
              <td className="px-2 text-right font-bold">{lineWeight(line)}</td>
              <td className="pl-2 text-right text-soft">{weighed(line.target_g)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

/** What was not as planned: another food, none of it, a cue instead of a weight. */
function WentOtherwise({ line }: { line: Schemas["CardLine"] }) {
  const says = [
    line.planned_name != null &&
      `instead of ${line.planned_name}${line.kcal_more == null ? "" : ` (${signed(line.kcal_more, "kcal")} kcal a serving)`}`,
    !line.planned && "not planned",
    line.cue !== "" && `until it was right: ${line.cue}`,
    line.reason !== "" && line.reason,
  ].filter(Boolean);
  if (says.length === 0) return null;
  return <span className="block text-sm text-soft">{says.join(" · ")}</span>;
}

function lineWeight(line: Schemas["CardLine"]): string {
  if (line.skipped) return "skipped";
  if (line.grams == null) return "open";
  return `${line.estimated ? "≈ " : ""}${weighed(line.grams)}`;
}

function Sources({ card }: { card: Schemas["Card"] }) {
  return (
    <section className="mt-5">
      <h2 className="font-bold">Says who</h2>
      <ol className="mt-1 grid gap-2 text-sm">
        {Object.values(card.sources).map((source, i) => (
          <li key={source.key} id={`source-${source.key}`} className="grid grid-cols-[1.5rem_1fr]">
            <span className="text-soft">{i + 1}</span>
            <span>
              <b>{sourceName(source)}</b>. {source.says}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
