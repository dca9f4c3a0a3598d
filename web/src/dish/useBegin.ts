import { useCallback } from "react";
import { useNavigate } from "react-router";

import { api, ask } from "../api/client";
import type { StageProps } from "../dish/stage";
import { useDeed } from "../ui/useDeed";

/** Begin a weigh-in of the trial and go to it; a free one where nothing is planned. */
export function useBegin({ dish, trial }: Pick<StageProps, "dish" | "trial">, free = false) {
  const navigate = useNavigate();
  const { run, busy } = useDeed(undefined, true);
  return useCallback(async () => {
    if (busy) return;
    await run(async () => {
      const sheet = await ask(
        api.POST("/api/trials/{trial_id}/batches", {
          params: { path: { trial_id: trial.id } },
          body: { free },
        }),
      );
      await navigate(`/dishes/${dish.id}/weigh?batch=${sheet.id}`);
    });
  }, [dish.id, trial.id, free, navigate, run, busy]);
}
