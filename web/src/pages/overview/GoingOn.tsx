import { Link } from "react-router";

import type { Schemas } from "../../api/client";
import { count, day } from "../../lib/format";

/** Weigh-ins that are open and cooks that are not over, each with the way back to it. */
export function GoingOn({ kitchen }: { kitchen: Schemas["KitchenView"] }) {
  const { open_weigh_ins, open_cooks } = kitchen;
  if (open_weigh_ins.length + open_cooks.length === 0) return null;
  return (
    <section aria-labelledby="going" className="mt-4">
      <h2 id="going" className="text-lg font-bold">
        In progress
      </h2>
      <ul className="mt-2 grid gap-2">
        {open_cooks.map((cook) => (
          <Item key={`cook ${cook.batch_id}`} of={cook} stage="cook" says="Continue cooking">
            {cook.done} of {count(cook.steps, "step")} done
            {cook.going.length > 0 && `, now: ${cook.going.join(", ")}`}
          </Item>
        ))}
        {open_weigh_ins.map((weighIn) => (
          <Item
            key={`weigh ${weighIn.batch_id}`}
            of={weighIn}
            stage="weigh"
            says="Continue weighing"
          >
            {weighIn.done} of {count(weighIn.lines, "line")} weighed, begun{" "}
            {day(weighIn.started_at)}
          </Item>
        ))}
      </ul>
    </section>
  );
}

interface ItemProps {
  of: { dish_id: number; dish: string; letter: string; batch_id: number };
  stage: "cook" | "weigh";
  says: string;
  children: React.ReactNode;
}

function Item({ of, stage, says, children }: ItemProps) {
  return (
    <li className="border-l-4 border-pencil bg-wash">
      <Link
        to={`/dishes/${of.dish_id}/${stage}?batch=${of.batch_id}`}
        className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-1 px-3 py-2 hover:underline"
      >
        <span className="font-bold">
          {of.dish}, trial {of.letter}
        </span>
        <span>{children}</span>
        <span className="ml-auto font-semibold text-pencil">{says} →</span>
      </Link>
    </li>
  );
}
