import { useState } from "react";

import { count, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { ReasonForm } from "../../ui/Reason";
import { type ShownSheet, stillOpen } from "./lines";

interface FinishEarlyProps {
  sheet: ShownSheet;
  onFinish: (why: string) => void;
}

/** What is still open is listed and, with a reason, left out. */
export function FinishEarly({ sheet, onFinish }: FinishEarlyProps) {
  const [open, setOpen] = useState(false);
  const left = stillOpen(sheet);
  return (
    <>
      <Button look="quiet" className="mt-2 -ml-3" onClick={() => setOpen(true)}>
        Finish early
      </Button>
      <Modal open={open} onOpenChange={setOpen} title="Finish early">
        <p>{count(left.length, "line")} still open. They are left out:</p>
        <ul className="my-2 max-h-60 overflow-y-auto border-y border-rule">
          {left.map((line) => (
            <li key={line.id} className="flex justify-between gap-3 py-0.5">
              <span>{line.name}</span>
              <span className="text-soft">
                {line.poured_g > 0
                  ? `${weighed(line.poured_g)} g are in, and count`
                  : line.target_g > 0
                    ? `${weighed(line.target_g)} g planned`
                    : ""}
              </span>
            </li>
          ))}
        </ul>
        <ReasonForm
          label="Why"
          placeholder="no nuts in the house"
          submit="Finish"
          onSubmit={(why) => {
            setOpen(false);
            onFinish(why);
          }}
        />
      </Modal>
    </>
  );
}
