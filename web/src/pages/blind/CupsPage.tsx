import { Link, useParams } from "react-router";

import { useBlindCups, useBlindTest } from "../../api/queries";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { Failed, Loading } from "../../ui/States";

/** What goes into which cup, for whoever fills them: on a page of its own, so that nobody meets it by chance. */
export default function CupsPage() {
  const id = Number(useParams().testId) || 0;
  const { data: test } = useBlindTest(id);
  const { data: cups, error, refetch } = useBlindCups(id);
  if (!cups || !test) {
    return error ? <Failed error={error} retry={() => void refetch()} /> : <Loading />;
  }
  return (
    <Sheet className="p-5 max-sm:p-3">
      <h1 className="text-2xl font-bold">{test.dish}: filling the cups</h1>
      <p className="mt-1 font-semibold text-mark">Whoever reads this can’t taste.</p>
      <p className="max-w-prose">
        Write each code on a cup and fill it. Serve every seat its cups from left to right, all
        alike in amount and warmth.
      </p>
      <table className="mt-4 w-full max-w-2xl">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="font-normal">sample</th>
            <th className="font-normal">into the cups</th>
          </tr>
        </thead>
        <tbody>
          {cups.fills.map((of) => (
            <tr key={of.sample} className="border-t border-rule align-top">
              <th scope="row" className="py-1 pr-4 text-left">
                {of.sample}
              </th>
              <td className="font-mono">{of.codes.join("  ")}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <table className="mt-4 w-full max-w-2xl">
        <thead className="text-left text-sm text-soft">
          <tr>
            <th className="font-normal">seat</th>
            <th className="font-normal">from left to right</th>
          </tr>
        </thead>
        <tbody>
          {test.seats.map((seat, i) => (
            <tr key={seat.number} className="border-t border-rule">
              <th scope="row" className="py-1 text-left">
                {seat.number}
              </th>
              <td>
                {seat.codes
                  .map((code, cup) => `${code} ${cups.seats[i]?.samples[cup] ?? ""}`)
                  .join(" · ")}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-4 flex flex-wrap items-center gap-3 print:hidden">
        <Button onClick={() => window.print()}>Print</Button>
        <Link to={`/blind/${id}`} className="min-h-11 content-center text-pencil hover:underline">
          To the test
        </Link>
      </p>
    </Sheet>
  );
}
