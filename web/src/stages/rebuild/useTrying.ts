import { useState } from "react";

import type { Schemas } from "../../api/client";
import { useNotice } from "../../ui/notices";
import { applied, type BuildChange } from "../../lines/change";
import type { BuildDraft } from "../../lines/useBuildDraft";
import type { Trying } from "../../lines/SwapList";

type ShelfLabel = Schemas["ShelfLabel"];

/** A change that is tried in the section before it is made, and making it with a way back. */
export function useTrying(draft: BuildDraft) {
  const say = useNotice();
  const [found, setFound] = useState<{ change: BuildChange; labels: readonly ShelfLabel[] }>();
  const trying: Trying = {
    change: found?.change ?? null,
    preview: (change, labels = []) => setFound(change === null ? undefined : { change, labels }),
    apply: (change, text, labels = []) => {
      draft.change((build) => applied(build, change), ...labels);
      setFound(undefined);
      say({ text, undo: draft.undo });
    },
  };
  return {
    trying,
    tried: found ? applied(draft.build, found.change) : null,
    triedLabels: Object.fromEntries(
      (found?.labels ?? []).map((label) => [String(label.id), label]),
    ),
  };
}
