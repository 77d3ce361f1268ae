// How the views score: performance, accessibility and best practices, on a desktop, from `bin/start`'s own server.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import lighthouse, { desktopConfig } from 'lighthouse';
import { openChromium } from './chromium';
import { openAt } from './served';

const VIEWS = (process.env['OLVIK_VIEWS'] ?? '/,/day,/bakes/new,/try,/log,/learned,/shop').split(
  ',',
);
const CATEGORIES = ['performance', 'accessibility', 'best-practices'];
const WANTED = 95;

const folder = mkdtempSync(path.join(tmpdir(), 'olvik-scores-'));
const open = await openAt('demo', path.join(folder, 'data'), '2026-11-27T05:10:00Z');
const browser = await openChromium();
const answer: Record<string, Record<string, number>> = {};
let least = 100;
for (const view of VIEWS) {
  const result = await lighthouse(
    `${open.url}${view}`,
    { port: Number(new URL(browser.wsEndpoint()).port), onlyCategories: CATEGORIES },
    desktopConfig,
  );
  const scores = Object.values(result?.lhr.categories ?? {}).map(
    ({ id, score }) => [id, Math.round((score ?? 0) * 100)] as const,
  );
  answer[view] = Object.fromEntries(scores);
  least = Math.min(least, ...scores.map(([, score]) => score));
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
