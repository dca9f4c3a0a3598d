import { useState } from "react";

import { api, ask, firstFault } from "../../api/client";
import { Button } from "../../ui/Button";
import { Field } from "../../ui/Field";
import type { Claim } from "./claims";
import { useDeed } from "../../ui/useDeed";

/** Figures out of pasted words. */
export function PasteClaim({ onRead }: { onRead: (claims: readonly Claim[]) => void }) {
  const [text, setText] = useState("");
  const [error, setError] = useState<string>();
  const deed = useDeed((problem) => setError(firstFault(problem)));
  const read = async () => {
    await deed.run(async () => {
      onRead(await ask(api.POST("/api/claims/read", { body: { text } })));
      setError(undefined);
    });
  };
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void read();
      }}
    >
      <Field label="Paste or type what is claimed" error={error}>
        {({ id, describedBy, invalid }) => (
          <textarea
            id={id}
            rows={3}
            maxLength={4000}
            value={text}
            placeholder={"480 kcal, 44 P / 38 C / 17 F, makes 8\nWhole pan: 3,840 kcal"}
            aria-describedby={describedBy}
            aria-invalid={invalid || undefined}
            onChange={(event) => setText(event.target.value)}
            className="w-full border border-soft bg-sheet p-2.5 placeholder:text-soft"
          />
        )}
      </Field>
      <Button type="submit" className="justify-self-start">
        Read the figures
      </Button>
    </form>
  );
}
