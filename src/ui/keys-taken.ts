/** What takes keys of its own: fields, also those that are no inputs (the parts of a date), and what lies over the page. */
const TYPED_INTO =
  'input:not([type="range"], [type="checkbox"], [type="radio"]), textarea, select, [contenteditable="true"], [role="spinbutton"]';
/** Keys with which a slider is moved, and a box is ticked. */
const MOVES = /^(?:Arrow|Home|End|Page)| /;
const OVER_THE_PAGE = '[role="dialog"], [role="menu"], [role="listbox"]';

/**
 * True where a key is not the page's to act on: it is typed into something, something lies over the page, or it presses the
 * button that has the focus.
 * @param pressing keys with which a button is pressed
 */
export function keyIsTaken(event: KeyboardEvent, pressing: readonly string[] = ['Enter']): boolean {
  if (event.ctrlKey || event.metaKey || event.altKey || event.defaultPrevented) return true;
  if (document.querySelector(OVER_THE_PAGE) !== null) return true;
  return event.target instanceof Element && isFor(event.target, event.key, pressing);
}

/** True for a key that what has the focus takes itself. */
function isFor(target: Element, key: string, pressing: readonly string[]): boolean {
  const inside = (what: string) => target.closest(what) !== null;
  if (inside(TYPED_INTO)) return true;
  if (inside('input') && MOVES.test(key)) return true;
  return pressing.includes(key) && inside('button, a, [role="button"]');
}
