import { Button } from "../ui/Button";

interface ScaleButtonsProps {
  /** Without a reading there is nothing to take or to tare. */
  ready: boolean;
  /** A take that waits for the scale to settle. */
  taking: boolean;
  canUndo: boolean;
  onTake: () => void;
  onTare: () => void;
  onUndo: () => void;
  onLater?: () => void;
  /** Take it and pour more on the same line. */
  onAdd?: () => void;
  onByHand: () => void;
  /** What the last button is called: more ways than typing, where there are. */
  byHand?: string;
  /** Something else has to be chosen first: they give it the room at the edge of a phone. */
  back?: boolean;
}

/** One large button, and what else a hand at the scale needs; at the bottom edge of a phone. */
export function ScaleButtons(p: ScaleButtonsProps) {
  const small = "min-h-14 max-sm:flex-1";
  return (
    <div
      className={`mt-4 flex flex-wrap gap-2.5 max-sm:-mx-3 max-sm:border-t max-sm:border-ink max-sm:bg-sheet max-sm:p-3 ${p.back ? "" : "max-sm:sticky max-sm:bottom-0 max-sm:z-10"}`}
    >
      <Button
        look="main"
        onClick={p.onTake}
        disabled={!p.ready}
        shortcut="space"
        className="min-h-14 flex-1 text-lg max-sm:basis-full"
      >
        {p.taking ? "Recording when steady…" : "Record"}
      </Button>
      <Button onClick={p.onTare} disabled={!p.ready} shortcut="T" className={small}>
        Tare
      </Button>
      <Button onClick={p.onUndo} disabled={!p.canUndo} shortcut="⌫" className={small}>
        Undo
      </Button>
      {p.onAdd && (
        <Button onClick={p.onAdd} disabled={!p.ready} shortcut="A" className={small}>
          Record, then add more
        </Button>
      )}
      {p.onLater && (
        <Button onClick={p.onLater} shortcut="S" className={small}>
          Later
        </Button>
      )}
      <Button onClick={p.onByHand} shortcut="E" className={small}>
        {p.byHand ?? "By hand"}
      </Button>
    </div>
  );
}
