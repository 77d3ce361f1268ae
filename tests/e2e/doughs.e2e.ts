import type { Page } from 'puppeteer-core';
import { ensureShop } from '@/server/shop/new-shop';
import { press, pressButton, textOf, waitForText } from './browser';
import { journey } from './journey';

let page: Page;
let wrong: string[];

const { goto } = journey(
  { mode: 'own', nowIso: '2026-11-23T08:00:00Z', fill: (db) => ensureShop(db, 'Europe/Oslo') },
  (made) => {
    ({ page, wrong } = made);
  },
);

const cell = (label: string) =>
  page.$eval(`[aria-label^="${label}"]`, (one) => (one as HTMLElement).innerText);
test('a starting method is opened, its figures typed over by keyboard alone, and the rest follows', async () => {
  await goto('/doughs');
  await waitForText(page, 'Poolish, two days');
  await press(page, 'Poolish, same day');
  await page.waitForSelector('table[aria-label="Formula"]');
  // With the dose that is found for the hours, which the table shows.
  await waitForText(page, 'Balls open from');
  const flour = await cell('Strong bread flour, whole dough, g');
  const salt = '[aria-label^="Salt, whole dough, % of all flour"]';
  await page.focus(salt);
  await page.keyboard.press('Enter');
  await page.waitForSelector('input[aria-label="Salt, whole dough, % of all flour"]');
  await page.keyboard.type('3.1');
  await page.keyboard.press('Enter');
  await page.waitForFunction(
    (before) =>
      document.querySelector<HTMLElement>('[aria-label^="Strong bread flour, whole dough, g"]')
        ?.innerText !== before,
    {},
    flour,
  );
  expect(await cell('Salt, whole dough, % of all flour')).toBe('3.1');
  await waitForText(page, 'Salt, really');
  await press(page, 'Undo');
  await page.waitForFunction(
    (before) =>
      document.querySelector<HTMLElement>('[aria-label^="Strong bread flour, whole dough, g"]')
        ?.innerText === before,
    {},
    flour,
  );
});

test('a share moved by the slider moves the hours; what can not be is refused and nothing is lost', async () => {
  await page.waitForFunction(
    () => /\d h/.test(document.querySelector('[data-testid="shares"]')?.textContent ?? ''),
    {
      timeout: 30_000,
    },
  );
  await page.focus('input[type="range"]');
  for (let i = 0; i < 10; i += 1) await page.keyboard.press('ArrowLeft');
  await waitForText(page, '20 % of the flour');
  const water = '[aria-label^="Water, whole dough, % of all flour"]';
  await page.focus(water);
  await page.keyboard.press('Enter');
  await page.keyboard.type('10');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-testid="refusal"]');
  expect(await page.$eval('[data-testid="refusal"]', (one) => one.textContent)).toContain(
    'Nothing was lost',
  );
  expect(await cell('Water, whole dough, % of all flour')).toBe('66');
});

test('it is kept as a method of one’s own and a bake is planned from it', async () => {
  const name = await page.$('input[name="methodName"]');
  await name!.click({ count: 3 });
  await page.keyboard.type('Shoal');
  await press(page, 'Keep');
  await waitForText(page, 'Shoal: version 1 saved.');
  await waitForText(page, 'method, version 1');
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll('button')].find((one) =>
        one.textContent?.includes('Plan this bake'),
      )?.disabled === false,
    { timeout: 30_000 },
  );
  await page.evaluate(() =>
    [...document.querySelectorAll('button')]
      .find((one) => one.textContent?.includes('Plan this bake'))
      ?.click(),
  );
  await page.waitForFunction(() => location.pathname === '/');
  await waitForText(page, 'Build Poolish');
  await goto('/log?part=plans');
  await waitForText(page, 'Poolish');
});

