/** The box of a component's next line. */
export const focusAddLine = (at: number) =>
  requestAnimationFrame(() =>
    document.querySelectorAll<HTMLElement>("[data-add-line] input")[at]?.focus(),
  );
