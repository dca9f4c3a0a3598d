import { type SyntheticEvent, useEffect, useRef, useState } from "react";

import { api, firstFault, type ProblemError, type Schemas } from "../api/client";
import { useAnswer } from "../api/useAnswer";
import { Button } from "../ui/Button";
import { Choice, Field, NumberField, TextField } from "../ui/Field";
import { useDeed } from "../ui/useDeed";
import { AuditView } from "./AuditView";
import { BasisFields } from "./BasisFields";
import { MovedBy } from "./MovedBy";
import { PackageFields } from "./PackageFields";
import { PanelNumber } from "./PanelNumber";
import { MACROS, MOST, POLYOLS, TYPICAL_SPREAD } from "../api/vocabulary";
import { type Edited, type Label, type Package, PANELS, type PanelFigure } from "./panels";
import { useAudit } from "./useAudit";

interface LabelEditorProps {
  stored: Edited;
  /** The label on the shelf; none for a new one. */
  labelId?: number;
  onSave: (edited: Edited) => Promise<void>;
}

const STYLES = [
  { value: "us", label: "US: per serving, total carbohydrate" },
  { value: "eu", label: "EU and UK: per 100 g or ml, carbohydrate without fibre" },
  { value: "table", label: "Generic values, no label" },
] as const;

/** The panel as it is in the cook's hand, top to bottom, its audit live beside it. */
export function LabelEditor({ stored, labelId, onSave }: LabelEditorProps) {
  const [edited, setEdited] = useState(stored);
  const [base, setBase] = useState(stored);
  if (!equal(stored, base)) {
    // Stored anew, by this page or elsewhere: what is being typed stays.
    setBase(stored);
    if (equal(edited, base)) setEdited(stored);
  }
  const [problem, setProblem] = useState<ProblemError>();
  const { run, busy: saving } = useDeed(setProblem);
  const { label } = edited;
  const { audit, problem: auditProblem } = useAudit(label);
  const change = (part: Partial<Label>) =>
    setEdited((all) => ({ ...all, label: { ...all.label, ...part } }));
  const changePackage = (part: Partial<Package>) =>
    setEdited((all) => ({ ...all, package: { ...all.package, ...part } }));
  const isNew = labelId === undefined;
  const dirty = isNew || !equal(edited, stored);
  const at = (field: string) =>
    problem?.at(`label.${field}`) ?? problem?.at(field) ?? auditProblem?.at(field);
  const save = async (event: SyntheticEvent) => {
    event.preventDefault();
    event.stopPropagation();
    await run(async () => {
      await onSave(edited);
      setProblem(undefined);
    });
  };
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-6 xl:grid-cols-[25rem_minmax(18rem,1fr)]">
      <form
        onSubmit={(event) => void save(event)}
        className="grid min-w-0 content-start gap-4"
        noValidate
      >
        {isNew && <PastedPanel onRead={change} />}
        <Choice
          label="Label type"
          value={label.style}
          options={STYLES}
          onChange={(style) => change({ style })}
        />
        <PanelFields label={label} change={change} at={at} mainFirst={isNew} />
        <p className="text-sm text-soft">
          An empty field is unknown, not zero. “&lt;1”, “1/2” and “0,5” are fine.
        </p>
        <TextField
          label="Package"
          placeholder="Northlight skim quark"
          maxLength={200}
          value={label.name ?? ""}
          onChange={(name) => change({ name })}
          error={at("name")}
        />
        <details className="group" open={hasMore(edited.package) || undefined}>
          <summary className="min-h-11 cursor-pointer content-center font-semibold text-pencil">
            Pack, price, allergens, what it does
          </summary>
          <PackageFields
            label={label}
            value={edited.package ?? {}}
            change={changePackage}
            at={(field) => problem?.at(`package.${field}`) ?? problem?.at("package")}
          />
        </details>
        {problem && problem.faults.length === 0 && problem.status !== 409 && (
          <p role="alert" className="text-mark">
            {problem.message}
          </p>
        )}
        <div className="sticky bottom-0 flex flex-wrap items-center gap-3 border-t border-rule bg-sheet py-2">
          <Button type="submit" look="main" disabled={!dirty || saving}>
            {isNew ? "Save" : dirty ? "Save the label" : "Saved"}
          </Button>
          {!isNew && dirty && (
            <Button look="quiet" onClick={() => setEdited(stored)}>
              As it was
            </Button>
          )}
        </div>
      </form>
      <div className="grid min-w-0 content-start gap-6">
        <AuditView audit={audit} />
        {labelId !== undefined && dirty && <MovedBy labelId={labelId} candidate={label} />}
      </div>
    </div>
  );
}

