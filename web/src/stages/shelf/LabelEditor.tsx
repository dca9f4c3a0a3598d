import { type SyntheticEvent, useState } from "react";

import { ProblemError, sentence } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { AuditView } from "./AuditView";
import { type FigureField, type Label, PANELS } from "./panels";
import { useAudit } from "./useAudit";

interface LabelEditorProps {
  stored: Label;
  isNew: boolean;
  onSave: (label: Label) => Promise<void>;
}

const STYLES = [
  { value: "us", label: "US panel: per serving, total carbohydrate" },
  { value: "eu", label: "EU panel: per 100 g, carbohydrate without fibre" },
  { value: "table", label: "Typical values from a table or from memory" },
] as const;

const POLYOLS = [
  "erythritol",
  "xylitol",
  "maltitol",
  "sorbitol",
  "mannitol",
  "isomalt",
  "lactitol",
  "hsh",
] as const;

/** The panel as it is in the cook's hand, top to bottom, its audit live beside it. */
export function LabelEditor({ stored, isNew, onSave }: LabelEditorProps) {
  const [label, setLabel] = useState(stored);
  const [problem, setProblem] = useState<ProblemError>();
  const [saving, setSaving] = useState(false);
  const { audit, problem: auditProblem } = useAudit(label);
  const change = (part: Partial<Label>) => setLabel((all) => ({ ...all, ...part }));
  const dirty = isNew || JSON.stringify(label) !== JSON.stringify(stored);
  const at = (field: string) =>
    problem?.at(`label.${field}`) ?? problem?.at(field) ?? auditProblem?.at(field);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    setSaving(true);
    try {
      await onSave(label);
      setProblem(undefined);
    } catch (error) {
      setProblem(error instanceof ProblemError ? error : new ProblemError(0, sentence(error)));
    } finally {
      setSaving(false);
    }
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[24rem_minmax(18rem,1fr)]">
      <form
        onSubmit={(event) => void save(event)}
        className="grid min-w-0 content-start gap-4"
        noValidate
      >
        <TextField
          label="Package"
          placeholder="Northlight skim quark"
          maxLength={200}
          value={label.name ?? ""}
          onChange={(name) => change({ name })}
          error={at("name")}
        />
        <Choice
          label="Panel"
          value={label.style}
          options={STYLES}
          onChange={(style) => change({ style })}
        />
        <fieldset className="border-2 border-ink">
          <legend className="sr-only">Figures as printed; an empty field is unknown</legend>
          <div className="border-b-4 border-ink px-3 py-2">
            <NumberField
              inline
              label={label.style === "us" ? "Serving" : "Figures are per"}
              unit="g"
              value={label.basis_g}
              onChange={(basis) => basis !== null && change({ basis_g: basis })}
              error={label.basis_g > 0 ? at("basis_g") : "A serving must weigh more than 0 g."}
            />
          </div>
          <div className="divide-y divide-rule">
            {PANELS[label.style].map((row) => (
              <PanelRow
                key={row.field}
                row={row}
                label={label}
                change={change}
                error={at(row.field)}
              />
            ))}
          </div>
          {(label.polyols_g ?? 0) > 0 && (
            <div className="border-t border-rule px-3 py-2">
              <Choice
                label="Which polyol"
                value={label.polyol ?? "unknown"}
                options={[
                  { value: "unknown", label: "not said" },
                  ...POLYOLS.map((one) => ({
                    value: one,
                    label: one === "hsh" ? "hydrogenated starch hydrolysates" : one,
                  })),
                ]}
                onChange={(kind) => change({ polyol: kind === "unknown" ? null : kind })}
              />
            </div>
          )}
          {label.style === "table" && (
            <div className="border-t border-rule px-3 py-2">
              <NumberField
                inline
                optional
                label="Spread, ± %"
                unit="%"
                most={100}
                value={label.spread == null ? null : Math.round(label.spread * 1000) / 10}
                onChange={(percent) => change({ spread: percent === null ? null : percent / 100 })}
                hint="10 % unless better is known"
                error={at("spread")}
              />
            </div>
          )}
        </fieldset>
        <p className="text-sm text-soft">An empty field is unknown, not zero.</p>
        {problem && problem.faults.length === 0 && problem.status !== 409 && (
          <p role="alert" className="text-mark">
            {problem.message}
          </p>
        )}
        <Button
          type="submit"
          look="main"
          disabled={!dirty || saving}
          className="justify-self-start"
        >
          {isNew ? "Put it on the shelf" : dirty ? "Save the label" : "Saved"}
        </Button>
      </form>
      <AuditView audit={audit} />
    </div>
  );
}

interface PanelRowProps {
  row: { field: FigureField; name: string; unit: string; inside?: boolean };
  label: Label;
  change: (part: Partial<Label>) => void;
  error: string | undefined;
}

function PanelRow({ row, label, change, error }: PanelRowProps) {
  return (
    <div className={`px-3 py-0.5 ${row.inside ? "pl-8" : "font-bold"}`}>
      <NumberField
        inline
        optional
        label={row.name}
        unit={row.unit}
        value={label[row.field] ?? null}
        onChange={(value) => change({ [row.field]: value })}
        error={error}
      />
    </div>
  );
}
