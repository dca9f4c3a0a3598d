import { useState } from "react";

import { Button } from "./Button";
import { TextField } from "./Field";

interface ReasonProps {
  /** What is pressed to be asked for the reason. */
  opens: string;
  label: string;
  placeholder: string;
  submit: string;
  onSubmit: (reason: string) => void;
}

/** A judgement that keeps its reason: pressed, it asks why before it is done. */
export function Reason({ opens, label, placeholder, submit, onSubmit }: ReasonProps) {
  const [open, setOpen] = useState(false);
  const [reason, setReason] = useState("");
  if (!open) return <TextButton onPress={() => setOpen(true)}>{opens}</TextButton>;
  return (
    <form
      className="mt-1 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        setOpen(false);
        onSubmit(reason);
      }}
    >
      <div className="min-w-0 flex-1">
        <TextField
          label={label}
          placeholder={placeholder}
          maxLength={300}
          value={reason}
          onChange={setReason}
        />
      </div>
      <Button type="submit">{submit}</Button>
    </form>
  );
}

/** A button that reads like a link, under a line of text. */
export function TextButton({ onPress, children }: { onPress: () => void; children: string }) {
  return (
    <button
      type="button"
      className="min-h-6 text-sm text-pencil hover:underline max-sm:min-h-11"
      onClick={onPress}
    >
      {children}
    </button>
  );
}
