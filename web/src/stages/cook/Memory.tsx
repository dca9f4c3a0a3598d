import type { Schemas } from "../../api/client";
import { day, fixed, minutes } from "../../lib/format";
import { CAME_OUT } from "./stepText";

const MOST_SHOWN = 8;

/** What the oven's memory makes of a time, and on pressing it the bakes that it goes by. */
export function Memory({ says, guess }: { says: string; guess: Schemas["Estimate"] }) {
  if (guess.bakes.length === 0) return <p className="text-sm text-pencil">{says}</p>;
  return (
    <details className="text-sm">
      <summary className="cursor-pointer text-pencil">{says}</summary>
      <table className="my-1 border-collapse">
        <thead className="text-soft">
          <tr>
            <th className="pr-4 text-left font-normal">bake</th>
            <th className="pr-4 text-left font-normal">in</th>
            <th className="pr-4 text-right font-normal">stated</th>
            <th className="pr-4 text-right font-normal">took</th>
            <th className="pr-4 text-right font-normal">ratio</th>
            <th className="text-left font-normal">came out</th>
          </tr>
        </thead>
        <tbody>
          {guess.bakes.slice(0, MOST_SHOWN).map((bake) => (
            <tr key={bake.at}>
              <td className="pr-4">
                {bake.dish}, {day(bake.at)}
              </td>
              <td className="pr-4">{bake.vessel || bake.tool}</td>
              <td className="pr-4 text-right">{minutes(bake.stated_min)}</td>
              <td className="pr-4 text-right">{minutes(bake.actual_min)}</td>
              <td className="pr-4 text-right">{fixed(bake.ratio, 2)}</td>
              <td>{bake.outcome ? CAME_OUT[bake.outcome] : ""}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="text-soft">
        The mean of these ratios, drawn towards 1 while they are few; the same oven with another
        vessel counts for less. A bake that came out not quite done counts a tenth longer than it
        took, one that had too long a tenth shorter.
      </p>
    </details>
  );
}
