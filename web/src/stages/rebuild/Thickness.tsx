import { api, ask, type Schemas } from "../../api/client";
import { useSettings } from "../../api/queries";
import { fixed } from "../../lib/format";
import { applied, changedLine } from "../../lines/change";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { useNotice } from "../../ui/notices";
import { TextButton } from "../../ui/Reason";
import { Toggle } from "../../ui/Toggle";
import { useDeed } from "../../ui/useDeed";

type MixtureThickness = Schemas["MixtureThickness"];

const NAMES: Record<Schemas["ThicknessWay"]["thickness"], string> = {
  fill: "stiff, to fill",
  spread: "to spread",
  dip: "to dip or pour",
  drizzle: "to drizzle",
  spoon: "to eat with a spoon",
  milkshake: "like a milkshake",
  body: "with some body",
};

/** How thick the dips, frostings and shakes of the build are, and what makes them otherwise. */
export function Thickness({
  draft,
  thick,
}: {
  draft: BuildDraft;
  thick: readonly MixtureThickness[];
}) {
  if (thick.length === 0) return null;
  return (
    <section aria-label="How thick it gets" className="border-t border-ink pt-2">
      <h2 className="text-lg font-bold">How thick it gets</h2>
      {thick.map((mixture) => (
        <OfOne key={mixture.component} mixture={mixture} draft={draft} />
      ))}
    </section>
  );
}

function OfOne({ mixture, draft }: { mixture: MixtureThickness; draft: BuildDraft }) {
  const line = (draft.build.components ?? [])
    .flatMap((part) => part.lines ?? [])
    .find((line) => line.id === mixture.line_id);
  const digits = mixture.by_tenths ? 1 : 0;
  const set = (grams: number) => {
    if (!line) return;
    const target_g = Number(Math.max(0, line.target_g + grams - mixture.added_g).toFixed(digits));
    draft.change((build) => applied(build, changedLine(line, { target_g })));
  };
  return (
    <div className="mt-1 grid gap-1">
      <p>
        <b>{mixture.component}</b>: {mixture.name}, {fixed(mixture.base_g, 0)} g with{" "}
        {fixed(mixture.added_g, digits)} g of {mixture.sort}
        {mixture.now ? `. As planned: ${NAMES[mixture.now]}` : ""}.
      </p>
      <ul
        className="flex flex-wrap gap-1"
        aria-label={`How much ${mixture.sort} ${mixture.component} takes`}
      >
        {mixture.ways.map((way) => {
          const says = (
            <>
              {NAMES[way.thickness]} <b>{fixed(way.grams, digits)} g</b>{" "}
              {way.own ? "(yours)" : `(${fixed(way.least_g, digits)}–${fixed(way.most_g, digits)})`}
            </>
          );
          return (
            <li key={way.thickness}>
              {line ? (
                <Toggle small on={way.thickness === mixture.now} onChoose={() => set(way.grams)}>
                  {says}
                </Toggle>
              ) : (
                <span className="px-2">{says}</span>
              )}
            </li>
          );
        })}
      </ul>
      <p className="text-sm text-soft">
        {mixture.hold_back_g > 0 && (
          <>
            Hold back the last {fixed(mixture.hold_back_g, 0)} g and add it as needed
            {mixture.little ? ", 2 or 3 g at a time" : ""}.{" "}
          </>
        )}
        {mixture.standing}
      </p>
      {mixture.now && <KeepRatio mixture={mixture} thickness={mixture.now} />}
    </div>
  );
}

const ratioText = (ratio: number, mixture: MixtureThickness) =>
  mixture.sort === "liquid"
    ? `1 : ${fixed(ratio, 2)}`
    : `${fixed(100 * ratio, mixture.by_tenths ? 2 : 1)} %`;

/** The cook's own ratio takes the place of the usual one. */
function KeepRatio({
  mixture,
  thickness,
}: {
  mixture: MixtureThickness;
  thickness: NonNullable<MixtureThickness["now"]>;
}) {
  const { data: settings } = useSettings();
  const say = useNotice();
  const deed = useDeed();
  const key = mixture.ways.find((way) => way.thickness === thickness)?.ratio_key;
  if (!settings || key === undefined) return null;
  const ratio = Number((mixture.added_g / mixture.base_g).toFixed(4));
  const kept = settings.own_ratios?.[key];
  const put = async (value: number | undefined) => {
    const others = Object.entries(settings.own_ratios ?? {}).filter(([name]) => name !== key);
    const own_ratios = Object.fromEntries(value === undefined ? others : [...others, [key, value]]);
    await deed.run(async () => {
      await ask(api.PUT("/api/settings", { body: { ...settings, own_ratios } }));
      say({
        text:
          value === undefined
            ? `The usual ratio ${NAMES[thickness]} is back.`
            : `${ratioText(value, mixture)} is now your ratio ${NAMES[thickness]}.`,
      });
    });
  };
  return (
    <p className="flex flex-wrap gap-x-4">
      {kept !== ratio && (
        <TextButton onPress={() => void put(ratio)}>
          {`It came out right: keep ${ratioText(ratio, mixture)} ${NAMES[thickness]}`}
        </TextButton>
      )}
      {kept !== undefined && (
        <TextButton onPress={() => void put(undefined)}>Back to the usual ratio</TextButton>
      )}
    </p>
  );
}
