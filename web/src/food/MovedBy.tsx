import { Link } from "react-router";

import { api, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";
import { day, signed } from "../lib/format";
import type { Label } from "./panels";

type Moved = Schemas["VersionEffect"];

interface MovedByProps {
  labelId: number;
  /** The panel as it may become; none asks what the newest version would move. */
  candidate?: Label;
}

/** Which trials and batches the label's change would move, and by how much a serving. */
export function MovedBy({ labelId, candidate }: MovedByProps) {
  // A panel that is not whole yet is refused, and its own fields say so: what was found stays.
  const { answer: found = [] } = useAnswer(
    JSON.stringify({ labelId, label: candidate ?? null }),
    (text) => {
      const { label } = JSON.parse(text) as { label: Label | null };
      const params = { path: { label_id: labelId } };
      return api.POST("/api/labels/{label_id}/moved", { params, body: { label } });
    },
    150,
  );
  if (found.length === 0) return null;
  const trials = found.filter((moved) => moved.batch_id == null);
  const batches = found.filter((moved) => moved.batch_id != null);
  return (
    <section aria-label="What it would move" className="border border-ink p-3">
      {trials.length > 0 && (
        <>
          <h2 className="font-bold">Saving this moves</h2>
          <MovedTable rows={trials} />
        </>
      )}
      {batches.length > 0 && (
        <>
          <h2 className={`font-bold ${trials.length > 0 ? "mt-3" : ""}`}>
            Batches keep the label that they were weighed with
          </h2>
          <p className="text-sm text-soft">
            Calculated again with this one, a serving would change by
          </p>
          <MovedTable rows={batches} />
        </>
      )}
    </section>
  );
}

function MovedTable({ rows }: { rows: readonly Moved[] }) {
  return (
    <table className="w-full">
      <tbody>
        {rows.map((row) => (
          <tr key={`${row.trial_id}/${row.batch_id ?? ""}`} className="border-b border-rule">
            <th className="py-1 text-left font-normal">
              <Link
                to={
                  row.batch_id == null
                    ? `/dishes/${row.dish_id}/build`
                    : `/dishes/${row.dish_id}/card?batch=${row.batch_id}`
                }
                className="text-pencil underline"
              >
                {row.dish} {row.letter}
              </Link>
              {row.made_at != null && <span className="text-soft"> of {day(row.made_at)}</span>}
            </th>
            <td className="text-right">{difference(row.kcal_before, row.kcal_after, "kcal")}</td>
            <td className="pl-3 text-right">
              {difference(row.protein_before, row.protein_after, "g")} protein
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function difference(
  before: number | null | undefined,
  after: number | null | undefined,
  unit: "kcal" | "g",
): string {
  if (before == null || after == null) return "unknown";
  const moved = after - before;
  return `${Math.abs(moved) < 0.05 ? "± 0" : signed(moved, unit)} ${unit}`;
}
