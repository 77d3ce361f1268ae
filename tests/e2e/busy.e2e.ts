import type { Browser, Page } from 'puppeteer-core';
import { busyShop } from '../fixtures/busy-shop';
import { openBrowser, openPage, serve, type Served } from './browser';

const NOW = '2026-11-27T05:10:00Z';
const SIZES = [
  [1280, 800],
  [1920, 1080],
  [390, 844],
] as const;

let browser: Browser;
beforeAll(async () => {
  browser = await openBrowser();
});
afterAll(async () => {
  await browser?.close();
});

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** Pairs of texts of the picture that lie on each other by more than a hair, and texts cut off at its sides. */
const overprinted = (page: Page) =>
  page.evaluate(() => {
    const svg = document.querySelector('svg[aria-label^="The Tide"]') as SVGSVGElement;
    const frame = svg.getBoundingClientRect();
    const texts = [...svg.querySelectorAll('text')]
      .filter((text) => (text.textContent ?? '').trim() !== '')
      .map((text) => ({ says: text.textContent ?? '', box: text.getBoundingClientRect() }));
    const wrong = texts
      .filter(({ box }) => box.left < frame.left - 1 || box.right > frame.right + 1)
      .map(({ says }) => `cut off: ${says}`);
    texts.forEach((a, i) =>
      texts.slice(i + 1).forEach((b) => {
        const across = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const down = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        // Boxes hold the room above and below the letters: a fifth of a line is none of them.
        const line = Math.min(a.box.height, b.box.height);
        if (across > 1 && down > line * 0.3) wrong.push(`${a.says} on ${b.says}`);
      }),
    );
    return { wrong, texts: texts.length };
  });

test.each([1, 6, 11, 18, 30])(
  '%i lots: no text on another, none cut off, at any size',
  async (lots) => {
    const served: Served = await serve('own', NOW, (db) => busyShop(db, Date.parse(NOW), lots));
    try {
      const { page, wrong } = await openPage(browser, served.url);
      for (const zoom of [1, 2]) {
        for (const [width, height] of SIZES) {
          await page.setViewport({ width, height });
          await page.goto(served.url, { waitUntil: 'networkidle2' });
          await page.evaluate((size) => {
            document.documentElement.style.fontSize = `${size}px`;
          }, 16 * zoom);
          // The picture is laid out for the reader's text and the room it has, then its lanes are searched.
          await page.waitForFunction(
            (text) => {
              const svg = document.querySelector<SVGSVGElement>('svg[aria-label^="The Tide"]');
              const room = document.querySelector('main')?.clientWidth;
              return svg?.dataset['text'] === String(text) && svg.clientWidth === room;
            },
            { timeout: 20_000 },
            zoom,
          );
          await pause(600);
          if (process.env['OLVIK_SHOTS'] !== undefined) {
            const name = `${lots}-${width}-${zoom}.png` as const;
            await page.screenshot({
              path: `${process.env['OLVIK_SHOTS']}/${name}` as `${string}.png`,
            });
          }
          const seen = await overprinted(page);
          expect({ lots, width, zoom, wrong: seen.wrong }).toEqual({
            lots,
            width,
            zoom,
            wrong: [],
          });
          expect(seen.texts).toBeGreaterThan(8);
          const wide = await page.evaluate(() => document.documentElement.scrollWidth);
          expect(wide).toBeLessThanOrEqual(width);
        }
      }
      expect(wrong).toEqual([]);
      await page.close();
    } finally {
      await served.stop();
    }
  },
);
