import type { Material } from "../lib/nutrients";
import { hatch } from "./hatch";

/**
 * Section lining: one pattern a macronutrient, in ink, legible at 12 px and in print. Defined once for
 * the whole page; every drawing refers to them by id.
 */
export function HatchDefinitions() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true" focusable="false">
      <defs>
        <pattern
          id="hatch-carbohydrate"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--sheet)" />
          <path d="M0 0V7" stroke="var(--ink)" strokeWidth="1.6" />
        </pattern>
        <pattern
          id="hatch-fat"
          width="7"
          height="7"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect width="7" height="7" fill="var(--sheet)" />
          <path d="M0 0V7M0 0H7" stroke="var(--ink)" strokeWidth="1.4" />
        </pattern>
        <pattern id="hatch-fibre" width="6" height="6" patternUnits="userSpaceOnUse">
          <rect width="6" height="6" fill="var(--sheet)" />
          <circle cx="1.5" cy="1.5" r="1.1" fill="var(--ink)" />
          <circle cx="4.5" cy="4.5" r="1.1" fill="var(--ink)" />
        </pattern>
        <pattern id="hatch-protein" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--ink-soft)" />
        </pattern>
        <pattern id="hatch-polyols" width="4" height="4" patternUnits="userSpaceOnUse">
          <rect width="4" height="4" fill="var(--sheet)" />
        </pattern>
      </defs>
    </svg>
  );
}

const MATERIALS: readonly Material[] = ["protein", "carbohydrate", "fat", "fibre"];

/** What the hatches mean. */
export function HatchKey({ className = "" }: { className?: string }) {
  return (
    <ul className={`flex flex-wrap gap-x-4 gap-y-1 text-xs text-soft ${className}`}>
      {MATERIALS.map((material) => (
        <li key={material} className="flex items-center gap-1.5">
          <svg width="18" height="12" aria-hidden="true">
            <rect
              x="0.5"
              y="0.5"
              width="17"
              height="11"
              fill={hatch(material)}
              stroke="var(--ink)"
            />
          </svg>
          mostly {material}
        </li>
      ))}
    </ul>
  );
}
