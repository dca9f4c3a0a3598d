import { api, ask } from "../api/client";
import { newId } from "./draft";
import type { PastedLine } from "./pasted";

/** Put pasted steps behind those that are there, each after the one before it. */
export async function addSteps(trialId: number, lines: readonly PastedLine[]): Promise<void> {
  const params = { path: { trial_id: trialId } };
  const sheet = await ask(api.GET("/api/trials/{trial_id}/steps", { params }));
  let steps = sheet.steps;
  for (const line of lines) {
    const body = { text: line.says ?? line.text, key: newId(), steps };
    const step = await ask(api.POST("/api/trials/{trial_id}/steps/read", { params, body }));
    steps = [...steps, step];
  }
  const body = { version: sheet.version, steps };
  await ask(api.PUT("/api/trials/{trial_id}/steps", { params, body }));
}
