import { language } from '@/words/speaker';
import { tr } from '@/words/tr';

/** What is shown where there is no picture of a view: a whole page, in the language of the shop. */
export function noPicture(): string {
  const says = tr`Olvik does not answer`;
  const why = tr`This view was not opened on this device lately, so there is no picture of it here. What is done on other views waits on this device until the shop answers.`;
  return `<!doctype html>
<html lang="${language()}">
<head>
<meta charset="utf-8" />
<meta name="viewport" content="width=device-width, initial-scale=1" />
<title>${says}</title>
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
<h1>${says}</h1>
<p>${why}</p>
<a href="">${tr`Try again`}</a><a href="/">${tr`To the Tide`}</a>
</main>
</body>
</html>
`;
}
