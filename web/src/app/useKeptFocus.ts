import { useEffect } from "react";

const FIELDS = "input:not([type=hidden]), textarea, select";

const canHold = (element: Element | null | undefined): element is HTMLElement =>
  element instanceof HTMLElement && element.isConnected;

/** Where it stood within: the nearest of them that is still there takes the focus. */
const around = (element: Element): Element[] => {
  const found: Element[] = [];
  for (let up = element.parentElement; up; up = up.parentElement) found.push(up);
  return found;
};

function hold(element: HTMLElement) {
  if (!element.hasAttribute("tabindex") && element.tabIndex < 0) element.tabIndex = -1;
  element.dataset.heldFocus = "";
  element.focus({ preventScroll: true });
}

/** Nothing that the cook chose has the focus. */
const isFree = (active: Element | null) =>
  active === document.body || active?.id === "page" || active?.hasAttribute("data-held-focus");

/**
 * The focus never falls to the bare page. Where what had it is gone, as a button that did its work,
 * what it stood in takes it; a new page takes it at the field that is marked as its first.
 */
export function useKeptFocus(page: string) {
  useEffect(() => {
    let parents: Element[] = [];
    let waiting = 0;
    const took = (event: FocusEvent) => {
      if (event.target instanceof Element) parents = around(event.target);
    };
    const settle = () => {
      if (document.activeElement !== document.body) return;
      const lost = parents.find((element) => canHold(element) && element.matches("main *"));
      if (canHold(lost)) hold(lost);
      else parents = [];
    };
    const soon = () => {
      cancelAnimationFrame(waiting);
      waiting = requestAnimationFrame(() => (waiting = requestAnimationFrame(settle)));
    };
    const watched = new MutationObserver(() => {
      if (document.activeElement === document.body && parents.length > 0) soon();
    });
    watched.observe(document.body, { childList: true, subtree: true });
    document.addEventListener("focusin", took);
    return () => {
      cancelAnimationFrame(waiting);
      watched.disconnect();
      document.removeEventListener("focusin", took);
    };
  }, []);
  useEffect(() => {
    const main = document.getElementById("page");
    let tries = 0;
    const timer = setInterval(() => {
      const first = main?.querySelector("[data-first-field]");
      const field = first?.matches(FIELDS) ? first : first?.querySelector(FIELDS);
      tries += 1;
      if (field === undefined && tries < 20) return;
      clearInterval(timer);
      if (isFree(document.activeElement) && canHold(field)) field.focus({ preventScroll: true });
    }, 50);
    return () => clearInterval(timer);
  }, [page]);
}
