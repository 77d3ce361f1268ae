import type { Browser, BrowserContext, Page } from 'puppeteer-core';
import { waitsByTheClock } from './browser';

/**
 * A device of its own: cookies and memory that no other has.
 * @param wrong where errors of its pages are kept
 */
export async function otherDevice(
  browser: Browser,
  wrong: string[],
): Promise<{ page: Page; context: BrowserContext }> {
  const context = await browser.createBrowserContext();
  const page = waitsByTheClock(await context.newPage());
  await page.setViewport({ width: 390, height: 844 });
  page.on('pageerror', (error) => wrong.push(String(error)));
  return { page, context };
}

/**
 * Types a code on a device that is not in.
 * @param url a page that it is not shown before
 */
export async function pairDevice(
  page: Page,
  url: string,
  { code, name }: { code: string; name: string },
): Promise<void> {
  await page.bringToFront();
  await page.goto(url, { waitUntil: 'networkidle2' });
  expect(new URL(page.url()).pathname).toBe('/pair');
  const [codeField, nameField] = await page.$$('input');
  await codeField!.type(code);
  await nameField!.type(name);
  // Once the page has come to life; in a window that may lie behind another.
  const button = await page.waitForSelector('button[type="submit"]:not([disabled])');
  await button!.evaluate((one) => (one as HTMLButtonElement).click());
}
