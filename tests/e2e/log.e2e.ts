import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { press, waitForText, type Served } from './browser';
import { journey, DEMO_NOW } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

const { goto, click, textIn } = journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
});

/** A tap on one answer of a question of the score. */
const answer = (question: string, value: string) =>
  page.$$eval(
    `[aria-labelledby="score-${question}"] button`,
    (all, wanted) => (all as HTMLButtonElement[]).find((one) => one.value === wanted)?.click(),
    value,
  );

/** Scores the bake that stands first among those scored. */
async function scoreOne() {
  await goto('/log?part=scores+and+notes');
  const first = await page.$eval(
    'main a[href^="/bakes/"]',
    (link) => (link as HTMLAnchorElement).href,
  );
  await page.goto(first, { waitUntil: 'networkidle2' });
  await answer('first', 'tears');
  await click('[data-testid="save-score"]');
  await waitForText(page, 'scored.');
}

test('score a bake from the strip, lay two beside each other, take the change: a new version, planned', async () => {
  await goto('/');
  await click('[data-testid="score-bake"]');
  await waitForText(page, 'How did it turn out?');
  await answer('first', 'right');
  await answer('lastOpening', 'right');
  await page.type('[data-testid="score-note"]', 'Even to the last.');
  await click('[data-testid="save-score"]');
  await waitForText(page, 'Quay scored.');
  await goto('/log?part=scores+and+notes');
  expect(await textIn('main')).toContain('“Even to the last.”');
  const hot = await page.$$eval('main a[href^="/bakes/"]', (links) => {
    const rows = links.map((link) => ({
      href: (link as HTMLAnchorElement).href,
      text: link.closest('tr')?.textContent ?? '',
    }));
    return rows.find((row) => row.text.includes('Harbour') && row.text.includes('slack'))?.href;
  });
  await page.goto(hot!, { waitUntil: 'networkidle2' });
  await page.$$eval('aside a', (links) =>
    (links as HTMLAnchorElement[])
      .find((link) => link.textContent?.includes('Harbour, Sat 14 November'))
      ?.click(),
  );
  await page.waitForSelector('[data-testid="difference"]', { timeout: 60_000 });
  expect(await textIn('[data-testid="difference"]')).toContain('Dough out of the mixer');
  expect(await textIn('[data-testid="change-one"]')).toMatch(
    /Right to the last pizza: \d+\s%, was \d+\s%/,
  );
  await press(page, 'Align at the bake');
  await press(page, 'Align at the mix');
  await click('[data-testid="take-change"]');
  await page.waitForFunction(() => location.pathname === '/plan', { timeout: 60_000 });
  await page.waitForSelector('[data-testid="planned-service"]');
  expect(await textIn('[data-testid="planned-service"]')).toContain('Harbour');
});

test('the journal is searched as it is typed', async () => {
  await goto('/log');
  await page.type('[data-testid="log-words"]', 'spread themselves');
  await page.waitForFunction(() => location.search.includes('q=spread'));
  await waitForText(page, 'The last ones spread by themselves.');
  await page.evaluate(() =>
    document.querySelector<HTMLInputElement>('[data-testid="log-words"]')!.focus(),
  );
  await page.type('[data-testid="log-words"]', ' zeppelin');
  await waitForText(page, 'Nothing in the journal answers this.');
  await press(page, 'Show all again');
  await page.waitForFunction(() => document.querySelectorAll('main table tr').length > 40);
});

test('days are typed as figures or words, and a later beginning takes the end along', async () => {
  await goto('/log');
  /** Types a day over the words of a field. */
  const typeDay = async (label: string, words: string) => {
    const field = await page.waitForSelector(`::-p-aria([name="${label}"][role="textbox"])`);
    await field!.click();
    await page.keyboard.type(words, { delay: 40 });
    await page.keyboard.press('Enter');
  };
  await typeDay('To', '22112026');
  await page.waitForFunction(() => location.search.includes('to=2026-11-22'));
  await typeDay('From', '25 nov');
  await page.waitForFunction(
    () => location.search.includes('from=2026-11-25') && location.search.includes('to=2026-11-25'),
  );
  await waitForText(page, 'Wed 25 November');
  expect(await textIn('main')).not.toContain('Fri 20 November');
  await typeDay('To', 'soon');
  await waitForText(page, '“soon” is no day');
  expect(page.url()).toContain('to=2026-11-25');
});

