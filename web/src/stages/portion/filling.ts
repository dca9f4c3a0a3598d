import type { Aim } from "../../api/live";

/** What the scale is used for on this page. */
export interface Filling {
  aim: Exclude<Aim["aim"], "line">;
  piece?: number;
  /** Of which component something is weighed back. */
  component?: string;
}

export function nameOf(filling: Filling, piece: number | null): string {
  switch (filling.aim) {
    case "mixture":
      return "The whole mixture";
    case "cooked":
      return "The whole batch, cooked";
    case "portion":
      return piece === null ? "All pieces are filled" : `Portion ${piece}`;
    case "leftover":
      return `${filling.component}: what came back`;
    case "fat":
      return `${filling.component}: fat poured off`;
  }
}