test('a recipe in spoons and cups is checked line by line, mended and kept as a method', async () => {
  await goto('/doughs/check');
  await page.click('textarea[name="recipe"]');
  await page.keyboard.type(
    'Mole bread, 60 % hydration\n4 cups strong flour\n1½ cups water\n2 tsp fine salt\n7 g yeast\na glug of oil\n12 bananas\nmakes 4 balls of 230 g',
  );
  await waitForText(page, 'strong flour, 127 g a cup');
  const kinds = () =>
    page.$$eval('[data-line]', (all) => all.map((one) => one.getAttribute('data-line')));
  expect(await kinds()).toEqual([
    'claim',
    'understood',
    'understood',
    'understood',
    'question',
    'not understood',
    'not understood',
    'claim',
  ]);
  await waitForText(page, '3 open');
  await waitForText(page, '59.8–84.7');
  const truth = await page.$eval('[data-truth="Water"]', (one) => (one as HTMLElement).innerText);
  expect(truth).toMatch(/70\.8 %/);
  await page.type('input[name="answer-4"]', '7');
  await page.keyboard.press('Enter');
  await page.waitForSelector('input[name="answer-5"]');
  await page.type('input[name="answer-5"]', '15');
  await page.keyboard.press('Enter');
  await waitForText(page, '1 open');
  await page.evaluate(() => {
    const area = document.querySelector<HTMLTextAreaElement>('textarea[name="recipe"]')!;
    area.focus();
    area.setSelectionRange(area.value.indexOf('12 bananas'), area.value.indexOf('makes'));
  });
  await page.keyboard.press('Backspace');
  await waitForText(page, '2 open');
  await page.type('input[name="answer-4"]', '7');
  await page.keyboard.press('Enter');
  await page.waitForSelector('input[name="answer-5"]');
  await page.type('input[name="answer-5"]', '15');
  await page.keyboard.press('Enter');
  await page.waitForFunction(
    () =>
      /opens after/.test(document.querySelector('[data-testid="recipe-hours"]')?.textContent ?? ''),
    { timeout: 30_000 },
  );
  await page.evaluate(() =>
    [...document.querySelectorAll('button')]
      .find((one) => one.textContent?.includes('Use as a method'))
      ?.click(),
  );
  await page.waitForSelector('table[aria-label="Formula"]');
  expect(await textOf(page)).toContain('Mole bread');
});

test('the usual cautions stand in their places', async () => {
  const places: readonly (readonly [string, string])[] = [
    ['/shop', 'cold-store'],
    ['/doughs/flours', 'flour-dust'],
    ['/doughs/flours', 'allergens'],
  ];
  for (const [path, id] of places) {
    await goto(path);
    await page.waitForSelector(`[data-caution="${id}"]`);
    expect(await textOf(page)).toContain('licensed practice come first');
  }
});

test('at the oven, at the balls and with honey the cautions stand too', async () => {
  await goto('/');
  await page.waitForSelector('section[aria-label="Hands"] li');
  for (const [opens, id] of [
    ['Open Ball Shoal', 'raw-dough'],
    ['Open Bake Shoal', 'oven'],
    ['Open Bake Shoal', 'fumes'],
  ] as const) {
    await page.evaluate(
      (name) => document.querySelector<HTMLElement>(`[aria-label="${name}"]`)?.click(),
      opens,
    );
    await page.waitForSelector(`[role="dialog"] [data-caution="${id}"]`);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
  }
  await goto('/doughs/start-straight');
  await page.waitForSelector('table[aria-label="Formula"]');
  await press(page, 'Flours');
  await page.select('select[name="addThing"]', 'honey');
  await page.waitForSelector('[data-caution="honey"]');
});

test('nothing went elsewhere or broke the content policy', () => {
  expect(wrong).toEqual([]);
});

test('a method is laid beside its other ways, and one of them is made it', async () => {
  await goto('/doughs/start-poolish-two-days');
  await pressButton(page, 'Lay them side by side');
  await waitForText(page, 'Straight from the cold, not tempered');
  await waitForText(page, 'As it stands');
  await page.waitForFunction(
    () => document.querySelectorAll('[data-testid="way-odds"]').length >= 4,
    { timeout: 60_000 },
  );
  await pressButton(page, 'Make it so: Straight from the cold, not tempered');
  await waitForText(page, 'balls');
  await pressButton(page, 'Undo');
  await waitForText(page, 'Straight from the cold, not tempered');
  expect(wrong).toEqual([]);
});
