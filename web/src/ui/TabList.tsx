import { Tabs } from "radix-ui";
import type { ReactNode } from "react";

import type { TabNames } from "../lib/useTab";

interface TabListProps<T extends string> {
  label: string;
  tabs: TabNames<T>;
  /** What stands beside the words of a tab. */
  mark?: (tab: T) => ReactNode;
}

/** The tabs of a page in a row; on a phone all of them fit. */
export function TabList<T extends string>({ label, tabs, mark }: TabListProps<T>) {
  return (
    <Tabs.List
      aria-label={label}
      className="mt-1 mb-3 flex overflow-x-auto border-b border-ink print:hidden"
    >
      {tabs.map(([value, name]) => (
        <Tabs.Trigger
          key={value}
          value={value}
          className="min-h-10 shrink-0 px-2.5 text-soft focus-visible:-outline-offset-2 hover:bg-wash data-[state=active]:border-b-3 data-[state=active]:border-ink data-[state=active]:font-bold data-[state=active]:text-ink max-sm:min-h-11 max-sm:px-[5px] max-sm:text-[15px]"
        >
          {name}
          {mark?.(value)}
        </Tabs.Trigger>
      ))}
    </Tabs.List>
  );
}
