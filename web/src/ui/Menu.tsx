import { DropdownMenu } from "radix-ui";

export interface MenuItem {
  says: string;
  run: () => void;
}

/** What can be done with a thing besides opening it. */
export function Menu({ label, items }: { label: string; items: readonly MenuItem[] }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger
        aria-label={label}
        className="grid size-11 shrink-0 place-items-center text-xl font-bold text-soft hover:bg-wash"
      >
        ⋮
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-40 border border-ink bg-sheet shadow-lg"
        >
          {items.map((item) => (
            <DropdownMenu.Item
              key={item.says}
              className="flex min-h-10 cursor-pointer items-center px-3 data-[highlighted]:bg-wash max-sm:min-h-11"
              onSelect={item.run}
            >
              {item.says}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
