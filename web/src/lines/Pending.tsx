import { useState } from "react";

import { api, ask, type Schemas } from "../api/client";
import { usePending } from "../api/queries";
import { Button } from "../ui/Button";
import { useNotice } from "../ui/notices";
import type { BuildDraft } from "./useBuildDraft";
import { PasteList } from "./PasteList";
import { useDeed } from "../ui/useDeed";

interface PendingProps {
  draft: BuildDraft;
  trialId: number;
  takesSteps?: boolean;
  /** What the first component is called where there is none. */
  makes: string;
}

/** Paste a list; below it the lines that wait for a food, kept until they are in or forgotten. */
export function Pending({ draft, trialId, takesSteps = true, makes }: PendingProps) {
  const [open, setOpen] = useState(false);
  const [line, setLine] = useState<Schemas["UnmatchedLine"]>();
  const { data: lines } = usePending(trialId);
  const say = useNotice();
  const deed = useDeed();
  const forget = async (one: Schemas["UnmatchedLine"]) => {
    const params = { path: { trial_id: trialId } };
    await deed.run(async () => {
      const path = { ...params.path, pending_id: one.id };
      await ask(api.DELETE("/api/trials/{trial_id}/pending/{pending_id}", { params: { path } }));
      say({
        text: `“${one.text}” is forgotten.`,
        undo: () =>
          void ask(
            api.POST("/api/trials/{trial_id}/pending", { params, body: { text: one.text } }),
          ),
      });
    });
  };
  const read = (one?: Schemas["UnmatchedLine"]) => {
    setLine(one);
    setOpen(true);
  };
  return (
    <>
      <Button look="quiet" onClick={() => read()} className="-ml-3.5">
        Paste a recipe
      </Button>
      {(lines ?? []).length > 0 && (
        <section aria-label="Kept for later" className="mb-2 border border-rule p-3">
          <h2 className="text-sm text-soft">Kept for later: they wait for a food</h2>
          <ul>
            {(lines ?? []).map((line) => (
              <li key={line.id} className="flex flex-wrap items-center justify-between gap-x-3">
                <span className="font-mono text-[15px]">{line.text}</span>
                <span>
                  <Button look="quiet" onClick={() => read(line)}>
                    Read again
                  </Button>
                  <Button look="quiet" onClick={() => void forget(line)}>
                    Forget
                  </Button>
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <PasteList
        draft={draft}
        trialId={trialId}
        open={open}
        onOpenChange={setOpen}
        takesSteps={takesSteps}
        makes={makes}
        pending={line}
      />
    </>
  );
}
