import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { press, textOf, type, waitForText, type Served } from './browser';
import { DEMO_NOW, journey } from './journey';
import { VIEWS } from './views';

let page: Page;
let wrong: string[];
let served: Served;

const { goto } = journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ page, wrong, served } = made);
});

const catalogue = (language: string) =>
  JSON.parse(
    readFileSync(path.resolve('src/words/catalogue', `${language}.json`), 'utf8'),
  ) as Record<string, string>;
const ENGLISH = catalogue('en');

/** Sentences and words that another language says otherwise. */
function saidOtherwise(language: string): ReadonlySet<string> {
  const own = Object.entries(catalogue(language));
  const said = new Set(own.map(([, text]) => text));
  return new Set(
    own.flatMap(([key, text]) => {
      const english = ENGLISH[key] ?? '';
      return text === english || said.has(english) ? [] : [english];
    }),
  );
}

/** Every text of the page, and what it is called to those who can not see it. */
const allTexts = () =>
  page.evaluate(() => {
    const found: string[] = [document.title];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node !== null; node = walker.nextNode()) {
      if (node.parentElement?.closest('script, style') == null) found.push(node.textContent ?? '');
    }
    const names = ['aria-label', 'aria-description', 'placeholder', 'title', 'alt'];
    for (const one of document.querySelectorAll(names.map((name) => `[${name}]`).join(','))) {
      for (const name of names) found.push(one.getAttribute(name) ?? '');
    }
    return found.map((text) => text.trim());
  });

/** What the made-up shop was given in English, and stays; and what only looks English. */
const NO_ENGLISH = new Set([
  'balls raised by a poolish',
  'one dough for three things, each with its own end',
  'Tub',
  // Thursday.
  'Do',
]);

const settings = 'form[aria-label="Shop settings"]';

async function choose(form: string, language: string): Promise<void> {
  await page.select(`${form} select[name="language"]`, language);
  // Saved, the page is loaded anew.
  await Promise.all([
    page.waitForNavigation({ waitUntil: 'load', timeout: 60_000 }),
    page.click(`${form} button[type="submit"]`),
  ]);
  expect(await page.$eval('html', (html) => html.lang)).toBe(language);
}

/** Views opened in one test: a slow machine takes seconds for each. */
const AT_ONCE = 13;
const PARTS = Array.from({ length: Math.ceil(VIEWS.length / AT_ONCE) }, (_, n) =>
  VIEWS.slice(n * AT_ONCE, (n + 1) * AT_ONCE),
);

test('a language is chosen in Shop', async () => {
  await goto('/shop');
  await choose(settings, 'de');
});

test.each(PARTS.map((views) => [views[0], views] as const))(
  'every view from %s on speaks German, and nothing on it stays English',
  async (_, views) => {
    const english = saidOtherwise('de');
    const left: Record<string, string[]> = {};
    for (const view of views) {
      await page.goto(`${served.url}${view}`, { waitUntil: 'load' });
      const texts = [...new Set(await allTexts())];
      const said = texts.filter((text) => english.has(text) && !NO_ENGLISH.has(text));
      if (said.length > 0) left[view] = said;
    }
    expect(left).toEqual({});
  },
);

test('days, figures and what the worker finds are German too; a day is typed as it is said', async () => {
  await goto('/');
  const text = await textOf(page);
  expect(text).toMatch(/Fr 27\. November/);
  expect(text).toMatch(/\d,\d von \d+ l/);
  await goto('/plan');
  await waitForText(page, 'Diesen Plan nehmen');
  expect(await textOf(page)).toMatch(/Vorteig reif beim Kneten/);
  await goto('/bakes/new');
  await page.waitForFunction(() => /kneten/i.test(document.body.innerText), { timeout: 30_000 });
  const field = 'input[name="readyFrom"]';
  await type(page, field, 'so 19');
  await page.keyboard.press('Enter');
  await page.waitForFunction(
    (at: string) => (document.querySelector(at) as HTMLInputElement).value.startsWith('So 29 Nov'),
    {},
    field,
  );
});

test('what is done in one language is read in another; back in English it reads as before', async () => {
  await goto('/shop');
  await choose('form[aria-label="Einstellungen des Betriebs"]', 'it');
  await goto('/');
  await press(page, 'Fatto ora');
  await page.waitForFunction(() => document.body.innerText.includes('fatto.'), { timeout: 30_000 });
  await goto('/log');
  await waitForText(page, 'Fatto Grusa');
  await goto('/shop');
  await choose('form[aria-label="Impostazioni della bottega"]', 'en');
  await goto('/log');
  await waitForText(page, 'Made Grusa');
  expect(wrong).toEqual([]);
});
