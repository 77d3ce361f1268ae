import type { Page } from 'puppeteer-core';
import { press, pressButton, textOf, type, waitForText, type Served } from './browser';
import { journey } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

const { goto } = journey({ mode: 'own', nowIso: '2026-11-26T11:00:00Z' }, (made) => {
  ({ served, page, wrong } = made);
});

/** What stands in a field. */
const standsIn = (selector: string) =>
  page.$eval(selector, (one) => (one as HTMLInputElement).value);

test('a shop reads ounces, °F and inches from its next breath on', async () => {
  await goto('/shop');
  const settings = 'form[aria-label="Shop settings"]';
  expect(await standsIn(`${settings} input[name="tapC"]`)).toBe('12');
  await page.select(`${settings} select[name="massUnit"]`, 'oz');
  await page.select(`${settings} select[name="tempUnit"]`, 'F');
  await page.select(`${settings} select[name="lengthUnit"]`, 'in');
  await page.click(`${settings} button[type="submit"]`);
  await waitForText(page, 'Saved.');
  await waitForText(page, 'Tap water, °F');
  expect(await standsIn(`${settings} input[name="tapC"]`)).toBe('53.6');
});

test('a place is set in °F, or in °C where that is said, and what is refused is said in °F', async () => {
  await press(page, 'Change Bench');
  const bench = 'form[aria-label="Bench"]';
  await type(page, `${bench} input[name="tempC"]`, '400');
  await page.click(`${bench} button[type="submit"]`);
  await waitForText(page, 'Temperature: 400 °F is not possible. Allowed: −22 to 113 °F.');
  await type(page, `${bench} input[name="tempC"]`, '72');
  await page.click(`${bench} button[type="submit"]`);
  await waitForText(page, 'Bench: 72°F from now on.');
  await waitForText(page, 'set to 72°F');
  await press(page, 'Change Bench');
  await type(page, `${bench} input[name="tempC"]`, '21 c');
  await page.click(`${bench} button[type="submit"]`);
  await waitForText(page, 'set to 69.8°F');
});

test('a dough is made for nine ounces, then for twelve inches, and weighs the same in grams', async () => {
  await goto('/doughs/start-straight');
  await waitForText(page, '40 × 8.82 oz');
  await type(page, 'input[name="weight-0"]', '9');
  await waitForText(page, '40 × 9 oz');
  await type(page, 'input[name="weight-0"]', '250 g');
  await waitForText(page, '40 × 8.82 oz');
  await page.select('select[name="target"]', 'diameter');
  await waitForText(page, 'Diameter, in');
  await type(page, 'input[name="diameterCm"]', '12');
  await waitForText(page, '40 × 12 in');
  expect(await textOf(page)).toMatch(/oz\/in²/);
});

test('it is planned, and the hands, the card and its sheet are in pounds and ounces', async () => {
  await page.select('select[name="target"]', 'products');
  await waitForText(page, 'Each, oz');
  await pressButton(page, 'Plan this bake');
  await page.waitForFunction(() => location.pathname === '/', { timeout: 60_000 });
  await waitForText(page, 'Mix ');
  const strip = await page.$eval(
    'section[aria-label="Hands"]',
    (one) => (one as HTMLElement).innerText,
  );
  expect(strip).toMatch(/Strong[^\n]*\n\d+\s*lb\s*[\d.]+\s*oz/);
  expect(strip).not.toMatch(/\d\s*g\b/);
  const answer = await fetch(`${served.url}/hands`);
  expect(answer.status).toBe(200);
  for (const view of ['/plan', '/cultures', '/log', '/day', '/practice', '/bakes/new']) {
    await goto(view);
    const said = (await textOf(page)).match(/[^\n]*\d\s*(?:kg|°C|g)(?![\p{L}/²])[^\n]*/gu) ?? [];
    expect({ view, said }).toEqual({ view, said: [] });
  }
  expect(wrong).toEqual([]);
});
