import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { spawn, type ChildProcess } from 'node:child_process';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openShop, type Db } from '@/data';
import type { Browser, Page } from 'puppeteer-core';
import { freePort } from '@/server/demo/free-port';
import { DEMO_NOW_MS, demoBytes } from '../demo-shop';

export { openChromium as openBrowser } from '../../bin/lib/chromium';

/** Olvik served for a test on a data folder and a clock of its own. */
export interface Served {
  readonly url: string;
  readonly folder: string;
  setNow: (iso: string) => void;
  /** Ends it as a power cut would. */
  kill: () => Promise<void>;
  restart: () => Promise<void>;
  stop: () => Promise<void>;
}

/**
 * Serves the built application in a process group of its own; `fill` furnishes the shop first.
 * @param env further settings of its start
 */
export async function serve(
  mode: 'demo' | 'own',
  nowIso: string,
  fill?: (db: Db) => void,
  env: Readonly<Record<string, string>> = {},
): Promise<Served> {
  const folder = mkdtempSync(path.join(tmpdir(), 'olvik e2e '));
  const clockFile = path.join(folder, 'now');
  writeFileSync(clockFile, nowIso);
  let port = await freePort();
  const data = path.join(folder, 'data');
  if (fill !== undefined) {
    const db = openShop(data);
    fill(db);
    db.close();
  } else if (mode === 'demo' && Date.parse(nowIso) === DEMO_NOW_MS) {
    mkdirSync(data, { mode: 0o700 });
    writeFileSync(path.join(data, 'olvik.sqlite'), demoBytes(), { mode: 0o600 });
  }
  let child: ChildProcess;
  const start = async () => {
    child = spawn(process.execPath, ['bin/lib/bundle.mjs', 'serve', mode, '--keep'], {
      cwd: process.cwd(),
      detached: true,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        NODE_ENV: 'production',
        OLVIK_NOW: mode === 'demo' ? nowIso : `@${clockFile}`,
        OLVIK_PORT: String(port),
        OLVIK_DATA: data,
        OLVIK_DEMO_DATA: data,
        TZ: 'Europe/Oslo',
        ...env,
      },
    });
    await new Promise<void>((resolve, reject) => {
      let said = '';
      const hear = (chunk: Buffer) => {
        said += chunk.toString();
        if (said.includes('Olvik is open')) resolve();
      };
      child.stdout?.on('data', hear);
      child.stderr?.on('data', hear);
      child.once('exit', (code) => reject(new Error(`server ended with ${code}: ${said}`)));
    });
  };
  const end = async (signal: NodeJS.Signals) => {
    const { pid, exitCode, signalCode } = child;
    if (pid === undefined || exitCode !== null || signalCode !== null) return;
    const ended = new Promise((resolve) => child.once('exit', resolve));
    process.kill(-pid, signal);
    await ended;
  };
  // Another suite may have taken the port between its being found free and its being used.
  await start().catch(async () => {
    port = await freePort();
    return start();
  });
  return {
    url: `http://127.0.0.1:${port}`,
    folder,
    setNow: (iso) => writeFileSync(clockFile, iso),
    kill: () => end('SIGKILL'),
    restart: start,
    stop: async () => {
      await end('SIGKILL');
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Looks for what it waits for every tenth of a second: a window behind another draws no frame to look at. */
export function waitsByTheClock(page: Page): Page {
  const wait = page.waitForFunction.bind(page);
  page.waitForFunction = (what, options, ...args) =>
    wait(what, { polling: 100, ...options }, ...args);
  return page;
}

/** A page that keeps what went wrong in it: policy violations, errors, requests to elsewhere. */
export async function openPage(
  browser: Browser,
  url: string,
): Promise<{ page: Page; wrong: string[] }> {
  const page = waitsByTheClock(await browser.newPage());
  await page.setViewport({ width: 1280, height: 800 });
  // A slow machine finds what only works when answers come at once: OLVIK_E2E_SLOW=6.
  const slower = Number(process.env.OLVIK_E2E_SLOW ?? '1');
  if (slower > 1) await page.emulateCPUThrottling(slower);
  const wrong: string[] = [];
  page.on('pageerror', (error) => wrong.push(`error: ${String(error)}`));
  page.on('console', (message) => {
    if (/Content Security Policy|violat/i.test(message.text())) wrong.push(message.text());
  });
  page.on('request', (request) => {
    const { origin, protocol } = new URL(request.url());
    if (protocol !== 'data:' && protocol !== 'blob:' && origin !== url)
      wrong.push(`request: ${request.url()}`);
  });
  return { page, wrong };
}

/** The page's whole text. */
export async function textOf(page: Page): Promise<string> {
  return page.evaluate(() => document.body.innerText.replaceAll('\u00a0', ' '));
}

/** Waits until a text stands on the page. */
export async function waitForText(page: Page, text: string): Promise<void> {
  const there = (wanted: string) =>
    document.body.innerText.replaceAll('\u00a0', ' ').includes(wanted);
  try {
    await page.waitForFunction(there, { timeout: 20_000 }, text);
  } catch {
    throw new Error(`“${text}” does not stand on the page: ${await textOf(page)}`);
  }
}

/** Where an element stands, once it stands still: a dialog that opens is still on its way. */
export async function stillBox(
  page: Page,
  selector: string,
): Promise<{ x: number; y: number; width: number; height: number }> {
  const element = (await page.waitForSelector(selector))!;
  let before = '';
  for (let i = 0; i < 100; i += 1) {
    const box = await element.boundingBox();
    const now = JSON.stringify(box);
    if (box !== null && now === before) return box;
    before = now;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`${selector} does not come to rest.`);
}

/** Presses the first button that says a text, once it can be pressed. */
export async function pressButton(page: Page, says: string): Promise<void> {
  await page.waitForFunction(
    (wanted) => {
      const one = [...document.querySelectorAll('button')].find((each) =>
        each.textContent?.replaceAll('\u00a0', ' ').includes(wanted),
      );
      if (one === undefined || one.disabled) return false;
      one.click();
      return true;
    },
    { timeout: 20_000 },
    says,
  );
}

/** Presses the button or link whose name begins with a text. */
export async function press(page: Page, name: string): Promise<void> {
  const locator = page.locator(`::-p-aria([name="${name}"])`);
  await locator.click();
}

/** Replaces what stands in a field. */
export async function type(page: Page, selector: string, text: string): Promise<void> {
  await page.waitForSelector(selector);
  await page.click(selector, { clickCount: 3 });
  await page.keyboard.press('Backspace');
  await page.type(selector, text);
}
