import { api, ask, sentence } from "../../api/client";
import { keys, useRefresh } from "../../api/queries";
import { useNotice } from "../../ui/notices";

/** Put a dish out of the way or bring it back; mend one that cannot be read. */
export function useSetAside() {
  const say = useNotice();
  const refresh = useRefresh();
  const stale = () => refresh(keys.kitchen, ["dish"], ["trial"], keys.stock);
  const params = (id: number) => ({ path: { dish_id: id } });
  const put = (id: number, aside: boolean) =>
    ask(api.PUT("/api/dishes/{dish_id}/set-aside", { params: params(id), body: { aside } }));
  const setAside = async (id: number, name: string, aside: boolean): Promise<void> => {
    try {
      await put(id, aside);
      const undo = () => void put(id, !aside).then(stale);
      say({ text: aside ? `${name} is set aside.` : `${name} is back.`, undo });
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
    stale();
  };
  const mend = async (id: number): Promise<void> => {
    try {
      const mended = await ask(api.POST("/api/dishes/{dish_id}/repair", { params: params(id) }));
      say({ text: mended.says.join(" "), bad: !mended.whole });
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
    stale();
  };
  return { setAside, mend };
}
