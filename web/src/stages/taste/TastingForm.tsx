import type { ReactNode } from "react";

import type { Schemas } from "../../api/client";
import { MOST, QUALITIES } from "../../api/vocabulary";
import { AGAIN, AGAINST, nameOf, QUALITY_NAMES, STATES } from "../../dish/tastingSays";
import { Ruler } from "../../drawing/Ruler";
import { Button } from "../../ui/Button";
import { Choice, NumberField, TextField } from "../../ui/Field";
import { Toggle } from "../../ui/Toggle";
import { Tasters } from "./Tasters";
import type { Tasting } from "./useTasting";
import { WordChips } from "./WordChips";

interface TastingFormProps {
  sheet: Schemas["TasteSheet"];
  tasting: Tasting;
}

/** The sheet of one taster: four rulers, again or not, words, a note. */
export function TastingForm({ sheet, tasting }: TastingFormProps) {
  const { draft, change, record, problem, busy } = tasting;
  const taster = sheet.tasters.find((known) => known.id === draft.taster_id);
  return (
    <section aria-label="Tasting sheet" className="grid content-start gap-5">
      <Tasters
        tasters={sheet.tasters}
        chosen={draft.taster_id}
        error={problem?.at("taster_id")}
        onChoose={(taster_id) => change({ taster_id })}
      />
      <What sheet={sheet} tasting={tasting} />
      <div className="grid gap-3">
        {QUALITIES.map((quality) => (
          <Ruler
            key={quality}
            label={QUALITY_NAMES[quality]}
            value={draft.marks[quality] ?? ""}
            error={problem?.at(`marks.${quality}`)}
            onChange={(said) => change({ marks: { ...draft.marks, [quality]: said } })}
          />
        ))}
      </div>
      <Row label="Make it again?">
        {AGAIN.map(([again, says]) => (
          <Toggle
            key={again}
            on={draft.again === again}
            onChoose={() => change({ again: draft.again === again ? null : again })}
          >
            {says}
          </Toggle>
        ))}
      </Row>
      <WordChips words={draft.words} onChange={(words) => change({ words })} />
      <TextField
        label="Note"
        placeholder="The frosting does it."
        maxLength={4000}
        value={draft.note}
        error={problem?.at("note")}
        onChange={(note) => change({ note })}
      />
      <More tasting={tasting} />
      {problem && problem.faults.length === 0 && (
        <p role="alert" className="text-mark">
          {problem.message}
        </p>
      )}
      {problem?.at("") && (
        <p role="alert" className="text-mark">
          {problem.at("")}
        </p>
      )}
      <div className="max-sm:sticky max-sm:bottom-0 max-sm:z-10 max-sm:-mx-3 max-sm:border-t max-sm:border-ink max-sm:bg-sheet max-sm:p-2">
        <Button
          look="main"
          className="max-sm:w-full"
          disabled={busy}
          onClick={() => void record(taster?.name ?? "the taster")}
        >
          {draft.replaces ? "Correct" : "Record"}
          {taster ? ` for ${taster.name}` : ""}
        </Button>
        {draft.replaces && (
          <Button look="quiet" onClick={() => change({ replaces: null, marks: {}, words: [] })}>
            Leave it as it was
          </Button>
        )}
      </div>
    </section>
  );
}

function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap items-center gap-1.5">
      <span aria-hidden="true" className="mr-2 font-semibold">
        {label}
      </span>
      {children}
    </div>
  );
}

/** What is on the plate: this batch or the original, in which state, with what. */
function What({ sheet, tasting }: TastingFormProps) {
  const { draft, change, problem } = tasting;
  const says = [
    draft.of_original ? "The original" : `Trial ${sheet.letter}`,
    nameOf(STATES, draft.state),
    draft.against === "nothing" ? "" : `beside ${nameOf(AGAINST, draft.against)}`,
    draft.finish,
  ];
  return (
    <details className="border-y border-rule">
      <summary className="min-h-11 cursor-pointer content-center">
        <b>{says.filter(Boolean).join(", ")}</b> <span className="text-pencil">Change</span>
      </summary>
      <div className="grid gap-3 pb-3">
        <Row label="What">
          <Toggle on={!draft.of_original} onChoose={() => change({ of_original: false })}>
            Trial {sheet.letter}
          </Toggle>
          <Toggle on={draft.of_original} onChoose={() => change({ of_original: true })}>
            The original
          </Toggle>
        </Row>
        <div className="grid gap-3 sm:grid-cols-2">
          <Choice
            label="How it was kept"
            value={draft.state}
            options={STATES}
            onChange={(state) => change({ state })}
          />
          <Choice
            label="Compared with"
            value={draft.against}
            options={AGAINST}
            onChange={(against) => change({ against })}
          />
          {draft.state === "reheated" && (
            <TextField
              label="Reheated how"
              placeholder="4 min at 180 °C in the air fryer"
              maxLength={300}
              value={draft.how}
              error={problem?.at("how")}
              onChange={(how) => change({ how })}
            />
          )}
          {sheet.finishes.length > 0 && (
            <Choice
              label="Eaten with"
              value={draft.finish}
              options={[
                { value: "", label: "nothing added" },
                ...sheet.finishes.map((finish) => ({ value: finish, label: finish })),
              ]}
              onChange={(finish) => change({ finish })}
            />
          )}
        </div>
      </div>
    </details>
  );
}

/** What not everybody asks: how full it leaves, how long it took, what was guessed. */
function More({ tasting }: { tasting: Tasting }) {
  const { draft, change, problem } = tasting;
  return (
    <details className="border-t border-rule pt-2">
      <summary className="min-h-11 cursor-pointer content-center font-semibold">
        Fullness, time, guesses
      </summary>
      <div className="mt-2 grid gap-3">
        <Ruler
          label="How full it left you"
          value={draft.fullness}
          error={problem?.at("fullness")}
          onChange={(fullness) => change({ fullness })}
        />
        <p className="text-sm text-soft">The Kitchen asks again after one hour and after three.</p>
        <div className="grid gap-3 sm:grid-cols-2">
          <NumberField
            optional
            label="Time to eat it"
            unit="min"
            most={MOST.TastingSheet.eaten_min}
            takes="positive"
            value={draft.eaten_min}
            error={problem?.at("eaten_min")}
            onChange={(eaten_min) => change({ eaten_min })}
          />
          <NumberField
            optional
            label="Size of a serving"
            unit="ml"
            most={MOST.TastingSheet.volume_ml}
            takes="positive"
            value={draft.volume_ml}
            error={problem?.at("volume_ml")}
            onChange={(volume_ml) => change({ volume_ml })}
          />
          <NumberField
            optional
            label="Guess: energy of a serving"
            unit="kcal"
            most={MOST.TastingSheet.guess_kcal}
            takes="positive"
            value={draft.guess_kcal}
            error={problem?.at("guess_kcal")}
            onChange={(guess_kcal) => change({ guess_kcal })}
          />
          <NumberField
            optional
            label="Guess: weight of a serving"
            unit="g"
            most={MOST.TastingSheet.guess_g}
            takes="positive"
            value={draft.guess_g}
            error={problem?.at("guess_g")}
            onChange={(guess_g) => change({ guess_g })}
          />
        </div>
      </div>
    </details>
  );
}
