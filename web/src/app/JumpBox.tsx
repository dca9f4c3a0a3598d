import { useRef, useState } from "react";
import { useNavigate } from "react-router";

import { api, ask, type Schemas } from "../api/client";
import { useDishes, useFoods } from "../api/queries";
import { Options } from "../ui/Options";
import { useKeys } from "../lib/useKeys";
import { useTheme } from "./theme";

interface Target {
  key: string;
  text: string;
  note?: string;
  group: string;
  to?: string;
  run?: () => void;
}

/** Go to a dish, a stage of it, a food or a page, or begin something, by typing a part of its name. */
export function JumpBox() {
  const navigate = useNavigate();
  const box = useRef<HTMLInputElement>(null);
  const [text, setText] = useState("");
  const { theme, toggle } = useTheme();
  const { targets, stale } = useTargets(text, [
    {
      key: "theme",
      text: theme === "light" ? "Dark theme" : "Light theme",
      group: "Actions",
      run: toggle,
    },
  ]);
  const go = ({ to, run }: Pick<Target, "to" | "run">) => {
    setText("");
    box.current?.blur();
    run?.();
    if (to) void navigate(to);
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
    { keys: "/", says: "Go to a dish, a food, a page or an action", run: focus },
    { keys: "Ctrl+k", says: "The same, also while typing", run: focus, whileTyping: true },
    { keys: "?", says: "This list" },
  ]);
  return (
    <Options
      inputRef={box}
      dense
      className="w-72 min-w-24 shrink max-sm:hidden"
      label="Go to a dish, a food, a page or an action"
      placeholder="Go to a dish or a food   /"
      text={text}
      onText={setText}
      options={targets}
      optionKey={(target) => target.key}
      option={(target) => (
        <span className="flex justify-between gap-3">
          <span className="truncate">{target.text}</span>
          {target.note && <span className="text-soft">{target.note}</span>}
        </span>
      )}
      groupOf={(target) => target.group}
      onChoose={go}
      stale={stale}
      onEarly={() => void early()}
    />
  );
}

const STAGES = ["original", "build", "weigh", "cook", "portion", "taste", "card", "trials"];

/** Words that name a dish rather than one of its stages. */
const ofDishes = (words: readonly string[]) =>
  words.filter((word) => !STAGES.some((stage) => stage.startsWith(word))).join(" ");

const PAGES: readonly Target[] = [
  { key: "settings", text: "Settings", group: "Pages", to: "/settings" },
  { key: "shelf", text: "Shelf", group: "Pages", to: "/shelf" },
  { key: "claims", text: "Check someone’s numbers", group: "Pages", to: "/claims" },
  { key: "keepers", text: "Keepers in order", group: "Pages", to: "/keepers" },
  { key: "compare", text: "Compare packages", group: "Pages", to: "/shelf/compare" },
  { key: "files", text: "Shelf files: import and export", group: "Pages", to: "/shelf/files" },
];
const ACTIONS: readonly Target[] = [
  { key: "start", text: "Start a dish", group: "Actions", to: "/#start" },
  { key: "free", text: "Weigh without a recipe", group: "Actions", to: "/#start" },
  { key: "import", text: "Import a batch", group: "Actions", to: "/#import" },
  { key: "food", text: "Add a food", group: "Actions", to: "/shelf/new" },
];
/** So many of a group are shown that the next one is seen too. */
const EACH = 6;

function useTargets(text: string, actions: readonly Target[]) {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  const asked = words.length > 0;
  const { data: dishes, isPlaceholderData: oldDishes } = useDishes(ofDishes(words), 8, asked);
  const { data: found, isPlaceholderData } = useFoods(text, 8, { enabled: asked });
  if (!asked) return { targets: [], stale: false };
  const meant = (target: Target) => words.every((word) => target.text.toLowerCase().includes(word));
  const fresh = !isPlaceholderData && found?.how === "words" ? found.foods : [];
  const foods = fresh.map((food) => ({
    key: `f${food.id}`,
    text: food.name,
    ...(food.typical && { note: "generic" }),
    group: "Foods",
    to: `/shelf/${food.id}`,
  }));
  const stages = (dishes ?? []).flatMap(stagesOf);
  const inDishes = [...(dishes ?? []).map(targetOf), ...stages].filter(meant);
  return {
    targets: [
      ...inDishes.slice(0, EACH),
      ...foods.slice(0, EACH),
      ...[...ACTIONS, ...actions].filter(meant),
      ...PAGES.filter(meant),
    ],
    stale: isPlaceholderData || oldDishes || found === undefined || dishes === undefined,
  };
}

const targetOf = ({ id, name }: Schemas["DishName"]): Target => ({
  key: `d${id}`,
  text: name,
  group: "Dishes",
  to: `/dishes/${id}`,
});

const stagesOf = ({ id, name }: Schemas["DishName"]): Target[] =>
  STAGES.map((stage) => ({
    key: `d${id}${stage}`,
    text: `${name}: ${stage}`,
    group: "Dishes",
    to: `/dishes/${id}/${stage}`,
  }));
