// How the views score: performance, accessibility and best practices, on a desktop, from `bin/start`'s own server.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import lighthouse, { desktopConfig } from 'lighthouse';
import { openChromium } from './chromium';
import { openAt } from './served';

/** Views by their paths; Hold or hurry is that of the next bake that can still be held. */
const VIEWS = (
  process.env['OLVIK_VIEWS'] ?? '/,/plan,/hold,/cultures,/doughs,/log,/day,/practice,/shop'
).split(',');
const HOLD = '/hold';
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const WANTED = 95;
const MOST_TRIES = 3;

const folder = mkdtempSync(path.join(tmpdir(), 'olvik-scores-'));
const open = await openAt('demo', path.join(folder, 'data'), '2026-11-27T05:10:00Z');
const browser = await openChromium();
const answer: Record<string, Record<string, number | null>> = {};
let least = 100;

/** What a view comes to; a load whose trace was not recorded is measured anew. */
async function measured(url: string) {
  const flags = { port: Number(new URL(browser.wsEndpoint()).port), onlyCategories: CATEGORIES };
  for (let tries = 1; ; tries += 1) {
    const result = await lighthouse(url, flags, desktopConfig);
    const missing = Object.values(result?.lhr.categories ?? {}).some(({ score }) => score === null);
    if (!missing || tries === MOST_TRIES) return result;
    process.stderr.write(`${url} was not recorded; once more.\n`);
  }
}
/** Where a view is: Hold or hurry leads on to its bake. */
const pathOf = async (view: string): Promise<string> =>
  view === HOLD ? new URL((await fetch(`${open.url}${view}`)).url).pathname : view;

for (const view of VIEWS) {
  const result = await measured(`${open.url}${await pathOf(view)}`);
  const { runtimeError } = result?.lhr ?? {};
  if (runtimeError !== undefined) process.stderr.write(`${view}: ${runtimeError.message}\n`);
  const scores = Object.values(result?.lhr.categories ?? {}).map(
    ({ id, score }) => [id, score === null ? null : Math.round(score * 100)] as const,
  );
  answer[view] = Object.fromEntries(scores);
  least = Math.min(least, ...scores.map(([, score]) => score ?? 0));
  for (const audit of Object.values(result?.lhr.audits ?? {})) {
    if (audit.score !== null && audit.score < 0.9 && process.argv.includes('--why')) {
      process.stderr.write(`${view} ${audit.id}: ${audit.displayValue ?? audit.title}\n`);
    }
  }
}
await browser.close();
await open.stop();
rmSync(folder, { recursive: true, force: true });
process.stdout.write(`${JSON.stringify(answer, null, 2)}\n`);
process.exit(least >= WANTED ? 0 : 1);
