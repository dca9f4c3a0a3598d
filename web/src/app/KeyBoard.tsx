import { type ReactNode, useEffect, useMemo, useRef, useState } from "react";

import { Modal } from "../ui/Modal";
import { type KeyBinding, KeyContext, type Register } from "../lib/useKeys";

const isField = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  target.closest("input, textarea, select, [role=listbox]") !== null;

const isPressable = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest("button, a, summary, [role=menuitem]") !== null;

function nameOf(event: KeyboardEvent): string {
  const held = `${event.ctrlKey || event.metaKey ? "Ctrl+" : ""}${event.altKey ? "Alt+" : ""}`;
  return held + (event.key.length === 1 ? event.key.toLowerCase() : event.key);
}

/** The keys of the stage that is open; `?` lists them. */
export function KeyBoard({ children }: { children: ReactNode }) {
  const stack = useRef<(readonly KeyBinding[])[]>([]);
  const [listed, setListed] = useState<readonly KeyBinding[] | null>(null);
  const register = useMemo<Register>(
    () => (bindings) => {
      stack.current = [...stack.current, bindings];
      return () => {
        stack.current = stack.current.filter((one) => one !== bindings);
      };
    },
    [],
  );
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.defaultPrevented || document.querySelector("[role=dialog]")) return;
      const typing = isField(event.target);
      const name = nameOf(event);
      if (name === "?" && !typing) {
        setListed(stack.current.flat());
        return;
      }
      if ((name === " " || name === "Enter") && isPressable(event.target)) return;
      const found = stack.current
        .flat()
        .findLast((one) => one.keys === name && one.run && (!typing || one.whileTyping));
      if (found) {
        event.preventDefault();
        found.run?.(event);
      }
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, []);
  return (
    <KeyContext.Provider value={register}>
      {children}
      <Modal open={listed !== null} onOpenChange={() => setListed(null)} title="Keys of this page">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          {listed?.map((one) => (
            <div key={one.keys + one.says} className="contents">
              <dt>
                <kbd className="border border-rule bg-paper px-1.5 py-0.5 font-mono text-sm">
                  {one.shown ?? one.keys}
                </kbd>
              </dt>
              <dd>{one.says}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </KeyContext.Provider>
  );
}
