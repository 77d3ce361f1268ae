import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import puppeteer, { type Browser, type LaunchOptions } from 'puppeteer-core';

/** Headless Chromium with a profile of its own. */
export async function openChromium(
  more: Pick<LaunchOptions, 'acceptInsecureCerts'> = {},
): Promise<Browser> {
  return puppeteer.launch({
    ...more,
    executablePath: process.env['OLVIK_CHROMIUM'] ?? '/usr/bin/chromium',
    userDataDir: mkdtempSync(path.join(tmpdir(), 'olvik-chromium-')),
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
    ],
  });
}
