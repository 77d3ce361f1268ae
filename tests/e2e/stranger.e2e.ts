import { request } from 'node:http';
import type { HTTPRequest, Page } from 'puppeteer-core';
import { textOf, type, waitForText, type Served } from './browser';
import { journey } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

const { goto } = journey({ mode: 'own', nowIso: '2026-11-26T11:00:00Z' }, (made) => {
  ({ served, page, wrong } = made);
});
// A visitor’s tablet: its clock stands in another zone than the shop’s.
beforeAll(() => page.emulateTimezone('America/New_York'));

/** Presses the first button or link that holds a text and can be pressed; in an open dialog, one of its own. */
const tap = async (text: string) => {
  const pressed = (wanted: string) => {
    const open = document.querySelector('[role="dialog"]') ?? document;
    const all = [...open.querySelectorAll<HTMLElement>('button, a')];
    const one = all.find(
      (each) => each.textContent?.includes(wanted) === true && !each.hasAttribute('disabled'),
    );
    one?.click();
    return one !== undefined;
  };
  await page.waitForFunction(pressed, { timeout: 30_000 }, text);
};

const RECIPE = `Grandfather dough

Ingredients:
800 g flour
1 cup water, what this flour needed
300 g water
400 g wholemeal poolish
salt 2.5 %

Method
Mix everything and rest 30 min.
makes 7 balls of 250 g`;

test('a recipe as it was found becomes a method: headings and steps are passed over, nothing is a wall', async () => {
  await goto('/doughs/check');
  await page.type('textarea[name="recipe"]', RECIPE);
  await waitForText(page, 'a step of the method');
  expect(await textOf(page)).not.toMatch(/\d+ open/);
  expect(await textOf(page)).toContain('2.5 %');
  await tap('Use as a method');
  await page.waitForFunction(() => /\/doughs\/(?!check)/.test(location.pathname));
  await waitForText(page, 'Plan this bake');
});

test('its name and hours are typed as people type: spaces, an empty name, digit by digit', async () => {
  const name = 'input[name="name"]';
  if ((await page.$(name)) !== null) {
    await type(page, name, 'Grandfather of mine');
    expect(await page.$eval(name, (field) => (field as HTMLInputElement).value)).toBe(
      'Grandfather of mine',
    );
  }
  await tap('Stages');
  const hours = 'input[name="Bulk-hours-0"]';
  const value = (selector: string) =>
    page.$eval(selector, (field) => (field as HTMLInputElement).value);
  await page.waitForSelector(hours);
  const least = await value('input[name="Bulk-least-0"]');
  await type(page, hours, '16');
  await page.keyboard.press('Tab');
  expect(await value('input[name="Bulk-least-0"]')).toBe(least);
  expect(await value('input[name="Bulk-most-0"]')).toBe('16');
  await type(page, hours, '2');
  await page.keyboard.press('Tab');
});

test('hours on the strip are the shop’s, though the browser stands in New York', async () => {
  await waitForText(page, 'Plan this bake');
  const marks = () =>
    page.$$eval('svg[aria-label="The stages of this bake over time"] text', (all) =>
      all.map((one) => one.textContent ?? ''),
    );
  await page.waitForSelector('svg[aria-label="The stages of this bake over time"]');
  // The service begins at 18:00 of the shop and ends at 21:00: both stand on the ruler as such.
  expect((await marks()).join(' ')).toMatch(/18.*2[01]/);
});

test('it is planned, and every step is done with odd amounts: asked about once, then written', async () => {
  await tap('Plan this bake');
  await waitForText(page, 'Build Poolish');
  served.setNow('2026-11-29T12:00:00Z');
  await goto('/');
  await tap('Other time');
  await page.waitForSelector('[role="dialog"]');
  // Ten times the water: a slip of the finger.
  const water = await page.evaluateHandle(() => {
    const label = [...document.querySelectorAll('[role="dialog"] label')].find((one) =>
      one.textContent?.startsWith('Water, g'),
    );
    return document.getElementById(label?.getAttribute('for') ?? '') as HTMLInputElement;
  });
  await water.click({ clickCount: 3 });
  await water.type('2000');
  await tap('Done');
  await page.waitForSelector('[data-testid="sure"]');
  expect(await textOf(page)).toMatch(/2000 g water where 200 g was planned.*is that right\?/s);
  await tap('Yes, write it');
  await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
  for (const [nowIso, title] of [
    ['2026-11-30T12:00:00Z', 'Mix'],
    ['2026-11-30T15:00:00Z', 'Ball'],
    ['2026-12-01T18:00:00Z', 'Bake'],
  ] as const) {
    served.setNow(nowIso);
    await goto('/');
    const before = await textOf(page);
    expect(before).toContain(title);
    const next = () =>
      page.$eval('section[aria-label="Hands"] ol', (one) => (one as HTMLElement).innerText);
    const acts = await next();
    await tap('Done now');
    await page.waitForFunction(
      (was) =>
        document.querySelector<HTMLElement>('section[aria-label="Hands"] ol')?.innerText !== was,
      {},
      acts,
    );
  }
});

