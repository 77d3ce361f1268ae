import { readdirSync, statSync } from 'node:fs';
import path from 'node:path';
import ICAL from 'ical.js';
import type { Browser, Page } from 'puppeteer-core';
import { freePort } from '@/server/demo/free-port';
import { ask, mixStepOf } from './without-browser';
import { openBrowser, openPage, serve, textOf, waitForText, type Served } from './browser';
import { DEMO_NOW } from './journey';
import { otherDevice, pairDevice } from './other-device';

const HOST = '127.0.0.4';

let served: Served;
let browser: Browser;
let base: string;
/** This machine’s own page, on Other devices. */
let home: Page;
const wrong: string[] = [];

beforeAll(async () => {
  const port = await freePort();
  base = `https://${HOST}:${port}`;
  const env = { OLVIK_SHARE_HOST: HOST, OLVIK_SHARE_PORT: String(port) };
  served = await serve('demo', DEMO_NOW, undefined, env);
  browser = await openBrowser({ acceptInsecureCerts: true });
  const opened = await openPage(browser, served.url);
  home = opened.page;
  await home.goto(`${served.url}/devices`, { waitUntil: 'networkidle2' });
});
afterAll(async () => {
  await browser.close();
  await served.stop();
});

const device = () => otherDevice(browser, wrong);

/** The code that this machine shows for a role. */
async function codeFor(role: string): Promise<string> {
  await home.bringToFront();
  await (await home.waitForSelector(`input[type="radio"][value="${role}"]`))!.click();
  const before = await home.$eval('[data-testid="code"]', (one) => one.textContent).catch(() => '');
  await (await home.waitForSelector('[data-testid="show-code"]'))!.click();
  await home.waitForFunction(
    (last) => (document.querySelector('[data-testid="code"]')?.textContent ?? last) !== last,
    {},
    before,
  );
  return home.$eval('[data-testid="code"]', (one) => one.textContent ?? '');
}

const pair = (page: Page, code: string, name: string) =>
  pairDevice(page, `${base}/log`, { code, name });

const rowOf = (name: string) =>
  home.$$eval(
    '[data-testid="device"]',
    (rows, wanted) => rows.map((row) => row.textContent ?? '').find((one) => one.includes(wanted)),
    name,
  );

test('the shop is closed to the network until it is opened, and says at which addresses it answers', async () => {
  await expect(ask(`${base}/`)).rejects.toThrow('ECONNREFUSED');
  await (await home.waitForSelector('input[role="switch"]'))!.click();
  await home.waitForSelector('[data-testid="gate-open"]');
  const said = await textOf(home);
  expect(said).toContain(base);
  expect(said).toMatch(/([0-9A-F]{2}:){31}[0-9A-F]{2}/);
  expect(await ask(`${base}/`)).toMatchObject({ status: 401, text: 'This device is not let in.' });
  const folder = path.join(served.folder, 'data');
  for (const file of readdirSync(path.join(folder, 'share'))) {
    expect(statSync(path.join(folder, 'share', file)).mode & 0o077).toBe(0);
  }
});

test('two people, two devices, one act: it carries who did it and on what, and stands on the other at once', async () => {
  const tablet = await device();
  await pair(tablet.page, await codeFor('hands'), 'Bench tablet');
  await tablet.page.waitForSelector('nav[aria-label="Views"]');
  await waitForText(tablet.page, 'Slip Four');
  // Who is at it, with two taps.
  await tablet.page.bringToFront();
  await tablet.page.waitForNetworkIdle({ idleTime: 300, timeout: 3_000 }).catch(() => undefined);
  await tablet.page.locator('[aria-label$="at this device"]').click();
  await (await tablet.page.waitForSelector('::-p-aria([name="Jo"][role="menuitem"])'))!.click();
  await tablet.page.waitForSelector('[aria-label="Jo at this device"]');

  const wall = await device();
  await pair(wall.page, await codeFor('wall'), 'Wall screen');
  await wall.page.waitForFunction(() => location.pathname === '/wall');

  // A note written on the tablet stands in the Log of this machine with its person and its device.
  await tablet.page.bringToFront();
  await tablet.page.goto(`${base}/log`, { waitUntil: 'networkidle2' });
  await tablet.page.type('input[name="note"]', 'sack split');
  await tablet.page.keyboard.press('Enter');
  await waitForText(tablet.page, 'Note written.');
  const { page: log } = await openPage(browser, served.url);
  await log.goto(`${served.url}/log?q=split`, { waitUntil: 'networkidle2' });
  expect(await textOf(log)).toMatch(/Jo, Bench tablet/);
  await log.close();

  // Neither of them changes the shop, or takes it away.
  await tablet.page.bringToFront();
  const taken = await tablet.page.goto(`${base}/shop/archive.json`);
  expect(taken?.status()).toBe(403);
  const seen = await wall.page.goto(`${base}/devices`);
  expect(seen?.status()).toBe(403);
  expect(wrong).toEqual([]);
});

