import type { Schemas } from "../../api/client";
import { useTrial, useTrialTastings } from "../../api/queries";
import { Difference } from "../../dish/Difference";
import { TastingMarks } from "../../dish/TastingMarks";
import { trialOptions } from "../../dish/trialOptions";
import { SectionView } from "../../drawing/SectionView";
import { day } from "../../lib/format";
import { Choice } from "../../ui/Field";
import { Loading } from "../../ui/States";
import { PhotoPair } from "./PhotoPair";
import type { Trial } from "./trials";

interface SideBySideProps {
  trials: readonly Trial[];
  pair: readonly [number, number];
  onPair: (pair: [number, number]) => void;
}

/** Any two trials cut open side by side: lines, steps, figures, tastings. */
export function SideBySide({ trials, pair, onPair }: SideBySideProps) {
  const [before, after] = pair;
  const [left, right] = pair.map((id) => trials.find((trial) => trial.id === id));
  const options = trialOptions(trials);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-5">
      <div className="grid gap-3 sm:grid-cols-2">
        <Choice
          label="Left"
          value={String(before)}
          options={options}
          onChange={(id) => onPair([Number(id), after])}
        />
        <Choice
          label="Right"
          value={String(after)}
          options={options}
          onChange={(id) => onPair([before, Number(id)])}
        />
      </div>
      <Sections before={before} after={after} />
      <section aria-label="What changed">
        <h2 className="text-lg font-bold">What changed</h2>
        <Difference trialId={after} to={before} />
        <Steps trial={trials.find((trial) => trial.id === after)} against={before} />
      </section>
      {left && right && <PhotoPair before={left} after={right} />}
      <div className="grid gap-6 sm:grid-cols-2">
        {pair.map((id) => (
          <Tastings key={id} trial={trials.find((trial) => trial.id === id)} />
        ))}
      </div>
    </div>
  );
}

function Sections({ before, after }: { before: number; after: number }) {
  const { data: left } = useTrial(before);
  const { data: right } = useTrial(after);
  if (!left || !right) return <Loading />;
  return (
    <SectionView
      title={`Trial ${left.letter} beside trial ${right.letter}`}
      theirs={`Trial ${left.letter}`}
      ours={`Trial ${right.letter}`}
      section={sectionOf(left, right)}
    />
  );
}

/** A difference that a scale shows. */
const SEEN_G = 0.1;

/** Two builds as one section: a line that is in both, in another amount, is linked to itself. */
function sectionOf(left: Schemas["TrialSheet"], right: Schemas["TrialSheet"]): Schemas["Section"] {
  const original = left.report.section.rebuild;
  const rebuild = right.report.section.rebuild;
  const before = new Map(original.layers.map((layer) => [layer.line_id, layer]));
  const links = rebuild.layers.flatMap((layer) => {
    const was = before.get(layer.line_id);
    const differs = was && Math.abs((was.grams ?? 0) - (layer.grams ?? 0)) >= SEEN_G;
    return differs ? [{ original: was.key, rebuild: layer.key }] : [];
  });
  return { original, rebuild, rebuild_at_equal_weight: null, links };
}

/** Steps that differ, where one of the two was copied from the other. */
function Steps({ trial, against }: { trial: Trial | undefined; against: number }) {
  if (trial?.copied_from !== against || trial.steps_changed.length === 0) return null;
  return (
    <ul className="mt-2">
      {trial.steps_changed.map((step) => (
        <li key={step}>{step}</li>
      ))}
    </ul>
  );
}

const MOST = 12;

function Tastings({ trial }: { trial: Trial | undefined }) {
  const { data: tastings } = useTrialTastings(trial?.id ?? 0);
  const said = (tastings ?? []).filter((tasting) => !tasting.archived);
  return (
    <section aria-label={`Tastings of trial ${trial?.letter ?? ""}`}>
      <h2 className="text-lg font-bold">Trial {trial?.letter}: what was said</h2>
      {said.length === 0 && <p className="text-soft">Nothing yet.</p>}
      <ul>
        {said.slice(0, MOST).map((tasting) => (
          <li key={tasting.id} className="border-t border-rule py-2">
            <p>
              <b>{tasting.taster}</b> <span className="text-soft">{day(tasting.at)}</span>
            </p>
            <TastingMarks of={tasting} />
          </li>
        ))}
      </ul>
      {said.length > MOST && <p className="text-sm text-soft">And {said.length - MOST} more.</p>}
    </section>
  );
}
