/** What a page says to its service worker: a view to keep a picture of, with the files it was built of. */
export interface KeepMessage {
  readonly keep: string;
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

/** What a service worker answers where it has no picture of a view. */
export const NO_PICTURE = `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8" />
<meta name="viewport" content="width=device-width, initial-scale=1" />
<title>Olvik does not answer</title>
<style>
  body { margin: 0; min-height: 100vh; display: grid; place-content: center; gap: 1rem; padding: 1.5rem;
    font: 1.125rem/1.5 system-ui, sans-serif; background: #efe8d9; color: #1f1a16; }
  main { max-width: 34rem; border-left: 6px solid currentColor; padding-left: 1.25rem; }
  h1 { font-size: 1.5rem; margin: 0 0 .5rem; }
  a { color: inherit; display: inline-block; min-height: 44px; line-height: 44px; margin-right: 1.5rem; }
  @media (prefers-color-scheme: dark) { body { background: #14110f; color: #efe8d9; } }
</style>
</head>
<body>
<main>
<h1>Olvik does not answer</h1>
<p>This view was not opened on this device lately, so there is no picture of it here. What is done on other views waits on this
device until the shop answers.</p>
<a href="">Try again</a><a href="/">To the Tide</a>
</main>
</body>
</html>
`;
