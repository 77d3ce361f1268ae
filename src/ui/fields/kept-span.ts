/** An hour of the wall clock as a field holds it. */
const WALL = /^\d{4}-\d\d-\d\dT\d\d:\d\d/;
/** What a calendar writes with four figures of a year, ms. */
const MOST_MS = 2.5e14;

/**
 * The end of a span of the wall clock whose beginning is moved: as much later or sooner, so that it stays as long as it was.
 * What is on its way to an hour, or never was one, takes nothing along: the end stays.
 * @param span "2026-11-27T18:00" each; @param from the new beginning
 */
export function endKept(
  span: { readonly from: string; readonly to: string },
  from: string,
): string {
  const wallMs = (text: string) => (WALL.test(text) ? Date.parse(`${text.slice(0, 16)}Z`) : NaN);
  const endMs = wallMs(span.to) + wallMs(from) - wallMs(span.from);
  if (!Number.isFinite(endMs) || Math.abs(endMs) > MOST_MS) return span.to;
  return new Date(endMs).toISOString().slice(0, 16);
}
