import { useCallback, useState } from "react";

/** What is half typed into a box survives leaving the page, until it is used or the window closes. */
export function useHeldText(key: string): [string, (text: string) => void] {
  const name = `gasket.typed.${key}`;
  const [text, setText] = useState(() => sessionStorage.getItem(name) ?? "");
  const hold = useCallback(
    (next: string) => {
      setText(next);
      if (next === "") sessionStorage.removeItem(name);
      else sessionStorage.setItem(name, next);
    },
    [name],
  );
  return [text, hold];
}
