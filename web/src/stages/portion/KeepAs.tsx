import { useState } from "react";
import { Link } from "react-router";

import { api, ask, type ProblemError, type Schemas } from "../../api/client";
import { Button } from "../../ui/Button";
import { Choice, TextField } from "../../ui/Field";
import { useDeed } from "../../ui/useDeed";

interface KeepAsProps {
  batchId: number;
  parts: readonly Schemas["PartWeighedBack"][];
  dish: string;
}

/** A made thing is an ingredient: the batch, or one component, onto the shelf with its margin. */
export function KeepAs({ batchId, parts, dish }: KeepAsProps) {
  const [component, setComponent] = useState("");
  const [name, setName] = useState("");
  const [made, setMade] = useState<Schemas["ShelfFood"]>();
  const [problem, setProblem] = useState<ProblemError>();
  const deed = useDeed(setProblem);
  const suggested = component === "" ? dish : component;
  const keep = async () => {
    await deed.run(async () => {
      const food = await ask(
        api.POST("/api/batches/{batch_id}/keep-as", {
          params: { path: { batch_id: batchId } },
          body: { name: name.trim() || `${suggested}, made here`, component: component || null },
        }),
      );
      setMade(food);
      setProblem(undefined);
    });
  };
  const choices = [
    { value: "", label: "the whole batch" },
    ...parts.map((part) => ({ value: part.component, label: part.component })),
  ];
  return (
    <section aria-label="As an ingredient">
      <h2 className="text-lg font-bold">As an ingredient</h2>
      <p className="text-sm text-soft">
        Frosting, dry mix, jam, browned mince: onto the shelf as a food of its own, with its margin
        and its allergens; what others use of it is drawn from the stock.
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <div className="w-44">
          <Choice label="Which part" value={component} options={choices} onChange={setComponent} />
        </div>
        <div className="min-w-44 flex-1">
          <TextField
            label="Called"
            placeholder={`${suggested}, made here`}
            maxLength={120}
            value={name}
            onChange={setName}
            error={problem?.at("name")}
          />
        </div>
        <Button onClick={() => void keep()}>Onto the shelf</Button>
      </div>
      {problem && !problem.at("name") && (
        <p role="alert" className="text-mark">
          {problem.message}
        </p>
      )}
      {made && (
        <p className="text-done">
          ✓{" "}
          <Link className="underline" to={`/shelf/${made.id}`}>
            {made.name}
          </Link>{" "}
          is on the shelf.
        </p>
      )}
    </section>
  );
}
