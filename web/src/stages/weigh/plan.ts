import type { Schemas } from "../../api/client";
import type { ShownSheet } from "./lines";

/** The plan as the sheet has it. */
export function planOf(sheet: ShownSheet): Schemas["WeighPlan"] {
  return {
    version: sheet.version,
    lines: sheet.lines.map((line) => ({
      id: line.id,
      bowl: line.bowl,
      way: line.way,
      scale: line.scale ?? null,
      poured_with: line.poured_with ?? null,
    })),
  };
}
