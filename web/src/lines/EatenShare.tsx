import { type SyntheticEvent, useState } from "react";

import type { Schemas } from "../api/client";
import { MOST } from "../api/vocabulary";
import { fixed } from "../lib/format";
import { Button } from "../ui/Button";
import { NumberField } from "../ui/Field";
import { TextButton } from "../ui/Reason";
import { changeTerms } from "./draft";
import type { BuildDraft } from "./useBuildDraft";

type Eaten = Schemas["EatenShare"];

interface EatenShareProps {
  name: string;
  draft: BuildDraft;
  /** What is usual for such a component, where that is not all of it. */
  usual: Schemas["UsuallyEaten"] | undefined;
}

/** How much of a component is eaten: a guess with its width, until the rest is weighed back. */
export function EatenShare({ name, draft, usual }: EatenShareProps) {
  const [open, setOpen] = useState(false);
  const all = draft.build.terms?.eaten ?? {};
  const eaten = all[name];
  const set = (share: Eaten | null) => {
    const others = Object.entries(all).filter(([other]) => other !== name);
    const kept = share === null ? others : [...others, [name, share] as const];
    draft.change((build) => changeTerms(build, { eaten: Object.fromEntries(kept) }));
    setOpen(false);
  };
  if (!eaten && !usual && !open) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-4 text-sm">
      <span className="text-soft">
        {eaten
          ? `About ${percent(eaten)} of it is eaten, a guess: weigh back what is left.`
          : "All of it is counted as eaten."}
      </span>
      {usual && !eaten && (
        <TextButton onPress={() => set({ least: usual.least, most: usual.most })}>
          {`Usual ${usual.says}: ${percent(usual)}`}
        </TextButton>
      )}
      {eaten && <TextButton onPress={() => set(null)}>All of it is eaten</TextButton>}
      <TextButton onPress={() => setOpen(!open)}>Another share</TextButton>
      {open && <OwnShare eaten={eaten ?? usual} onSet={set} />}
    </div>
  );
}

function OwnShare({ eaten, onSet }: { eaten: Eaten | undefined; onSet: (share: Eaten) => void }) {
  const [least, setLeast] = useState<number | null>(Math.round(100 * (eaten?.least ?? 0.5)));
  const [most, setMost] = useState<number | null>(Math.round(100 * (eaten?.most ?? 1)));
  const [error, setError] = useState<string>();
  const keep = (event: SyntheticEvent) => {
    event.preventDefault();
    if (least === null || most === null || most === 0) setError("Type both shares in percent.");
    else if (least > most) setError("Type the smaller share first, then the larger.");
    else onSet({ least: least / 100, most: most / 100 });
  };
  return (
    <form onSubmit={keep} noValidate className="flex basis-full flex-wrap items-end gap-3 py-1">
      <NumberField
        label="Eaten, at least"
        unit="%"
        most={100 * MOST.EatenShare.least}
        value={least}
        onChange={setLeast}
        error={error}
      />
      <NumberField
        label="at most"
        unit="%"
        most={100 * MOST.EatenShare.most}
        value={most}
        onChange={setMost}
      />
      <Button type="submit">Keep it</Button>
    </form>
  );
}

const percent = ({ least, most }: Eaten) =>
  least === most
    ? `${fixed(100 * least, 0)} %`
    : `${fixed(100 * least, 0)} to ${fixed(100 * most, 0)} %`;
