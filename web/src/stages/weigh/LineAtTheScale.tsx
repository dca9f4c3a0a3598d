import type { Live } from "../../api/live";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choices } from "./Choices";
import { type Line, type ShownSheet, untilRight, wanted } from "./lines";
import { PourLine } from "../../scale/PourLine";
import { Readout } from "../../scale/Readout";
import { ScaleButtons } from "../../scale/ScaleButtons";
import { SoFar } from "./SoFar";
import type { Weighing } from "./useWeighing";

interface LineAtTheScaleProps {
  sheet: ShownSheet;
  line: Line | undefined;
  live: Live;
  weighing: Weighing;
  /** The line that the cook says is all there is. */
  tooLittle: number | null;
  onTooLittle: (line: number | null) => void;
  onOtherWays: () => void;
}

/** The name, the reading, what is left to pour. */
export function LineAtTheScale(p: LineAtTheScaleProps) {
  const { sheet, line, live, weighing } = p;
  const { reading } = live;
  const counted = line?.only_counted === true;
  const targeted = line !== undefined && line.target_g > 0;
  const next = sheet.lines.find((line) => line.status === "open" && line.id !== sheet.current);
  const short = line !== undefined && p.tooLittle === line.id && reading?.state === "pouring";
  const over = reading?.state === "over" && reading.steady;
  const offScale = reading && line && targeted && line.status === "open" && (over || short);
  const asked = weighing.undecided?.grams ?? (offScale ? reading.net_g : null);
  const vessel = line === undefined ? "the bowl" : line.way === "out_of" ? "its pack" : "the bowl";
  return (
    <>
      <h1 className="mt-2 text-[2.6rem] leading-tight font-bold max-sm:text-3xl">
        {line ? (line.unnamed ? "No name yet" : line.name) : "Pour anything"}
      </h1>
      <p className="text-lg text-soft max-sm:text-base">
        {line ? (
          <About line={line} coarse={reading?.coarse ?? false} />
        ) : (
          "Record it, then say what it was; or name it first."
        )}
      </p>
      <div className="flex items-end justify-between gap-6">
        <Readout reading={reading} plain={!targeted} vessel={vessel} />
        <div className="max-w-64 pb-12 text-right max-lg:hidden">
          <SoFar sheet={sheet} />
          {next && (
            <p className="mt-4 text-sm text-soft">
              then
              <span className="block text-base text-ink">
                {[next.name, wanted(next)].filter(Boolean).join(", ")}
              </span>
            </p>
          )}
        </div>
      </div>
      {counted ? (
        <CountedLine
          count={line.count ?? 0}
          onCountOnly={() => weighing.told({ grams: 0, range: null, origin: "hand" })}
        />
      ) : targeted ? (
        <div className={asked === null ? "" : "max-sm:hidden"}>
          <PourLine reading={reading} target={line.target_g} soFar={line.poured_g} />
        </div>
      ) : null}
      {line && asked !== null && (
        <Choices
          batchId={sheet.id}
          line={line}
          net={line.poured_g + asked}
          weighing={weighing}
          onDone={() => p.onTooLittle(null)}
        />
      )}
      {next && asked === null && (
        <p className="text-sm text-soft lg:hidden">
          then {[next.name, wanted(next)].filter(Boolean).join(", ")}
        </p>
      )}
      {targeted && line.status === "open" && asked === null && (
        <p className="min-h-8 text-sm text-soft max-sm:min-h-11">
          {reading?.state === "pouring" && (
            <>
              No more of it?{" "}
              <button
                type="button"
                className="min-h-8 text-pencil hover:underline max-sm:min-h-11"
                onClick={() => p.onTooLittle(line.id)}
              >
                That’s all I have
              </button>
            </>
          )}
        </p>
      )}
      <ScaleButtons
        ready={reading !== null}
        back={asked !== null}
        taking={weighing.waiting === "line"}
        canUndo={Boolean(sheet.last_record)}
        onTake={weighing.take}
        onTare={weighing.tare}
        onUndo={weighing.undo}
        {...(line && { onLater: () => weighing.later() })}
        {...(line && untilRight(line) && { onAdd: () => weighing.add() })}
        onByHand={p.onOtherWays}
        byHand="Another way"
      />
    </>
  );
}

function About({ line, coarse }: { line: Line; coarse: boolean }) {
  const says = [
    line.component,
    line.planned_name != null && `instead of ${line.planned_name}`,
    line.way === "out_of" && "taken out of its pack",
    line.also.length > 0 && `in one with that of ${line.also.join(", ")}`,
    untilRight(line) && `until ${line.until}`,
    line.status === "open" && line.poured_g > 0 && `${weighed(line.poured_g)} g in already`,
    line.finer_scale && coarse && "small: a finer scale is better",
    line.status === "weighed" && "weighed already, a new reading replaces it",
    line.status === "skipped" && "left out: a reading takes it back in",
  ].filter(Boolean);
  return says.join(" · ");
}

interface CountedLineProps {
  count: number;
  onCountOnly: () => void;
}

/** Pieces that nobody has weighed: the count is what is calculated with, a weight is welcome. */
function CountedLine({ count, onCountOnly }: CountedLineProps) {
  return (
    <div className="my-4 flex flex-wrap items-center gap-x-6 gap-y-2 border-y border-rule py-3">
      <p className="text-xl font-bold">{weighed(count)} pieces, by count</p>
      <p className="max-w-prose text-soft">
        Put them on and take the reading, so that the batch’s weight is known. Or leave it at the
        count.
      </p>
      <Button onClick={onCountOnly}>Only counted</Button>
    </div>
  );
}
