import { api, ask, type Schemas, sentence } from "../../api/client";
import { keys, useRefresh, useSettings } from "../../api/queries";
import { fixed } from "../../lib/format";
import { applied, changedLine } from "../../lines/change";
import type { Draft } from "../../lines/useBuildDraft";
import { useNotice } from "../../ui/notices";
import { TextButton } from "../../ui/Reason";
import { Toggle } from "../../ui/Toggle";

type Consistency = Schemas["Consistency"];

const NAMES: Record<Schemas["Liquid"]["thickness"], string> = {
  fill: "stiff, to fill",
  spread: "to spread",
  dip: "to dip or pour",
  drizzle: "to drizzle",
};
const SMALL_G = 60;

/** How thick the dips and glazes of the build are, and how much liquid makes them otherwise. */
export function Thickness({ draft, thick }: { draft: Draft; thick: readonly Consistency[] }) {
  if (thick.length === 0) return null;
  return (
    <section aria-label="How thick it gets" className="border-t border-ink pt-2">
      <h2 className="text-lg font-bold">How thick it gets</h2>
      {thick.map((one) => (
        <OfOne key={one.component} one={one} draft={draft} />
      ))}
    </section>
  );
}

function OfOne({ one, draft }: { one: Consistency; draft: Draft }) {
  const line = (draft.build.components ?? [])
    .flatMap((part) => part.lines ?? [])
    .find((line) => line.id === one.line_id);
  const set = (grams: number) => {
    if (!line) return;
    const target_g = Math.max(0, Math.round(line.target_g + grams - one.liquid_g));
    draft.change((build) => applied(build, changedLine(line, { target_g })));
  };
  const now = one.liquids.find((way) => way.thickness === one.now);
  return (
    <div className="mt-1 grid gap-1">
      <p>
        <b>{one.component}</b>: {one.name}, {fixed(one.powder_g, 0)} g with {fixed(one.liquid_g, 0)}{" "}
        g of liquid
        {one.now ? `, about ${NAMES[one.now]}` : ""}.
      </p>
      <div className="flex flex-wrap gap-1" role="group" aria-label={`Liquid for ${one.component}`}>
        {one.liquids.map((way) => (
          <Toggle
            small
            key={way.thickness}
            on={way.thickness === one.now}
            onChoose={() => set(way.grams)}
          >
            {NAMES[way.thickness]} <b>{fixed(way.grams, 0)} g</b>
            {way.own ? " (yours)" : ` (${fixed(way.least_g, 0)}–${fixed(way.most_g, 0)})`}
          </Toggle>
        ))}
      </div>
      <p className="text-sm text-soft">
        {now && now.grams > 0 && (
          <>
            Hold back the last {fixed(now.hold_back_g, 0)} g and add it as it is needed
            {one.powder_g < SMALL_G ? ", 2 or 3 g at a time" : ""}.{" "}
          </>
        )}
        {one.standing}
      </p>
      {one.now && one.liquid_g > 0 && <KeepRatio one={one} thickness={one.now} />}
    </div>
  );
}

/** The cook's own ratio takes the place of the usual one. */
function KeepRatio({
  one,
  thickness,
}: {
  one: Consistency;
  thickness: NonNullable<Consistency["now"]>;
}) {
  const { data: settings } = useSettings();
  const refresh = useRefresh();
  const say = useNotice();
  if (!settings) return null;
  const ratio = Math.round((100 * one.liquid_g) / one.powder_g) / 100;
  const key = `${one.mixture}/${thickness}`;
  const kept = settings.own_ratios?.[key];
  const put = async (value: number | undefined) => {
    const others = Object.entries(settings.own_ratios ?? {}).filter(([name]) => name !== key);
    const own_ratios = Object.fromEntries(value === undefined ? others : [...others, [key, value]]);
    try {
      await ask(api.PUT("/api/settings", { body: { ...settings, own_ratios } }));
      say({
        text:
          value === undefined
            ? `The usual ratio ${NAMES[thickness]} is back.`
            : `1 : ${fixed(value, 2)} is yours ${NAMES[thickness]}.`,
      });
    } catch (error) {
      say({ text: sentence(error), bad: true });
    }
    refresh(keys.settings, ["trial"]);
  };
  return (
    <p className="flex flex-wrap gap-x-4">
      {kept !== ratio && (
        <TextButton onPress={() => void put(ratio)}>
          {`It came out right: keep 1 : ${fixed(ratio, 2)} ${NAMES[thickness]}`}
        </TextButton>
      )}
      {kept !== undefined && (
        <TextButton onPress={() => void put(undefined)}>Back to the usual ratio</TextButton>
      )}
    </p>
  );
}
