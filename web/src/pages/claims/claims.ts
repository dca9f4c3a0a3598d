import type { Schemas } from "../../api/client";
import { MACROS, MOST_CLAIMS } from "../../api/vocabulary";

export type Claim = Schemas["Claim"];
export type Figures = Schemas["Figures"];
export type Sheet = Schemas["ClaimSheet"];
export type Relation = NonNullable<Sheet["relation"]>;

export const FIGURES = [
  { key: "kcal", name: "kcal" },
  { key: "protein_g", name: "protein g" },
  { key: "carbohydrate_g", name: "carb. g" },
  { key: "fat_g", name: "fat g" },
  { key: "fibre_g", name: "fibre g" },
  { key: "grams", name: "weight g" },
] as const satisfies readonly { key: keyof Figures; name: string }[];

/** The nutrients that a claim may be about. */
export const CLAIMED = [...MACROS, "fibre_g", "polyols_g"] as const;

export const EMPTY: Claim = { name: "", serving: {}, batch: {} };

/** The sheet that an address speaks of; a new one when it speaks of none. */
export function sheetOf(text: string | null): Sheet {
  try {
    const found = JSON.parse(text ?? "") as Sheet;
    if (Array.isArray(found.claims) && found.claims.length > 0) {
      return { ...found, claims: found.claims.slice(0, MOST_CLAIMS) };
    }
  } catch {
    // an address without claims, or one that somebody changed by hand
  }
  return { claims: [EMPTY], relation: "apart" };
}

/** The sheet as an address carries it: without what nobody has filled in. */
export function addressOf(sheet: Sheet): string {
  const claims = sheet.claims.map((claim) => ({
    ...(claim.name && { name: claim.name }),
    ...(claim.servings != null && { servings: claim.servings }),
    serving: filled(claim.serving),
    ...(Object.keys(filled(claim.batch)).length > 0 && { batch: filled(claim.batch) }),
  }));
  return JSON.stringify({ claims, relation: sheet.relation });
}

function filled(figures: Figures | undefined): Figures {
  const entries = Object.entries(figures ?? {}).filter(([, value]) => value != null);
  return Object.fromEntries(entries);
}

export const isEmpty = (claim: Claim) =>
  Object.keys(filled(claim.serving)).length + Object.keys(filled(claim.batch)).length === 0;
