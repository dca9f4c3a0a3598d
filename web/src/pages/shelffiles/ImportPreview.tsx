import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";

import { api, ask, type Schemas } from "../../api/client";
import { count } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Toggle } from "../../ui/Toggle";
import { fieldName } from "../../food/panels";
import type { ImportState, useImport } from "./useImport";

type Fate = Schemas["RowFate"]["fate"];

const FATES: readonly Fate[] = [
  "refused",
  "new food",
  "new label",
  "new version",
  "food changed",
  "unchanged",
];
const AT_ONCE = 50;

interface ImportPreviewProps extends Pick<ReturnType<typeof useImport>, "commit" | "drop"> {
  state: ImportState;
}

/** What every row would do, before anything is written; then the writing of all of it. */
export function ImportPreview({ state, commit, drop }: ImportPreviewProps) {
  return (
    <section aria-label="Import" className="mt-6 border-t-2 border-ink pt-4">
      <h2 className="text-lg font-bold">{state.file}</h2>
      {(state.stage === "reading" || state.stage === "writing") && <Progress state={state} />}
      {state.says && (
        <p role="alert" className="mt-1 font-semibold text-mark">
          {state.says}
        </p>
      )}
      {state.stage === "done" && <Done state={state} drop={drop} />}
      {state.stage === "ready" && <Ready state={state} commit={commit} drop={drop} />}
      {state.stage === "failed" && (
        <Button className="mt-2" onClick={drop}>
          Start over
        </Button>
      )}
    </section>
  );
}

function Progress({ state }: { state: ImportState }) {
  const says = state.stage === "reading" ? "Reading" : "Writing";
  return (
    <div className="mt-2 max-w-md" role="status">
      <p>
        {says} {state.done} of {state.total} rows…
      </p>
      <progress
        aria-label={`${says} rows`}
        value={state.done}
        max={Math.max(1, state.total)}
        className="h-3 w-full accent-ink"
      />
    </div>
  );
}

function Done({ state, drop }: Pick<ImportPreviewProps, "state" | "drop">) {
  const written = state.total - (state.counts.refused ?? 0) - (state.counts.unchanged ?? 0);
  return (
    <p className="mt-2 flex flex-wrap items-center gap-3">
      <span className="font-semibold text-done">
        ✓ {count(written, "row is", "rows are")} on the shelf.
      </span>
      <Link to="/shelf" className="text-pencil underline">
        Look at the shelf
      </Link>
      <Button look="quiet" onClick={drop}>
        Another file
      </Button>
    </p>
  );
}

function Ready({ state, commit, drop }: ImportPreviewProps) {
  const [fate, setFate] = useState<Fate>();
  const [page, setPage] = useState(0);
  const [error, setError] = useState<string>();
  const refused = state.counts.refused ?? 0;
  const unchanged = state.counts.unchanged ?? 0;
  const willWrite = state.total - refused - unchanged;
  const choose = (next: Fate | undefined) => {
    setFate(next);
    setPage(0);
  };
  return (
    <>
      {state.unknown_columns.length > 0 && (
        <p className="mt-1 text-soft">
          These columns are not known and are left out: {state.unknown_columns.join(", ")}.
        </p>
      )}
      <div role="group" aria-label="Rows by what they do" className="mt-3 flex flex-wrap gap-2">
        <Toggle on={fate === undefined} onChoose={() => choose(undefined)}>
          {`all ${state.total}`}
        </Toggle>
        {FATES.filter((fate) => state.counts[fate]).map((shown) => (
          <Toggle key={shown} on={fate === shown} onChoose={() => choose(shown)}>
            {`${shown} ${state.counts[shown] ?? 0}`}
          </Toggle>
        ))}
      </div>
      <Rows id={state.id} fate={fate} page={page} onPage={setPage} />
      <div className="sticky bottom-0 mt-3 flex flex-wrap items-center gap-3 border-t border-ink bg-sheet py-2">
        <Button
          look="main"
          disabled={willWrite === 0}
          onClick={() => void commit(refused > 0).then(setError)}
        >
          {refused > 0
            ? `Write ${willWrite}, leave out the ${refused} refused`
            : `Write ${count(willWrite, "row")}`}
        </Button>
        <Button onClick={drop}>Do not</Button>
        <span className="text-sm text-soft">
          {willWrite === 0 ? "There is nothing new in it. " : "All of it or nothing. "}
          Batches keep the labels that they were weighed with.
        </span>
        {error && (
          <p role="alert" className="text-mark">
            {error}
          </p>
        )}
      </div>
    </>
  );
}

interface RowsProps {
  id: string;
  fate: Fate | undefined;
  page: number;
  onPage: (page: number) => void;
}

function Rows({ id, fate, page, onPage }: RowsProps) {
  const query = { limit: AT_ONCE, offset: page * AT_ONCE, ...(fate && { fate }) };
  const { data } = useQuery({
    queryKey: ["import", id, query],
    queryFn: () =>
      ask(api.GET("/api/shelf/imports/{key}/rows", { params: { path: { key: id }, query } })),
    placeholderData: keepPreviousData,
  });
  if (!data) return null;
  const pages = Math.ceil(data.total / AT_ONCE);
  return (
    <>
      <div className="mt-3 overflow-x-auto" role="region" aria-label="Rows" tabIndex={0}>
        <table className="w-full border-collapse">
          <thead>
            <tr className="border-b-2 border-ink text-left text-sm text-soft">
              <th className="pr-3 font-normal">line</th>
              <th className="pr-3 font-normal">food and package</th>
              <th className="font-normal">what it does</th>
            </tr>
          </thead>
          <tbody>
            {data.rows.map((row) => (
              <FateRow key={row.line} row={row} />
            ))}
          </tbody>
        </table>
      </div>
      {pages > 1 && (
        <div className="mt-2 flex items-center gap-3">
          <Button disabled={page === 0} onClick={() => onPage(page - 1)}>
            ← Earlier
          </Button>
          <span>
            {page + 1} of {pages}
          </span>
          <Button disabled={page + 1 >= pages} onClick={() => onPage(page + 1)}>
            Later →
          </Button>
        </div>
      )}
    </>
  );
}

function FateRow({ row }: { row: Schemas["RowFate"] }) {
  return (
    <tr className="border-b border-rule align-top">
      <td className="py-1 pr-3 text-soft">{row.line}</td>
      <td className="py-1 pr-3">
        {row.food || "no name"}
        {row.package !== row.food && <span className="block text-sm text-soft">{row.package}</span>}
      </td>
      <td className="py-1">
        <b className={row.fate === "refused" ? "text-mark" : "font-semibold"}>{row.fate}</b>
        {(row.changes ?? []).map((change) => (
          <span key={change} className="block text-sm text-soft">
            {inWords(change)}
          </span>
        ))}
        {(row.faults ?? []).map((fault) => (
          <span key={fault.path + fault.message} className="block text-sm text-mark">
            {fault.path}: {fault.message}
          </span>
        ))}
      </td>
    </tr>
  );
}

function inWords(change: string): string {
  const [field = "", ...rest] = change.split(" ");
  return `${fieldName(field)}: ${rest.join(" ")}`;
}
