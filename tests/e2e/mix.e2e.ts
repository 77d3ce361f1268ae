import { spawnSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Browser, Page } from 'puppeteer-core';
import { methodRows } from '@/server/doughs/methods';
import { takeMethodBake } from '@/server/doughs/take-method-bake';
import { contextOver } from '@/server/context';
import { doStep } from '@/server/hands/hands';
import { ensureShop } from '@/server/shop/new-shop';
import { loadShop } from '@/server/shop/load-shop';
import { openPage, waitForText, type Served } from './browser';
import { journey } from './journey';
import type { Db } from '@/data';

const NOW = Date.parse('2026-11-23T08:00:00Z');
let served: Served;
let browser: Browser;
let page: Page;
let wrong: string[];

/** A shop with a bake of forty balls whose poolish was made last night. */
function withPoolish(db: Db): void {
  ensureShop(db, 'Europe/Oslo');
  let nowMs = NOW - 13 * 3_600_000;
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const rows = methodRows(context, loadShop(context));
  const { method } = rows.find((one) => one.id === 'start-poolish-day')!;
  const taken = takeMethodBake(context, {
    name: 'Shoal',
    method,
    versionId: null,
    readyFrom: '2026-11-23T16:00',
    readyTo: '2026-11-23T18:00',
    mixAt: '2026-11-23T10:00',
    leavenAt: { poolish: '2026-11-22T21:00' },
  });
  if (!taken.ok) throw new Error(JSON.stringify(taken));
  const [poolish] = loadShop(context).folded.plan;
  nowMs = NOW - 12 * 3_600_000;
  const done = doStep(context, { stepId: poolish!.stepId, batch: 'poolish-batch' });
  if (!done.ok) throw new Error(JSON.stringify(done));
}

journey({ mode: 'own', nowIso: new Date(NOW).toISOString(), fill: withPoolish }, (made) => {
  ({ served, browser, page, wrong } = made);
});

// The tablet is closed once: always the page that is open.
const goto = (path: string) => page.goto(`${served.url}${path}`, { waitUntil: 'networkidle2' });
const kept = () =>
  page.waitForFunction(
    () => document.querySelector('[data-testid="kept"]')?.textContent === 'Every line is kept.',
  );
/** The first planned dough, by its step. */
const mixStep = async () => {
  await goto('/');
  await page.waitForSelector('section[aria-label="Hands"] li');
  await page.keyboard.press('o');
  await page.waitForSelector('a[href^="/mix/"]');
  return page.$eval('a[href^="/mix/"]', (one) => one.getAttribute('href') ?? '');
};

const clickText = (text: string) =>
  page.evaluate((wanted) => {
    const button = [...document.querySelectorAll('button')].find(
      (one) => one.textContent?.trim() === wanted,
    );
    if (button === undefined) throw new Error(`no button ${wanted}`);
    button.click();
  }, text);
const state = (id: string) =>
  page.$eval(`[data-item="${id}"]`, (one) => one.getAttribute('data-state'));
const waitForCurrent = (id: string) =>
  page.waitForSelector(`[data-item="${id}"][data-state="current"]`, { timeout: 20_000 });
const settled = (wanted: string) =>
  page.waitForFunction(
    (which) =>
      document.querySelector('svg[data-state]')?.getAttribute('data-state') === which &&
      document.querySelector('[data-testid="scale-state"]')?.textContent === 'scale connected',
    { timeout: 40_000 },
    wanted,
  );
const pour = async (label: string) => {
  await page.evaluate(() => document.querySelector('details')?.setAttribute('open', ''));
  await clickText(label);
};
let card = '';

test('a mix card: weighed by the scale, too much of one thing, and all the rest follows', async () => {
  card = await mixStep();
  await goto(card);
  await page.waitForFunction(
    () => document.querySelector('[data-testid="scale-state"]')?.textContent === 'scale connected',
  );
  await waitForCurrent('water');
  await pour('Pour all of it');
  await settled('right');
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Space');
  await page.waitForSelector('[data-item="water"][data-state="done"]');
  for (let i = 0; (await state('flour-strong')) !== 'current' && i < 4; i += 1) {
    const at = await page.$eval('[data-state="current"]', (one) => one.getAttribute('data-item'));
    await clickText('It is in');
    await page.waitForSelector(`[data-item="${at}"][data-state="done"]`);
  }
  const saltBefore = await page.$eval(
    '[data-item="salt"]',
    (one) => (one as HTMLElement).innerText,
  );
  await pour('8 % too much');
  await settled('over');
  await page.waitForSelector('[data-testid="over"]');
  await clickText('Scale the rest');
  await page.waitForFunction(
    (before) => document.querySelector<HTMLElement>('[data-item="salt"]')?.innerText !== before,
    {},
    saltBefore,
  );
  await waitForText(page, 'g more');
});

