import { Slider } from "radix-ui";
import { useId } from "react";

import { plainMark } from "../lib/marks";

const TICKS = Array.from({ length: 21 }, (_, i) => i / 2);

interface RulerProps {
  label: string;
  /** As it was said: "7.5", "11 out of 10"; empty while there is none. */
  value: string;
  error?: string | undefined;
  onChange: (said: string) => void;
}

/** A ruler from 0 to 10 in halves with a pencil tick: drawn, tapped, moved by keys, or typed as it was said. */
export function Ruler({ label, value, error, onChange }: RulerProps) {
  const id = useId();
  const at = plainMark(value);
  return (
    <div role="group" aria-labelledby={id}>
      <div className="flex items-end justify-between gap-3">
        <span id={id} className="font-semibold">
          {label}
        </span>
        <input
          aria-label={`${label}, as it was said`}
          aria-invalid={error !== undefined || undefined}
          aria-describedby={error ? `${id}-says` : undefined}
          inputMode="text"
          autoComplete="off"
          maxLength={40}
          placeholder="7.5"
          value={value}
          onChange={(event) => onChange(event.target.value)}
          className="min-h-11 w-32 border border-soft bg-sheet px-2 text-right font-mono text-lg placeholder:text-soft aria-invalid:border-2 aria-invalid:border-mark"
        />
      </div>
      <Slider.Root
        min={0}
        max={10}
        step={0.5}
        value={[at ?? 5]}
        onValueChange={([next]) => onChange(String(next ?? 0))}
        onPointerUp={() => at === null && onChange("5")}
        className="relative mx-2 flex h-12 touch-pan-y items-center select-none"
      >
        <svg
          aria-hidden="true"
          className="pointer-events-none absolute inset-0 size-full overflow-visible"
        >
          <line x1="0" y1="50%" x2="100%" y2="50%" stroke="var(--ink)" />
          {TICKS.map((tick) => (
            <line
              key={tick}
              x1={`${tick * 10}%`}
              x2={`${tick * 10}%`}
              y1="50%"
              y2={Number.isInteger(tick) ? "74%" : "62%"}
              stroke="var(--ink)"
            />
          ))}
          {[0, 5, 10].map((tick) => (
            <text
              key={tick}
              x={`${tick * 10}%`}
              y="100%"
              textAnchor="middle"
              className="fill-soft font-mono text-[11px]"
            >
              {tick}
            </text>
          ))}
        </svg>
        <Slider.Track className="relative h-full grow" />
        <Slider.Thumb
          aria-labelledby={id}
          aria-valuetext={value === "" ? "no mark yet" : value}
          className={`relative block h-11 w-px focus-visible:outline-2 focus-visible:outline-offset-8 ${at === null ? "opacity-0 focus-visible:opacity-60" : ""}`}
        >
          <svg width="18" height="34" aria-hidden="true" className="absolute -top-1 -left-[9px]">
            <path d="M9 34 L2 12 L2 1 L16 1 L16 12 Z" fill="var(--pencil)" />
            <path d="M9 34 L6.5 26 L11.5 26 Z" fill="var(--ink)" />
          </svg>
        </Slider.Thumb>
      </Slider.Root>
      {error && (
        <p id={`${id}-says`} role="alert" className="text-sm text-mark">
          {error}
        </p>
      )}
    </div>
  );
}
