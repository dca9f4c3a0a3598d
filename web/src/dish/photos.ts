import type { Schemas } from "../api/client";
import { PHOTO_STAGES } from "../api/vocabulary";

export type Photo = Schemas["Photo"];
export type PhotoStage = (typeof PHOTO_STAGES)[number];

export const STAGE_NAMES: Record<PhotoStage, string> = {
  mixture: "Mixture",
  top: "From above",
  cut: "Cut",
  plate: "On the plate",
};

export const photoAddress = (id: number) => `/api/photos/${id}`;
