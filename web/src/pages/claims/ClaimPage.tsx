import { useState } from "react";
import { useSearchParams } from "react-router";

import { api, ask } from "../../api/client";
import { MOST_CLAIMS } from "../../api/vocabulary";
import { type DishName, DishPicker } from "../../dish/DishPicker";
import { known } from "../../lib/figures";
import { Button } from "../../ui/Button";
import { Choice } from "../../ui/Field";
import { Sheet } from "../../ui/Sheet";
import { ClaimForm } from "./ClaimForm";
import { ClaimVerdict } from "./ClaimVerdict";
import { addressOf, type Claim, CLAIMED, EMPTY, isEmpty, type Relation, sheetOf } from "./claims";
import { PasteClaim } from "./PasteClaim";
import { useClaimCheck } from "./useClaimCheck";

/** Somebody's figures: do they agree with each other? No dish needed; the address carries it all. */
export default function ClaimPage() {
  const [params, setParams] = useSearchParams();
  const [sheet, setSheet] = useState(() => sheetOf(params.get("c")));
  const checked = useClaimCheck(sheet);
  const put = (claims: readonly Claim[], relation: Relation = sheet.relation ?? "apart") => {
    const next = { claims: claims.length > 0 ? [...claims] : [EMPTY], relation };
    setSheet(next);
    setParams(next.claims.every(isEmpty) ? {} : { c: addressOf(next) }, { replace: true });
  };
  const { claims } = sheet;
  const add = (claim: Claim) => put(isEmpty(claims[0] ?? EMPTY) ? [claim] : [...claims, claim]);
  return (
    <Sheet className="grid gap-6 p-5 max-sm:p-4 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
      <div className="grid min-w-0 content-start gap-4">
        <header>
          <h1 className="text-2xl font-bold">Check someone’s numbers</h1>
          <p className="text-soft">
            Someone’s kcal and macros: do they agree with each other, with the servings, with the
            whole pan?
          </p>
        </header>
        <PasteClaim onRead={(found) => put(found)} />
        {claims.map((claim, i) => (
          <ClaimForm
            key={i}
            claim={claim}
            number={i + 1}
            several={claims.length > 1}
            at={(path) => checked.problem?.at(`claims[${i}].${path}`)}
            onChange={(next) => put(claims.map((claim, j) => (j === i ? next : claim)))}
            onRemove={() => put(claims.filter((_, j) => j !== i))}
          />
        ))}
        <div className="flex flex-wrap items-end gap-3">
          {claims.length < MOST_CLAIMS && (
            <>
              <Button onClick={() => put([...claims, EMPTY])}>Another claim beside it</Button>
              <OneOfMine onChoose={add} />
            </>
          )}
        </div>
        {claims.length > 1 && (
          <div className="max-w-md">
            <Choice
              label="How the claims hang together"
              value={sheet.relation ?? "apart"}
              options={[
                { value: "apart", label: "they do not: theirs and mine" },
                { value: "same_pan", label: "two ways of cutting the same pan" },
                { value: "same_base", label: "one base with different finishes" },
              ]}
              onChange={(relation) => put(claims, relation)}
            />
          </div>
        )}
      </div>
      <ClaimVerdict checked={checked} claims={claims} />
    </Sheet>
  );
}

/** A serving of a dish in this kitchen, beside theirs. */
function OneOfMine({ onChoose }: { onChoose: (claim: Claim) => void }) {
  const choose = async ({ id }: DishName) => {
    const params = { path: { dish_id: id } };
    const { name, serving } = await ask(api.GET("/api/dishes/{dish_id}/serving", { params }));
    const value = (figure: Parameters<typeof known>[0]) => {
      const found = known(figure);
      return found ? Math.round(found.value) : null;
    };
    onChoose({
      name,
      serving: {
        ...Object.fromEntries(CLAIMED.map((nutrient) => [nutrient, value(serving[nutrient])])),
        grams: serving.grams ? Math.round(serving.grams) : null,
      },
      batch: {},
    });
  };
  return (
    <div className="min-w-52">
      <DishPicker label="One of mine beside it" onChoose={(dish) => void choose(dish)} />
    </div>
  );
}
