import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { Stamp } from "../../drawing/Stamp";
import { wordSays } from "../../dish/tastingSays";
import { known } from "../../lib/figures";
import { day, figure } from "../../lib/format";
import { marginOf, mark } from "../../lib/marks";
import { changesSay, depths, type Trial } from "./trials";

interface RevisionTableProps {
  history: Schemas["History"];
  picked: readonly number[];
  onPick: (id: number) => void;
}

/** The drawing's revision table: a row a trial, newest on top, branches indented. */
export function RevisionTable({ history, picked, onPick }: RevisionTableProps) {
  const deep = depths(history.trials);
  const { original } = history;
  return (
    <ul aria-label="Trials" className="border-t-2 border-ink">
      {history.trials.map((trial) => (
        <li
          key={trial.id}
          style={{ marginLeft: `${(deep.get(trial.id) ?? 0) * 1.5}rem` }}
          className={`border-b border-l border-ink ${trial.id === history.opens ? "border-l-4" : "border-l-rule"}`}
        >
          <Row
            trial={trial}
            history={history}
            picked={picked.includes(trial.id)}
            onPick={() => onPick(trial.id)}
          />
        </li>
      ))}
      <li className="grid grid-cols-[3rem_1fr] gap-x-3 border-b border-ink p-2 text-soft sm:grid-cols-[3rem_1fr_7rem_8rem]">
        <span aria-hidden="true">–</span>
        <span>{original.name}</span>
        <span>
          {original.kcal == null ? "kcal unknown" : `${figure(original.kcal, "kcal")} kcal`}
        </span>
        <span>{original.score ? <ScoreText score={original.score} /> : "not tasted"}</span>
      </li>
    </ul>
  );
}

interface RowProps {
  trial: Trial;
  history: Schemas["History"];
  picked: boolean;
  onPick: () => void;
}

function Row({ trial, history, picked, onPick }: RowProps) {
  const parent = history.trials.find((other) => other.id === trial.copied_from);
  const changes = changesSay(trial);
  return (
    <div className="grid grid-cols-[3rem_minmax(0,1fr)] gap-x-3 gap-y-1 p-2 sm:grid-cols-[3rem_minmax(0,1fr)_7rem_8rem]">
      <label className="flex min-h-11 cursor-pointer items-start gap-2">
        <input
          type="checkbox"
          aria-label={`Pick trial ${trial.letter}`}
          checked={picked}
          onChange={onPick}
          className="mt-1.5 size-4 accent-ink"
        />
        <b className="text-xl leading-7">{trial.letter}</b>
      </label>
      <div className="min-w-0">
        <p className="flex flex-wrap items-baseline gap-x-3">
          <Link
            to={`/dishes/${history.dish_id}/build?trial=${trial.id}`}
            className="font-semibold hover:underline"
          >
            {trial.intent || (parent ? `From ${parent.letter}` : "The first trial")}
          </Link>
          <span className="text-sm text-soft">
            {trial.made_at ? day(trial.made_at) : "not made yet"}
            {trial.archived && ", archived"}
          </span>
        </p>
        {changes.length > 0 && (
          <p className="text-sm">
            <span className="text-soft">{parent ? `against ${parent.letter}: ` : ""}</span>
            {changes.join("; ")}
          </p>
        )}
        {parent && changes.length === 0 && (
          <p className="text-sm text-soft">Nothing changed against {parent.letter} yet.</p>
        )}
        <CreditText credit={trial.credit} />
        {trial.words.length > 0 && (
          <p className="text-sm text-soft">
            {trial.words.map((word) => `${wordSays(word.word)} ×${word.tasters}`).join(", ")}
          </p>
        )}
        <Arms trial={trial} dishId={history.dish_id} />
        {trial.broken && <p className="text-sm text-mark">{trial.broken}</p>}
        {trial.verdict.change && (
          <p className="text-sm">
            <span className="text-soft">To change: </span>
            {trial.verdict.change}
          </p>
        )}
        {trial.verdict.lesson && (
          <p className="text-sm">
            <span className="text-soft">Lesson: </span>
            {trial.verdict.lesson}
          </p>
        )}
      </div>
      <Figures trial={trial} />
      <div className="max-sm:col-start-2">
        <p>{trial.score ? <ScoreText score={trial.score} /> : <NotTasted trial={trial} />}</p>
        {trial.again > 0 && <p className="text-sm text-soft">Again: yes ×{trial.again}</p>}
        {trial.verdict.stamp && (
          <p className="mt-1">
            <Stamp stamp={trial.verdict.stamp} badge />
          </p>
        )}
      </div>
    </div>
  );
}

/** What a change did, and what the comparison suffers from. */
function CreditText({ credit }: { credit: Trial["credit"] }) {
  if (!credit) return null;
  return (
    <>
      {credit.told !== "untested" && <p className="text-sm">{credit.says}</p>}
      {credit.notes.map((note) => (
        <p key={note} className="text-sm text-mark">
          {note}
        </p>
      ))}
    </>
  );
}

/** The arms that batches of it were divided into: what each did otherwise, and what that did. */
function Arms({ trial, dishId }: { trial: Trial; dishId: number }) {
  if (trial.arms.length === 0) return null;
  return (
    <ul aria-label={`Arms of trial ${trial.letter}`} className="my-1 border-l-2 border-rule pl-3">
      {trial.arms.map((arm) => {
        const kcal = known(arm.kcal);
        return (
          <li key={arm.batch_id} className="py-1 text-sm">
            <p className="flex flex-wrap items-baseline gap-x-3">
              <Link
                to={`/dishes/${dishId}/taste?batch=${arm.batch_id}`}
                className="font-semibold hover:underline"
              >
                {arm.name}
              </Link>
              <span>{kcal ? `${figure(kcal.value, "kcal")} kcal` : "kcal unknown"}</span>
              {arm.score ? (
                <span className="flex items-baseline gap-1">
                  <ScoreText score={arm.score} />
                </span>
              ) : (
                <span className="text-soft">not tasted</span>
              )}
            </p>
            {arm.changes.length > 0 && <p className="text-soft">{arm.changes.join("; ")}</p>}
            <CreditText credit={arm.credit} />
          </li>
        );
      })}
    </ul>
  );
}

function Figures({ trial }: { trial: Trial }) {
  const [kcal, protein] = [known(trial.kcal), known(trial.protein_g)];
  return (
    <p className="max-sm:col-start-2">
      {kcal ? `${figure(kcal.value, "kcal")} kcal` : "kcal unknown"}
      <br className="max-sm:hidden" />
      <span className="sm:hidden">, </span>
      {protein ? `${figure(protein.value, "g")} g protein` : ""}
      {trial.kcal_equal != null && (
        <span className="block text-sm text-soft">
          {figure(trial.kcal_equal, "kcal")} kcal at equal weight
        </span>
      )}
    </p>
  );
}

function NotTasted({ trial }: { trial: Trial }) {
  return <span className="text-soft">{trial.made_at ? "not tasted" : ""}</span>;
}

/** A score with its scatter and how many said it. */
export function ScoreText({ score }: { score: Schemas["Score"] }) {
  return (
    <>
      <b className="font-mono text-lg">{mark(score.value)}</b>{" "}
      <span className="text-sm text-soft">
        {marginOf(score.low, score.high)}
        <span className="block">
          {score.tasters === 1 ? "1 taster" : `${score.tasters} tasters`}
        </span>
      </span>
    </>
  );
}
