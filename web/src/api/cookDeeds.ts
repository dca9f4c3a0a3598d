import { useQueryClient } from "@tanstack/react-query";

import { api, ask, type Schemas } from "./client";
import { keys } from "./queries";

export type CookDeed = Omit<Schemas["CookDeed"], "id">;

/** Log a deed of a cook, or of a timer that belongs to none, and show it on every page. Throws what is refused. */
export function useSendCookDeed() {
  const client = useQueryClient();
  return async (deed: CookDeed, batchId: number | null): Promise<void> => {
    const body = { ...deed, id: crypto.randomUUID() };
    if (batchId === null) {
      client.setQueryData(keys.timers, await ask(api.POST("/api/timers", { body })));
      return;
    }
    const params = { path: { batch_id: batchId } };
    const sheet = await ask(api.POST("/api/batches/{batch_id}/cook", { params, body }));
    client.setQueryData(keys.cook(batchId), sheet);
  };
}