test('a logger’s file is looked at first, stored, and taken back; a bad row is named', async () => {
  await goto('/records');
  const file = path.join(served.folder, 'cellar.csv');
  const upload = async (text: string) => {
    writeFileSync(file, text);
    const input = (await page.waitForSelector('[data-testid="logger-file"]'))!;
    await (input as unknown as { uploadFile: (one: string) => Promise<void> }).uploadFile(file);
    await click('[data-testid="look-at-readings"]');
  };
  await upload('when;degrees C temp\n24.11.2026 08:00;15,5\n24.11.2026 09:00;hot\n');
  await waitForText(page, 'row 3: “hot” is no temperature');
  await upload('when;degrees C temp\n24.11.2026 08:00;15,5\n24.11.2026 09:00;16,0\n');
  await page.waitForSelector('[data-testid="readings-preview"]');
  expect(await textIn('[data-testid="readings-preview"]')).toMatch(
    /2 readings.*between 15.5° and 16°/s,
  );
  await click('[data-testid="store-readings"]');
  await waitForText(page, '2 readings stored.');
  await press(page, 'Undo');
  await goto('/shop/export/readings.csv').catch(() => null);
  const csv = await (await fetch(`${served.url}/shop/export/readings.csv`)).text();
  expect(csv).not.toContain('2026-11-24T07:00:00.000Z');
});

test('one round of practice by keys alone: judged, told why, the next jar', async () => {
  await goto('/practice');
  await page.waitForSelector('[data-testid="jar"]');
  await page.keyboard.press('2');
  await page.focus('input[type="range"]');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('6');
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-testid="truth"]');
  const choices = await textIn('[data-testid="choices"]');
  expect(choices.split('\n').filter((line) => line.trim() !== '')).toHaveLength(4);
  expect(choices).toContain('colder place (yours)');
  expect(choices.match(/the best there is/g)).toHaveLength(1);
  expect(await textIn('[data-testid="truth"]')).toMatch(/It was: (not yet|use|late)/);
  const points = Number.parseInt(await textIn('[data-testid="points"]'), 10);
  expect(points).toBeGreaterThanOrEqual(0);
  const jar = await page.$eval('[data-testid="jar"]', (one) => one.getAttribute('aria-label'));
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
  await page.keyboard.press('Enter');
  await page.waitForSelector('[data-testid="practice-past"]');
  await page.waitForFunction(() => document.querySelector('[data-testid="truth"]') === null);
  expect(await page.$eval('[data-testid="jar"]', (one) => one.getAttribute('aria-label'))).not.toBe(
    jar,
  );
});

test('a whole dough is run by keys: its leaven chilled too early, the balls tell at the end', async () => {
  await goto('/practice/dough');
  await page.waitForSelector('[data-testid="go"]');
  const outturn = () => textIn('[data-testid="dough-outturn"]');
  await page.waitForSelector('[data-testid="dough-outturn"]');
  expect(await outturn()).toContain('As it stands, it will come to');
  await page.keyboard.press('Space');
  await page.waitForFunction(
    () => document.body.innerText.includes(' gone') && !/ 0 min gone/.test(document.body.innerText),
  );
  await page.keyboard.press('Space');
  await page.keyboard.press('4');
  await page.waitForFunction(() =>
    /As it stands[^]*(not yet|spring back)[^]*Left to its plan/.test(document.body.innerText),
  );
  await page.keyboard.press('l');
  await page.keyboard.press('l');
  await page.focus('input[aria-label="Hours, turned by hand"]');
  await page.keyboard.press('End');
  await waitForText(page, 'How it turned out');
  expect(await textIn('main')).toContain('Nothing is left to do');
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('z');
  await page.waitForFunction(() => {
    const [done, planned] = [...document.querySelectorAll('[data-testid="dough-outturn"] > div')];
    const said = (one: Element | undefined) =>
      (one as HTMLElement).innerText.split('\n').slice(1).join('|');
    return said(done) === said(planned);
  });
});

