import { useState } from "react";

import { api, type Schemas } from "../../api/client";
import { useAnswer } from "../../api/useAnswer";
import { MOST } from "../../api/vocabulary";
import { fixed } from "../../lib/format";
import { Button } from "../../ui/Button";
import { Choice, NumberField } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { lineName } from "../../lines/draft";
import type { Trying } from "../../lines/SwapList";

type Scaling = Schemas["Scaling"];
type By = Scaling["by"];
type Pan = NonNullable<Scaling["pan_from"]>;

const WAYS: readonly { by: By; name: string }[] = [
  { by: "factor", name: "by a factor" },
  { by: "portions", name: "to portions" },
  { by: "pan", name: "other pan" },
  { by: "pack", name: "use up a pack" },
];

interface ScaleTabProps {
  draft: BuildDraft;
  trialId: number;
  trying: Trying;
}

/** The whole trial larger or smaller, by one factor. */
export function ScaleTab({ draft, trialId, trying }: ScaleTabProps) {
  const [by, setBy] = useState<By>("factor");
  const [factor, setFactor] = useState<number | null>(2);
  const [portions, setPortions] = useState<number | null>(draft.build.portions ?? 1);
  const [from, setFrom] = useState<Pan>({ length_cm: 23, width_cm: 23 });
  const [to, setTo] = useState<Pan>({ diameter_cm: 26 });
  const lines = (draft.build.components ?? [])
    .flatMap((part) => part.lines ?? [])
    .filter((line) => line.target_g > 0);
  const [lineId, setLineId] = useState(lines[0]?.id ?? "");
  const chosen = lines.find((line) => line.id === lineId) ?? lines[0];
  const packG = draft.labels[String(chosen?.label_id)]?.package.pack_g ?? null;
  const [pack, setPack] = useState<number | null>(null);
  const scaling: Scaling = {
    by,
    factor,
    portions,
    pan_from: from,
    pan_to: to,
    line_id: chosen?.id ?? null,
    pack_g: pack ?? packG,
  };
  const { answer, problem } = useAnswer<Schemas["ScalingAnswer"]>(
    lines.length === 0 ? "" : JSON.stringify({ build: draft.build, scaling }),
    (body) =>
      api.POST("/api/trials/{trial_id}/scale", {
        params: { path: { trial_id: trialId } },
        body: JSON.parse(body) as Schemas["ScalingWanted"],
      }),
    80,
  );
  if (lines.length === 0) return <p>There is nothing to scale yet: add a line to the build.</p>;
  return (
    <div className="grid gap-3">
      <div role="group" aria-label="Resize" className="flex flex-wrap">
        {WAYS.map((way) => (
          <Toggle key={way.by} small on={by === way.by} onChoose={() => setBy(way.by)}>
            {way.name}
          </Toggle>
        ))}
      </div>
      {by === "factor" && (
        <div className="flex flex-wrap items-end gap-2">
          <NumberField
            label="Factor"
            value={factor}
            most={MOST.Scaling.factor}
            onChange={setFactor}
            error={problem?.at("scaling.factor") ?? problem?.at("factor")}
          />
          {[0.5, 1.5, 2, 3].map((times) => (
            <Button key={times} onClick={() => setFactor(times)}>
              × {times}
            </Button>
          ))}
        </div>
      )}
      {by === "portions" && (
        <NumberField
          label="Portions, each as large as now"
          value={portions}
          most={MOST.Scaling.portions}
          onChange={setPortions}
          error={problem?.at("scaling.portions") ?? problem?.at("portions")}
        />
      )}
      {by === "pan" && (
        <div className="grid gap-2 sm:grid-cols-2">
          <PanFields name="From" pan={from} onChange={setFrom} error={problem?.at("pan_from")} />
          <PanFields name="To" pan={to} onChange={setTo} error={problem?.at("pan_to")} />
        </div>
      )}
      {by === "pack" && (
        <div className="flex flex-wrap items-end gap-3">
          <div className="min-w-56">
            <Choice
              label="Use up"
              value={chosen?.id ?? ""}
              options={lines.map((line) => ({
                value: line.id,
                label: lineName(line, draft.labels),
              }))}
              onChange={(id) => {
                setLineId(id);
                setPack(null);
              }}
            />
          </div>
          <NumberField
            label="The pack holds"
            unit="g"
            value={pack ?? packG}
            onChange={setPack}
            error={problem?.at("pack_g")}
          />
        </div>
      )}
      {problem && problem.faults.length === 0 && <p className="text-mark">{problem.message}</p>}
      {answer && !problem && (
        <div role="status" className="grid gap-2 border-t border-rule pt-2">
          <p>
            All lines × <b>{fixed(answer.factor, 3).replace(/0+$/, "").replace(/\.$/, "")}</b>,{" "}
            <b>{answer.change.portions}</b> portions.
          </p>
          <ul className="list-disc pl-5 text-[15px]">
            {answer.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
          <div>
            <Button look="main" onClick={() => trying.apply(answer.change, "The trial is scaled.")}>
              Scale the trial
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}

interface PanFieldsProps {
  name: string;
  pan: Pan;
  onChange: (pan: Pan) => void;
  error: string | undefined;
}

function PanFields({ name, pan, onChange, error }: PanFieldsProps) {
  const round = pan.diameter_cm != null;
  return (
    <fieldset className="border border-rule p-2">
      <legend className="px-1 text-sm text-soft">{name}</legend>
      <div role="group" aria-label={`${name}: shape`} className="mb-2 flex">
        <Toggle small on={!round} onChoose={() => onChange({ length_cm: 23, width_cm: 23 })}>
          sides
        </Toggle>
        <Toggle small on={round} onChoose={() => onChange({ diameter_cm: 26 })}>
          round
        </Toggle>
      </div>
      <div className="flex gap-2">
        {round ? (
          <NumberField
            label={`${name}: diameter`}
            unit="cm"
            value={pan.diameter_cm}
            onChange={(diameter_cm) => onChange({ diameter_cm })}
            error={error}
          />
        ) : (
          <>
            <NumberField
              label={`${name}: length`}
              unit="cm"
              value={pan.length_cm}
              onChange={(length_cm) => onChange({ ...pan, length_cm })}
              error={error}
            />
            <NumberField
              label={`${name}: width`}
              unit="cm"
              value={pan.width_cm}
              onChange={(width_cm) => onChange({ ...pan, width_cm })}
            />
          </>
        )}
      </div>
    </fieldset>
  );
}
