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

const PARTS = [
  { part: "serving", name: "One serving" },
  { part: "batch", name: "The whole batch" },
] as const;

/** One claim: a serving and the whole batch, figure by figure; empty is not claimed. */
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
      {PARTS.map(({ part, name }) => (
        <div key={part} role="group" aria-label={name} className="mt-2">
          <p className="text-sm font-semibold">{name}</p>
          <div className="grid grid-cols-3 gap-x-2 gap-y-1 sm:grid-cols-6">
            {FIGURES.map((row) => (
              <NumberField
                key={row.key}
                fill
                optional
                label={row.name}
                value={claim[part]?.[row.key]}
                onChange={(value) =>
                  onChange({ ...claim, [part]: { ...claim[part], [row.key]: value } })
                }
                error={at(`${part}.${row.key}`)}
              />
            ))}
          </div>
        </div>
      ))}
    </fieldset>
  );
}
