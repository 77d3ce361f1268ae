import type { Page } from 'puppeteer-core';
import { press, textOf, type, waitForText } from './browser';
import { journey } from './journey';

let page: Page;
let wrong: string[];

const { goto } = journey({ mode: 'own', nowIso: '2026-11-26T11:00:00Z' }, (made) => {
  ({ page, wrong } = made);
});

test('a demo shop is looked at beside an empty one, which stays empty', async () => {
  await goto('/');
  await press(page, 'Look at a demo shop');
  const link = (await page.waitForSelector('a[target="_blank"]::-p-text(Open the demo shop)', {
    timeout: 120_000,
  }))!;
  const url = await link.evaluate((one) => (one as HTMLAnchorElement).href);
  expect(new URL(url).hostname).toBe('127.0.0.1');
  const demo = await (await fetch(url)).text();
  expect(demo).toContain('Slip Four');
  // A shop of its own: in this one nothing has begun, and it is not opened twice.
  await goto('/');
  await press(page, 'Look at a demo shop');
  const again = (await page.waitForSelector('a[target="_blank"]::-p-text(Open the demo shop)'))!;
  expect(await again.evaluate((one) => (one as HTMLAnchorElement).href)).toBe(url);
  expect(await textOf(page)).toContain('How warm is the');
});

test('an empty shop asks three questions; a starter and a first bake stand on the Tide within twelve taps', async () => {
  const counted = { taps: 0, keys: 0 };
  await page.exposeFunction('countHand', (kind: 'taps' | 'keys') => (counted[kind] += 1));
  await page.evaluateOnNewDocument(() => {
    const count = (window as unknown as { countHand: (kind: string) => void }).countHand;
    addEventListener('pointerdown', () => count('taps'), true);
    addEventListener('keydown', () => count('keys'), true);
  });
  await goto('/');
  await type(page, 'input[name="roomC"]', '23');
  await press(page, 'Yes');
  await type(page, 'input[name="name"]', 'Tolk');
  await press(page, 'Show me plans');
  await waitForText(page, 'Take this plan');
  await press(page, 'Take this plan');
  await waitForText(page, 'Evening');
  await goto('/');
  await page.waitForSelector('section[aria-label="Hands"] li');
  const text = await textOf(page);
  expect(text).toMatch(/Tolk/);
  expect(text).toMatch(/Mix|Build|Feed/);
  expect(counted.taps).toBeLessThanOrEqual(12);
  expect(counted.keys).toBeLessThanOrEqual(12);
});

test('the views are opened by keys and by the bar; back goes where one came from', async () => {
  await goto('/');
  const at = (path: string) =>
    page.waitForFunction((wanted) => location.pathname === wanted, {}, path);
  const current = () =>
    page.$eval('nav[aria-label="Views"] [aria-current="page"]', (one) => one.textContent);
  for (const [key, path, name] of [
    ['p', '/plan', 'Plan'],
    ['c', '/cultures', 'Cultures'],
    ['d', '/doughs', 'Doughs'],
    ['l', '/log', 'Log'],
  ] as const) {
    await page.keyboard.press('g');
    await page.keyboard.press(key);
    await at(path);
    await page.waitForFunction(
      (wanted) =>
        document.querySelector('nav[aria-label="Views"] [aria-current="page"]')?.textContent ===
        wanted,
      {},
      name,
    );
    expect(await current()).toBe(name);
  }
  await page.goBack();
  await at('/doughs');
  await page.keyboard.press('/');
  await page.waitForSelector('input[name="find"]');
  await page.keyboard.type('tolk');
  await page.waitForFunction(() =>
    /Culture/.test(document.querySelector('[role="option"]')?.textContent ?? ''),
  );
  await page.keyboard.press('Enter');
  await at('/cultures/tolk');
});

test('on a phone the bar is at the thumb, More opens everything else, nothing is hidden behind it', async () => {
  await page.setViewport({ width: 390, height: 844, hasTouch: true });
  await goto('/plan');
  const bar = await page.$eval('nav[aria-label="Views"]', (one) => {
    const { top, bottom, width } = one.getBoundingClientRect();
    return { top, bottom, width };
  });
  expect(bar).toMatchObject({ bottom: 844, width: 390 });
  const foot = await page.evaluate(() => {
    scrollTo(0, document.documentElement.scrollHeight);
    return document.querySelector('main')?.getBoundingClientRect().bottom ?? 0;
  });
  expect(foot).toBeLessThanOrEqual(bar.top + 1);
  await press(page, 'More');
  await page.waitForSelector('[role="dialog"][aria-label="More views"]');
  await page.locator('[role="dialog"] a[href="/records"]').click();
  await page.waitForFunction(() => location.pathname === '/records');
  expect(wrong).toEqual([]);
});
