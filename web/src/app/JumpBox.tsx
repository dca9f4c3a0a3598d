import { useRef, useState } from "react";
import { useNavigate } from "react-router";

import { useFoods, useKitchen } from "../api/queries";
import { Options } from "../ui/Options";
import { useKeys } from "./useKeys";

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
      options={useTargets(text)}
      optionKey={(target) => target.key}
      option={(target) => (
        <span className="flex justify-between gap-3">
          <span className="truncate">{target.text}</span>
          <span className="text-soft">{target.kind}</span>
        </span>
      )}
      onChoose={(target) => {
        setText("");
        box.current?.blur();
        void navigate(target.to);
      }}
    />
  );
}

const STAGES = ["original", "build", "weigh", "portion", "card"];

function useTargets(text: string): Target[] {
  const { data: kitchen } = useKitchen();
  const { data: found } = useFoods(text, 8);
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return [];
  const all: Target[] = [
    ...(kitchen?.dishes ?? []).flatMap((dish) => [
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
  const foods = (found?.foods ?? []).map((food) => ({
    key: `f${food.id}`,
    text: food.name,
    kind: food.typical ? "food, typical values" : "food",
    to: `/shelf/${food.id}`,
  }));
  return [...own, ...foods].slice(0, 8);
}
