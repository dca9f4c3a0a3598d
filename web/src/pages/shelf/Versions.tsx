import { useVersions } from "../../api/queries";
import { day } from "../../lib/format";
import { MovedBy } from "../../food/MovedBy";
import { fieldName } from "../../food/panels";

/** What the package printed when: each version with what changed from the one before. */
export function Versions({ labelId }: { labelId: number }) {
  const { data: versions } = useVersions(labelId);
  if (!versions || versions.length < 2) return null;
  return (
    <section aria-label="Versions" className="mt-6 border-t border-ink pt-3">
      <h2 className="text-lg font-bold">Versions</h2>
      <div className="grid gap-6 xl:grid-cols-2">
        <ol className="grid content-start gap-2">
          {versions.map((version) => (
            <li key={version.number} className="border-l-2 border-ink pl-3">
              <span className="font-semibold">
                {version.number}, since {day(version.since)}
              </span>
              {version.changes.length === 0 ? (
                <span className="block text-sm text-soft">as it first came onto the shelf</span>
              ) : (
                <ul className="text-sm">
                  {version.changes.map((change) => (
                    <li key={change.field}>
                      {fieldName(change.field)}: {change.before ?? "unknown"} →{" "}
                      <b>{change.after ?? "unknown"}</b>
                    </li>
                  ))}
                </ul>
              )}
            </li>
          ))}
        </ol>
        <MovedBy labelId={labelId} />
      </div>
    </section>
  );
}
