import type { Live } from "../../api/live";
import { Tick } from "../../ui/Tick";
import type { ShownSheet } from "./lines";

interface StatusProps {
  live: Live;
  sheet: ShownSheet;
  onHandsFree: (on: boolean) => void;
  voice: { on: boolean; toggle: () => void; possible: boolean };
}

/** Whether scale and kitchen answer, and how the weigh-in goes on: by itself, aloud. */
export function Status({ live, sheet, onHandsFree, voice }: StatusProps) {
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 text-sm">
      <span
        role="status"
        className={
          live.reading && live.server && live.trouble === null
            ? "text-done"
            : "font-semibold text-mark"
        }
      >
        {says(live)}
      </span>
      <span className="ml-auto flex flex-wrap gap-x-4">
        {voice.possible && (
          <Tick large on={voice.on} onChange={voice.toggle}>
            spoken
          </Tick>
        )}
        <Tick large on={sheet.hands_free} onChange={onHandsFree}>
          <span>
            hands-free
            <span className="max-sm:sr-only">: take it when it is right and steady</span>
          </span>
        </Tick>
      </span>
    </div>
  );
}

function says(live: Live): string {
  if (!live.server) {
    return "The kitchen does not answer: what you take is kept here and sent when it does";
  }
  if (live.trouble !== null) return live.trouble;
  if (!live.scale || (live.inUse && !live.scales[live.inUse])) {
    return `The ${live.inUse ?? "scale"} does not answer. Trying again; typing it in works meanwhile`;
  }
  const division = live.reading?.reading.division_g;
  const others = Object.entries(live.scales).filter(([name]) => name !== live.inUse);
  return [
    `✓ ${live.inUse ?? "scale"} connected${division ? ` · ${division} g` : ""}`,
    ...others.map(([name, answers]) => `${name} ${answers ? "ready" : "does not answer"}`),
  ].join(" · ");
}