test('a device can keep Olvik as an app: its manifest and marks are there before it is let in', async () => {
  const { status, text } = await ask(`${base}/manifest.webmanifest`);
  expect(status).toBe(200);
  const {
    icons,
    start_url: start,
    display,
  } = JSON.parse(text) as {
    icons: { src: string; sizes: string }[];
    start_url: string;
    display: string;
  };
  expect([start, display]).toEqual(['/', 'standalone']);
  for (const { src } of icons) expect(await ask(`${base}${src}`)).toMatchObject({ status: 200 });
  expect(text).not.toContain('Slip Four');
});

test('a code is good once', async () => {
  const code = await codeFor('hands');
  const first = await device();
  await pair(first.page, code, 'Phone');
  await first.page.waitForFunction(() => location.pathname === '/');
  const second = await device();
  await pair(second.page, code, 'Thief');
  await waitForText(second.page, 'it is not right, was used, or its two minutes are over');
  await first.context.close();
  await second.context.close();
});

test('a device that is shut out sees nothing from then on', async () => {
  const phone = await device();
  await pair(phone.page, await codeFor('hands'), 'Lost phone');
  await waitForText(phone.page, 'Slip Four');
  await phone.page.waitForFunction(() => caches.has('olvik-pictures'), { timeout: 20_000 });
  await home.bringToFront();
  await home.reload({ waitUntil: 'networkidle2' });
  expect(await rowOf('Lost phone')).toContain('Hands');
  await (await home.waitForSelector('::-p-aria([name="Shut out Lost phone"])'))!.click();
  await waitForText(home, 'Lost phone is shut out.');
  await phone.page.bringToFront();
  await phone.page.goto(`${base}/log`, { waitUntil: 'networkidle2' });
  expect(new URL(phone.page.url()).pathname).toBe('/pair');
  expect(await textOf(phone.page)).not.toContain('Slip Four');
  // Nor does it keep what it was shown before.
  await phone.page.waitForFunction(async () => !(await caches.has('olvik-pictures')));
  await phone.context.close();
});

test('a calendar address is read by a calendar program, and by nobody once it is taken back', async () => {
  await home.bringToFront();
  await home.type('input[aria-label="Calendar address: for what"]', 'my phone');
  await (await home.waitForSelector('::-p-aria([name="Make an address"])'))!.click();
  const given = (await home.waitForSelector('[data-testid="given-calendar"]'))!;
  const text = (await given.evaluate((one) => one.textContent)) ?? '';
  const url = /https:\/\/\S+?\.ics/.exec(text)![0];
  const { status, text: file } = await ask(url);
  expect(status).toBe(200);
  const events = new ICAL.Component(ICAL.parse(file) as never).getAllSubcomponents('vevent');
  expect(events.length).toBeGreaterThan(3);
  expect(events[0]!.getAllSubcomponents('valarm')).toHaveLength(1);
  expect(await ask(url.replace(/.\.ics$/, 'x.ics'))).toMatchObject({ status: 404 });
  await (await home.waitForSelector('::-p-aria([name="Take back my phone"])'))!.click();
  await waitForText(home, 'my phone: taken back.');
  expect(await ask(url)).toMatchObject({ status: 404 });
});

/** A key of a kind, made on Other devices. */
async function keyFor(head: string, kind: string): Promise<string> {
  await home.bringToFront();
  await home.type(`input[aria-label="${head}: for what"]`, kind);
  // What was said last may lie over the page’s foot for a while: the button is pressed where it stands.
  const button = (await home.waitForSelector(
    `section[aria-label="${head}"] ::-p-text(Make a key)`,
  ))!;
  await button.evaluate((one) => (one.closest('button') as HTMLElement).click());
  const given = (await home.waitForSelector(`[data-testid="given-${kind}"]`))!;
  const text = (await given.evaluate((one) => (one as HTMLElement).innerText)) ?? '';
  return /Bearer ([\w-]+)/.exec(text)![1]!;
}

