import type { Schemas } from "../../api/client";
import { SaysWho } from "../../drawing/Tolerance";
import { fixed } from "../../lib/format";
import { Ticks } from "../../ui/Ticks";
import type { BuildDraft } from "../../lines/useBuildDraft";
import { changeTerms } from "../../lines/draft";
import type { Reckoned } from "../../lines/useReckoned";

type NutritionClaim = Schemas["NutritionClaim"];
type Need = NonNullable<Schemas["Terms"]["needs"]>[number];

const NEEDS: Record<Need, string> = {
  vegan: "vegan",
  no_protein_powder: "no protein powder",
  gluten_free: "gluten-free",
  nut_free: "nut-free",
};

const SAYS = {
  yes: "yes",
  within_margin: "yes, within the margin",
  no: "no",
  cannot_tell: "cannot tell",
} as const;

interface ClaimsTabProps {
  draft: BuildDraft;
  reckoned: Reckoned;
}

/** What is in it, what it must do without, and what a serving may be called. */
export function ClaimsTab({ draft, reckoned }: ClaimsTabProps) {
  const { claims, contains, in_the_way } = reckoned.report;
  const needs = draft.build.terms?.needs ?? [];
  return (
    <div className="grid gap-5">
      <section aria-label="What it contains" className="grid gap-2">
        <h2 className="font-bold">Contains</h2>
        <p>
          {contains.allergens.length === 0
            ? "No allergen is named on its labels."
            : words(contains.allergens)}
          {contains.may_contain.length > 0 && (
            <span className="text-soft"> · may contain {words(contains.may_contain)}</span>
          )}
        </p>
        {contains.unsaid.length > 0 && (
          <p className="text-sm text-soft">
            No allergens on the shelf’s label, look at the package: {contains.unsaid.join(", ")}.
          </p>
        )}
        <Ticks
          label="Must be free of (swaps and Find ways keep to it)"
          names={NEEDS}
          choices={Object.keys(NEEDS) as Need[]}
          value={needs}
          onChange={(next) => draft.change((build) => changeTerms(build, { needs: next }))}
        />
        <ul>
          {in_the_way.map((conflict) => (
            <li
              key={conflict.need + conflict.line_id}
              className={conflict.certain ? "text-mark" : ""}
            >
              {conflict.says}
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="What it may be called">
        <h2 className="font-bold">A serving may be called</h2>
        <p className="text-sm text-soft">
          For your own orientation, not labelling advice: rules apply to foods that are sold.
        </p>
        {(["eu", "us"] as const).map((school) => (
          <table key={school} className="mt-2 w-full text-[15px]">
            <caption className="text-left text-sm text-soft">
              {school === "eu" ? "EU" : "US"}
            </caption>
            <tbody>
              {claims
                .filter((claim) => claim.school === school)
                .map((claim) => (
                  <ClaimRow key={claim.key} claim={claim} />
                ))}
            </tbody>
          </table>
        ))}
        <div className="text-sm">
          <SaysWho keys={["eu-claims", "us-claims", "protein-quality"]} />
        </div>
      </section>
    </div>
  );
}

const words = (names: readonly string[]) =>
  names.map((name) => name.replaceAll("_", " ")).join(", ");

function ClaimRow({ claim }: { claim: NutritionClaim }) {
  const good = claim.verdict === "yes" || claim.verdict === "within_margin";
  const show = (value: number) => fixed(value, Math.abs(value) < 10 ? 1 : 0);
  return (
    <tr className="border-t border-rule align-top">
      <td className="py-1 pr-2">
        <span aria-hidden="true" className={good ? "font-bold text-done" : "text-soft"}>
          {good ? "✓ " : claim.verdict === "no" ? "✗ " : "? "}
        </span>
        {claim.name}
      </td>
      <td className="py-1 pr-2">
        {SAYS[claim.verdict]}
        {claim.value != null && (
          <span className="text-soft">
            : {show(claim.value)} {claim.unit}
            {claim.by > 0 && `, off by ${show(claim.by)}`}
          </span>
        )}
      </td>
      <td className="py-1 text-sm text-soft max-sm:hidden">{claim.says}</td>
    </tr>
  );
}
