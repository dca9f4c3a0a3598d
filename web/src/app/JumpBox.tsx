import { useRef, useState } from "react";
import { useNavigate } from "react-router";

import { api, ask } from "../api/client";
import { useDishes, useFoods } from "../api/queries";
import { Options } from "../ui/Options";
import { useKeys } from "../lib/useKeys";

interface Target {
  key: string;
  text: string;
  kind: string;
  to: string;
}

/** Go to a dish, a stage of it, a food or a place by typing a part of its name. */
export function JumpBox() {
  const navigate = useNavigate();
  const box = useRef<HTMLInputElement>(null);
  const [text, setText] = useState("");
  const { targets, stale } = useTargets(text);
  const go = ({ to }: { to: string }) => {
    setText("");
    box.current?.blur();
    void navigate(to);
  };
  /** Enter before the foods are found: what is here already, or the first food. */
  const early = async () => {
    const first = targets[0];
    if (first) {
      go(first);
      return;
    }
    const query = { search: text, limit: 1 };
    const found = await ask(api.GET("/api/foods", { params: { query } })).catch(() => undefined);
    const food = found?.foods[0];
    if (food) go({ to: `/shelf/${food.id}` });
  };
  const focus = () => box.current?.focus();
  useKeys([
    { keys: "/", says: "Go to a dish, a food or a page", run: focus },
    { keys: "Ctrl+k", says: "The same, also while typing", run: focus, whileTyping: true },
    { keys: "?", says: "This list" },
  ]);
  return (
    <Options
      inputRef={box}
      dense
      className="w-72 max-sm:hidden"
      label="Go to a dish, a food or a page"
      placeholder="Go to a dish or a food   /"
      text={text}
      onText={setText}
      options={targets}
      optionKey={(target) => target.key}
      option={(target) => (
        <span className="flex justify-between gap-3">
          <span className="truncate">{target.text}</span>
          <span className="text-soft">{target.kind}</span>
        </span>
      )}
      onChoose={go}
      stale={stale}
      onEarly={() => void early()}
    />
  );
}

const STAGES = ["original", "build", "weigh", "cook", "portion", "card"];

/** Words that name a dish rather than one of its stages. */
const ofDishes = (words: readonly string[]) =>
  words.filter((word) => !STAGES.some((stage) => stage.startsWith(word))).join(" ");

function useTargets(text: string): { targets: Target[]; stale: boolean } {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const asked = words.length > 0;
  const { data: dishes, isPlaceholderData: oldDishes } = useDishes(ofDishes(words), 8, asked);
  const { data: found, isPlaceholderData } = useFoods(text, 8, asked);
  if (!asked) return { targets: [], stale: false };
  const all: Target[] = [
    ...(dishes ?? []).flatMap((dish) => [
      { key: `d${dish.id}`, text: dish.name, kind: "dish", to: `/dishes/${dish.id}` },
      ...STAGES.map((stage) => ({
        key: `d${dish.id}${stage}`,
        text: `${dish.name}: ${stage}`,
        kind: "stage",
        to: `/dishes/${dish.id}/${stage}`,
      })),
    ]),
    { key: "settings", text: "Settings", kind: "page", to: "/settings" },
    { key: "shelf", text: "Shelf", kind: "page", to: "/shelf" },
    { key: "claims", text: "Claim check", kind: "page", to: "/claims" },
    { key: "compare", text: "Compare packages", kind: "page", to: "/shelf/compare" },
    { key: "files", text: "Shelf files: import and export", kind: "page", to: "/shelf/files" },
  ];
  const own = all.filter((target) =>
    words.every((word) => target.text.toLowerCase().includes(word)),
  );
  const fresh = !isPlaceholderData && found?.how === "words" ? found.foods : [];
  const foods = fresh.map((food) => ({
    key: `f${food.id}`,
    text: food.name,
    kind: food.typical ? "food, typical values" : "food",
    to: `/shelf/${food.id}`,
  }));
  return {
    targets: [...own, ...foods].slice(0, 8),
    stale: isPlaceholderData || oldDishes || found === undefined || dishes === undefined,
  };
}
