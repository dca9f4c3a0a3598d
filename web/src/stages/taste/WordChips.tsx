import { useState } from "react";

import { TASTE_WORDS } from "../../api/vocabulary";
import { Button } from "../../ui/Button";

interface WordChipsProps {
  words: readonly string[];
  onChange: (words: string[]) => void;
}

/** Words as chips: what was wrong, each with what helps, and what was good; own words too. */
export function WordChips({ words, onChange }: WordChipsProps) {
  const [own, setOwn] = useState("");
  const toggle = (word: string) => {
    onChange(words.includes(word) ? words.filter((said) => said !== word) : [...words, word]);
  };
  const known = new Set<string>(TASTE_WORDS.map((word) => word.key));
  const others = words.filter((word) => !known.has(word));
  const pointing = TASTE_WORDS.filter((word) => !word.good && words.includes(word.key));
  return (
    <fieldset className="min-w-0">
      <legend className="font-semibold">Words</legend>
      <div className="mt-1 grid grid-cols-[minmax(0,2fr)_minmax(0,1fr)] gap-x-4">
        <Chips
          label="What was wrong"
          words={TASTE_WORDS.filter((word) => !word.good)}
          chosen={words}
          onToggle={toggle}
        />
        <Chips
          label="What was good"
          words={TASTE_WORDS.filter((word) => word.good)}
          chosen={words}
          onToggle={toggle}
        />
      </div>
      {pointing.length > 0 && (
        <ul className="mt-2 text-sm text-soft">
          {pointing.map((word) => (
            <li key={word.key}>
              {word.says}: {word.helps}
            </li>
          ))}
        </ul>
      )}
      <form
        className="mt-2 flex flex-wrap items-center gap-1.5"
        onSubmit={(event) => {
          event.preventDefault();
          const word = own.trim();
          if (word !== "" && !words.includes(word)) onChange([...words, word]);
          setOwn("");
        }}
      >
        {others.map((word) => (
          <Chip key={word} on says={word} onToggle={() => toggle(word)} />
        ))}
        <input
          aria-label="A word of your own"
          placeholder="like toast"
          maxLength={40}
          value={own}
          onChange={(event) => setOwn(event.target.value)}
          className="min-h-11 w-40 border border-soft bg-sheet px-2.5 placeholder:text-soft"
        />
        <Button type="submit" look="quiet" disabled={own.trim() === ""}>
          Add the word
        </Button>
      </form>
    </fieldset>
  );
}

interface ChipsProps {
  label: string;
  words: readonly (typeof TASTE_WORDS)[number][];
  chosen: readonly string[];
  onToggle: (word: string) => void;
}

function Chips({ label, words, chosen, onToggle }: ChipsProps) {
  return (
    <div role="group" aria-label={label}>
      <p className="text-sm text-soft" aria-hidden="true">
        {label}
      </p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        {words.map((word) => (
          <Chip
            key={word.key}
            on={chosen.includes(word.key)}
            says={word.says}
            onToggle={() => onToggle(word.key)}
          />
        ))}
      </div>
    </div>
  );
}

function Chip({ on, says, onToggle }: { on: boolean; says: string; onToggle: () => void }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      onClick={onToggle}
      className={`min-h-11 border px-2.5 lg:min-h-9 ${on ? "border-ink bg-ink text-sheet" : "border-rule hover:bg-wash"}`}
    >
      {says}
    </button>
  );
}
