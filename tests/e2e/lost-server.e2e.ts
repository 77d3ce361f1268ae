import type { Page } from 'puppeteer-core';
import { textOf, waitForText, type Served } from './browser';
import { journey, DEMO_NOW } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
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

test('a step done while Olvik is away says that it is not known, and done again it is stored once', async () => {
  await served.kill();
  await page.keyboard.press('d');
  await waitForText(page, 'it is not known whether this was stored');
  await served.restart();
  await page.waitForFunction(() => !document.body.innerText.includes('as of'));
  await page.keyboard.press('d');
  await waitForText(page, ': done.');
});
