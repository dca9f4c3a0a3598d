import { useOutbox } from "../api/captures";
import type { Capture } from "../api/outbox";
import { count, weighed } from "../lib/format";
import { Button } from "../ui/Button";

/** What waits in this browser for the kitchen, and what the kitchen could not take any more. */
export function OnTheWay() {
  const { waiting, lost, trouble, late, dismiss } = useOutbox();
  const unkept = waiting.some((weight) => !weight.kept);
  const shown = (late && waiting.length > 0) || unkept;
  if (!shown && lost.length === 0) return null;
  return (
    <div role="status" className="border-b border-mark bg-sheet px-4 py-1.5 print:hidden">
      {shown && (
        <p className="text-mark">
          <b>{count(waiting.length, "weight")} on the way.</b> {trouble}{" "}
          {unkept && "This browser can’t keep them: leave this page open until they have arrived."}
        </p>
      )}
      {lost.map((weight) => (
        <p key={weight.capture.id} className="flex flex-wrap items-center gap-x-4">
          <span className="text-mark">
            <b>{whatText(weight.capture)} was not stored.</b> {weight.lost}
          </span>
          <Button look="quiet" onClick={() => dismiss(weight.capture.id)}>
            I’ve seen it
          </Button>
        </p>
      ))}
    </div>
  );
}

/** "A weight of 31 g". */
function whatText(capture: Capture): string {
  const told = "net_g" in capture ? capture.net_g : null;
  const grams = told ?? ("gross_g" in capture ? capture.gross_g : null);
  return grams == null ? "Something that you did" : `A weight of ${weighed(grams)} g`;
}
