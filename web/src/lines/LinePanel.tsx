import { Slider } from "radix-ui";
import { useRef, useState } from "react";

import type { Schemas } from "../api/client";
import { figure, weighed } from "../lib/format";
import { NumberField, TextField } from "../ui/Field";
import { Tick } from "../ui/Tick";
import { changedLine } from "./change";
import type { BuildDraft } from "./useBuildDraft";
import { type BuildLine, changeLine, lineName } from "./draft";
import { SwapList, type Trying } from "./SwapList";

interface LinePanelProps {
  line: BuildLine;
  draft: BuildDraft;
  trialId: number;
  dishId: number;
  original: Schemas["Column"] | null;
  trying: Trying;
}

/** All about a line: what if there were more of it, what could stand in, and what the cook says. */
export function LinePanel({ line, draft, trialId, dishId, original, trying }: LinePanelProps) {
  const name = lineName(line, draft.labels);
  return (
    <div
      role="region"
      aria-label={`About ${name}`}
      className="grid gap-3 border-l-4 border-pencil bg-sheet px-3 py-2"
    >
      {!line.off && line.target_g > 0 && (
        <WhatIf key={line.target_g} line={line} name={name} draft={draft} trying={trying} />
      )}
      <LineTicks line={line} draft={draft} />
      {line.label_id != null && !line.off && (
        <SwapList {...{ line, draft, trialId, dishId, trying }} />
      )}
      <LineTerms line={line} draft={draft} original={original} />
    </div>
  );
}

interface WhatIfProps {
  line: BuildLine;
  name: string;
  draft: BuildDraft;
  trying: Trying;
}

/** A slider from none to three times as much: the section follows, letting go writes it. */
function WhatIf({ line, name, draft, trying }: WhatIfProps) {
  const [grams, setGrams] = useState(line.target_g);
  const written = useRef<number>(undefined);
  const most = Math.max(10, line.target_g * 3);
  const step = line.target_g < 20 ? 0.1 : 1;
  const part = (to: number) => ({ target_g: Math.round(to * 10) / 10, how: "", count: null });
  return (
    <div className="grid grid-cols-[auto_1fr_auto] items-center gap-3">
      <span className="font-bold">What if</span>
      <Slider.Root
        className="relative flex h-8 touch-none items-center select-none max-sm:h-11"
        min={0}
        max={most}
        step={step}
        value={[grams]}
        onValueChange={([to]) => {
          // A key commits before it tells of the change: what is written is no trial any more.
          if (to === undefined || to === written.current) return;
          setGrams(to);
          trying.preview(changedLine(line, part(to)));
        }}
        onValueCommit={([to]) => {
          written.current = to;
          trying.preview(null);
          if (to !== undefined && to !== line.target_g) {
            draft.change((build) => changeLine(build, line.id, part(to)));
          }
        }}
      >
        <Slider.Track className="relative h-1 grow bg-rule">
          <Slider.Range className="absolute h-full bg-ink" />
        </Slider.Track>
        <Slider.Thumb
          aria-label={`What if: grams of ${name}`}
          className="block h-6 w-3 border-2 border-ink bg-sheet focus:border-pencil"
        />
      </Slider.Root>
      <output className="w-16 text-right font-bold">{weighed(grams)} g</output>
    </div>
  );
}

interface LineTicksProps {
  line: BuildLine;
  draft: BuildDraft;
}

/** Above the swaps: these come a moment later and would push a tick away from under the finger. */
function LineTicks({ line, draft }: LineTicksProps) {
  const set = (part: Partial<BuildLine>) =>
    draft.change((build) => changeLine(build, line.id, part));
  return (
    <div className="flex flex-wrap gap-x-5">
      <Tick on={!line.off} onChange={(on) => set({ off: !on })}>
        In the build
      </Tick>
      <Tick on={line.locked ?? false} onChange={(locked) => set({ locked })}>
        Lock: Find ways leaves it alone
      </Tick>
    </div>
  );
}

interface LineTermsProps extends LineTicksProps {
  original: Schemas["Column"] | null;
}

function LineTerms({ line, draft, original }: LineTermsProps) {
  const set = (part: Partial<BuildLine>) =>
    draft.change((build) => changeLine(build, line.id, part));
  const standing = line.stands_for ?? [];
  return (
    <section aria-label="What you say of it" className="grid gap-2 border-t border-rule pt-2">
      <Said
        label="Why it is there, kept through the trials"
        placeholder="without it they crumble"
        said={line.why ?? ""}
        onChange={(why) => set({ why })}
      />
      <Said
        label="Added by eye: when to stop"
        placeholder="thick as double cream (empty: poured to its weight)"
        said={line.until ?? ""}
        onChange={(until) => set({ until })}
      />
      <div className="flex flex-wrap gap-3">
        <NumberField
          label="At least"
          unit="g"
          optional
          value={line.least_g}
          onChange={(least_g) => set({ least_g })}
        />
        <NumberField
          label="At most"
          unit="g"
          optional
          value={line.most_g}
          onChange={(most_g) => set({ most_g })}
        />
      </div>
      {original?.of_lines && (
        <fieldset>
          <legend className="text-sm text-soft">It stands for, in the original</legend>
          <div className="flex flex-wrap gap-x-4">
            {original.layers.map((layer) => (
              <Tick
                key={layer.key}
                on={standing.includes(layer.line_id)}
                onChange={(on) =>
                  set({
                    stands_for: on
                      ? [...standing, layer.line_id]
                      : standing.filter((key) => key !== layer.line_id),
                  })
                }
              >
                {layer.name} <span className="text-soft">{figure(layer.kcal ?? 0, "kcal")}</span>
              </Tick>
            ))}
          </div>
        </fieldset>
      )}
    </section>
  );
}

interface SaidProps {
  label: string;
  placeholder: string;
  said: string;
  onChange: (said: string) => void;
}

function Said({ label, placeholder, said, onChange }: SaidProps) {
  const [text, setText] = useState(said);
  return (
    <TextField
      label={label}
      placeholder={placeholder}
      maxLength={300}
      value={text}
      onChange={setText}
      onBlur={() => {
        if (text !== said) onChange(text);
      }}
    />
  );
}
