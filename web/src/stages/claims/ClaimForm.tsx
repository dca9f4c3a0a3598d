import { NumberField, TextField } from "../../ui/Field";
import { type Claim, FIGURES } from "./claims";

interface ClaimFormProps {
  claim: Claim;
  number: number;
  several: boolean;
  at: (path: string) => string | undefined;
  onChange: (claim: Claim) => void;
  onRemove: () => void;
}

/** One claim: a serving beside the whole batch, figure by figure; empty is not claimed. */
export function ClaimForm({ claim, number, several, at, onChange, onRemove }: ClaimFormProps) {
  return (
    <fieldset className="min-w-0 border-2 border-ink px-3 pb-3">
      <legend className="px-1 font-bold">
        {claim.name || (several ? `Claim ${number}` : "The claim")}
      </legend>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <div className="min-w-40 flex-1">
          <TextField
            label="What it is"
            placeholder={number === 1 ? "theirs" : "mine"}
            maxLength={120}
            value={claim.name ?? ""}
            onChange={(name) => onChange({ ...claim, name })}
          />
        </div>
        <NumberField
          optional
          label="Servings it makes"
          most={10_000}
          value={claim.servings}
          onChange={(servings) => onChange({ ...claim, servings })}
          error={at("servings")}
        />
        {several && (
          <button
            type="button"
            onClick={onRemove}
            aria-label={`Leave out ${claim.name || `claim ${number}`}`}
            className="grid size-11 place-items-center text-xl hover:bg-wash"
          >
            ×
          </button>
        )}
      </div>
      <table className="mt-2">
        <thead className="text-sm text-soft">
          <tr>
            <td />
            <th className="pr-12 text-right font-normal">one serving</th>
            <th className="pr-12 text-right font-normal">whole batch</th>
          </tr>
        </thead>
        <tbody>
          {FIGURES.map((row) => (
            <tr key={row.key}>
              <th className="pr-3 text-left font-normal">{row.name}</th>
              {(["serving", "batch"] as const).map((part) => (
                <td key={part} className="py-0.5">
                  <NumberField
                    bare
                    optional
                    label={`${row.name}, ${part === "serving" ? "one serving" : "whole batch"}`}
                    unit={row.unit}
                    value={claim[part]?.[row.key]}
                    onChange={(value) =>
                      onChange({ ...claim, [part]: { ...claim[part], [row.key]: value } })
                    }
                    error={at(`${part}.${row.key}`)}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </fieldset>
  );
}
