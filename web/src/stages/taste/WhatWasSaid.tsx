import { useState } from "react";

import type { Schemas } from "../../api/client";
import { TastingMarks } from "../../dish/TastingMarks";
import { nameOf, STATES } from "../../dish/tastingSays";
import { day } from "../../lib/format";
import { Menu } from "../../ui/Menu";
import { Toggle } from "../../ui/Toggle";
import { draftOf, type Tasting } from "./useTasting";

interface WhatWasSaidProps {
  sheet: Schemas["TasteSheet"];
  tasting: Tasting;
}

const HIDDEN = "gasket.marks.hidden";

/** What was said so far; hidden while the phone goes round, so that nobody follows the others. */
export function WhatWasSaid({ sheet, tasting }: WhatWasSaidProps) {
  const [hidden, setHidden] = useState(() => localStorage.getItem(HIDDEN) !== "no");
  const [archived, setArchived] = useState(false);
  const hide = (on: boolean) => {
    localStorage.setItem(HIDDEN, on ? "yes" : "no");
    setHidden(on);
  };
  const all = [...sheet.tastings, ...sheet.of_original];
  const shown = all.filter((given) => archived || !given.archived);
  return (
    <section aria-label="What was said">
      <h2 className="text-lg font-bold">What was said</h2>
      {all.length === 0 ? (
        <p className="text-soft">Nothing yet. Four marks and a word or two are enough.</p>
      ) : (
        <div className="mt-1 flex flex-wrap gap-1.5">
          <Toggle small on={hidden} onChoose={() => hide(!hidden)}>
            hide marks while others taste
          </Toggle>
          {all.some((given) => given.archived) && (
            <Toggle small on={archived} onChoose={() => setArchived(!archived)}>
              show archived
            </Toggle>
          )}
        </div>
      )}
      <ul className="mt-2">
        {shown.map((given) => (
          <li key={given.id} className="border-t border-rule py-2">
            <div className="flex items-start justify-between gap-2">
              <p className="min-w-0">
                <b>{given.taster}</b>
                {given.sheet.of_original && " on the original"}
                <span className="text-soft">
                  , {nameOf(STATES, given.sheet.state ?? "fresh")}, {day(given.at)}
                  {given.archived && " (archived)"}
                </span>
              </p>
              <span className="-mt-2 -mb-5">
                <Menu
                  label={`More for the tasting of ${given.taster}`}
                  items={[
                    { says: "Correct", run: () => tasting.change(draftOf(given.sheet)) },
                    given.archived
                      ? {
                          says: "Let it count again",
                          run: () => void tasting.archive(given.id, false),
                        }
                      : { says: "Archive", run: () => void tasting.archive(given.id, true) },
                  ]}
                />
              </span>
            </div>
            {hidden ? <p className="text-soft">Recorded.</p> : <TastingMarks of={given} />}
          </li>
        ))}
      </ul>
      {!hidden && sheet.habits.length > 0 && (
        <ul className="border-t border-rule pt-2 text-sm text-soft">
          {sheet.habits.map((habit) => (
            <li key={habit.of}>{habit.says}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
