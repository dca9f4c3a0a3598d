import { useEffect, useRef, useState } from "react";

/** The width of an element in px, kept up to date; drawings are laid out in real pixels. */
export function useWidth<E extends HTMLElement>(initial: number) {
  const ref = useRef<E>(null);
  const [width, setWidth] = useState(initial);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.round(entry.contentRect.width));
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, width] as const;
}
