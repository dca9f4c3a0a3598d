import { NumberField } from "../ui/Field";
import { MOST } from "../api/vocabulary";
import type { Label } from "./panels";

interface BasisFieldsProps {
  label: Label;
  change: (part: Partial<Label>) => void;
  at: (field: string) => string | undefined;
}

/** What the figures are for: grams, millilitres, pieces, or two of them at once. */
export function BasisFields({ label, change, at }: BasisFieldsProps) {
  const served = label.style === "us";
  const needsDensity = label.basis_ml != null && label.basis_g == null;
  const onlyPieces = label.basis_pieces != null && label.basis_g == null && !needsDensity;
  return (
    <div className="grid gap-1 border-b-4 border-ink px-3 py-2">
      <NumberField
        inline
        optional
        label={served ? "Serving weighs" : "Figures are per"}
        unit="g"
        value={label.basis_g}
        onChange={(basis_g) => change({ basis_g })}
        error={at("basis_g")}
      />
      <NumberField
        inline
        optional
        label={served ? "in volume" : "or per"}
        unit="ml"
        value={label.basis_ml}
        onChange={(basis_ml) => change({ basis_ml })}
        error={at("basis_ml")}
      />
      {needsDensity && (
        <NumberField
          inline
          optional
          label="1 ml weighs"
          unit="g"
          most={MOST.Label.density_g_per_ml}
          value={label.density_g_per_ml}
          onChange={(density_g_per_ml) => change({ density_g_per_ml })}
          error={at("density_g_per_ml")}
          hint={
            label.density_g_per_ml == null
              ? "Weigh 100 ml and divide by 100. Until then its weight is unknown."
              : undefined
          }
        />
      )}
      <div className="grid grid-cols-[1fr_auto] items-center gap-x-3">
        <label className="flex items-center gap-2 whitespace-nowrap">
          {served ? "in pieces" : "or per"}
          <input
            aria-label="Word for a piece"
            value={label.piece ?? ""}
            maxLength={40}
            placeholder="slice, scoop, packet"
            onChange={(event) => change({ piece: event.target.value })}
            className="min-h-11 w-full min-w-0 border border-soft bg-sheet px-2 placeholder:text-sm placeholder:text-soft lg:min-h-9"
          />
        </label>
        <NumberField
          inline
          optional
          bare
          label="Number of pieces"
          unit="×"
          value={label.basis_pieces}
          onChange={(basis_pieces) => change({ basis_pieces })}
          error={at("basis_pieces")}
        />
      </div>
      {onlyPieces && (
        <p className="text-sm text-soft">
          Without grams it can be counted but not weighed: put one on the scale and fill in what it
          weighs, and the figures per 100 g follow.
        </p>
      )}
    </div>
  );
}
