import { useState } from "react";

import { FileField } from "../../ui/FileField";
import { Sheet } from "../../ui/Sheet";
import { ImportPreview } from "./ImportPreview";
import { useImport } from "./useImport";

const MOST_BYTES = 30_000_000;

/** The shelf as a CSV file: out, and in with a preview of every row. */
export default function FilesPage() {
  const [error, setError] = useState<string>();
  const running = useImport();
  const choose = async (file: File) => {
    setError(undefined);
    if (file.size > MOST_BYTES) {
      setError("That file is too large: a shelf file is at most 30 MB.");
      return;
    }
    const says = await running.start(file);
    if (says) setError(says);
  };
  return (
    <Sheet className="p-5 max-sm:p-4">
      <h1 className="text-2xl font-bold">Shelf files</h1>
      <div className="mt-3 grid gap-6 md:grid-cols-2">
        <section className="grid content-start gap-2">
          <h2 className="text-lg font-bold">Out</h2>
          <p className="text-soft">
            One row a label, with the food’s names and measures, as a CSV file that any spreadsheet
            opens. Cells that a spreadsheet would run as a formula are made harmless.
          </p>
          <div className="flex flex-wrap gap-2">
            <Download href="/api/shelf/export">Everything</Download>
            <Download href="/api/shelf/export?own_only=true">Own labels only</Download>
          </div>
        </section>
        <section className="grid content-start gap-2">
          <h2 className="text-lg font-bold">In</h2>
          <FileField accept=".csv,text/csv,text/plain" onFile={(file) => void choose(file)}>
            A CSV file whose first line names the columns; “food”, “style” and a basis are enough.
            Nothing is written before you have seen what every row would do.
          </FileField>
          {error && (
            <p role="alert" className="text-mark">
              {error}
            </p>
          )}
        </section>
      </div>
      {running.state && <ImportPreview key={running.state.id} {...running} state={running.state} />}
    </Sheet>
  );
}

function Download({ href, children }: { href: string; children: string }) {
  return (
    <a
      href={href}
      download
      className="inline-flex min-h-11 items-center border border-ink px-3.5 font-semibold hover:bg-wash"
    >
      {children}
    </a>
  );
}
