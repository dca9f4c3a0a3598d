import type { Schemas } from "../../api/client";
import { useSettings } from "../../api/queries";
import { degreesText, knobText } from "./stepText";

/** Heat as this kitchen reads it: its own degrees first. */
export function useDegrees() {
  const scale = useSettings().data?.degrees ?? "C";
  return {
    scale,
    knobSays: (knob: Schemas["Knob"]) => knobText(knob, scale),
    degreesSay: (celsius: number) => degreesText(celsius, scale),
  };
}
