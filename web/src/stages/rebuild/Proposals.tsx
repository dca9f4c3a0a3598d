import { useState } from "react";

import { api, ask, type ProblemError, type Schemas } from "../../api/client";
import { figure, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Toggle } from "../../ui/Toggle";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { GoalMarks } from "../../drawing/GoalMarks";
import { MovedLine, type Trying } from "../../lines/SwapList";
import { useDeed } from "../../ui/useDeed";

interface ProposalsProps {
  draft: BuildDraft;
  trialId: number;
  trying: Trying;
}

/** Up to three ways to the goal; else what collides, and the closest build. */
export function Proposals({ draft, trialId, trying }: ProposalsProps) {
  const [swaps, setSwaps] = useState(true);
  const [busy, setBusy] = useState(false);
  const [found, setFound] = useState<{ answer: Schemas["GoalReached"]; build: unknown }>();
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem);
  const reach = async () => {
    setBusy(true);
    trying.preview(null);
    await deed.run(async () => {
      const answer = await ask(
        api.POST("/api/trials/{trial_id}/reach", {
          params: { path: { trial_id: trialId } },
          body: { build: draft.build, swaps },
        }),
      );
      setFound({ answer, build: draft.build });
      setProblem(undefined);
    });
    setBusy(false);
  };
  const stale = found !== undefined && found.build !== draft.build;
  return (
    <section aria-label="Find ways" className="border-t border-rule pt-3">
      <div className="flex flex-wrap items-center gap-3">
        <Button look="main" onClick={() => void reach()} disabled={busy}>
          {busy ? "Searching…" : "Find ways"}
        </Button>
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-4"
            checked={swaps}
            onChange={(event) => setSwaps(event.target.checked)}
          />
          swaps allowed
        </label>
      </div>
      {problem && (
        <p role="alert" className="mt-1 text-mark">
          {problem.faults[0]?.message ?? problem.message}
        </p>
      )}
      {found && stale && (
        <p className="mt-2 text-soft">The build has changed since. Search again.</p>
      )}
      {found && !stale && <Answer answer={found.answer} trying={trying} />}
    </section>
  );
}

function Answer({ answer, trying }: { answer: Schemas["GoalReached"]; trying: Trying }) {
  const { reached } = answer;
  const labels = Object.values(answer.labels);
  const nothing = reached.collides.length > 0;
  return (
    <div className="mt-2" role="status">
      {nothing && <Collision collides={reached.collides} />}
      <ul>
        {answer.proposals.map((proposal) => (
          <Proposal key={proposal.proposal.key} worked={proposal} labels={labels} trying={trying} />
        ))}
      </ul>
      {reached.prices.length > 0 && (
        <ul className="mt-2 text-sm" aria-label="What the limits cost">
          {reached.prices.map((price) => (
            <li key={price.key}>{price.says}</li>
          ))}
        </ul>
      )}
      <p className="mt-1 text-sm text-soft">
        {reached.free} lines could move, {reached.swaps} swaps were looked at.
        {reached.kept.length > 0 && ` Kept: ${reached.kept.join(", ")}.`}
      </p>
    </div>
  );
}

function Collision({ collides }: { collides: readonly string[] }) {
  const [one, ...others] = collides;
  return (
    <p className="border-l-4 border-mark bg-wash px-3 py-2">
      {others.length === 0 ? (
        <>
          Nothing fits: <b>{one}</b> is out of reach with the lines that may move.
        </>
      ) : (
        <>
          Nothing fits: <b>{collides.join(", ")}</b> collide. Give way on one of them, free a line,
          or take the closest build.
        </>
      )}
    </p>
  );
}

interface ProposalProps {
  worked: Schemas["WorkedProposal"];
  labels: readonly Schemas["ShelfLabel"][];
  trying: Trying;
}

function Proposal({ worked, labels, trying }: ProposalProps) {
  const { proposal, goals } = worked;
  const tried =
    trying.change !== null && JSON.stringify(trying.change) === JSON.stringify(proposal.change);
  if (proposal.lines.length === 0) {
    return (
      <li className="border-t border-rule py-2">
        <b>{proposal.name}</b>: it is there already, nothing needs to change.
      </li>
    );
  }
  return (
    <li className={`border-t border-rule py-2 ${tried ? "bg-wash" : ""}`}>
      <div className="flex flex-wrap items-center gap-3">
        <h2 className="min-w-0 flex-1 font-bold">
          {proposal.name}{" "}
          <span className="font-normal text-soft">
            {proposal.lines.length === 1 ? "1 line" : `${proposal.lines.length} lines`}
            {!proposal.proven && ", best found in time"}
          </span>
        </h2>
        <Toggle
          small
          on={tried}
          onChoose={() => trying.preview(tried ? null : proposal.change, labels)}
        >
          Try it
        </Toggle>
        <Button
          className="min-h-8! max-sm:min-h-11!"
          onClick={() => trying.apply(proposal.change, `${proposal.name}: done.`, labels)}
        >
          Do it
        </Button>
      </div>
      <ul className="text-[15px]">
        {proposal.lines.map((line) => (
          <li key={line.line_id}>
            {line.name}{" "}
            <b>
              {weighed(line.before_g)} → {weighed(line.after_g)} g
            </b>
            {line.goes_in.map((food) => (
              <span key={food.label_id}>
                {" "}
                + <b>{figure(food.grams, "g")} g</b> {food.name}
              </span>
            ))}
            {line.swap && <span className="text-soft"> · {line.swap}</span>}
          </li>
        ))}
      </ul>
      <MovedLine moved={proposal.moved} />
      <GoalMarks goals={goals} />
    </li>
  );
}
