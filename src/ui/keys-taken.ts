/** What takes keys of its own: fields, also those that are no inputs (the parts of a date), and what lies over the page. */
const TYPED_INTO = 'input, textarea, select, [contenteditable="true"], [role="spinbutton"]';
const OVER_THE_PAGE = '[role="dialog"], [role="menu"], [role="listbox"]';

/**
 * True where a key is not the page's to act on: it is typed into something, something lies over the page, or it presses the
 * button that has the focus.
 * @param pressing keys with which a button is pressed
 */
export function keyIsTaken(event: KeyboardEvent, pressing: readonly string[] = ['Enter']): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return true;
  if (document.querySelector(OVER_THE_PAGE) !== null) return true;
  const target = event.target instanceof Element ? event.target : null;
  if (target?.closest(TYPED_INTO) != null) return true;
  return pressing.includes(event.key) && target?.closest('button, a, [role="button"]') != null;
}
