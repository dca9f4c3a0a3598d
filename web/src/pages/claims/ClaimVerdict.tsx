import type { Schemas } from "../../api/client";
import { fixed } from "../../lib/format";
import { SaysWho } from "../../drawing/Tolerance";
import type { Claim } from "./claims";
import type { Checked } from "./useClaimCheck";

type ClaimReport = Schemas["ClaimReport"];

const TONE: Record<ClaimReport["verdict"], { mark: string; tone: string }> = {
  agrees: { mark: "✓ ", tone: "text-done" },
  "agrees with fibre": { mark: "✓ ", tone: "text-done" },
  disagrees: { mark: "! ", tone: "text-mark" },
  "too little": { mark: "", tone: "text-soft" },
};

/** The verdict, each equation behind it, and the single changes that would reconcile the rest. */
export function ClaimVerdict({ checked, claims }: { checked: Checked; claims: readonly Claim[] }) {
  const { report, problem } = checked;
  if (!report) return <div />;
  const { mark, tone } = TONE[report.verdict];
  return (
    <section aria-label="Verdict" aria-live="polite" className="grid min-w-0 content-start gap-4">
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-mark">
          {problem.message}
        </p>
      )}
      <div>
        <h2 className="text-sm text-soft">Do the figures agree?</h2>
        <p className={`text-lg leading-snug font-bold ${tone}`} data-testid="claim-verdict">
          {mark}
          {report.says}
        </p>
      </div>
      <Checks report={report} />
      <Repairs report={report} />
      {report.questions.length > 0 && (
        <div>
          <h2 className="font-bold">Ask them</h2>
          <ul className="grid gap-1">
            {report.questions.map((question) => (
              <li key={question} className="grid grid-cols-[1.25rem_1fr]">
                <span aria-hidden="true">?</span>
                {question}
              </li>
            ))}
          </ul>
        </div>
      )}
      <Ratios report={report} claims={claims} />
      <div className="text-sm">
        <SaysWho keys={["us-energy", "claim-digits"]} />
      </div>
    </section>
  );
}

function Checks({ report }: { report: ClaimReport }) {
  if (report.checks.length === 0) return null;
  return (
    <ul aria-label="What was checked" className="grid border-t border-ink">
      {report.checks.map((check) => (
        <li
          key={check.kind + check.figure + check.part + check.claims.join()}
          className="grid grid-cols-[1.5rem_1fr] border-b border-rule py-1.5"
        >
          <span aria-hidden="true" className={check.agrees ? "text-done" : "font-bold text-mark"}>
            {check.agrees ? "✓" : "!"}
          </span>
          <span>
            <span className="sr-only">{check.agrees ? "Agrees: " : "Does not agree: "}</span>
            {check.says}
            <CheckBar check={check} />
          </span>
        </li>
      ))}
    </ul>
  );
}

/** The stated figure against the interval that the rest leaves for it. */
function CheckBar({ check }: { check: ClaimReport["checks"][number] }) {
  const low = Math.min(check.stated, check.reckoned_lo);
  const high = Math.max(check.stated, check.reckoned_hi);
  const room = Math.max(high - low, 1e-9);
  const at = (value: number) => `${5 + ((value - low) / room) * 90}%`;
  const width = ((check.reckoned_hi - check.reckoned_lo) / room) * 90;
  const ink = check.agrees ? "var(--ink)" : "var(--mark)";
  return (
    <svg aria-hidden="true" className="mt-1 block h-3 w-full">
      <line x1="0" y1="6" x2="100%" y2="6" stroke="var(--rule)" />
      <rect
        x={at(check.reckoned_lo)}
        y="3"
        width={`${Math.max(0.6, width)}%`}
        height="6"
        fill="var(--ink-soft)"
      />
      <line
        x1={at(check.stated)}
        y1="0"
        x2={at(check.stated)}
        y2="12"
        stroke={ink}
        strokeWidth="3"
      />
    </svg>
  );
}

function Repairs({ report }: { report: ClaimReport }) {
  if (report.repairs.length === 0) return null;
  const [first, ...others] = report.repairs;
  return (
    <div>
      <h2 className="font-bold">
        {first && first.leaves > 0
          ? "Single changes that settle the most"
          : "Any one of these would reconcile the rest"}
      </h2>
      <ol className="grid gap-1">
        {first && (
          <li className="border-l-4 border-mark pl-2 font-semibold">
            {first.says} <span className="font-normal text-soft">({change(first)})</span>
          </li>
        )}
        {others.slice(0, 6).map((repair) => (
          <li key={repair.says} className="border-l-4 border-rule pl-2">
            {repair.says} <span className="text-soft">({change(repair)})</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

function change(repair: ClaimReport["repairs"][number]): string {
  const percent = repair.change * 100;
  return `${percent > 0 ? "+" : "−"}${fixed(Math.abs(percent), Math.abs(percent) < 10 ? 1 : 0)} %`;
}

const RATIO = { kcal: "by kcal", grams: "by weight", protein_g: "by protein" } as Record<
  string,
  string
>;

function Ratios({ report, claims }: { report: ClaimReport; claims: readonly Claim[] }) {
  if (report.ratios.length === 0) return null;
  const theirs = claims[0]?.name || "theirs";
  return (
    <div>
      <h2 className="font-bold">How many for one of {theirs}</h2>
      <ul>
        {report.ratios.map((ratio) => (
          <li key={`${ratio.claim}${ratio.figure}`}>
            <b>{fixed(ratio.times, ratio.times < 10 ? 1 : 0)}</b> of{" "}
            {claims[ratio.claim]?.name || `claim ${ratio.claim + 1}`}{" "}
            <span className="text-soft">{RATIO[ratio.figure]}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
