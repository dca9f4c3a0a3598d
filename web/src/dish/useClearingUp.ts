import { api, ask, type Schemas, sentence } from "../api/client";
import { useNotice } from "../ui/notices";

type Where = Schemas["Whereabouts"]["where"];
type Clearable = "dish" | "trial" | "batch";

const SAYS: Record<Where, string> = {
  here: "is back",
  archive: "is archived",
  deleted: "is deleted",
};

const PUT: Record<Clearable, (id: number, body: Schemas["Whereabouts"]) => Promise<unknown>> = {
  dish: (dish_id, body) =>
    ask(api.PUT("/api/dishes/{dish_id}/whereabouts", { params: { path: { dish_id } }, body })),
  trial: (trial_id, body) =>
    ask(api.PUT("/api/trials/{trial_id}/whereabouts", { params: { path: { trial_id } }, body })),
  batch: (batch_id, body) =>
    ask(api.PUT("/api/batches/{batch_id}/whereabouts", { params: { path: { batch_id } }, body })),
};

/** Archive or delete a dish, a trial or a batch, or bring it back; each can be undone. */
export function useClearingUp() {
  const say = useNotice();
  /** Whether it went there. */
  return async (thing: Clearable, id: number, name: string, where: Where, from: Where = "here") => {
    try {
      await PUT[thing](id, { where });
      const undo = () => void PUT[thing](id, { where: from });
      say({ text: `${name} ${SAYS[where]}.`, undo });
      return true;
    } catch (error) {
      say({ text: sentence(error), bad: true });
      return false;
    }
  };
}