test('it survives a reload and a closed tablet: lines, scale and running clock', async () => {
  for (let i = 0; i < 8; i += 1) {
    const current = await page.$eval('[data-state="current"]', (one) =>
      one.getAttribute('data-item'),
    );
    if (current?.startsWith('mix-')) break;
    await clickText('It is in');
    await page.waitForSelector(`[data-item="${current}"][data-state="done"]`);
  }
  await clickText('Start');
  await waitForText(page, 'until 09:');
  await kept();
  served.setNow('2026-11-23T08:03:00Z');
  await page.close();
  ({ page, wrong } = await openPage(browser, served.url));
  await goto(card);
  await page.waitForSelector('[data-testid="timer"]');
  expect(await page.$eval('[data-testid="timer"]', (one) => one.textContent)).toBe('1:00');
  expect(await state('water')).toBe('done');
  await page.type('input[name="lookC"]', '27.5');
  await page.select('select[name="windowpane"]', 'holds');
  await clickText('Note it');
  await page.waitForSelector('[data-testid="pause"]');
  await clickText('Done');
  await waitForCurrent('rest');
});

test('the salt can not be forgotten, and the dough that was weighed is divided', async () => {
  await clickText('The dough leaves the bowl');
  await page.waitForSelector('[data-testid="salt-guard"]');
  expect(await page.$('input[name="outC"]')).toBeNull();
  await clickText('Back to what is left');
  await clickText('It is done already');
  await waitForCurrent('salt');
  await clickText('It is in');
  await page.waitForSelector('[data-item="salt"][data-state="done"]');
  await clickText('The dough leaves the bowl');
  await page.type('input[name="outC"]', '24.5');
  await page.type('input[name="doughG"]', '9760');
  await clickText('Note it');
  await page.waitForSelector('[data-testid="out"]');
  await clickText('Finish this mix');
  await waitForText(page, 'It stands in the Log');
  expect(await page.$eval('[data-testid="divide"]', (one) => one.textContent)).toBe(
    '40 × 244\u00a0g',
  );
});

/** The words of a PDF, by a reader of its own. */
function textOfPdf(pdf: Uint8Array): string {
  const file = path.join(served.folder, 'sheet.pdf');
  writeFileSync(file, pdf);
  const read = spawnSync(process.execPath, ['tests/pdf-text.mjs', file], { encoding: 'utf8' });
  if (read.status !== 0) throw new Error(read.stderr);
  return read.stdout.replace(/\s+/g, ' ');
}

test('its sheet is printed to PDF, by the browser and by Olvik, and both read back the same', async () => {
  await goto(`${card}/sheet`);
  await waitForText(page, 'Salt');
  const salt = await page.$$eval('main li', (all) => {
    const row = all.find((one) => one.textContent?.includes('Salt'));
    return /([\d.]+) g/.exec(row?.textContent?.replace(/.*%/, '') ?? '')?.[1] ?? '';
  });
  const printed = textOfPdf(await page.pdf({ format: 'A4' }));
  const bytes = await page.evaluate(async (href) => {
    const answer = await fetch(href);
    return [...new Uint8Array(await answer.arrayBuffer())];
  }, `${card}/sheet.pdf`);
  const made = textOfPdf(Uint8Array.from(bytes));
  for (const text of [printed, made]) {
    expect(text).toContain('Shoal dough');
    expect(text).toContain('Strong bread flour');
    expect(text).toContain(`${salt} g`);
    expect(text).toContain('Contains wheat');
    expect(text).toContain('licensed practice come first');
  }
});

test('the caution of the mixer stands on the card', async () => {
  await goto(card);
  await page.waitForSelector('[data-caution="mixer"]');
});

test('nothing went elsewhere or broke the content policy', () => {
  expect(wrong).toEqual([]);
});
