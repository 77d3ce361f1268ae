import type { Page } from 'puppeteer-core';
import { pressButton, type Served, waitForText } from './browser';
import { journey, DEMO_NOW } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
});

const ratio = () => page.$eval('[data-testid="ratio"]', (one) => one.textContent ?? '');
const clickButton = (text: string) => pressButton(page, text);
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

test('the cautions of jars and of spoiled cultures stand where they matter', async () => {
  await open('plinth');
  await page.waitForSelector('[data-caution="jar-pressure"]');
  await page.goto(`${served.url}/cultures/plinth/about`, { waitUntil: 'networkidle2' });
  await clickButton('Signs and what they mean');
  await page.waitForSelector('[role="dialog"] button[value="mould"]');
  await page.click('[role="dialog"] button[value="mould"]');
  await page.waitForSelector('[data-caution="spoiled-culture"]');
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

/** Types a day and an hour as people do. */
async function typeHour(field: string, words: string): Promise<void> {
  await page.focus(`input[name="${field}"]`);
  await page.keyboard.type(words);
  await page.keyboard.press('Enter');
}

test('a use that would take the mother below what is kept is stopped, with the feed that mends it', async () => {
  await page.goto(`${served.url}/lots/S-P2`, { waitUntil: 'networkidle2' });
  await type('part', '100');
  await page.select('section[aria-label="A part of it"] select', 'gone');
  await clickButton('It is gone');
  await waitForText(page, '60 g are to be kept');
  await waitForText(page, 'Feed it first:');
  await waitForText(page, 'Nothing was stored.');
});

test('three refreshments and a levain are planned as one act and taken back as one', async () => {
  await page.goto(`${served.url}/cultures/grusa/series`, { waitUntil: 'networkidle2' });
  await page.select('select[name="feeds"]', '4');
  await page.select('select[name="last"]', 'levain');
  await page.select('select[name="placeId"]', 'bench');
  await type('need', '300');
  await typeHour('readyAt', '29 nov 10:00');
  await page.waitForFunction(
    () => document.querySelectorAll('table[aria-label="Feeds in a row"] tbody tr').length === 4,
    { timeout: 60_000 },
  );
  const rows = await page.$$eval('table[aria-label="Feeds in a row"] tbody tr', (all) =>
    all.map((row) => row.textContent ?? ''),
  );
  expect(rows.map((row) => row.includes('Levain'))).toEqual([false, false, false, true]);
  await clickButton('Plan them');
  await waitForText(page, 'Grusa: 4 feeds planned.');
  await page.goto(`${served.url}/day`, { waitUntil: 'networkidle2' });
  await waitForText(page, 'Build Grusa levain');
  await page.goto(`${served.url}/log?part=plans`, { waitUntil: 'networkidle2' });
  await page.click('table[aria-label="Journal"] tbody tr button');
  await waitForText(page, 'taken back');
  await page.goto(`${served.url}/day`, { waitUntil: 'networkidle2' });
  expect(await page.evaluate(() => document.body.innerText)).not.toContain('Build Grusa levain');
});

test('a nearly empty jar is fed for 06:30: short of the wish it says what all of it gives', async () => {
  // A levain takes all that may be taken: what is to be kept stays.
  await open('plinth');
  await clickButton('Levain');
  await type('need', '3000');
  await waitForText(page, 'all in');
  await waitForText(page, 'Build now');
  await clickButton('Build now');
  await waitForText(page, 'Levain of Plinth: built.');
  await open('plinth');
  expect(await page.$eval('select[name="fromLotId"]', (one) => one.textContent)).toContain(
    'the jar, 60\u00a0g',
  );
  await typeHour('readyAt', 'sat 6:30');
  await type('need', '420');
  await type('keep', '40');
  await page.waitForFunction(() => /ripe at (Sat )?\d\d:\d\d/.test(document.body.innerText));
  const said = await page.$eval(
    '[data-testid="ratio"]',
    (one) => one.parentElement?.textContent?.replaceAll('\u00a0', ' ') ?? '',
  );
  expect(said).toMatch(/60 g there, all in|before the wanted hour|after the wanted hour|just/);
  await clickButton('Feed now');
  await waitForText(page, 'Plinth: fed.');
  await waitForText(page, '460 g');
});

test('a label is printed and kept, and its code opens the lot', async () => {
  await page.goto(`${served.url}/lots/F-S1/label`, { waitUntil: 'networkidle2' });
  await clickButton('Print');
  await waitForText(page, '1 label of F-S1 printed.');
  await page.goto(`${served.url}/labels`, { waitUntil: 'networkidle2' });
  await waitForText(page, 'Drift, frozen F-S1');
  await type('code', 'nothing');
  await page.keyboard.press('Enter');
  await waitForText(page, '“nothing” is no lot of this shop');
  await type('code', 'f-s1');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => location.pathname === '/lots/F-S1');
  const pdf = await page.evaluate(async () => {
    const answer = await fetch('/lots/F-S1/label.pdf?size=a4-3x8&copies=24');
    return [answer.status, answer.headers.get('content-type')];
  });
  expect(pdf).toEqual([200, 'application/pdf']);
});

test('nothing went elsewhere or broke the content policy', () => {
  expect(wrong).toEqual([]);
});
