import { api, ask, type Schemas } from "./client";

export type BatchSheet = Schemas["BatchSheet"];
export type SheetChange = Schemas["SheetChange"];

/** The number of the sheet that is shown of each batch: a capture is answered by what changed since. */
const shown = new Map<number, number>();
export const numberShown = (batchId: number): number | undefined => shown.get(batchId);
export const nowShown = (sheet: BatchSheet) => shown.set(sheet.id, sheet.number);

export const isChange = (answer: BatchSheet | SheetChange): answer is SheetChange =>
  "since" in answer;

/** The sheet that a change makes of the one before it; undefined where it is of another one. */
export function changed(sheet: BatchSheet, change: SheetChange): BatchSheet | undefined {
  if (sheet.number !== change.since) return undefined;
  const lines = new Map([...sheet.lines, ...change.lines].map((line) => [line.id, line]));
  const order = change.order ?? sheet.lines.map((line) => line.id);
  return {
    ...sheet,
    ...(change.fields as Partial<BatchSheet>),
    number: change.number,
    lines: order.flatMap((id) => lines.get(id) ?? []),
  };
}

export const readSheet = (batchId: number): Promise<BatchSheet> =>
  ask(api.GET("/api/batches/{batch_id}", { params: { path: { batch_id: batchId } } }));
