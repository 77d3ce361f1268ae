import type { Browser, Page } from 'puppeteer-core';
import { openBrowser, openPage, serve, waitForText, type Served } from './browser';

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

const ratio = () => page.$eval('[data-testid="ratio"]', (one) => one.textContent ?? '');
const clickButton = (text: string) =>
  page.evaluate((wanted) => {
    [...document.querySelectorAll('button')]
      .find((one) => one.textContent?.includes(wanted))
      ?.click();
  }, text);
const type = async (field: string, value: string) => {
  await page.click(`input[name="${field}"]`, { count: 3 });
  await page.keyboard.type(value);
};
const open = async (culture: string) => {
  await page.goto(`${served.url}/cultures/${culture}`, { waitUntil: 'networkidle2' });
  await page.waitForSelector('[data-testid="ratio"]');
};

test('a starter is fed for an hour: the ratio is found, weighed, and stands on the Tide', async () => {
  await open('grusa');
  await waitForText(page, 'Found: ripe at');
  const first = await ratio();
  expect(first).toMatch(/^1 : [\d.]+ : [\d.]+$/);
  await page.select('select[name="placeId"]', 'proofer');
  await page.waitForFunction(
    (old) => document.querySelector('[data-testid="ratio"]')?.textContent !== old,
    {},
    first,
  );
  // Warmer, so thinner.
  const flourOf = (text: string) => Number(text.split(' : ')[1]);
  expect(flourOf(await ratio())).toBeGreaterThan(flourOf(first));
  await clickButton('Feed now');
  await waitForText(page, 'Grusa: fed.');
  await page.goto(`${served.url}/`, { waitUntil: 'networkidle2' });
  const next = () =>
    page.$eval('section[aria-label="Hands"] li', (one) => (one as HTMLElement).innerText);
  expect(await next()).not.toContain('Feed Grusa');
});

test('more than the jar holds is said, with what all of it gives', async () => {
  await open('plinth');
  await type('need', '9000');
  await waitForText(page, 'g of mother wanted, 240 g there, all in');
});

test('a wrong figure is named and nothing is lost', async () => {
  await open('plinth');
  await type('need', '-5');
  await page.waitForSelector('[data-testid="refusal"]');
  expect(await page.$eval('[data-testid="refusal"]', (one) => one.textContent)).toContain(
    'Need: −5 g is not possible. Allowed: 0 to 500000 g.',
  );
  expect(await page.$eval('input[name="keep"]', (one) => (one as HTMLInputElement).value)).toBe(
    '60',
  );
});

test('a levain is built of it, and feeding it again is due by itself', async () => {
  await open('plinth');
  await clickButton('Levain');
  await type('need', '120');
  await page.waitForFunction(() => document.body.innerText.includes('Build now'));
  await waitForText(page, 'feeding it again is planned by itself');
  await clickButton('Build now');
  await waitForText(page, 'Levain of Plinth: built.');
  await page.goto(`${served.url}/`, { waitUntil: 'networkidle2' });
  await waitForText(page, 'Feed Plinth');
});

test('nothing went elsewhere or broke the content policy', () => {
  expect(wrong).toEqual([]);
});
