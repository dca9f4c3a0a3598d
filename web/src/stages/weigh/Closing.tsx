import { useQuery } from "@tanstack/react-query";
import { useState } from "react";

import type { Taken } from "../../api/captures";
import { api, ask, type Schemas } from "../../api/client";
import type { Live } from "../../api/live";
import { useSettings } from "../../api/queries";
import { useKeys } from "../../lib/useKeys";
import { figure, weighed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { type ShownSheet } from "./lines";
import { ByHand } from "../../scale/TypedIn";
import { useWhenSteady } from "../../scale/useWhenSteady";

type ClosingReport = Schemas["ClosingReport"];

interface ClosingProps {
  sheet: ShownSheet;
  live: Live;
  onCapture: (part: Taken) => string;
  onClose: () => void;
  onUndo: () => void;
}

/** All is weighed or skipped: what is worth a look before the weigh-in is closed. */
export function Closing({ sheet, live, onCapture, onClose, onUndo }: ClosingProps) {
  const { data: report } = useQuery({
    queryKey: ["closing", sheet.id, sheet.last_record, sheet.mixture_g],
    queryFn: () =>
      ask(api.GET("/api/batches/{batch_id}/closing", { params: { path: { batch_id: sheet.id } } })),
  });
  const unnamed = sheet.lines.some((line) => line.wants_name);
  const doubtful = sheet.lines.some((line) => line.doubtful);
  useKeys([
    {
      keys: "Enter",
      acts: true,
      says: "Close the weigh-in, where nothing is far off its plan",
      run: () => {
        if (!unnamed && !doubtful) onClose();
      },
    },
  ]);
  return (
    <div className="grid gap-4 py-4">
      {sheet.free ? (
        <h2 className="text-2xl font-bold">When it is all in</h2>
      ) : (
        <h1 className="text-3xl font-bold">Every line is weighed or skipped</h1>
      )}
      {report && <Looked report={report} />}
      <Mixture sheet={sheet} live={live} onCapture={onCapture} report={report} />
      {unnamed && (
        <p className="text-mark">Something has no name yet: choose it in the list and name it.</p>
      )}
      <div className="flex flex-wrap gap-3">
        <Button
          look="main"
          onClick={onClose}
          disabled={unnamed}
          {...(doubtful ? {} : { shortcut: "Enter" })}
          className="min-h-14 text-lg"
        >
          {doubtful ? "It is right: close the weigh-in" : "Close the weigh-in"}
        </Button>
        <Button onClick={onUndo} shortcut="⌫" className="min-h-14">
          Undo the last one
        </Button>
      </div>
      <p className="text-sm text-soft">Choose a line in the list to weigh it again.</p>
    </div>
  );
}

function Looked({ report }: { report: ClosingReport }) {
  const nothing = report.far.length + report.skipped.length + report.unweighed.length === 0;
  if (nothing) return <p className="text-done">✓ Nothing is far from its plan.</p>;
  return (
    <ul className="grid gap-1">
      {report.far.map((line) => (
        <li key={`far ${line.name}`}>
          <b>{line.name}</b>: {weighed(line.net_g)} g for {weighed(line.target_g)} g,{" "}
          <span className="text-mark">
            {Math.round(Math.abs(line.off) * 100)} % {line.off > 0 ? "more" : "less"}
          </span>
        </li>
      ))}
      {report.skipped.map((name) => (
        <li key={`skipped ${name.name}`}>
          <b>{name.name}</b> was left out ({weighed(name.target_g)} g planned)
          {name.reason && `: ${name.reason}`}
        </li>
      ))}
      {report.unweighed.map((name) => (
        <li key={`unweighed ${name.name}`}>
          <b>{name.name}</b> was not weighed: {weighed(name.low_g)} to {weighed(name.high_g)} g
          {name.margin_kcal > 0 &&
            `, ± ${figure(name.margin_kcal, "kcal")} kcal a serving, ${Math.round(name.margin_share * 100)} % of the margin`}
        </li>
      ))}
    </ul>
  );
}

interface MixtureProps {
  sheet: ShownSheet;
  live: Live;
  onCapture: (part: Taken) => string;
  report: ClosingReport | undefined;
}

/** The whole mixture against the sum of its lines, in its bowl or a known one. */
function Mixture({ sheet, live, onCapture, report }: MixtureProps) {
  const [typing, setTyping] = useState(false);
  const [inBowl, setIn] = useState("");
  const { data: settings } = useSettings();
  const { reading } = live;
  const { whenSteady, waiting } = useWhenSteady(reading);
  const bowls = [
    ...Object.entries(sheet.empty_g).map(([name, grams]) => ({ name, grams })),
    ...(settings?.vessels ?? []).flatMap(({ name, empty_g: grams }) =>
      grams != null && !(name in sheet.empty_g) ? [{ name, grams }] : [],
    ),
  ];
  const chosen = bowls.find((bowl) => bowl.name === inBowl) ?? bowls[0];
  const weighIn = (bowl: { name: string; grams: number }) =>
    whenSteady(bowl.name, ({ reading: raw }) => {
      const on = { scale: raw.scale ?? "", mode: raw.mode ?? "gross", bowl: bowl.name } as const;
      const tare = onCapture({ kind: "tare", ...on, gross_g: bowl.grams, origin: "vessel" });
      onCapture({
        kind: "mixture",
        ...on,
        gross_g: raw.grams,
        tare_record: tare,
        division_g: raw.division_g,
        origin: "scale",
      });
    });
  return (
    <section aria-label="The whole mixture" className="border border-rule p-3">
      <h2 className="font-bold">
        The whole mixture,{" "}
        <span className="font-normal text-soft">
          the lines add up to {weighed(Math.round(sheet.lines_g))} g
        </span>
      </h2>
      {report?.gap ? <GapSays gap={report.gap} /> : null}
      <div className="mt-2 flex flex-wrap items-end gap-2">
        {reading && chosen && (
          <>
            <p className="grid gap-1">
              <span className="text-sm text-soft">The scale shows</span>
              <output
                data-testid="gross"
                className={`flex min-h-11 items-center font-mono text-2xl font-bold ${reading.steady ? "" : "text-soft"}`}
              >
                {weighed(reading.reading.grams)} g
              </output>
            </p>
            <Choice
              label="It is on the scale, in"
              value={chosen.name}
              onChange={setIn}
              options={bowls.map((bowl) => ({
                value: bowl.name,
                label: `${bowl.name}, ${weighed(bowl.grams)} g empty`,
              }))}
            />
            <Button onClick={() => weighIn(chosen)}>{waiting ? "When steady…" : "Weigh it"}</Button>
          </>
        )}
        <Button onClick={() => setTyping(true)}>Type it in</Button>
      </div>
      {report && report.fills.length > 0 && <Fills fills={report.fills} />}
      <ByHand
        open={typing}
        onOpenChange={setTyping}
        name="The whole mixture"
        target={sheet.mixture_g ?? null}
        estimates={false}
        onTaken={({ grams }) => onCapture({ kind: "mixture", net_g: grams, origin: "hand" })}
      />
    </section>
  );
}

/** How full a pan or a set of cups gets. */
function Fills({ fills }: { fills: ClosingReport["fills"] }) {
  const [name, setName] = useState(fills[0]?.vessel ?? "");
  const fill = fills.find((fill) => fill.vessel === name) ?? fills[0];
  if (!fill) return null;
  const percent = (share: number) => Math.round(share * 100);
  return (
    <div className="mt-3 flex flex-wrap items-end gap-x-4 gap-y-1 border-t border-rule pt-2">
      <Choice
        label="It is for"
        value={fill.vessel}
        onChange={setName}
        options={fills.map((fill) => ({ value: fill.vessel, label: fill.vessel }))}
      />
      <p className={fill.too_much ? "text-mark" : ""}>
        {percent(fill.least)} to {percent(fill.most)} % full.{" "}
        <span className="block text-sm text-soft">
          Three quarters, for what rises: {weighed(Math.round(fill.fits_from_g))} to{" "}
          {weighed(Math.round(fill.fits_to_g))} g
        </span>
      </p>
    </div>
  );
}

function GapSays({ gap }: { gap: Schemas["MixtureGap"] }) {
  if (gap.agrees) {
    return (
      <p className="text-done">✓ {weighed(gap.mixture_g)} g weighed: it agrees with the lines.</p>
    );
  }
  const off = `${weighed(Math.abs(gap.gap_g))} g ${gap.gap_g > 0 ? "more" : "less"} than the lines`;
  return (
    <div>
      <p className="font-semibold text-mark">
        {weighed(gap.mixture_g)} g weighed, {off}.
      </p>
      <ul className="ml-4 list-disc">
        {gap.causes.map((cause) => (
          <li key={cause.says}>{cause.says}</li>
        ))}
      </ul>
    </div>
  );
}
