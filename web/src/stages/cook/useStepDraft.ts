import { useQueryClient } from "@tanstack/react-query";
import { useRef, useState } from "react";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { keys } from "../../api/queries";
import { useAnswer } from "../../api/useAnswer";
import { useInTurn } from "../../lib/useInTurn";
import { useNotice } from "../../ui/notices";

type Step = Schemas["Step"];

export interface StepDraft {
  sheet: Schemas["StepsSheet"];
  steps: readonly Step[];
  report: Schemas["StepsReport"];
  eatAt: string | null;
  setEatAt: (at: string | null) => void;
  /** Replace the steps, with a word for what was done: it can be undone. */
  change: (steps: readonly Step[], did?: string) => void;
  saving: boolean;
}

/** The steps of a trial as they are edited: stored after every change, laid out as they are typed. */
export function useStepDraft(sheet: Schemas["StepsSheet"]): StepDraft {
  const client = useQueryClient();
  const say = useNotice();
  const [steps, setSteps] = useState<readonly Step[]>(sheet.steps);
  const [eatAt, setEatAt] = useState<string | null>(null);
  const [saving, setSaving] = useState(false);
  const version = useRef(sheet.version);
  const inTurn = useInTurn();
  const trialId = sheet.trial_id;

  const { answer: report } = useAnswer(
    JSON.stringify({ steps, eat_at: eatAt }),
    (about) =>
      api.POST("/api/trials/{trial_id}/steps/report", {
        params: { path: { trial_id: trialId } },
        body: JSON.parse(about) as Schemas["StepsWanted"],
      }),
    120,
  );

  const send = (next: readonly Step[]) =>
    ask(
      api.PUT("/api/trials/{trial_id}/steps", {
        params: { path: { trial_id: trialId } },
        body: { version: version.current, steps: [...next] },
      }),
    ).then((stored) => {
      version.current = stored.version;
      client.setQueryData(keys.steps(trialId), stored);
    });
  const store = async (next: readonly Step[]) => {
    setSaving(true);
    try {
      await send(next);
    } catch (error) {
      if (error instanceof ProblemError && error.status === 409) {
        const theirs = error.current as Schemas["StepsSheet"];
        version.current = theirs.version;
        setSteps(theirs.steps);
        const undo = () => {
          setSteps(next);
          void send(next);
        };
        say({ text: "These steps were changed elsewhere: theirs are shown.", bad: true, undo });
      } else say({ text: sentence(error), bad: true });
    } finally {
      setSaving(false);
    }
  };

  const change = (next: readonly Step[], did?: string) => {
    const before = steps;
    setSteps(next);
    void inTurn(() => store(next));
    if (did) {
      const undo = () => {
        setSteps(before);
        void inTurn(() => store(before));
      };
      say({ text: did, undo });
    }
  };
  return { sheet, steps, report: report ?? sheet.report, eatAt, setEatAt, change, saving };
}
