import type { Schemas } from "../api/client";
import { day, fixed } from "../lib/format";

type Lot = Schemas["ShelfLot"];

/** "3 servings", "84 g of Frosting". */
export function amountText(lot: Pick<Lot, "amount" | "part">): string {
  const amount = fixed(lot.amount, Number.isInteger(lot.amount) ? 0 : 1);
  if (lot.part) return `${amount} g of ${lot.part}`;
  return `${amount} ${lot.amount === 1 ? "serving" : "servings"}`;
}

/** Where a lot can be moved to, and what that is called. */
export function moveOf(lot: Lot) {
  return lot.place === "fridge"
    ? ({ to: "freezer", name: "Freeze", did: "In the freezer now." } as const)
    : ({ to: "fridge", name: "Thaw", did: "In the fridge now." } as const);
}

/** Until when, said so that nothing is forgotten. */
export function untilText(lot: Lot): string {
  if (lot.days_left < 0) return `was to be eaten by ${day(lot.until)}`;
  if (lot.days_left === 0) return "eat today";
  if (lot.days_left === 1) return "until tomorrow";
  return `until ${day(lot.until)}`;
}
