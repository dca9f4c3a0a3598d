import type { BatchSheet } from "../../api/live";

/** Pieces of which nobody knows the weight: there is no target to pour to. */
export const onlyCounted = (line: BatchSheet["lines"][number]) =>
  line.count != null && line.target_g === 0;