test('all views open afterwards, the lot says why it has no forecast', async () => {
  for (const path of [
    '/',
    '/day',
    '/plan',
    '/cultures',
    '/hands',
    '/log',
    '/learned',
    '/records',
  ]) {
    const response = await goto(path);
    expect([path, response?.status()]).toEqual([path, 200]);
    expect(await textOf(page)).not.toContain('could not be shown');
  }
  await goto('/log');
  const lot = await page.$$eval('a[href^="/lots/P"]', (all) => all[0]?.getAttribute('href') ?? '');
  await goto(lot);
  expect(await textOf(page)).toContain('No forecast');
  served.setNow('2026-12-01T23:30:00Z');
  await goto('/');
  await tap('turn out?');
  await page.waitForFunction(() => location.pathname.startsWith('/bakes/'));
  await waitForText(page, 'Grandfather');
});

test('a lost answer is asked about: what was stored is said to be, and is there once', async () => {
  await goto('/log');
  await page.setRequestInterception(true);
  let lost = 0;
  const lose = (sent: HTTPRequest) => {
    if (sent.method() === 'POST' && lost === 0) {
      lost += 1;
      // The shop gets it; the page never hears of it.
      const url = new URL(sent.url());
      const forward = request(
        {
          ...{ host: url.hostname, port: url.port, path: url.pathname, method: 'POST' },
          headers: { ...sent.headers(), host: url.host, origin: url.origin },
        },
        (answer) => {
          answer.resume();
          answer.on('end', () => void sent.abort());
        },
      );
      forward.end(sent.postData() ?? '');
    } else void sent.continue();
  };
  page.on('request', lose);
  const field = 'input[name="note"], textarea[name="note"]';
  await page.waitForSelector(field);
  await page.type(field, 'Cold morning');
  await page.keyboard.press('Enter');
  await page.waitForFunction(() => document.body.innerText.includes('Note written'), {
    timeout: 20_000,
  });
  page.off('request', lose);
  await page.setRequestInterception(false);
  expect(lost).toBe(1);
  await goto('/log');
  expect((await textOf(page)).split('Cold morning')).toHaveLength(2);
});

test('a web page of elsewhere gets nothing, by whatever name it calls this machine', async () => {
  const { port } = new URL(served.url);
  const ask = (headers: Record<string, string>, path = '/now', method = 'GET') =>
    new Promise<{ status: number; body: string }>((resolve, reject) => {
      const sent = request({ host: '127.0.0.1', port, path, method, headers }, (answer) => {
        let body = '';
        answer.on('data', (chunk: Buffer) => (body += chunk.toString()));
        answer.on('end', () => resolve({ status: answer.statusCode ?? 0, body }));
      });
      sent.on('error', reject);
      sent.end();
    });
  for (const path of ['/now', '/', '/shop/archive.json', '/shop/export/lots.csv', '/changes']) {
    const foreign = await ask({ host: `rebound.example:${port}` }, path);
    expect([path, foreign.status]).toEqual([path, 421]);
    expect(foreign.body).not.toContain('Grandfather');
  }
  const own = `127.0.0.1:${port}`;
  expect((await ask({ host: own, origin: 'http://127.0.0.1:1' })).status).toBe(403);
  const cross = { host: own, 'sec-fetch-site': 'cross-site', 'sec-fetch-mode': 'no-cors' };
  expect((await ask(cross)).status).toBe(403);
  expect((await ask({ ...cross, origin: 'https://evil.example' }, '/photos', 'POST')).status).toBe(
    403,
  );
  expect((await ask({ host: own })).status).toBe(200);
  expect((await ask({ host: own }, '/lots/%E0%A4%A')).status).toBe(400);
});

test('nothing went wrong in the page', () => expect(wrong).toEqual([]));
