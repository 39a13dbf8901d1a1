/** What is typed or chosen there is not a key of the page. */
export const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || target.closest("input, textarea, select, [role=listbox], [role=menu], [role=dialog], dialog") !== null);