/** A panel as it is copied, or a note of its numbers: what is understood goes into the fields. */
function PastedPanel({ onRead }: { onRead: (part: Partial<Label>) => void }) {
  const [text, setText] = useState("");
  const wanted = text.trim();
  const { about, answer, problem } = useAnswer<Schemas["PastedPanel"]>(
    wanted,
    (panel) => api.POST("/api/labels/pasted", { body: { text: panel } }),
    40,
  );
  const take = useRef(onRead);
  useEffect(() => {
    take.current = onRead;
  });
  useEffect(() => {
    if (!answer) return;
    const said = Object.entries(answer).filter(
      ([field, value]) => field !== "unused" && isSaid(value),
    );
    take.current(Object.fromEntries(said));
  }, [answer]);
  const unused = about === wanted ? (answer?.unused ?? []) : [];
  return (
    <Field
      label="Paste the panel, or type it below"
      error={problem && about === wanted ? firstFault(problem) : undefined}
      hint={unused.length > 0 ? `Not used: ${unused.join(", ")}` : undefined}
    >
      {({ id, describedBy, invalid }) => (
        <textarea
          id={id}
          rows={2}
          maxLength={6000}
          value={text}
          placeholder="148 kcal, 12 P, 4 C, 9 F per 100 g"
          aria-describedby={describedBy}
          aria-invalid={invalid || undefined}
          onChange={(event) => setText(event.target.value)}
          onKeyDown={(event) => {
            if (event.key !== "Enter" || event.shiftKey) return;
            event.preventDefault();
            if (about === wanted) event.currentTarget.form?.requestSubmit();
          }}
          className="w-full border border-soft bg-sheet p-2.5 placeholder:text-soft"
        />
      )}
    </Field>
  );
}

const isSaid = (value: unknown) =>
  value !== null && value !== "" && !(Array.isArray(value) && value.length === 0);

const equal = (one: Edited, other: Edited) => JSON.stringify(one) === JSON.stringify(other);

const hasMore = (value: Package | undefined) =>
  Object.values(value ?? {}).some((figure) =>
    Array.isArray(figure) ? figure.length > 0 : figure != null && figure !== "",
  );

interface PanelFieldsProps {
  label: Label;
  change: (part: Partial<Label>) => void;
  at: (field: string) => string | undefined;
  /** The four main figures come first, in a row. */
  mainFirst: boolean;
}

/** The panel itself, in the order in which it is printed; of a new label the main figures first. */
function PanelFields({ label, change, at, mainFirst }: PanelFieldsProps) {
  const rows = PANELS[label.style];
  const main = MACROS.flatMap((field) => rows.find((row) => row.field === field) ?? []);
  const rest = mainFirst ? rows.filter((row) => !main.includes(row)) : rows;
  const shown = (row: PanelFigure, stacked: boolean) => (
    <PanelRow
      key={row.field}
      row={row}
      label={label}
      change={change}
      error={at(row.field)}
      stacked={stacked}
    />
  );
  return (
    <fieldset className="border-2 border-ink">
      <legend className="sr-only">Figures as printed; an empty field is unknown</legend>
      {mainFirst && (
        <div className="grid grid-cols-2 gap-1 border-b border-ink px-3 py-2">
          {main.map((row) => shown(row, true))}
        </div>
      )}
      <BasisFields label={label} change={change} at={at} />
      <div className="divide-y divide-rule">{rest.map((row) => shown(row, false))}</div>
      {(label.polyols_g ?? 0) > 0 && (
        <div className="border-t border-rule px-3 py-2">
          <Choice
            label="Which polyol"
            value={label.polyol ?? "unknown"}
            options={[
              { value: "unknown", label: "not said" },
              ...POLYOLS.map((polyol) => ({
                value: polyol,
                label: polyol === "hsh" ? "hydrogenated starch hydrolysates" : polyol,
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
            most={100 * MOST.Label.spread}
            value={label.spread == null ? null : Math.round(label.spread * 1000) / 10}
            onChange={(percent) => change({ spread: percent === null ? null : percent / 100 })}
            hint={`${100 * TYPICAL_SPREAD} % unless better is known`}
            error={at("spread")}
          />
        </div>
      )}
    </fieldset>
  );
}

interface PanelRowProps {
  row: PanelFigure;
  label: Label;
  change: (part: Partial<Label>) => void;
  error: string | undefined;
  stacked: boolean;
}

function PanelRow({ row, label, change, error, stacked }: PanelRowProps) {
  const below = label.below ?? [];
  return (
    <div className={stacked ? "" : `px-3 py-0.5 ${row.inside ? "pl-8" : "font-bold"}`}>
      <PanelNumber
        stacked={stacked}
        label={row.name}
        unit={row.unit}
        value={label[row.field] ?? null}
        below={below.includes(row.field)}
        onChange={(value, less) => {
          const others = below.filter((field) => field !== row.field);
          change({ [row.field]: value, below: less ? [...others, row.field].sort() : others });
        }}
        error={error}
      />
    </div>
  );
}
