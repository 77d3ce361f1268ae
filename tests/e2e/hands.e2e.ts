import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { openBrowser, openPage, serve, textOf, waitForText, type Served } from './browser';

let served: Served;
let browser: Browser;

beforeAll(async () => {
  served = await serve('demo', '2026-11-27T05:10:00Z');
  browser = await openBrowser();
});
afterAll(async () => {
  await browser?.close();
  await served?.stop();
});

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** A phone that is only touched: no mouse, no keys. Counts its taps. */
async function phone() {
  const { page, wrong } = await openPage(browser, served.url);
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  await page.waitForFunction(() => document.querySelector('main')?.clientHeight !== 0);
  await pause(600);
  let taps = 0;
  const tapOn = async (selector: string, at = { x: 0.5, y: 0.5 }) => {
    const element = (await page.waitForSelector(selector)) as ElementHandle<Element>;
    await element.scrollIntoView();
    await pause(250);
    const box = (await element.boundingBox())!;
    taps += 1;
    await page.touchscreen.tap(box.x + box.width * at.x, box.y + box.height * at.y);
    await pause(250);
  };
  const count = () => {
    const counted = taps;
    taps = 0;
    return counted;
  };
  return { page, wrong, tapOn, count };
}

test('by touch alone on a phone: a look in four taps, a step done and taken back, a strand opened', async () => {
  const { page, wrong, tapOn, count } = await phone();
  await tapOn('::-p-text(Log a look)');
  await tapOn('.MuiSlider-root', { x: 0.5, y: 0.3 });
  await tapOn('[aria-label="domed"], ::-p-aria([name="domed"])');
  await tapOn('::-p-text(Log this look)');
  await page.waitForFunction(() =>
    /Grusa is (\d+ min|\d+ h.*) (ahead|behind)|as forecast/.test(document.body.innerText),
  );
  expect(count()).toBeLessThanOrEqual(4);
  await tapOn('::-p-text(Done now)');
  await waitForText(page, 'Feed Grusa: done.');
  await tapOn('.MuiSnackbar-root button');
  await waitForText(page, 'Taken back.');
  // While it was fed nothing was ripe; the picture says so until the taking back has reached it.
  await page.waitForFunction(() =>
    /Ripe now\s+Grusa/.test(document.querySelector('header')!.innerText),
  );
  await tapOn('header ::-p-text(Ripe now)');
  await tapOn('::-p-aria([name="Open Grusa"])');
  await page.waitForFunction(() => location.pathname.startsWith('/lots/'));
  expect(wrong).toEqual([]);
  await page.close();
});

/** Moves the focus on by Tab until it stands on an element whose text begins so. */
async function tabTo(page: Page, begins: string): Promise<void> {
  for (let i = 0; i < 60; i += 1) {
    await page.keyboard.press('Tab');
    const found = await page.evaluate((wanted) => {
      const one = document.activeElement;
      const says = `${one?.getAttribute('aria-label') ?? ''}|${one?.textContent ?? ''}`;
      return says.split('|').some((text) => text.trim().startsWith(wanted));
    }, begins);
    if (found) return;
  }
  throw new Error(`Tab never reaches “${begins}”.`);
}

test('by keyboard alone: done, taken back, another time, a look, a place changed', async () => {
  const { page, wrong } = await openPage(browser, served.url);
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  await tabTo(page, 'Done now');
  await page.keyboard.press('Enter');
  await waitForText(page, 'Feed Grusa: done.');
  await page.keyboard.press('u');
  await waitForText(page, 'Taken back.');
  await page.waitForFunction(() => /Next, in \d+ min\s+Feed Grusa/.test(document.body.innerText));
  await page.keyboard.press('o');
  await waitForText(page, 'Skip');
  await page.keyboard.press('Escape');
  await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
  await page.keyboard.press('l');
  await page.waitForSelector('input[type="range"]');
  // One stop for each row of signs; the arrows go through it.
  await tabTo(page, 'flat');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await tabTo(page, 'Log this look');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => /ahead|behind|as forecast/.test(document.body.innerText));
  await page.goto(`${served.url}/shop`, { waitUntil: 'networkidle2' });
  await tabTo(page, 'Change Bench');
  await page.keyboard.press('Enter');
  await page.waitForSelector('form[aria-label="Bench"]');
  expect(await textOf(page)).toContain('Stands at');
  expect(wrong).toEqual([]);
  await page.close();
});

test('by the clock: dark in the evening, light at noon, and it stays chosen', async () => {
  const { page } = await openPage(browser, served.url);
  await page.goto(`${served.url}/shop`, { waitUntil: 'networkidle2' });
  await page.locator('::-p-text(By the clock)').click();
  const scheme = () => page.evaluate(() => document.documentElement.dataset['scheme']);
  const expected = await page.evaluate(() => {
    const hour = new Date().getHours();
    return hour >= 19 || hour < 7 ? 'dark' : 'light';
  });
  await page.waitForFunction(
    (wanted) => document.documentElement.dataset['scheme'] === wanted,
    {},
    expected,
  );
  await page.reload({ waitUntil: 'networkidle2' });
  expect(await scheme()).toBe(expected);
  await page.close();
});
