import { useState } from "react";

import type { Taken, useCaptures } from "../../api/captures";
import { api, ask, type Schemas, sentence } from "../../api/client";
import type { BatchSheet, Live } from "../../api/live";
import type { TypedWeight } from "../../scale/typedWeight";
import { MOST_NUDGE } from "../../api/vocabulary";
import { useNotice } from "../../ui/notices";
import { isTooMuch, type Line, type ShownSheet, stillOpen } from "./lines";
import { isNothing, useWhenSteady } from "../../scale/useWhenSteady";

interface WeighingProps {
  sheet: ShownSheet;
  line: Line | undefined;
  live: Live;
  captures: ReturnType<typeof useCaptures>;
  /** The bowl that a free weigh-in pours into. */
  bowl: string;
}

/** Everything that a hand or a key does at a weigh-in. */
export function useWeighing({ sheet, line, live, captures, bowl }: WeighingProps) {
  const say = useNotice();
  const { reading } = live;
  const { whenSteady, waiting } = useWhenSteady(reading);
  const [undecided, setUndecided] = useState<{ line: number; told: TypedWeight } | null>(null);
  const into = line?.bowl ?? bowl;
  const ofLine = (one: Line) => ({ line: one.id, seen: one.seen });
  const of = (at: Line | undefined) => (at ? ofLine(at) : { line: null, seen: null });

  const fromScale = (
    kind: "tare" | "line" | "add",
    accepted?: { then?: (() => void) | undefined },
  ) => {
    if (!reading) {
      say({ text: "The scale does not answer: type it in, or look at the cable.", bad: true });
      return;
    }
    const tareRecord = reading.tare_record ?? null;
    whenSteady(kind, (shown, late) => {
      const { reading: raw, state } = shown;
      if (kind !== "tare" && isNothing(shown)) {
        if (!late) say({ text: "Nothing has been poured yet." });
        return false;
      }
      // What was over when it stood still was not what the cook asked to take: the choices are shown.
      if (late && !accepted && kind === "line" && state === "over") return true;
      const read = {
        ...of(line),
        bowl: into,
        way: line?.way ?? "into",
        gross_g: raw.grams,
        tare_record: tareRecord,
        mode: raw.mode ?? "gross",
        scale: raw.scale ?? "",
        division_g: raw.division_g,
        origin: "scale",
      } as const;
      captures.capture(kind === "tare" ? { kind, ...read } : { kind, ...read });
      accepted?.then?.();
      return true;
    });
  };
  const byHand = (part: Taken) => captures.capture({ origin: "hand", ...part });
  const record = ({ grams, range, origin, count }: TypedWeight, kind: "line" | "add" = "line") =>
    byHand({
      kind,
      ...of(line),
      bowl: into,
      net_g: grams,
      low_g: range?.[0] ?? null,
      high_g: range?.[1] ?? null,
      count: count ?? null,
      origin,
    });
  const told = (one: TypedWeight, kind: "line" | "add" = "line") => {
    if (line && kind === "line" && isTooMuch(line, one.grams))
      setUndecided({ line: line.id, told: one });
    else record(one, kind);
  };
  const spill = (grams: number, component: string | null) =>
    byHand({
      kind: "spill",
      ...(component === null ? { line: line?.id ?? null } : { bowl: component }),
      net_g: grams,
      origin: "estimate",
    });
  const turn = (id: number) => byHand({ kind: "turn", line: id });
  const show = async (request: Parameters<typeof ask<BatchSheet>>[0]) => {
    try {
      live.show(await ask(request));
      return true;
    } catch (error) {
      say({ text: sentence(error), bad: true });
      return false;
    }
  };
  const path = { params: { path: { batch_id: sheet.id } } };

  return {
    waiting,
    /** What was typed or measured of this line and is too much: recorded once the cook has chosen. */
    undecided: undecided && undecided.line === line?.id ? undecided.told : null,
    forget: () => setUndecided(null),
    take: () => {
      if (line ?? sheet.free) fromScale("line");
    },
    add: () => line && fromScale("add"),
    tare: () => fromScale("tare"),
    told,
    spill,
    turn,
    right: (cue: string) => line && byHand({ kind: "right", ...ofLine(line), note: cue }),
    later: () => line && byHand({ kind: "later", ...ofLine(line) }),
    /** Leave out whatever is still open; what is in the bowl of it counts. */
    finishEarly: (note: string) => {
      for (const one of stillOpen(sheet)) {
        if (one.poured_g > 0) byHand({ kind: "right", ...ofLine(one) });
        else byHand({ kind: "skip", ...ofLine(one), note });
      }
    },
    skip: (note = "") => line && byHand({ kind: "skip", ...ofLine(line), note }),
    food: (one: Line, labelId: number) =>
      byHand({ kind: "food", ...ofLine(one), label_id: labelId }),
    /** Accept what is on the scale, and carry its ratio on to other lines. */
    accept: ({ scope }: Schemas["Choice"]) => {
      if (!line) return;
      const carry = { kind: "carry", line: line.id, scope: scope ?? "open" } as const;
      const then = scope == null ? undefined : () => byHand(carry);
      if (undecided?.line === line.id) {
        record(undecided.told);
        setUndecided(null);
        then?.();
      } else fromScale("line", { then });
    },
    undo: () => {
      if (sheet.last_record) byHand({ kind: "undo", undoes: sheet.last_record });
    },
    step: (by: -1 | 1) => {
      const to = sheet.lines[sheet.lines.findIndex((line) => line.id === sheet.current) + by];
      if (to) turn(to.id);
    },
    nudge: (by: -1 | 1) =>
      void show(
        api.PUT("/api/batches/{batch_id}/nudge", {
          ...path,
          body: { divisions: Math.max(-MOST_NUDGE, Math.min(MOST_NUDGE, sheet.nudge + by)) },
        }),
      ),
    setHandsFree: (on: boolean) =>
      void show(api.PUT("/api/batches/{batch_id}/hands-free", { ...path, body: { on } })),
    addLine: (labelId: number, component: string) =>
      show(
        api.POST("/api/batches/{batch_id}/lines", {
          ...path,
          body: { key: crypto.randomUUID(), label_id: labelId, component },
        }),
      ),
    arrange: (plan: Schemas["WeighPlan"]) =>
      show(api.PUT("/api/batches/{batch_id}/plan", { ...path, body: plan })),
    close: () => show(api.POST("/api/batches/{batch_id}/close", path)),
  };
}

export type Weighing = ReturnType<typeof useWeighing>;
