import path from 'node:path';
import Database from 'better-sqlite3';
import type { Browser, Page } from 'puppeteer-core';
import { openBrowser, openPage, pressButton, serve, type Served, waitForText } from './browser';

let served: Served;
const browsers: Browser[] = [];
let tablet: Page;
let phone: Page;
const wrong: string[][] = [];

beforeAll(async () => {
  served = await serve('demo', '2026-11-27T05:10:00Z');
  for (const which of ['tablet', 'phone'] as const) {
    const browser = await openBrowser();
    browsers.push(browser);
    const opened = await openPage(browser, served.url);
    wrong.push(opened.wrong);
    if (which === 'tablet') tablet = opened.page;
    else phone = opened.page;
  }
});
afterAll(async () => {
  for (const browser of browsers) await browser.close();
  await served?.stop();
});

const open = async () => {
  for (const page of [tablet, phone]) {
    await page.goto(`${served.url}/`, { waitUntil: 'networkidle2' });
    await page.waitForSelector('section[aria-label="Hands"] button');
  }
};
const firstCard = (page: Page) =>
  page.$eval('section[aria-label="Hands"] li', (one) => (one as HTMLElement).innerText);

test('what is done on one device stands on the other without a touch', async () => {
  await open();
  expect(await firstCard(phone)).toContain('Feed Grusa');
  await phone.evaluate(() => {
    const seen = window as unknown as { changedMs: number };
    const from = performance.now();
    new MutationObserver(() => (seen.changedMs ||= performance.now() - from)).observe(
      document.querySelector('section[aria-label="Hands"]') as Element,
      { subtree: true, childList: true, characterData: true },
    );
  });
  await pressButton(tablet, 'Done now');
  await phone.waitForFunction(
    () =>
      !(
        document.querySelector('section[aria-label="Hands"] li') as HTMLElement | null
      )?.innerText.includes('Feed Grusa'),
    { timeout: 20_000 },
  );
  const ms = await phone.evaluate(() => (window as unknown as { changedMs: number }).changedMs);
  process.stdout.write(`\nseen on the other device after ${Math.round(ms)} ms\n`);
  await waitForText(tablet, 'Feed Grusa: done.');
  await pressButton(tablet, 'Undo');
  await phone.waitForFunction(
    () =>
      (
        document.querySelector('section[aria-label="Hands"] li') as HTMLElement | null
      )?.innerText.includes('Feed Grusa'),
    { timeout: 20_000 },
  );
});

test('two people who do the same step at once do it once', async () => {
  await open();
  await Promise.all([pressButton(tablet, 'Done now'), pressButton(phone, 'Done now')]);
  await waitForText(phone, 'Feed Grusa');
  for (const page of [tablet, phone]) {
    await page.waitForFunction(
      () =>
        !(
          document.querySelector('section[aria-label="Hands"] li') as HTMLElement | null
        )?.innerText.includes('Feed Grusa'),
      { timeout: 20_000 },
    );
  }
  const db = new Database(path.join(served.folder, 'data', 'olvik.sqlite'), { readonly: true });
  const made = db
    .prepare(
      `SELECT count(*) AS count FROM journal WHERE tense = 'done' AND kind = 'make'
         AND json_extract(body, '$.lotId') = 'S-G23'
         AND id NOT IN (SELECT json_extract(body, '$.strikes') FROM journal WHERE kind = 'strike')`,
    )
    .get() as { count: number };
  db.close();
  expect(made.count).toBe(1);
});

test('near discs ask which one was meant', async () => {
  await open();
  const pair = await tablet.$$eval('[data-moment]', (discs) => {
    const boxes = discs.map((one) => ({
      ref: one.getAttribute('data-moment') ?? '',
      box: (one.querySelectorAll('circle')[1] ?? one).getBoundingClientRect(),
    }));
    const middle = (box: DOMRect) => [box.x + box.width / 2, box.y + box.height / 2] as const;
    for (const one of boxes) {
      for (const other of boxes) {
        const [ax, ay] = middle(one.box);
        const [bx, by] = middle(other.box);
        if (one.ref !== other.ref && Math.hypot(ax - bx, ay - by) < 24) return { x: ax, y: ay };
      }
    }
    return null;
  });
  if (pair === null) throw new Error('the demo has discs that lie near each other');
  await tablet.mouse.click(pair.x, pair.y);
  await tablet.waitForSelector('[aria-label="Which moment"] [role="menuitem"]');
  const items = await tablet.$$('[aria-label="Which moment"] [role="menuitem"]');
  expect(items.length).toBeGreaterThan(1);
  await tablet.keyboard.press('Escape');
});

test('a step is skipped with its reason, never without one', async () => {
  await open();
  await tablet.evaluate(() => {
    (document.querySelector('[aria-label^="Open "]') as HTMLElement | null)?.click();
  });
  await waitForText(tablet, 'Or skip it, because');
  await pressButton(tablet, 'Skip');
  await waitForText(tablet, 'Reason: say in a word why it is skipped.');
});

test('nothing went elsewhere or broke the content policy', () => {
  expect(wrong.flat()).toEqual([]);
});
