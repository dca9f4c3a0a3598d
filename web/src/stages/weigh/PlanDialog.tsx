import { useState } from "react";

import { api, ask, type Schemas } from "../../api/client";
import { useSettings } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Modal } from "../../ui/Modal";
import { type Line, type ShownSheet, wanted } from "./lines";
import { planOf } from "./plan";
import { useDeed } from "../../ui/useDeed";

type Planned = Schemas["PlannedPour"];

interface PlanDialogProps {
  sheet: ShownSheet;
  onSave: (plan: Schemas["WeighPlan"]) => void;
  onClose: () => void;
}

/** Order, bowls and scales of the weigh-in; lines of one package may be poured in one. */
export function PlanDialog({ sheet, onSave, onClose }: PlanDialogProps) {
  const [lines, setLines] = useState<readonly Planned[]>(planOf(sheet).lines);
  const { data: settings } = useSettings();
  const deed = useDeed();
  const byId = new Map(sheet.lines.map((line) => [line.id, line]));
  const bowls = [
    ...new Set([
      ...sheet.lines.flatMap((line) => [line.component, line.bowl]),
      ...(settings?.vessels ?? []).map((vessel) => vessel.name),
    ]),
  ];
  const scales = (settings?.scales ?? []).map((scale) => scale.name);
  const change = (id: number, part: Partial<Planned>) =>
    setLines((all) =>
      all.map((planned) => (planned.id === id ? { ...planned, ...part } : planned)),
    );
  const move = (at: number, by: -1 | 1) =>
    setLines((all) => {
      const moved = [...all];
      const [one] = moved.splice(at, 1);
      if (one) moved.splice(Math.max(0, at + by), 0, one);
      return moved;
    });
  const suggest = async () => {
    await deed.run(async () => {
      const params = { path: { batch_id: sheet.id } };
      const { lines: order } = await ask(
        api.GET("/api/batches/{batch_id}/suggested-order", { params }),
      );
      setLines((all) => [...all].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id)));
    });
  };
  return (
    <Modal wide open onOpenChange={onClose} title="Plan of the weigh-in">
      <p className="max-w-prose text-soft">
        Bowl by bowl, dry before wet, is the usual order. A line without a scale of its own goes to
        the one that reads it finely enough. A bowl that you know by its empty weight is recognised
        when it is put on.
      </p>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => void suggest()}>Dry before wet</Button>
        <Button onClick={() => setLines((all) => [...all].sort((a, b) => a.id - b.id))}>
          As in the build
        </Button>
      </div>
      <ol className="mt-3 border-t border-ink">
        {lines.map((planned, i) => {
          const line = byId.get(planned.id);
          return line ? (
            <Row
              key={planned.id}
              planned={planned}
              line={line}
              bowls={bowls}
              scales={scales}
              partners={partnersOf(line, sheet.lines)}
              first={i === 0}
              last={i === lines.length - 1}
              onMove={(by) => move(i, by)}
              onChange={(part) => change(planned.id, part)}
            />
          ) : null;
        })}
      </ol>
      <div className="mt-4 flex gap-2">
        <Button look="main" onClick={() => onSave({ version: sheet.version, lines: [...lines] })}>
          Use this plan
        </Button>
        <Button onClick={onClose}>Leave it as it was</Button>
      </div>
    </Modal>
  );
}

/** Lines of the same package that are open: they may be poured in one. */
const partnersOf = (line: Line, all: readonly Line[]) =>
  all.filter(
    (planned) =>
      planned.id !== line.id &&
      planned.label_id != null &&
      planned.label_id === line.label_id &&
      planned.status === "open" &&
      line.status === "open" &&
      planned.poured_with == null,
  );

interface RowProps {
  planned: Planned;
  line: Line;
  bowls: readonly string[];
  scales: readonly string[];
  partners: readonly Line[];
  first: boolean;
  last: boolean;
  onMove: (by: -1 | 1) => void;
  onChange: (part: Partial<Planned>) => void;
}

const SELECT = "min-h-11 min-w-0 max-sm:flex-1 border border-soft bg-sheet px-1.5";

function Row({ planned, line, bowls, scales, partners, onMove, onChange, first, last }: RowProps) {
  const name = line.unnamed ? "no name yet" : line.name;
  return (
    <li
      className="grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1 border-b border-rule py-1.5 sm:grid-cols-[auto_1fr_auto_auto]"
      onKeyDown={(event) => {
        if (!event.altKey || (event.key !== "ArrowUp" && event.key !== "ArrowDown")) return;
        event.preventDefault();
        onMove(event.key === "ArrowUp" ? -1 : 1);
      }}
    >
      <span className="flex">
        <MoveButton name={name} by={-1} off={first} onMove={onMove} />
        <MoveButton name={name} by={1} off={last} onMove={onMove} />
      </span>
      <span>
        {name} <span className="text-soft">{wanted(line)}</span>
        <span className="block text-sm text-soft">
          {line.wetness}
          {line.finer_scale ? ", small: a finer scale" : ""}
        </span>
      </span>
      <span className="flex flex-wrap gap-2 max-sm:col-span-2">
        <select
          aria-label={`Bowl of ${name}`}
          className={SELECT}
          value={planned.bowl}
          onChange={(event) => onChange({ bowl: event.target.value })}
        >
          {bowls.map((bowl) => (
            <option key={bowl}>{bowl}</option>
          ))}
        </select>
        <select
          aria-label={`Way of ${name}`}
          className={SELECT}
          value={planned.way ?? "into"}
          onChange={(event) => onChange({ way: event.target.value as "into" | "out_of" })}
        >
          <option value="into">into the bowl</option>
          <option value="out_of">out of its pack</option>
        </select>
        {scales.length > 1 && (
          <select
            aria-label={`Scale of ${name}`}
            className={SELECT}
            value={planned.scale ?? ""}
            onChange={(event) => onChange({ scale: event.target.value || null })}
          >
            <option value="">the scale that suits</option>
            {scales.map((scale) => (
              <option key={scale}>{scale}</option>
            ))}
          </select>
        )}
        {(partners.length > 0 || planned.poured_with != null) && (
          <select
            aria-label={`Poured with ${name}`}
            className={SELECT}
            value={planned.poured_with ?? ""}
            onChange={(event) =>
              onChange({ poured_with: event.target.value ? Number(event.target.value) : null })
            }
          >
            <option value="">poured by itself</option>
            {partners.map((partner) => (
              <option key={partner.id} value={partner.id}>
                in partner with that of {partner.component}
              </option>
            ))}
          </select>
        )}
      </span>
    </li>
  );
}

interface MoveButtonProps {
  name: string;
  by: -1 | 1;
  off: boolean;
  onMove: (by: -1 | 1) => void;
}

function MoveButton({ name, by, off, onMove }: MoveButtonProps) {
  return (
    <button
      type="button"
      aria-label={`Move ${name} ${by < 0 ? "up" : "down"}`}
      disabled={off}
      onClick={() => onMove(by)}
      className="size-11 border border-rule hover:bg-wash disabled:text-rule"
    >
      {by < 0 ? "↑" : "↓"}
    </button>
  );
}
