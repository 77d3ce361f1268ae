import type { Page } from 'puppeteer-core';
import { FOUND_RECIPES, type FoundRecipe } from '../fixtures/found-recipes';
import { press, pressButton, textOf, type, waitForText } from './browser';
import { journey } from './journey';

let page: Page;
let wrong: string[];

const { goto } = journey({ mode: 'own', nowIso: '2026-11-23T08:00:00Z' }, (made) => {
  ({ page, wrong } = made);
});

/** Taps and keys of each walk, from the recipe to the plan. */
const hands: { name: string; taps: number; keys: number }[] = [];
let counted = { taps: 0, keys: 0 };

beforeAll(async () => {
  await page.exposeFunction('countHand', (kind: 'taps' | 'keys') => (counted[kind] += 1));
  await page.evaluateOnNewDocument(() => {
    const count = (window as unknown as { countHand: (kind: string) => void }).countHand;
    addEventListener('pointerdown', () => count('taps'), true);
    addEventListener('keydown', () => count('keys'), true);
  });
});

test('an empty shop with a starter', async () => {
  await goto('/');
  await press(page, 'Yes');
  await type(page, 'input[name="name"]', 'Tolk');
  await press(page, 'Show me plans');
  await waitForText(page, 'Take this plan');
});

test('dough of three days ago is brought in with two taps, and says what is assumed of it', async () => {
  counted = { taps: 0, keys: 0 };
  await goto('/cultures/bring/dough');
  expect(await textOf(page)).toContain('0.3 % fresh yeast');
  await pressButton(page, 'Bring it in');
  await page.waitForFunction(() => location.pathname === '/cultures/leftover-dough');
  await waitForText(page, 'Leftover dough');
  expect(counted.taps + counted.keys).toBeLessThanOrEqual(2);
  expect(wrong).toEqual([]);
});

/** Pastes a text into the field that has the focus: one key. */
async function paste(text: string) {
  await page.keyboard.press('v');
  await page.$eval(
    'textarea[name="recipe"]',
    (area, value) => {
      const set = Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value')?.set;
      set?.call(area, value);
      area.dispatchEvent(new Event('input', { bubbles: true }));
    },
    text,
  );
}

const percent = (text: string, of: string) =>
  Number(new RegExp(`${of}\\n+([\\d.,]+)\\s*%`).exec(text)?.[1]);

async function walk({ name, text, waterPct, saltPct, leavens }: FoundRecipe) {
  counted = { taps: 0, keys: 0 };
  await goto('/doughs/check');
  await page.click('textarea[name="recipe"]');
  await paste(text);
  await waitForText(page, 'Its stages');
  await pressButton(page, 'Use as a method');
  await page.waitForFunction(() => /\/doughs\/(?!check)/.test(location.pathname));
  await waitForText(page, 'Water, really');
  const figures = await textOf(page);
  expect(Math.abs(percent(figures, 'Water, really') - waterPct)).toBeLessThan(0.25);
  expect(Math.abs(percent(figures, 'Salt, really') - saltPct)).toBeLessThan(0.06);
  const before = leavens.reduce((sum, [, flourPct]) => sum + flourPct, 0);
  if (before > 0) {
    expect(Math.abs(percent(figures, 'Fermented before') - before)).toBeLessThan(0.6);
  }
  await page.waitForFunction(
    () =>
      [...document.querySelectorAll<HTMLButtonElement>('button')].find((one) =>
        one.textContent?.includes('Plan this bake'),
      )?.disabled === false,
    { timeout: 30_000 },
  );
  await pressButton(page, 'Plan this bake');
  await page.waitForFunction(() => location.pathname === '/', { timeout: 60_000 });
  await waitForText(page, 'planned');
  hands.push({ name, ...counted });
}

test.each(FOUND_RECIPES.map((one) => [one.name, one] as const))(
  'from the recipe to the plan: %s',
  async (_name, recipe) => {
    await walk(recipe);
    expect(wrong).toEqual([]);
  },
);

test('each took few taps and keys', () => {
  const all = hands.map(({ taps, keys }) => taps + keys).sort((a, b) => a - b);
  expect(all.length).toBe(FOUND_RECIPES.length);
  expect(all[Math.floor(all.length / 2)]).toBeLessThanOrEqual(6);
});
