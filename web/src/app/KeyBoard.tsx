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

/** How long no letter is typed before and after a key that counts as pressed by itself. */
const ALONE_MS = 250;
const isLetter = (name: string) => name.length === 1 && name !== " ";

/** Lets a key act only where it is pressed by itself: words typed past a field do nothing. */
class PressedAlone {
  private lettered = -Infinity;
  private waiting: ReturnType<typeof setTimeout> | undefined;

  /** Every key that is not typed into a field; whether no letter came just before it. */
  heard(name: string, at: number): boolean {
    clearTimeout(this.waiting);
    const alone = at - this.lettered > ALONE_MS;
    if (isLetter(name)) this.lettered = at;
    return alone;
  }

  act(name: string, run: () => void) {
    if (isLetter(name)) this.waiting = setTimeout(run, ALONE_MS);
    else run();
  }
}

/** The keys of the stage that is open; `?` lists them. */
export function KeyBoard({ children }: { children: ReactNode }) {
  const stack = useRef<(readonly KeyBinding[])[]>([]);
  const [listed, setListed] = useState<readonly KeyBinding[] | null>(null);
  const register = useMemo<Register>(
    () => (bindings) => {
      stack.current = [...stack.current, bindings];
      return () => {
        stack.current = stack.current.filter((layer) => layer !== bindings);
      };
    },
    [],
  );
  useEffect(() => {
    const pressing = new PressedAlone();
    const pressed = (event: KeyboardEvent) => {
      if (event.defaultPrevented || document.querySelector("[role=dialog]")) return;
      const typing = isField(event.target);
      const name = nameOf(event);
      const alone = typing || pressing.heard(name, event.timeStamp);
      if (name === "?" && !typing) {
        setListed(stack.current.flat().filter((binding) => binding.says !== ""));
        return;
      }
      if ((name === " " || name === "Enter") && isPressable(event.target)) return;
      const found = stack.current
        .flat()
        .findLast(
          (binding) => binding.keys === name && binding.run && (!typing || binding.whileTyping),
        );
      if (!found) return;
      event.preventDefault();
      if (!found.acts) found.run?.(event);
      else if (alone) pressing.act(name, () => found.run?.(event));
    };
    window.addEventListener("keydown", pressed);
    return () => window.removeEventListener("keydown", pressed);
  }, []);
  return (
    <KeyContext.Provider value={register}>
      {children}
      <Modal open={listed !== null} onOpenChange={() => setListed(null)} title="Keys of this page">
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-2">
          {listed?.map((binding) => (
            <div key={binding.keys + binding.says} className="contents">
              <dt>
                <kbd className="border border-rule bg-paper px-1.5 py-0.5 font-mono text-sm">
                  {binding.shown ?? binding.keys}
                </kbd>
              </dt>
              <dd>{binding.says}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </KeyContext.Provider>
  );
}
