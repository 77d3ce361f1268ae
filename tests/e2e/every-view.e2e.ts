import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import type { Page } from 'puppeteer-core';
import { type Served } from './browser';
import { journey, DEMO_NOW } from './journey';
import { VIEWS } from './views';

let served: Served;
let page: Page;
let wrong: string[];
const axe = readFileSync(createRequire(__filename).resolve('axe-core/axe.min.js'), 'utf8');

journey({ mode: 'demo', nowIso: DEMO_NOW }, (made) => {
  ({ served, page, wrong } = made);
});

/** Accessibility rules that the page breaks as it stands; of the scheme’s colours alone where its structure was read. */
const brokenRules = (rules: 'all' | 'colours') =>
  page.evaluate(
    async (source, of) => {
      // The policy forbids injected script tags; the debugger's own evaluation is not a script of the page.
      if (!('axe' in window)) (0, eval)(source);
      type Found = { violations: { id: string; nodes: { html: string }[] }[] };
      const runner = (window as unknown as { axe: { run: (only: object) => Promise<Found> } }).axe;
      const { violations } = await runner.run(
        of === 'all' ? {} : { runOnly: ['color-contrast', 'link-in-text-block'] },
      );
      return violations.map((one) => `${one.id}: ${one.nodes[0]?.html ?? ''}`);
    },
    axe,
    rules,
  );

/** Waits until what was just set is drawn and nothing fades any more. */
const drawn = async () => {
  await page.evaluate(
    () => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve))),
  );
  await page.waitForFunction(() =>
    document
      .getAnimations()
      .every(
        (one) => one.playState !== 'running' || one.effect?.getTiming().iterations === Infinity,
      ),
  );
};

/** By how much the page is wider than the screen, once it has found its width. */
async function overBy(): Promise<number> {
  const over = () => document.documentElement.scrollWidth - window.innerWidth;
  await page
    .waitForFunction(() => document.documentElement.scrollWidth <= window.innerWidth, {
      timeout: 3000,
    })
    .catch(() => undefined);
  return Math.max(0, await page.evaluate(over));
}

test.each(VIEWS)(
  '%s keeps the accessibility rules in light and dark and fits each screen',
  async (view) => {
    await page.goto(`${served.url}${view}`, { waitUntil: 'networkidle2' });
    for (const scheme of ['light', 'dark'] as const) {
      await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: scheme }]);
      await drawn();
      const found = await brokenRules(scheme === 'light' ? 'all' : 'colours');
      expect({ scheme, found }).toEqual({ scheme, found: [] });
    }
    for (const [width, height] of [
      [390, 844],
      [1920, 1080],
      [1280, 800],
    ] as const) {
      await page.setViewport({ width, height });
      await drawn();
      expect({ width, over: await overBy() }).toEqual({ width, over: 0 });
    }
  },
);

test('no request left the machine, nothing broke the content policy, no page failed', () => {
  expect(wrong.filter((one) => !one.includes('404'))).toEqual([]);
});
