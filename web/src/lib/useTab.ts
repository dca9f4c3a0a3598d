import { useSearchParams } from "react-router";

/** Tabs by the name that they have in the address, and the words on them; the first is open at first. */
export type TabNames<T extends string> = readonly [
  readonly [T, string],
  ...(readonly (readonly [T, string])[]),
];

/** The tab that is open stands in the address: Back goes back a tab. */
export function useTab<T extends string>(tabs: TabNames<T>): [T, (next: string) => void] {
  const [query, setQuery] = useSearchParams();
  const [[first]] = tabs;
  const named = query.get("tab");
  const open = tabs.find(([known]) => known === named)?.[0] ?? first;
  const go = (next: string) => {
    // A press and the focus that comes with it ask for the same tab: it is one step of the history.
    const now = new URLSearchParams(window.location.search);
    if ((now.get("tab") ?? first) === next) return;
    now.set("tab", next);
    setQuery(now);
  };
  return [open, go];
}
