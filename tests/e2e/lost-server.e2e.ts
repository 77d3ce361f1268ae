import path from 'node:path';
import Database from 'better-sqlite3';
import type { Browser, Page } from 'puppeteer-core';
import { openPage, textOf, waitForText, type Served } from './browser';
import { journey, DEMO_NOW } from './journey';

let served: Served;
let browser: Browser;
let page: Page;
let wrong: string[];

journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, browser, page, wrong } = made);
});

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** The picture once all of it is worked out: the chance of every service, and the lanes. */
async function settledText(): Promise<string> {
  let text = '';
  for (let i = 0; i < 40; i += 1) {
    const next = await textOf(page);
    if (next === text && !/\d …/.test(text)) return text;
    text = next;
    await pause(800);
  }
  throw new Error(`It never settles: ${text}`);
}

test('Olvik goes away at any moment of an answer: the last picture stays, and goes on when it is back', async () => {
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  const before = await settledText();
  for (const delayMs of [0, 20, 60, 140]) {
    // What waking the tablet does: the view is asked for.
    await page.evaluate(() => void document.dispatchEvent(new Event('visibilitychange')));
    await pause(delayMs);
    await served.kill();
    await page.evaluate(() => void document.dispatchEvent(new Event('visibilitychange')));
    await pause(300);
    expect(await textOf(page)).toContain('Ripe now');
    await served.restart();
  }
  await served.kill();
  await waitForText(page, 'as of 06:10');
  await served.restart();
  await page.waitForFunction(() => !document.body.innerText.includes('as of'));
  expect(await settledText()).toBe(before);
  expect(wrong.filter((one) => !/ERR_CONNECTION/.test(one))).toEqual([]);
});

/** How often each planned step was carried out, as it is stored. */
function carriedOut(): number[] {
  const db = new Database(path.join(served.folder, 'data', 'olvik.sqlite'), { readonly: true });
  const counts = db
    .prepare(
      `SELECT count(DISTINCT batch) FROM journal WHERE fulfils IS NOT NULL AND tense = 'done'
       GROUP BY fulfils`,
    )
    .pluck()
    .all() as number[];
  db.close();
  return counts;
}

test('four acts while Olvik is away wait on the device, and are all there once when it is back', async () => {
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  await settledText();
  const { page: log } = await openPage(browser, served.url);
  await log.goto(`${served.url}/log`, { waitUntil: 'networkidle2' });
  const before = carriedOut().length;
  await served.kill();

  await page.bringToFront();
  const next = () => page.$eval('section[aria-label="Hands"]', (one) => one.textContent ?? '');
  for (const says of ['One act waits', '2 acts wait']) {
    const stood = await next();
    await page.keyboard.press('d');
    await waitForText(page, says);
    // What was done is not asked for again.
    await page.waitForFunction(
      (last) => document.querySelector('section[aria-label="Hands"]')?.textContent !== last,
      {},
      stood,
    );
  }
  await log.bringToFront();
  for (const [text, says] of [
    ['the lamp went out', '3 acts wait'],
    ['and on again', '4 acts wait'],
  ] as const) {
    await log.type('input[name="note"]', text);
    await log.keyboard.press('Enter');
    await waitForText(log, says);
  }
  expect(carriedOut()).toHaveLength(before);

  await served.restart();
  await log.waitForFunction(() => document.querySelector('[data-testid="waiting"]') === null, {
    timeout: 30_000,
  });
  const after = carriedOut();
  expect(after).toHaveLength(before + 2);
  expect(Math.max(...after)).toBe(1);
  await log.goto(`${served.url}/log?q=lamp`, { waitUntil: 'networkidle2' });
  expect((await textOf(log)).match(/the lamp went out/g)).toHaveLength(1);
  await log.close();
  expect(wrong.filter((one) => !/ERR_CONNECTION/.test(one))).toEqual([]);
});
