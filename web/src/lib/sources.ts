import type { Schemas } from "../api/client";

/** The title of a source, with its standing where it is neither published nor said already. */
export function sourceName({ title, standing }: Schemas["Source"]): string {
  const plain = standing === "published" || title.toLowerCase().includes(standing);
  return plain ? title : `${title} (${standing})`;
}
