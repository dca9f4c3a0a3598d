import { useNavigate } from "react-router";

import { api, ask, type Schemas, sentence } from "../../api/client";
import { useNextTrials } from "../../api/queries";
import { trialOptions } from "../../dish/trialOptions";
import { signed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { useNotice } from "../../ui/notices";
import { Failed, Loading } from "../../ui/States";
import type { Trial } from "./trials";
import { useDeed } from "../../ui/useDeed";

interface NextTabProps {
  dishId: number;
  trials: readonly Trial[];
  from: number;
  onFrom: (id: number) => void;
}

const FROM: Record<Schemas["NextProposal"]["comes_from"], string> = {
  said: "From what was said",
  untried: "Never tried",
  frontier: "Fewer calories",
};

/** What to try next: each one change, with what it should do and what will be learnt. */
export function NextTab({ dishId, trials, from, onFrom }: NextTabProps) {
  const { data, error, refetch } = useNextTrials(from);
  const navigate = useNavigate();
  const say = useNotice();
  const deed = useDeed();
  const taking = useDeed((problem) => {
    say({ text: sentence(problem), bad: true });
    void refetch();
  }, true);
  const take = (proposal: Schemas["NextProposal"]) =>
    taking.run(async () => {
      const params = { path: { trial_id: from } };
      const body = { key: proposal.key, intent: "" };
      const made = await ask(api.POST("/api/trials/{trial_id}/next", { params, body }));
      await navigate(`/dishes/${dishId}/build?trial=${made.id}`);
    });
  const allow = async (key: string) => {
    const params = { path: { trial_id: from }, query: { key } };
    await deed.run(async () => {
      await ask(api.DELETE("/api/trials/{trial_id}/next/rejected", { params }));
      void refetch();
    });
  };
  const reject = async ({ key, title }: Schemas["NextProposal"]) => {
    const params = { path: { trial_id: from } };
    await deed.run(async () => {
      const body = { key, title };
      await ask(api.POST("/api/trials/{trial_id}/next/rejected", { params, body }));
      void refetch();
      say({ text: "It won’t be proposed again in this dish.", undo: () => void allow(key) });
    });
  };
  return (
    <div className="max-w-3xl">
      <div className="max-w-96">
        <Choice
          label="Next after"
          value={String(from)}
          options={trialOptions(trials)}
          onChange={(id) => onFrom(Number(id))}
        />
      </div>
      {!data && (error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />)}
      {data?.slips.map((slip) => (
        <p key={slip} className="mt-3 text-mark">
          {slip} What was said may come from that: make it again as planned first.
        </p>
      ))}
      {data?.says && <p className="mt-3 text-soft">{data.says}</p>}
      <ol className="mt-3">
        {data?.proposals.map((proposal) => (
          <Proposal
            key={proposal.key}
            proposal={proposal}
            busy={taking.busy}
            onTake={() => void take(proposal)}
            onReject={() => void reject(proposal)}
          />
        ))}
      </ol>
      {data && data.rejected.length > 0 && (
        <details className="mt-3">
          <summary className="min-h-11 cursor-pointer content-center">
            Not wanted: {data.rejected.length}
          </summary>
          <ul>
            {data.rejected.map((proposal) => (
              <li key={proposal.key} className="flex flex-wrap items-center gap-x-3 text-sm">
                {proposal.title}
                <Button look="quiet" onClick={() => void allow(proposal.key)}>
                  Propose again
                </Button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

interface ProposalProps {
  proposal: Schemas["NextProposal"];
  busy: boolean;
  onTake: () => void;
  onReject: () => void;
}

function Proposal({ proposal, busy, onTake, onReject }: ProposalProps) {
  const kcal = proposal.moved?.kcal;
  const protein = proposal.moved?.protein_g;
  const givesWay = proposal.gives_way ?? [];
  return (
    <li className="border-t border-ink py-3">
      <p className="text-sm text-soft">
        {FROM[proposal.comes_from]}: {proposal.why}
      </p>
      <h2 className="text-lg font-bold">{proposal.title}</h2>
      <p>
        {proposal.should} {proposal.learns}
      </p>
      <p className="flex flex-wrap gap-x-4 text-sm">
        {kcal != null && <span>{signed(kcal, "kcal")} kcal a serving</span>}
        {protein != null && <span>{signed(protein, "g")} g protein</span>}
        {proposal.moved && kcal == null && <span>its energy isn’t known</span>}
        {givesWay.length > 0 ? (
          <span className="text-mark">gives way: {givesWay.join(", ")}</span>
        ) : (
          <span className="text-done">goal and checks hold</span>
        )}
      </p>
      {proposal.caution && <p className="text-sm">{proposal.caution}</p>}
      <p className="mt-2 flex flex-wrap gap-2">
        <Button disabled={busy} onClick={onTake}>
          Start this trial
        </Button>
        <Button look="quiet" onClick={onReject}>
          Not this
        </Button>
      </p>
    </li>
  );
}
