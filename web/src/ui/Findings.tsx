import type { Schemas } from "../api/client";

interface FindingsProps {
  findings: readonly Schemas["Finding"][];
  className?: string;
}

/** What a careful cook should know, warnings first. */
export function Findings({ findings, className = "" }: FindingsProps) {
  if (findings.length === 0) return null;
  const ordered = [...findings].sort((a, b) => rank(a) - rank(b));
  return (
    <section aria-label="Findings" className={className}>
      <h2 className="mb-1 text-sm text-soft">What to know about these figures</h2>
      <ul className="grid gap-1.5">
        {ordered.map((finding) => (
          <li
            key={finding.code + finding.where}
            className="grid grid-cols-[1.25rem_1fr] text-[15px] leading-snug"
          >
            <span
              aria-hidden="true"
              className={finding.severity === "warning" ? "font-bold text-mark" : "text-soft"}
            >
              {finding.severity === "warning" ? "!" : "·"}
            </span>
            <span>
              {finding.severity === "warning" && <span className="sr-only">Warning: </span>}
              {finding.message}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

const rank = (finding: Schemas["Finding"]) => (finding.severity === "warning" ? 0 : 1);
