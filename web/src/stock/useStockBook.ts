import { api, ask, type Schemas } from "../api/client";
import { useNotice } from "../ui/notices";
import { useDeed } from "../ui/useDeed";

type Move = Omit<Schemas["StockMove"], "id">;

/** Book a move of stock; what goes out can be undone. */
export function useStockBook() {
  const say = useNotice();
  const deed = useDeed();
  const send = (batchId: number, move: Move, id: string) =>
    ask(
      api.POST("/api/batches/{batch_id}/stock", {
        params: { path: { batch_id: batchId } },
        body: { ...move, id },
      }),
    );
  return async (batchId: number, move: Move, did?: string): Promise<void> => {
    const id = crypto.randomUUID();
    await deed.run(async () => {
      await send(batchId, move, id);
      if (did) {
        const back: Move = {
          move: "undo",
          undoes: id,
          place: move.place ?? "fridge",
          part: move.part ?? "",
        };
        const undo = () => void send(batchId, back, crypto.randomUUID());
        say({ text: did, undo });
      }
    });
  };
}
