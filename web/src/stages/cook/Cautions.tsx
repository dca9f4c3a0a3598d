import type { Schemas } from "../../api/client";

/** What to be careful with, in plain words; local rules come first. */
export function Cautions({ cautions }: { cautions: readonly Schemas["Caution"][] }) {
  if (cautions.length === 0) return null;
  return (
    <section aria-label="Be careful" className="border border-mark px-3 py-2">
      <h2 className="font-bold text-mark">Be careful</h2>
      <ul className="mt-0.5 grid gap-0.5">
        {cautions.map((caution) => (
          <li key={caution.code}>{caution.says}</li>
        ))}
      </ul>
    </section>
  );
}
