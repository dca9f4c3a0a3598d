import type { Schemas } from "../../api/client";
import type { BatchSheet } from "../../api/live";
import { fixed, weighed } from "../../lib/format";
import type { Filling } from "./filling";

interface WeightsProps {
  sheet: BatchSheet;
  portions: Schemas["PortionSheet"];
  aim: Filling["aim"];
  onAim: (aim: Filling["aim"]) => void;
}

/** What the batch weighs at each stage; pressed, a row is weighed next. */
export function Weights({ sheet, portions, aim, onAim }: WeightsProps) {
  const gap = sheet.mixture_g == null ? null : sheet.mixture_g - sheet.lines_g;
  const next = sheet.next_piece == null ? null : sheet.fill_g[String(sheet.next_piece)];
  return (
    <div className="border border-ink max-lg:order-2">
      <Row name="Sum of the lines" grams={sheet.lines_g} />
      <Row
        name="Whole mixture"
        grams={sheet.mixture_g ?? null}
        on={aim === "mixture"}
        onAim={() => onAim("mixture")}
      >
        {gap !== null && Math.abs(gap) >= 1
          ? `${weighed(Math.abs(gap))} g ${gap < 0 ? "less" : "more"} than the lines`
          : null}
      </Row>
      <Row
        name="Each piece"
        grams={sheet.target_each_g ?? null}
        on={aim === "portion"}
        onAim={() => onAim("portion")}
      >
        {sheet.pieces.length > 0 && next != null
          ? `next one ${weighed(next)} g, ${sheet.topping_up ? "to top it up" : "from what is left"}`
          : null}
      </Row>
      <Row
        name="After cooking"
        grams={sheet.cooked_g ?? null}
        on={aim === "cooked"}
        onAim={() => onAim("cooked")}
      >
        {yieldText(portions.cooked ?? null)}
      </Row>
    </div>
  );
}

/** "90 % of it; usual 88 to 92 %". */
function yieldText(found: Schemas["Yield"] | null): string | null {
  if (!found) return null;
  const share = `${fixed(found.share * 100, 0)} % of what went in`;
  if (!found.usual_loss) return share;
  const [least, most] = found.usual_loss.map((lost) => fixed((1 - lost) * 100, 0));
  return `${share}; usual is ${most} to ${least} %. ${found.says}`.trim();
}

interface RowProps {
  name: string;
  grams: number | null;
  on?: boolean;
  onAim?: () => void;
  children?: string | null;
}

function Row({ name, grams, on = false, onAim, children }: RowProps) {
  const inside = (
    <>
      <span>{name}</span>
      <span className="text-right text-lg font-bold">
        {grams == null ? "not weighed" : `${weighed(grams)} g`}
      </span>
      {children && (
        <span className={`col-span-2 text-sm ${on ? "" : "text-soft"}`}>{children}</span>
      )}
    </>
  );
  const look =
    "grid w-full grid-cols-[1fr_auto] items-center gap-x-3 px-3 py-1.5 text-left min-h-11 border-b border-rule last:border-b-0";
  if (!onAim) return <div className={look}>{inside}</div>;
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onAim}
      className={`${look} ${on ? "bg-ink text-sheet" : "hover:bg-wash"}`}
    >
      {inside}
    </button>
  );
}
