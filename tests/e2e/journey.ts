import type { Browser, HTTPResponse, Page } from 'puppeteer-core';
import type { Db } from '@/data';
import { openBrowser, openPage, serve, type Served } from './browser';

/** The Friday morning that the demo of the tests stands in. */
export const DEMO_NOW = '2026-11-27T05:10:00Z';

/** A browser with one page over a server of its own. */
export interface Journey {
  readonly served: Served;
  readonly browser: Browser;
  readonly page: Page;
  /** What went wrong in the page so far. */
  readonly wrong: string[];
}

/** What a file of tests goes through. */
interface Through {
  readonly mode: 'demo' | 'own';
  readonly nowIso: string;
  /** Furnishes the shop first. */
  readonly fill?: (db: Db) => void;
}

/** What every journey does with its page. */
export interface Ways {
  /** Opens a view by its path. */
  readonly goto: (path: string) => Promise<HTTPResponse | null>;
  /** Clicks what a selector finds, once it is there. */
  readonly click: (selector: string) => Promise<void>;
  /** The text of what a selector finds, as it is read. */
  readonly textIn: (selector: string) => Promise<string>;
}

/** Serves a shop and opens a page on it for the tests of a file; ends both after them. */
export function journey({ mode, nowIso, fill }: Through, begun: (made: Journey) => void): Ways {
  let made: Journey | undefined;
  beforeAll(async () => {
    const served = await serve(mode, nowIso, fill);
    const browser = await openBrowser();
    made = { served, browser, ...(await openPage(browser, served.url)) };
    begun(made);
  });
  afterAll(async () => {
    await made?.browser.close();
    await made?.served.stop();
  });
  const on = () => made as Journey;
  return {
    goto: (path) => on().page.goto(`${on().served.url}${path}`, { waitUntil: 'networkidle2' }),
    click: async (selector) => (await on().page.waitForSelector(selector))!.click(),
    textIn: (selector) => on().page.$eval(selector, (one) => (one as HTMLElement).innerText),
  };
}
