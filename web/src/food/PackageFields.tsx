import { useSettings } from "../api/queries";
import { ALLERGEN_CHOICES, FLAG_SAYS, MOST } from "../api/vocabulary";
import { Choice, NumberField } from "../ui/Field";
import { ALLERGEN_NAMES, DOES, FLAGS, type Label, type Package, STATES } from "./panels";
import { Ticks } from "../ui/Ticks";

interface PackageFieldsProps {
  label: Label;
  value: Package;
  change: (part: Partial<Package>) => void;
  at: (field: string) => string | undefined;
}

/** The rest of the package: the pack, what it contains, its state, and what the cook found out. */
export function PackageFields({ label, value, change, at }: PackageFieldsProps) {
  const { data: settings } = useSettings();
  const school = settings?.allergens ?? "eu";
  const currency = settings?.currency ?? "€";
  return (
    <div className="grid gap-4">
      <fieldset className="grid gap-x-4 gap-y-2 border-t border-ink pt-2 sm:grid-cols-2">
        <legend className="pr-2 font-bold">The pack</legend>
        <NumberField
          inline
          optional
          label="Net weight"
          unit="g"
          value={value.pack_g}
          onChange={(pack_g) => change({ pack_g })}
          error={at("pack_g")}
        />
        <NumberField
          inline
          optional
          label="Price"
          unit={currency}
          value={value.price}
          onChange={(price) => change({ price })}
          error={at("price")}
        />
        {label.basis_ml != null && (
          <NumberField
            inline
            optional
            label="Volume"
            unit="ml"
            value={value.pack_ml}
            onChange={(pack_ml) => change({ pack_ml })}
            error={at("pack_ml")}
          />
        )}
        {label.basis_pieces != null && (
          <NumberField
            inline
            optional
            label="Pieces in it"
            unit="×"
            value={value.pack_pieces}
            onChange={(pack_pieces) => change({ pack_pieces })}
            error={at("pack_pieces")}
          />
        )}
        <NumberField
          inline
          optional
          label="Drained"
          unit="g"
          value={value.drained_g}
          onChange={(drained_g) => change({ drained_g })}
          error={at("drained_g") ?? at("$")}
        />
        <Choice
          label="The panel speaks of it"
          value={value.state ?? "unsaid"}
          options={STATES}
          onChange={(state) => change({ state: state === "unsaid" ? null : state })}
        />
      </fieldset>
      <fieldset className="grid gap-3 border-t border-ink pt-2">
        <legend className="pr-2 font-bold">Allergens and cautions</legend>
        <Ticks
          label={school === "us" ? "Contains (the US nine)" : "Contains (the EU fourteen)"}
          names={ALLERGEN_NAMES}
          choices={ALLERGEN_CHOICES[school]}
          value={value.allergens ?? []}
          onChange={(allergens) => change({ allergens })}
        />
        <Ticks
          label="May contain"
          names={ALLERGEN_NAMES}
          choices={ALLERGEN_CHOICES[school]}
          value={value.may_contain ?? []}
          onChange={(may_contain) => change({ may_contain })}
        />
        <Ticks
          label="Asks for care"
          names={FLAGS}
          choices={Object.keys(FLAGS) as (keyof typeof FLAGS)[]}
          value={value.flags ?? []}
          onChange={(flags) => change({ flags })}
          hint="Nothing ticked is not said, not safe: read the package."
        />
        {(value.flags ?? []).length > 0 && (
          <ul className="grid gap-1 border-l-4 border-mark pl-3 text-sm">
            {(value.flags ?? []).map((flag) => (
              <li key={flag}>{FLAG_SAYS[settings?.safety ?? "us"][flag]}</li>
            ))}
            <li className="text-soft">Your doctor’s advice comes first.</li>
          </ul>
        )}
      </fieldset>
      <fieldset className="grid gap-3 border-t border-ink pt-2">
        <legend className="pr-2 font-bold">What you found out</legend>
        <Ticks
          label="In a build it"
          names={DOES}
          choices={Object.keys(DOES) as (keyof typeof DOES)[]}
          value={value.does ?? []}
          onChange={(does) => change({ does })}
        />
        <NumberField
          inline
          optional
          label="Sweetness by weight, sugar = 1"
          most={MOST.Package.sweetness}
          value={value.sweetness}
          onChange={(sweetness) => change({ sweetness })}
          error={at("sweetness")}
        />
        <label className="grid gap-1 text-sm text-soft">
          Note
          <textarea
            rows={2}
            maxLength={2000}
            value={value.note ?? ""}
            onChange={(event) => change({ note: event.target.value })}
            className="w-full border border-soft bg-sheet p-2.5 text-base text-ink"
          />
        </label>
      </fieldset>
    </div>
  );
}
