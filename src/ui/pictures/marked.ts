/** What a page says to its service worker: a view to keep a picture of, with the files it was built of. */
export interface KeepMessage {
  readonly keep: string;
  /** What is shown instead of a view that it has no picture of: a page in the language of the shop. */
  readonly instead: string;
  readonly files: readonly string[];
}

/** When a picture was kept, by this device’s clock, ms. */
export const KEPT_HEADER = 'x-olvik-kept';

/** Files whose name changes with what is in them. */
export const isFixedFile = (path: string): boolean => path.startsWith('/_next/static/');

/** A kept page that says since when it stands: the page counts its clock on from there, and tells it. */
export function markedPage(html: string, keptMs: number): string {
  return html.replace('<html', `<html data-kept="${Math.round(keptMs)}"`);
}

/** The files a page names that never change. */
export function fixedFilesIn(html: string): readonly string[] {
  const found = html.matchAll(/["'(](\/_next\/static\/[^"'()\\?\s]+)/g);
  return [...new Set([...found].map(([, file]) => file as string))];
}