test('a scale sends what it shows with its key, and the mix card weighs by it', async () => {
  const key = await keyFor('Scale by HTTP', 'scale');
  const shows = (secret: string, body: string) =>
    ask(`${base}/scale/shows`, {
      method: 'POST',
      headers: { authorization: `Bearer ${secret}` },
      body,
    });
  expect(await shows('x'.repeat(40), '{"massG":1}')).toMatchObject({ status: 401 });
  expect(await shows(key, '{"massG":"much"}')).toMatchObject({ status: 400 });
  expect(await shows(key, '{"massG":812.4}')).toMatchObject({ status: 200 });
  const { page: card } = await openPage(browser, served.url);
  await card.goto(`${served.url}/mix/${mixStepOf(served.folder)}`, { waitUntil: 'load' });
  const state = (says: string) =>
    card.waitForFunction(
      (wanted) => document.querySelector('[data-testid="scale-state"]')?.textContent === wanted,
      {},
      says,
    );
  await shows(key, '{"massG":812.4}');
  await state('scale connected');
  expect(await textOf(card)).toMatch(/on the scale 812/);
  // It goes silent, and is heard again.
  await state('scale not connected');
  await shows(key, '{"massG":812.4,"stable":false}');
  await state('scale moves');
  expect(await textOf(card)).not.toContain('Simulated scale');
  await card.close();
});

test('a label printer asks for its labels with its key; one that is away is said to be', async () => {
  const key = await keyFor('Label printer by HTTP', 'labels');
  const jobs = (body?: string) =>
    ask(`${base}/labels/jobs`, {
      method: body === undefined ? 'GET' : 'POST',
      headers: { authorization: `Bearer ${key}` },
      ...(body === undefined ? {} : { body }),
    });
  const { page: label } = await openPage(browser, served.url);
  await label.goto(`${served.url}/lots/C-D7/label`, { waitUntil: 'networkidle2' });
  const print = async () => {
    await label.bringToFront();
    await (await label.waitForSelector('::-p-aria([name="Print"][role="button"])'))!.click();
  };
  await print();
  await waitForText(label, 'it does not ask for work');
  expect(await jobs()).toMatchObject({ status: 204 });
  await print();
  let job = await jobs();
  for (let n = 0; n < 40 && job.status === 204; n += 1) {
    await new Promise((resolve) => setTimeout(resolve, 100));
    job = await jobs();
  }
  expect(job.text.startsWith('%PDF-')).toBe(true);
  expect(await jobs('{"job":"another","printed":true}')).toMatchObject({ status: 400 });
  expect(
    await jobs(JSON.stringify({ job: job.headers['x-olvik-job'], printed: true })),
  ).toMatchObject({
    status: 200,
  });
  await waitForText(label, '1 label of C-D7 printed.');
  await label.close();
});

test('a logger sends a reading with its key, and the place goes by it', async () => {
  await home.bringToFront();
  await home.type('input[aria-label="Readings by HTTP: for what"]', 'cold store');
  await (await home.waitForSelector('::-p-aria([name="Make a key"])'))!.click();
  const given = (await home.waitForSelector('[data-testid="given-readings"]'))!;
  const key = /Bearer ([\w-]+?)\[/.exec((await given.evaluate((one) => one.textContent)) ?? '')![1];
  const send = (secret: string, body: string) =>
    ask(`${base}/readings`, {
      method: 'POST',
      headers: { authorization: `Bearer ${secret}`, 'content-type': 'application/json' },
      body,
    });
  const body = '[{"place":"Fridge","at":"2026-11-27T05:03:00Z","tempC":5.5}]';
  expect(await send(key!, body)).toMatchObject({ status: 200, text: '{"sent":1,"kept":1}' });
  // Sent again, as after a lost answer, it is written once.
  expect(await send(key!, body)).toMatchObject({ status: 200, text: '{"sent":1,"kept":0}' });
  expect(await send(`${key!.slice(0, -1)}_`, body)).toMatchObject({ status: 401 });
  expect(await send(key!, '[{"place":"Attic","tempC":5}]')).toMatchObject({ status: 400 });
});

test('closed again, nobody of the network gets an answer', async () => {
  await home.bringToFront();
  await (await home.waitForSelector('input[role="switch"]'))!.click();
  await home.waitForFunction(() => document.querySelector('[data-testid="gate-open"]') === null);
  await expect(ask(`${base}/pair`)).rejects.toThrow('ECONNREFUSED');
});
