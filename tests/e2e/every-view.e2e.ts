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

/** What is read of a view as it comes from the server, its labels too. */
async function readOf(view: string): Promise<string[]> {
  const html = await (await fetch(`${served.url}${view}`)).text();
  const body = html
    .slice(html.indexOf('<body'))
    .replaceAll(/<(script|style)\b[\s\S]*?<\/\1>/g, '')
    .replaceAll('<!-- -->', '');
  const labels = [...body.matchAll(/aria-label="([^"]*)"/g)].map(([, label = '']) => label);
  return [...body.split(/<[^>]*>/), ...labels].map((one) => one.trim()).filter((one) => one !== '');
}

/** A figure in grams, kilograms, °C, centimetres or millimetres. */
const METRIC =
  /\d[\s\u00a0\u202f]?(?:g|kg|°C|cm|mm)(?![\p{L}])|(?<![\d.])\d{1,2}(?:\.\d)?\s?°(?!F)/u;
/** Labels stand as they were printed, on the roll that was in the printer. */
const AS_PRINTED = '/labels';
/** A roll is sold by its size. */
const ROLL = 'Roll ';

test('in a shop of ounces, °F and inches no view says a metric figure', async () => {
  const sent = await fetch(`${served.url}/command`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', origin: served.url },
    body: JSON.stringify({
      name: 'changeShop',
      id: 'in-other-units',
      args: [{ massUnit: 'oz', tempUnit: 'F', lengthUnit: 'in' }],
    }),
  });
  expect(await sent.json()).toMatchObject({ ok: true });
  const found: string[] = [];
  for (const view of VIEWS.filter((one) => one !== AS_PRINTED)) {
    const metric = (await readOf(view)).filter(
      (text) => METRIC.test(text) && !text.startsWith(ROLL),
    );
    found.push(...metric.map((text) => `${view}: ${text}`));
  }
  expect(found).toEqual([]);
});

test('no request left the machine, nothing broke the content policy, no page failed', () => {
  expect(wrong.filter((one) => !one.includes('404'))).toEqual([]);
});
