import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";

import { api, ask, type Schemas, sentence } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { useNotice } from "../../ui/notices";

export type Deed = Omit<Schemas["CookDeed"], "id">;

/** Log what was done in a cook; refusals are said, and kept for the step that they are about. */
export function useCookLog(batchId: number) {
  const client = useQueryClient();
  const refresh = useRefresh();
  const say = useNotice();
  const [refused, setRefused] = useState<{ step: string; says: string }>();
  const log = async (deed: Deed): Promise<boolean> => {
    try {
      const sheet = await ask(
        api.POST("/api/batches/{batch_id}/cook", {
          params: { path: { batch_id: batchId } },
          body: { ...deed, id: crypto.randomUUID() },
        }),
      );
      client.setQueryData(keys.cook(batchId), sheet);
      setRefused(undefined);
      refresh(keys.timers, keys.card(batchId), keys.kitchen, ["dish"]);
      return true;
    } catch (error) {
      const says = sentence(error);
      if (deed.step) setRefused({ step: deed.step, says });
      say({ text: says, bad: true });
      return false;
    }
  };
  return { log, refused };
}
