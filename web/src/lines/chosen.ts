import { api, ask, type Schemas } from "../api/client";
import type { Choice } from "./quick";

type Answer = Schemas["QuickAnswer"];

/** A line that was typed, what it might have been, and what the cook made of it. */
interface Decided {
  text: string;
  answer: Answer;
  choice: Choice;
}

/** Taken without a question, because it was chosen for these words before. */
export const takenAsBefore = (answer: Answer, choice: Choice): boolean =>
  answer.sure && (answer.chosen ?? 0) > 0 && choice.label?.id === answer.options[0]?.label.id;

/** Whether the cook has said something that the words alone did not. */
const wasChosen = ({ answer, choice }: Decided): boolean =>
  choice.label !== undefined && (!answer.sure || choice.label.id !== answer.options[0]?.label.id);

/** Keep what was chosen for lines that asked; where that fails, they ask again. */
export async function remember(decided: readonly Decided[]): Promise<void> {
  const choices = decided
    .filter(wasChosen)
    .flatMap(({ text, choice }) => (choice.label ? [{ text, label_id: choice.label.id }] : []));
  if (choices.length === 0) return;
  await ask(api.POST("/api/quick-entry/chosen", { body: { choices } })).catch(() => undefined);
}

/** Says what was taken; undone, the line is gone and its words ask again. */
export const takenSays = (answer: Answer, choice: Choice, text: string, undo: () => void) => ({
  text: `“${answer.entry.food}” is ${choice.text}, as you chose before.`,
  undo: () => {
    undo();
    void ask(api.POST("/api/quick-entry/chosen/forgotten", { body: { text } }));
  },
});
