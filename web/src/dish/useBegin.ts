import { useCallback } from "react";
import { useNavigate } from "react-router";

import { api, ask, sentence } from "../api/client";
import { useNotice } from "../ui/notices";
import type { StageProps } from "../dish/stage";

/** Begin a weigh-in of the trial and go to it; a free one where nothing is planned. */
export function useBegin({ dish, trial }: Pick<StageProps, "dish" | "trial">, free = false) {
  const navigate = useNavigate();
  const say = useNotice();
  return useCallback(async () => {
    try {
      const sheet = await ask(
        api.POST("/api/trials/{trial_id}/batches", {
          params: { path: { trial_id: trial.id } },
          body: { free },
        }),
      );
      await navigate(`/dishes/${dish.id}/weigh?batch=${sheet.id}`);
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
  }, [dish.id, trial.id, free, navigate, say]);
}
