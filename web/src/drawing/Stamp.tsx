import type { StampName } from "../lib/marks";

const SAYS: Record<StampName, string> = { keep: "KEEP", change: "CHANGE", drop: "DROP" };
const BADGE: Record<StampName, string> = { keep: "KEEPER", change: "CHANGE", drop: "DROPPED" };

/** A stamp on the sheet: what became of a trial. */
export function Stamp({
  stamp,
  drawn = true,
  badge = false,
}: {
  stamp: StampName;
  drawn?: boolean;
  /** As it is read afterwards. */
  badge?: boolean;
}) {
  const ink = stamp === "keep" ? "text-done" : stamp === "drop" ? "text-soft" : "text-pencil";
  return (
    <span
      className={`inline-block border-2 px-2 font-mono text-sm font-bold tracking-widest ${ink} ${drawn ? "border-current outline-1 outline-offset-2 outline-current" : "border-dashed border-current"} ${badge ? "" : "m-1"} ${stamp === "drop" && drawn ? "line-through" : ""}`}
    >
      {(badge ? BADGE : SAYS)[stamp]}
    </span>
  );
}
