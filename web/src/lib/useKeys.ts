import { createContext, useContext, useEffect, useRef } from "react";

export interface KeyBinding {
  /** As `KeyboardEvent.key` says it, with "Alt+", "Ctrl+" before it where held. */
  keys: string;
  /** What is printed in the list of keys, where that reads better. */
  shown?: string;
  /** Empty for one that the list names with another. */
  says: string;
  run?: (event: KeyboardEvent) => void;
  /** Records, ends or undoes something: it answers to a key pressed by itself, never to typed words. */
  acts?: boolean;
  /** Works while typing in a field, too. */
  whileTyping?: boolean;
}

export type Register = (bindings: readonly KeyBinding[]) => () => void;
export const KeyContext = createContext<Register>(() => () => undefined);

/** Keys of a stage, for as long as it is open. The newest binding of a key wins. */
export function useKeys(bindings: readonly KeyBinding[]) {
  const register = useContext(KeyContext);
  const latest = useRef(bindings);
  useEffect(() => {
    latest.current = bindings;
  });
  const shape = bindings.map((binding) => binding.keys).join(" ");
  useEffect(() => {
    const steady = latest.current.map((binding, i) => ({
      ...binding,
      ...(binding.run && { run: (event: KeyboardEvent) => latest.current[i]?.run?.(event) }),
    }));
    return register(steady);
  }, [register, shape]);
}
