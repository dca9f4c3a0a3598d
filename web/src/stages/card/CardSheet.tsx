import type { Schemas } from "../../api/client";
import { Balloon } from "../../drawing/Balloon";
import { photoAddress, STAGE_NAMES } from "../../dish/photos";
import { Stamp } from "../../drawing/Stamp";
import { TitleBlock } from "../../drawing/TitleBlock";
import { known, valueText } from "../../lib/figures";
import { count, day, figure, fixed, weighed } from "../../lib/format";
import { mark, marginOf } from "../../lib/marks";
import { BeforeEating } from "./BeforeEating";
import { BuildInGrams } from "./BuildInGrams";
import { Compact } from "./Compact";
import { Outside } from "./Sources";

interface CardSheetProps {
  card: Schemas["Card"];
  carbohydrate: "total" | "net";
}

/** The finished page: one side of A4 or Letter, legible in grey. */
export function CardSheet({ card, carbohydrate }: CardSheetProps) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-4 print:gap-2.5 print:leading-snug">
      <h1 className="text-2xl font-bold">
        {card.dish}{" "}
        <span className="font-normal text-soft">
          trial {card.letter}, {day(card.made_at)}
        </span>
      </h1>
      <TitleBlock
        dish={card.dish}
        trial={card.letter}
        state={card.closed ? "as weighed" : "weighing"}
        result={card.result}
        labelNames={card.behind.label_names}
        carbohydrate={carbohydrate}
        goals={card.goals}
        serving={card.divided.words}
      />
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-8 gap-y-4 lg:grid-cols-2 print:grid-cols-2 print:gap-x-5 print:gap-y-2.5">
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-4 print:gap-2.5">
          <Compact card={card} />
          <Plates plated={card.divided.plated} />
          <PlanAgainstMade card={card} />
          <BeforeEating eating={card.eating} />
          {card.tasted && <Tasted tasted={card.tasted} />}
        </div>
        <div className="grid grid-cols-[minmax(0,1fr)] content-start gap-4 print:gap-2.5">
          <BuildInGrams card={card} />
          <Steps steps={card.steps} />
        </div>
      </div>
      <CardPhotos photos={card.photos} />
      {card.behind.source_note && (
        <p className="text-sm text-soft">Source: {card.behind.source_note}</p>
      )}
      <Outside />
    </div>
  );
}

/** Photos that the cook wants on the card. */
function CardPhotos({ photos }: { photos: Schemas["Card"]["photos"] }) {
  if (photos.length === 0) return null;
  return (
    <div className="flex flex-wrap gap-3">
      {photos.map((photo) => (
        <img
          key={photo.id}
          src={photoAddress(photo.id)}
          width={photo.width}
          height={photo.height}
          alt={STAGE_NAMES[photo.stage]}
          className="h-40 w-auto border border-ink"
        />
      ))}
    </div>
  );
}

/** How it was found: the verdict as a stamp, the score with how many tasters, the lesson. */
function Tasted({ tasted }: { tasted: NonNullable<Schemas["Card"]["tasted"]> }) {
  const { verdict, score } = tasted;
  return (
    <section>
      <h2 className="font-bold">Tasted</h2>
      <p className="flex flex-wrap items-baseline gap-x-3">
        {verdict.stamp && <Stamp stamp={verdict.stamp} badge />}
        {score && (
          <span>
            <b>{mark(score.value)}</b> of 10 {marginOf(score.low, score.high)}
            <span className="text-soft">, {count(score.tasters, "taster")}</span>
          </span>
        )}
      </p>
      {tasted.credit && <p className="text-sm">{tasted.credit}</p>}
      {verdict.change && <p className="text-sm">To change: {verdict.change}</p>}
      {verdict.lesson && <p>Lesson: {verdict.lesson}</p>}
    </section>
  );
}

function Plates({ plated }: { plated: readonly Schemas["PlateWithFinish"][] }) {
  if (plated.length === 0) return null;
  return (
    <section>
      <h2 className="font-bold">With a finish</h2>
      <ul>
        {plated.map((plate) => {
          const kcal = known(plate.serving.kcal);
          const protein = known(plate.serving.protein_g);
          return (
            <li key={plate.finish.id} className="border-b border-rule py-0.5">
              {plate.finish.name}
              {plate.finish.eater && ` for ${plate.finish.eater}`}:{" "}
              <b>{kcal ? `${valueText(kcal, "kcal")} kcal` : "kcal unknown"}</b>
              {protein && `, ${valueText(protein, "g")} g protein`}
              <span className="block text-sm text-soft">
                {plate.lines.map((line) => `${weighed(line.grams)} g ${line.name}`).join(", ")}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

/** What was planned beside what was made; the yield; how far pieces differ. */
function PlanAgainstMade({ card }: { card: Schemas["Card"] }) {
  const { as_planned: plan } = card;
  const { cooked, spread } = card.divided;
  const kcal = known(card.result.serving.kcal);
  const rows = [
    plan.kcal != null &&
      kcal && {
        name: "planned and actual",
        text: `${figure(plan.kcal, "kcal")} kcal planned, ${valueText(kcal, "kcal")} made`,
      },
    card.by_older_rules && {
      name: "calculated anew",
      text: `Gasket’s rules have changed; by the older ones ${olderText(card.by_older_rules)}`,
    },
    cooked && {
      name: "cooked",
      text: `${weighed(cooked.cooked_g)} of ${weighed(cooked.raw_g)} g, ${fixed(cooked.share * 100, 0)} %`,
    },
    {
      name: spread.known ? "pieces differ" : "a piece by eye",
      text: `± ${fixed(spread.relative * 100, spread.relative < 0.1 ? 1 : 0)} %${spread.kcal == null ? "" : `, ± ${figure(spread.kcal, "kcal")} kcal`}`,
    },
  ].filter((row) => row !== false && row !== null);
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4">
      {rows.map((row) => (
        <div key={row.name} className="contents">
          <dt className="text-soft">{row.name}</dt>
          <dd>{row.text}</dd>
        </div>
      ))}
    </dl>
  );
}

/** "412 kcal and 31 g protein". */
function olderText({ kcal, protein_g }: Schemas["Before"]): string {
  const parts = [
    kcal != null && `${figure(kcal, "kcal")} kcal`,
    protein_g != null && `${figure(protein_g, "g")} g protein`,
  ].filter((part) => part !== false);
  return parts.length > 0 ? parts.join(" and ") : "it was not known";
}

function Steps({ steps }: { steps: readonly Schemas["CardStep"][] }) {
  if (steps.length === 0) return null;
  return (
    <section>
      <h2 className="font-bold">Steps</h2>
      <ol>
        {steps.map((step) => (
          <li
            key={step.number}
            className="grid grid-cols-[auto_1fr] gap-x-2 border-b border-rule py-0.5"
          >
            <Balloon n={step.number} />
            <span>
              {step.says}
              {step.detail && <span className="text-soft"> {step.detail}</span>}
              {step.took && <span className="text-soft"> ({step.took})</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
