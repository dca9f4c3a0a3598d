import type { Schemas } from "../../api/client";
import { sourceName } from "../../lib/sources";

/** What the margin holds for, and what lies outside it. */
export function Outside() {
  return (
    <p className="mt-4 text-sm text-soft">
      The margin holds if the labels are right as rounded. Outside it: labels that are wrong within
      the legal tolerance, the scale’s own accuracy, and how fruit, meat and flour vary by nature.
    </p>
  );
}

/** Every rule and habit behind the figures. */
export function Sources({ card }: { card: Schemas["Card"] }) {
  return (
    <section className="mt-5">
      <h2 className="font-bold">Sources</h2>
      <ol className="mt-1 grid gap-2 text-sm">
        {Object.values(card.behind.sources).map((source, i) => (
          <li key={source.key} id={`source-${source.key}`} className="grid grid-cols-[1.5rem_1fr]">
            <span className="text-soft">{i + 1}</span>
            <span>
              <b>{sourceName(source)}</b>. {source.says}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
