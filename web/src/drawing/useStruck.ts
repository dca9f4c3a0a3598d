import { useEffect, useRef, useState } from "react";

/** Marks a figure for a moment whenever its text changes; the key restarts the mark. */
export function useStruck(text: string) {
  const before = useRef(text);
  const [strikes, setStrikes] = useState(0);
  useEffect(() => {
    if (before.current !== text && before.current !== "") setStrikes((n) => n + 1);
    before.current = text;
  }, [text]);
  return { key: strikes, className: strikes > 0 ? "struck" : "" };
}
