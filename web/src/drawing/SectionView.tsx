import { useState } from "react";

import { useSettings } from "../api/queries";
import { figure } from "../lib/format";
import { useWidth } from "../lib/useWidth";
import { Toggle } from "../ui/Toggle";
import { HatchKey } from "./Hatches";
import { layersOf, type SectionMeasure, totalOf } from "./section";
import { SectionColumns, type SectionDrawing } from "./SectionColumns";
import { SectionTable } from "./SectionTable";

interface SectionViewProps extends SectionDrawing {
  /** Switches for what a layer is thick by, and for equal weight. */
  switches?: boolean;
  /** Something is tried and not yet done. */
  trying?: boolean;
}

const MEASURES: readonly { key: SectionMeasure; name: string; unit: string }[] = [
  { key: "kcal", name: "kcal", unit: "kcal" },
  { key: "protein_g", name: "protein", unit: "g protein" },
  { key: "grams", name: "weight", unit: "g" },
  { key: "cost", name: "cost", unit: "" },
];

/** Original and rebuild cut open side by side on one scale. */
export function SectionView(props: SectionViewProps) {
  const [ref, width] = useWidth<HTMLDivElement>(560);
  const [measure, setMeasure] = useState<SectionMeasure>("kcal");
  const [equal, setEqual] = useState(false);
  const { data: settings } = useSettings();
  const { section } = props;
  const atEqual = section.rebuild_at_equal_weight;
  const ours = equal && atEqual ? atEqual : section.rebuild;
  const kcal = totalOf(layersOf(section.original)) + totalOf(layersOf(section.rebuild));
  if (kcal === 0) {
    return (
      <p className="border border-dashed border-soft p-6 text-soft">
        Nothing to compare yet. The original and this trial stand here side by side, layer by layer,
        as soon as the original has its figures or the build a line.
      </p>
    );
  }
  const named = MEASURES.find((choice) => choice.key === measure);
  const unit = measure === "cost" ? (settings?.currency ?? "") : (named?.unit ?? "");
  return (
    <figure
      className={`m-0 ${props.trying ? "outline-2 outline-offset-4 outline-pencil outline-dashed" : ""}`}
    >
      {props.switches && (
        <div className="mb-1 flex flex-wrap gap-x-3 gap-y-1 print:hidden">
          <div role="group" aria-label="Layers by" className="flex">
            {MEASURES.map((choice) => (
              <Toggle
                key={choice.key}
                small
                on={measure === choice.key}
                onChoose={() => setMeasure(choice.key)}
              >
                {choice.name}
              </Toggle>
            ))}
          </div>
          {atEqual && (
            <div role="group" aria-label="Compared" className="flex">
              <Toggle small on={!equal} onChoose={() => setEqual(false)}>
                per serving
              </Toggle>
              <Toggle small on={equal} onChoose={() => setEqual(true)}>
                at {figure(atEqual.grams ?? 0, "g")} g
              </Toggle>
            </div>
          )}
        </div>
      )}
      <div ref={ref} className="min-w-0 overflow-hidden">
        {width > 0 && (
          <SectionColumns
            {...props}
            original={layersOf(section.original, measure)}
            rebuild={layersOf(ours, measure)}
            measure={measure}
            unit={unit}
            width={width}
          />
        )}
      </div>
      <figcaption className="mt-1">
        <HatchKey />
        <SectionTable
          original={section.original ?? null}
          rebuild={ours}
          {...(props.theirs && { names: [props.theirs, props.ours] })}
        />
      </figcaption>
    </figure>
  );
}