test('a back-up is kept while it runs; restored, what came after is gone and kept aside', async () => {
  await goto('/records');
  await click('[data-testid="keep-backup"]');
  await page.waitForSelector('[data-testid="backup"]');
  const scores = async () =>
    (await (await fetch(`${served.url}/shop/export/scores.csv`)).text()).split('\n').length;
  const before = await scores();
  await scoreOne();
  expect(await scores()).toBe(before + 1);
  await served.kill();
  const said = execFileSync(process.execPath, ['bin/lib/bundle.mjs', 'restore'], {
    encoding: 'utf8',
    env: { ...process.env, OLVIK_DATA: path.join(served.folder, 'data') },
  });
  expect(said).toMatch(/Restored .* What was there before is kept as .*replaced-olvik/);
  await served.restart();
  expect(await scores()).toBe(before);
  expect(wrong.filter((one) => !one.includes('ERR_CONNECTION'))).toEqual([]);
});

test('from Shop a back-up is put back while it runs, in every open page, and that is taken back with one press', async () => {
  const notes = async () =>
    (await (await fetch(`${served.url}/shop/export/scores.csv`)).text()).split('\n').length;
  await goto('/shop');
  await page.waitForSelector('[data-testid="backup"]');
  const before = await notes();
  const other = await page.browser().newPage();
  await other.goto(`${served.url}/log`, { waitUntil: 'networkidle2' });
  await page.bringToFront();
  await click('[data-testid="keep-backup"]');
  await waitForText(page, 'Back-up kept');
  await scoreOne();
  expect(await notes()).toBe(before + 1);
  await goto('/shop');
  await page.waitForSelector('button[aria-label^="Put back"]');
  await click('button[aria-label^="Put back"]');
  await waitForText(page, 'What stands now is kept as a back-up first');
  await press(page, 'Put it back');
  await waitForText(page, 'The shop is back as it was then.');
  expect(await notes()).toBe(before);
  await press(page, 'Undo');
  await page.waitForFunction(
    (url, wanted) =>
      fetch(`${url}/shop/export/scores.csv`)
        .then((one) => one.text())
        .then((text) => text.split('\n').length === wanted),
    { polling: 300 },
    '',
    before + 1,
  );
  // The other page listens again, to the shop that stands there now.
  await other.bringToFront();
  await waitForText(other, 'Log');
  await other.close();
  await page.bringToFront();
  const backup = await page.$eval(
    '[data-testid="backup"] a',
    (one) => (one as HTMLAnchorElement).href,
  );
  const copy = await fetch(backup);
  expect(copy.headers.get('content-disposition')).toContain('attachment');
  expect(
    Buffer.from(await copy.arrayBuffer())
      .subarray(0, 15)
      .toString(),
  ).toBe('SQLite format 3');
  expect((await fetch(`${served.url}/shop/backup?name=../olvik.sqlite`)).status).toBe(404);
});

test('a note is written where the journal is read, about the day or about a lot, and taken back', async () => {
  const rows = () => textIn('table[aria-label="Journal"]');
  await goto('/log');
  await click('[data-testid="write-note"]');
  await waitForText(page, 'Note: a word is needed');
  await page.type('input[name="note"]', 'Fog until noon');
  await click('[data-testid="write-note"]');
  await waitForText(page, 'Note written.');
  await page.waitForFunction(() =>
    document.querySelector('table[aria-label="Journal"]')?.textContent?.includes('Fog until noon'),
  );
  expect(await page.$eval('input[name="note"]', (one) => one.value)).toBe('');
  await goto('/log?lot=P1104-1');
  await page.type('input[name="note"]', 'Smelled of pears');
  await page.keyboard.press('Enter');
  await waitForText(page, 'Note written.');
  await goto('/log?q=pears');
  expect(await rows()).toContain('Smelled of pears');
  expect(await rows()).not.toContain('Fog until noon');
  expect(wrong).toEqual([]);
});
