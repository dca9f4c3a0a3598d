import type { Schemas } from "../../api/client";
import { day } from "../../lib/format";

const plain = (name: string) => name.replaceAll("_", " ");
const SAYS = { us: "US", uk: "UK", habit: "habit" } as const;

/** What to know before eating it: what it contains, what to be careful with, until when it keeps. */
export function BeforeEating({ eating }: { eating: Schemas["Eating"] }) {
  const { contains } = eating;
  const fridge = eating.keeps.filter((keep) => keep.place === "fridge");
  const freezer = eating.keeps.filter((keep) => keep.place === "freezer");
  return (
    <section aria-label="Before eating it" className="grid gap-1">
      <p>
        <b>Contains</b>{" "}
        {contains.allergens.length > 0
          ? contains.allergens.map(plain).join(", ")
          : "no allergen that a label names"}
        {contains.may_contain.length > 0 &&
          `; may contain ${contains.may_contain.map(plain).join(", ")}`}
        {contains.unsaid.length > 0 && (
          <span className="text-sm text-soft">
            . Allergens not entered for: {contains.unsaid.join(", ")}
          </span>
        )}
      </p>
      <p>
        <b>Keeps</b> in the fridge until {day(eating.keeps_until)}{" "}
        <span className="text-sm text-soft">
          ({fridge.map((advice) => `${SAYS[advice.says]}: ${advice.text}`).join("; ")})
        </span>
        ; frozen {freezer.map((advice) => advice.text).join("; ")}.
      </p>
      {eating.reheat !== "" && (
        <p>
          <b>Reheat</b> {eating.reheat.charAt(0).toLowerCase()}
          {eating.reheat.slice(1)}
        </p>
      )}
      {eating.reheat_ways.length > 0 && (
        <p>
          <b>Warm it</b> in a {eating.reheat_ways.join("; ")}.
          {eating.warmed && ` Last time, ${day(eating.warmed.at)}: ${eating.warmed.says}.`}
        </p>
      )}
      {eating.late !== "" && (
        <p>
          <b>Leave until the last</b> {eating.late}
        </p>
      )}
      {[...eating.cautions.map((caution) => caution.says), ...eating.passed].map((says) => (
        <p key={says} className="border-l-4 border-mark pl-2">
          {says}
        </p>
      ))}
    </section>
  );
}
