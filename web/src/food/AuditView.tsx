import type { Schemas } from "../api/client";
import { AMOUNTS } from "../api/vocabulary";
import { SaysWho } from "../drawing/Tolerance";
import { DASH, fixed } from "../lib/format";
import { EnergyLine } from "./EnergyLine";
import { fieldName } from "./panels";

const HIDDEN: Record<string, string> = AMOUNTS;

/** Whether the panel agrees with itself, and how. */
export function AuditView({ audit }: { audit: Schemas["Audit"] | null }) {
  if (!audit) return null;
  const good = audit.verdict === "agrees" || audit.verdict.startsWith("agrees");
  const tone = audit.verdict === "off" ? "text-mark" : good ? "text-done" : "text-soft";
  return (
    <section
      aria-label="Audit"
      className="grid min-w-0 grid-cols-[minmax(0,1fr)] content-start gap-4"
      aria-live="polite"
    >
      <div>
        <h2 className="text-sm text-soft">Do these numbers add up?</h2>
        <p className={`text-lg font-bold ${tone}`} data-testid="verdict">
          {good ? "✓ " : audit.verdict === "off" ? "! " : ""}
          {audit.says}
        </p>
        {audit.causes.map((cause) => (
          <p key={cause}>{cause}</p>
        ))}
      </div>
      <EnergyLine audit={audit} />
      <table className="border-collapse text-left">
        <thead className="text-sm text-soft">
          <tr className="border-b border-ink">
            <th className="py-1 font-normal">Energy, kcal</th>
            <th className="px-2 text-right font-normal">figure</th>
            <th className="px-2 text-right font-normal">could be</th>
            <td />
          </tr>
        </thead>
        <tbody>
          <Row
            name="printed"
            value={audit.printed_kcal}
            lo={audit.printed_lo}
            hi={audit.printed_hi}
            says=""
          />
          {audit.reckoned.map((energy) => (
            <Row
              key={energy.method}
              name={energy.name}
              value={energy.kcal}
              lo={energy.lo}
              hi={energy.hi}
              says={
                energy.agrees == null
                  ? ""
                  : energy.agrees
                    ? "agrees"
                    : energy.lawful
                      ? "does not agree"
                      : "differs, not this panel’s rule"
              }
            />
          ))}
        </tbody>
      </table>
      {audit.impossible.length > 0 && (
        <ul className="grid gap-1 text-mark">
          {audit.impossible.map((says) => (
            <li key={says}>! {says}</li>
          ))}
        </ul>
      )}
      {audit.hidden.length > 0 && (
        <div>
          <h2 className="text-sm text-soft">
            “Rounds to zero” is not zero: 100 g could hold up to
          </h2>
          <p>
            {audit.hidden
              .map(
                (part) =>
                  `${fixed(part.per_100g, part.per_100g < 10 ? 1 : 0)} ${HIDDEN[part.field] ?? part.field}`,
              )
              .join(", ")}
          </p>
        </div>
      )}
      <ToleratedTable audit={audit} />
      <div className="text-sm">
        <SaysWho
          keys={[
            "us-rounding",
            "us-energy",
            "us-tolerance",
            "eu-rounding",
            "eu-energy",
            "eu-tolerance",
          ]}
        />
      </div>
    </section>
  );
}

/** What the law lets the food itself be, apart from rounding; never part of a margin. */
function ToleratedTable({ audit }: { audit: Schemas["Audit"] }) {
  if (audit.tolerated.length === 0) return null;
  return (
    <details>
      <summary className="min-h-11 cursor-pointer content-center text-pencil">
        Legal tolerance
      </summary>
      <p className="text-sm text-soft">
        The food may lawfully hold this much; most labels are far better. It is shown apart and
        never mixed into a margin.
      </p>
      <table className="mt-1 border-collapse">
        <tbody>
          {audit.tolerated.map((range) => (
            <tr key={range.field} className="border-b border-rule">
              <th className="py-0.5 pr-4 text-left font-normal">{fieldName(range.field)}</th>
              <td className="pr-4 text-right">{range.printed}</td>
              <td className="text-right">{toleratedText(range)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

function toleratedText({ least, most }: Schemas["ToleranceLimits"]): string {
  const text = (value: number) => fixed(value, value < 10 ? 1 : 0);
  if (least == null && most != null) return `up to ${text(most)}`;
  if (most == null && least != null) return `${text(least)} or more`;
  return least != null && most != null ? `${text(least)} ${DASH} ${text(most)}` : "";
}

interface RowProps {
  name: string;
  value: number | null | undefined;
  lo: number | null | undefined;
  hi: number | null | undefined;
  says: string;
}

function Row({ name, value, lo, hi, says }: RowProps) {
  const decimals = lo != null && hi != null && hi - lo < 4 ? 1 : 0;
  const band =
    lo == null || hi == null ? "" : `${fixed(lo, decimals)} ${DASH} ${fixed(hi, decimals)}`;
  return (
    <tr className="border-b border-rule">
      <td className="py-1">{name}</td>
      <td className="px-2 text-right font-bold">{value == null ? "unknown" : fixed(value, 0)}</td>
      <td className="px-2 text-right whitespace-nowrap">{band}</td>
      <td
        className={`pl-2 text-sm ${says === "agrees" ? "text-done" : says === "does not agree" ? "text-mark" : "text-soft"}`}
      >
        {says}
      </td>
    </tr>
  );
}
