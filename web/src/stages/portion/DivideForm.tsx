import { useState } from "react";

import { problemOf, type ProblemError, type Schemas } from "../../api/client";
import { MOST, USUAL_DIVIDING } from "../../api/vocabulary";
import { Button } from "../../ui/Button";
import { NumberField } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";

type Dividing = Schemas["Dividing"];

interface DivideFormProps {
  dividing: Dividing;
  pieces: number;
  onDivide: (dividing: Dividing) => Promise<void>;
}

const WAYS: readonly { way: NonNullable<Dividing["way"]>; name: string }[] = [
  { way: "count", name: "Equal pieces" },
  { way: "scoop", name: "Scoops" },
  { way: "cut", name: "Cut the pan" },
  { way: "grams", name: "By the gram" },
];

/**
 * How the batch is divided, and what one serving is. Good values are stored as they are typed; another
 * way is only looked at until it is chosen.
 */
export function DivideForm({ dividing, pieces, onDivide }: DivideFormProps) {
  const [draft, setDraft] = useState<Dividing>(dividing);
  const [looking, setLooking] = useState(false);
  const [problem, setProblem] = useState<ProblemError>();
  const store = (next: Dividing) => {
    onDivide(next).then(
      () => {
        setProblem(undefined);
        setLooking(false);
      },
      (error: unknown) => setProblem(problemOf(error)),
    );
  };
  const set = (part: Partial<Dividing>) => {
    const next = { ...draft, ...part };
    setDraft(next);
    if (!looking) store(next);
  };
  const stored = dividing.way ?? "count";
  const way = draft.way ?? "count";
  const choose = (chosen: typeof way) => {
    setProblem(undefined);
    if (chosen === stored) {
      setDraft(dividing);
      setLooking(false);
      return;
    }
    const next: Dividing = { ...draft, way: chosen };
    if (chosen === "scoop") next.fill_g ??= USUAL_DIVIDING.scoop_g;
    if (chosen === "grams") next.serving_g ??= USUAL_DIVIDING.serving_g;
    if (chosen === "cut") next.cut ??= USUAL_DIVIDING.square;
    if (chosen !== way) next.serving_pieces = 1;
    setDraft(next);
    setLooking(true);
  };
  const reshape = (cut: Cut) => {
    setDraft({ ...draft, cut });
    setLooking(true);
  };
  return (
    <section
      aria-label="Divide it"
      className="grid justify-items-start gap-3 border border-rule p-3 max-lg:order-3"
    >
      <div role="group" aria-label="How it is divided" className="flex flex-wrap">
        {WAYS.map((choice) => (
          <Toggle
            key={choice.way}
            small
            on={way === choice.way}
            onChoose={() => choose(choice.way)}
          >
            {choice.name}
          </Toggle>
        ))}
      </div>
      {way === "count" && (
        <NumberField
          label="Number of portions"
          value={draft.pieces ?? pieces}
          most={MOST.Dividing.pieces}
          takes="whole"
          onChange={(count) => set({ pieces: count ?? 1 })}
        />
      )}
      {way === "scoop" && (
        <NumberField
          label="Each scoop"
          unit="g"
          value={draft.fill_g}
          takes="positive"
          onChange={(fill_g) => set({ fill_g })}
        />
      )}
      {way === "grams" && (
        <NumberField
          label="One serving"
          unit="g"
          value={draft.serving_g}
          takes="positive"
          onChange={(serving_g) => set({ serving_g })}
        />
      )}
      {way === "cut" && draft.cut && (
        <CutFields cut={draft.cut} set={(cut) => set({ cut })} reshape={reshape} />
      )}
      {way !== "grams" && (
        <NumberField
          label="A serving is"
          unit={way === "scoop" ? "scoops" : "pieces"}
          value={draft.serving_pieces}
          most={MOST.Dividing.serving_pieces}
          error={problem?.at("serving_pieces")}
          takes="positive"
          onChange={(serving_pieces) => set({ serving_pieces: serving_pieces ?? 1 })}
        />
      )}
      {way !== "grams" && (
        <Toggle
          small
          on={draft.weighed_cooked ?? false}
          onChoose={() => set({ weighed_cooked: !draft.weighed_cooked })}
        >
          Weigh each cooked piece
        </Toggle>
      )}
      {way === "count" && !draft.weighed_cooked && (
        <Toggle
          small
          on={draft.two_pass ?? false}
          onChoose={() => set({ two_pass: !draft.two_pass })}
        >
          Fill in two passes
        </Toggle>
      )}
      {draft.two_pass && (
        <p className="max-w-prose text-sm text-soft">
          Where the whole batch was weighed, one pass comes out as even. Two help where its weight
          is only a guess.
        </p>
      )}
      {looking && (
        <div className="grid justify-items-start gap-1">
          <Button look="main" onClick={() => store(draft)}>
            Divide it this way
          </Button>
          <p className="text-sm text-soft">Until then it stays as it is.</p>
        </div>
      )}
      {problem && !problem.at("serving_pieces") && (
        <p role="alert" className="text-mark">
          {problem.faults[0]?.message ?? problem.message}
        </p>
      )}
    </section>
  );
}

type Cut = Schemas["PanCut"];

interface CutFieldsProps {
  cut: Cut;
  set: (cut: Cut) => void;
  /** Another shape, with a usual size to begin with. */
  reshape: (cut: Cut) => void;
}

function CutFields({ cut, set, reshape }: CutFieldsProps) {
  const round = cut.wedges != null;
  const shape = (isRound: boolean) => {
    if (isRound !== round) reshape(isRound ? USUAL_DIVIDING.round : USUAL_DIVIDING.square);
  };
  const count = (name: "rows" | "columns" | "wedges", label: string) => (
    <NumberField
      label={label}
      value={cut[name]}
      most={MOST.PanCut[name]}
      takes="whole"
      onChange={(n) => set({ ...cut, [name]: n })}
    />
  );
  const size = (name: "length_cm" | "width_cm" | "diameter_cm", label: string) => (
    <NumberField
      label={label}
      unit="cm"
      optional
      value={cut[name]}
      most={MOST.PanCut[name]}
      takes="positive"
      onChange={(n) => set({ ...cut, [name]: n })}
    />
  );
  return (
    <>
      <div role="group" aria-label="Shape of the pan" className="flex">
        <Toggle small on={!round} onChoose={() => shape(false)}>
          rectangle
        </Toggle>
        <Toggle small on={round} onChoose={() => shape(true)}>
          round
        </Toggle>
      </div>
      <div className="flex flex-wrap gap-3">
        {round ? (
          <>
            {count("wedges", "Wedges")}
            {size("diameter_cm", "Across")}
          </>
        ) : (
          <>
            {count("rows", "Rows")}
            {count("columns", "Columns")}
            {size("width_cm", "Width")}
            {size("length_cm", "Length")}
          </>
        )}
      </div>
    </>
  );
}
