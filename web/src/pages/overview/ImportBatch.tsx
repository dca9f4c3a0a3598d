import { useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, ProblemError, type Schemas, sentence } from "../../api/client";
import { MOST_FILE_BYTES } from "../../api/vocabulary";
import { FileField } from "../../ui/FileField";

/** Take a batch file in; every fault is named by its place in the file. */
export function ImportBatch() {
  const [faults, setFaults] = useState<readonly string[]>([]);
  const navigate = useNavigate();
  const read = async (file: File) => {
    setFaults([]);
    if (file.size > MOST_FILE_BYTES) {
      const megabytes = MOST_FILE_BYTES / 1_000_000;
      setFaults([`That file is too large: a batch file is at most ${megabytes} MB.`]);
      return;
    }
    let body: unknown;
    try {
      body = JSON.parse(await file.text());
    } catch {
      setFaults(["That file is not JSON. Export one from a card to see what it looks like."]);
      return;
    }
    try {
      const sheet = await ask(api.POST("/api/batches", { body: body as Schemas["Batch"] }));
      void navigate(`/dishes/${sheet.dish_id}/card?batch=${sheet.id}`);
    } catch (error) {
      const named = error instanceof ProblemError ? error.faults : [];
      setFaults(
        named.length > 0
          ? named.map((fault) => `${fault.path}: ${fault.message}`)
          : [sentence(error)],
      );
    }
  };
  return (
    <section className="grid content-start gap-2">
      <h2 className="text-lg font-bold">Import a batch</h2>
      <FileField
        accept=".json,application/json"
        onFile={(file) => void read(file)}
        className="text-sm"
      >
        A batch in the open format (.gasket.json), from another kitchen or a script
      </FileField>
      {faults.length > 0 && (
        <ul role="alert" className="grid gap-1 text-sm text-mark">
          {faults.slice(0, 8).map((fault) => (
            <li key={fault}>{fault}</li>
          ))}
          {faults.length > 8 && <li>and {faults.length - 8} more</li>}
        </ul>
      )}
    </section>
  );
}
