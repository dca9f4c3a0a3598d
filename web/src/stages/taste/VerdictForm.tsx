import { useState } from "react";

import { api, ask, ProblemError, problemOf, type Schemas, sentence } from "../../api/client";
import { Stamp } from "../../drawing/Stamp";
import { STAMPS } from "../../lib/marks";
import { Button } from "../../ui/Button";
import { TextField } from "../../ui/Field";
import { useNotice } from "../../ui/notices";

type Verdict = Schemas["TasteVerdict"];

interface VerdictFormProps {
  trialId: number;
  letter: string;
  verdict: Verdict;
  version: number;
}

/** Keep, change or drop, and the lesson in a sentence. */
export function VerdictForm({ trialId, letter, verdict, version }: VerdictFormProps) {
  const [draft, setDraft] = useState<Verdict>(verdict);
  const [problem, setProblem] = useState<ProblemError>();
  const say = useNotice();
  const save = async (next: Verdict, at: number, before: Verdict) => {
    try {
      const params = { path: { trial_id: trialId } };
      const body = { version: at, verdict: next };
      const kept = await ask(api.PUT("/api/trials/{trial_id}/verdict", { params, body }));
      setProblem(undefined);
      setDraft(kept.verdict);
      const undo = () => void save(before, kept.version, next);
      say({ text: next.stamp ? `Trial ${letter}: ${next.stamp}.` : "Verdict saved.", undo });
    } catch (error) {
      setProblem(problemOf(error));
      say({ text: sentence(error), bad: true });
    }
  };
  const change = (by: Partial<Verdict>) => {
    setProblem(undefined);
    setDraft({ ...draft, ...by });
  };
  const same = JSON.stringify(draft) === JSON.stringify(verdict);
  return (
    <section aria-label="Verdict">
      <h2 className="text-lg font-bold">Verdict on trial {letter}</h2>
      <div role="group" aria-label="Verdict" className="mt-2 flex flex-wrap gap-2">
        {STAMPS.map((stamp) => (
          <button
            key={stamp}
            type="button"
            aria-pressed={draft.stamp === stamp}
            onClick={() => change({ stamp: draft.stamp === stamp ? null : stamp })}
            className="min-h-12 px-1 hover:bg-wash"
          >
            <Stamp stamp={stamp} drawn={draft.stamp === stamp} />
          </button>
        ))}
      </div>
      <div className="mt-3 grid gap-3">
        {draft.stamp === "change" && (
          <TextField
            label="What to change, one thing if you can"
            placeholder="More raising agent"
            maxLength={300}
            value={draft.change ?? ""}
            error={problem?.at("verdict") ?? problem?.at("verdict.change")}
            onChange={(text) => change({ change: text })}
          />
        )}
        <TextField
          label="The lesson, shown when you make it next"
          placeholder="Let it stand overnight."
          maxLength={300}
          value={draft.lesson ?? ""}
          error={problem?.at("verdict.lesson")}
          onChange={(lesson) => change({ lesson })}
        />
        <div>
          <Button disabled={same} onClick={() => void save(draft, version, verdict)}>
            Save the verdict
          </Button>
        </div>
      </div>
    </section>
  );
}
