import { useState } from "react";

import { Button } from "./Button";
import { TextField } from "./Field";

interface ReasonFormProps {
  label: string;
  placeholder: string;
  submit: string;
  onSubmit: (reason: string) => void;
}

interface ReasonProps extends ReasonFormProps {
  /** What is pressed to be asked for the reason. */
  opens: string;
}

/** A judgement that keeps its reason: pressed, it asks why before it is done. */
export function Reason({ opens, onSubmit, ...form }: ReasonProps) {
  const [open, setOpen] = useState(false);
  if (!open) return <TextButton onPress={() => setOpen(true)}>{opens}</TextButton>;
  return (
    <ReasonForm
      {...form}
      onSubmit={(reason) => {
        setOpen(false);
        onSubmit(reason);
      }}
    />
  );
}

export function ReasonForm({ label, placeholder, submit, onSubmit }: ReasonFormProps) {
  const [reason, setReason] = useState("");
  return (
    <form
      className="mt-1 flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
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
