import { useCallback, useState } from "react";

type Theme = "light" | "dark";
const STORED = "gasket.theme";

function preferred(): Theme {
  const stored = localStorage.getItem(STORED);
  if (stored === "light" || stored === "dark") return stored;
  return matchMedia("(prefers-color-scheme: dark)").matches ? "dark" : "light";
}

export function applyTheme(theme: Theme = preferred()) {
  document.documentElement.dataset.theme = theme;
}

export function useTheme() {
  const [theme, setTheme] = useState<Theme>(preferred);
  const toggle = useCallback(() => {
    const next = theme === "light" ? "dark" : "light";
    localStorage.setItem(STORED, next);
    applyTheme(next);
    setTheme(next);
  }, [theme]);
  return { theme, toggle };
}
