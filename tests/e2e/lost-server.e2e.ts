import type { Browser, Page } from 'puppeteer-core';
import { openBrowser, openPage, serve, textOf, waitForText, type Served } from './browser';

let served: Served;
let browser: Browser;
let page: Page;
let wrong: string[];

beforeAll(async () => {
  served = await serve('demo', '2026-11-27T05:10:00Z');
  browser = await openBrowser();
  ({ page, wrong } = await openPage(browser, served.url));
});
afterAll(async () => {
  await browser?.close();
  await served?.stop();
});

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

test('Olvik goes away at any moment of an answer: the last picture stays, and goes on when it is back', async () => {
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  const before = await textOf(page);
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
  expect(await textOf(page)).toBe(before);
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
