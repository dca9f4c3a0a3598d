import type { Schemas } from "../../api/client";
import { weighed } from "../../lib/format";
import { Toggle } from "../../ui/Toggle";
import type { Filling } from "./filling";

interface WeighedBackProps {
  parts: readonly Schemas["PartWeighedBack"][];
  filling: Filling;
  onWeigh: (aim: "leftover" | "fat", component: string) => void;
}

/** What is not eaten: frosting left over, glaze on the tray, residue in the bowl, fat poured off. */
export function WeighedBack({ parts, filling, onWeigh }: WeighedBackProps) {
  const on = (aim: string, part: string) => filling.aim === aim && filling.component === part;
  return (
    <section aria-label="Not eaten" className="max-lg:order-4">
      <h2 className="text-lg font-bold">Not eaten</h2>
      <p className="text-sm text-soft">
        Frosting left over, glaze on the tray, what stays in the bowl, fat poured off: weigh it back
        and it does not count.
      </p>
      <ul className="mt-1 border-t border-ink">
        {parts.map((part) => (
          <li
            key={part.component}
            className="flex flex-wrap items-center gap-x-3 border-b border-rule py-1"
          >
            <span className="min-w-28 flex-1">
              {part.component} <span className="text-soft">{weighed(part.made_g)} g</span>
              <span className="block text-sm">
                {[
                  part.leftover_g != null &&
                    `${weighed(part.leftover_g)} g came back: ${used(part)} % used`,
                  part.fat_g != null && `${weighed(part.fat_g)} g fat poured off`,
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </span>
            </span>
            <Toggle
              small
              on={on("leftover", part.component)}
              onChoose={() => onWeigh("leftover", part.component)}
            >
              <span aria-label={`Weigh leftovers of ${part.component}`}>weigh leftovers</span>
            </Toggle>
            <Toggle
              small
              on={on("fat", part.component)}
              onChoose={() => onWeigh("fat", part.component)}
            >
              <span aria-label={`Fat drained from ${part.component}`}>fat drained</span>
            </Toggle>
          </li>
        ))}
      </ul>
    </section>
  );
}

const used = (part: Schemas["PartWeighedBack"]) =>
  part.made_g > 0 ? Math.max(0, Math.round(100 * (1 - (part.leftover_g ?? 0) / part.made_g))) : 0;
