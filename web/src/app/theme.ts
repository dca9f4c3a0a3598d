import { useSyncExternalStore } from "react";

type Theme = "light" | "dark";
const STORED = "gasket.theme";

function preferred(): Theme {
  const stored = localStorage.getItem(STORED);
  if (stored === "light" || stored === "dark") return stored;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

const watchers = new Set<() => void>();

const watch = (watcher: () => void) => {
  watchers.add(watcher);
  return () => watchers.delete(watcher);
};
const shown = (): Theme => (document.documentElement.dataset.theme === "dark" ? "dark" : "light");

export function applyTheme(theme: Theme = preferred()) {
  document.documentElement.dataset.theme = theme;
  for (const watcher of watchers) watcher();
}

function toggle() {
  const next = shown() === "light" ? "dark" : "light";
  localStorage.setItem(STORED, next);
  applyTheme(next);
}

export const useTheme = () => ({ theme: useSyncExternalStore(watch, shown), toggle });
