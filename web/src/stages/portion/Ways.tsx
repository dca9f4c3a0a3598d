import type { Schemas } from "../../api/client";
import { known, valueText } from "../../lib/figures";
import { weighed } from "../../lib/format";
import { Button } from "../../ui/Button";

interface WaysProps {
  sheet: Schemas["PortionSheet"];
  dividing: Schemas["Dividing"];
  onDivide: (dividing: Schemas["Dividing"]) => Promise<void>;
}

/** The same batch in 6, 8, 12 or 16, side by side. */
export function Ways({ sheet, dividing, onDivide }: WaysProps) {
  return (
    <section aria-label="Ways to divide">
      <h2 className="text-lg font-bold">Ways to divide it</h2>
      <table className="mt-1 w-full border-collapse text-right">
        <thead className="text-sm text-soft">
          <tr className="border-b border-ink">
            <th className="py-1 text-left font-normal">into</th>
            <th className="px-2 font-normal">each g</th>
            <th className="px-2 font-normal">kcal</th>
            <th className="px-2 font-normal">protein g</th>
            <td />
          </tr>
        </thead>
        <tbody>
          {sheet.ways.map((way) => {
            const here = way.pieces === sheet.pieces;
            const [kcal, protein] = [known(way.kcal), known(way.protein_g)];
            return (
              <tr
                key={way.pieces}
                aria-current={here || undefined}
                className={`border-b border-rule ${here ? "bg-wash font-bold" : ""}`}
              >
                <th scope="row" className="py-1 pl-1 text-left font-[inherit]">
                  {way.pieces}
                </th>
                <td className="px-2">
                  {way.grams == null ? "unknown" : weighed(Math.round(way.grams * 10) / 10)}
                </td>
                <td className="px-2">{kcal ? valueText(kcal, "kcal") : "unknown"}</td>
                <td className="px-2">{protein ? valueText(protein, "g") : "unknown"}</td>
                <td className="w-20">
                  {here ? (
                    <span className="block px-3.5 py-2 text-sm font-normal">as it is</span>
                  ) : (
                    <Button
                      look="quiet"
                      aria-label={`Take ${way.pieces} pieces`}
                      onClick={() =>
                        void onDivide({
                          ...dividing,
                          way: "count",
                          pieces: way.pieces,
                          serving_pieces: 1,
                        })
                      }
                    >
                      Take
                    </Button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {sheet.scooped && (
        <p className="mt-1 text-sm text-soft">
          {weighed(Math.round(sheet.scooped.exact * 10) / 10)} scoops; after {sheet.scooped.pieces}{" "}
          whole ones {weighed(Math.round(sheet.scooped.over_g * 10) / 10)} g are over.
        </p>
      )}
    </section>
  );
}
