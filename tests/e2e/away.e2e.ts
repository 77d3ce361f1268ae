import type { Page } from 'puppeteer-core';
import { textOf, waitForText, type Served } from './browser';
import { DEMO_NOW, journey } from './journey';

let served: Served;
let page: Page;
let wrong: string[];

journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
});

/** Waits until this device has a picture of a view. */
const pictureOf = (view: string) =>
  page.waitForFunction(
    async (path) => {
      const kept = await caches.open('olvik-pictures');
      return (await kept.match(path, { ignoreVary: true })) !== undefined;
    },
    { timeout: 30_000, polling: 500 },
    view,
  );

test('a device keeps the views that were opened, by an address or by a tap', async () => {
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  await pictureOf('/');
  await (await page.waitForSelector('nav a[href="/plan"]'))!.click();
  await page.waitForFunction(() => location.pathname === '/plan');
  await pictureOf('/plan');
});

test('opened while the shop is away, a view is its last picture with its hour; what was never opened says so', async () => {
  await served.kill();
  await page.goto(served.url, { waitUntil: 'load' });
  await waitForText(page, 'This is its picture of');
  await waitForText(page, 'Ripe now');
  await page.goto(`${served.url}/cultures`, { waitUntil: 'load' });
  expect(await textOf(page)).toContain('was not opened on this device lately');
  // By a tap in the bar, from the picture of one view to that of another.
  await page.goto(served.url, { waitUntil: 'load' });
  await (await page.waitForSelector('nav a[href="/plan"]'))!.click();
  await page.waitForFunction(() => location.pathname === '/plan');
  await waitForText(page, 'This is its picture of');
  expect(await page.$eval('h1', (one) => one.textContent)).toBe('Plan');
});

test('what is done on a picture waits, and is stored once the shop is back; the view goes on by itself', async () => {
  await page.goto(served.url, { waitUntil: 'load' });
  await waitForText(page, 'This is its picture of');
  // The lanes are worked out on this device; until then no key acts on them.
  await new Promise((resolve) => setTimeout(resolve, 2_000));
  await page.keyboard.press('d');
  await waitForText(page, 'One act waits');
  await page.reload({ waitUntil: 'load' });
  await waitForText(page, 'One act waits');
  await served.restart();
  await page.waitForFunction(
    () => document.querySelector('[data-testid="waiting"], [data-testid="picture"]') === null,
    { timeout: 30_000 },
  );
  expect(await textOf(page)).not.toContain('This is its picture of');
  expect(wrong.filter((one) => !/ERR_CONNECTION/.test(one))).toEqual([]);
});

test('the browser finds nothing that keeps Olvik from being installed', async () => {
  await page.goto(served.url, { waitUntil: 'networkidle2' });
  const session = await page.createCDPSession();
  const { installabilityErrors } = await session.send('Page.getInstallabilityErrors');
  expect(installabilityErrors.map(({ errorId }) => errorId)).toEqual([]);
});
