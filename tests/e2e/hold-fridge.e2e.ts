import type { Page } from 'puppeteer-core';
import type { Db } from '@/data';
import { isAct } from '@/core/journal';
import { takeBake } from '@/server/bakes/new-bake';
import { contextOver, type ShopContext } from '@/server/context';
import { doStep } from '@/server/hands/hands';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { FRIDAY_FORM, freshBatch, value } from '../fixtures/services';
import { waitForText, type Served } from './browser';
import { journey } from './journey';

const H = 3_600_000;
const PLANNED_MS = Date.parse('2026-11-26T12:00:00Z');
/** Two hours before the poolish is at its best, and five before it is to be mixed. */
const NOW_ISO = '2026-11-27T08:00:00Z';
let served: Served;
let page: Page;
let wrong: string[];

/** A bake for Friday evening whose poolish was built three hours before its time. */
function builtEarly(db: Db): void {
  ensureShop(db, 'Europe/Oslo');
  let nowMs = PLANNED_MS;
  const context: ShopContext = {
    ...contextOver(db),
    clock: () => ({ nowMs, rate: 0, demo: false }),
  };
  value(takeBake(context, FRIDAY_FORM));
  const build = loadShop(context).folded.plan.find(
    ({ act }) => isAct(act, 'make') && act.lotKind === 'poolish',
  )!;
  nowMs = build.atMs - 3 * H;
  value(doStep(context, { stepId: build.stepId, batch: freshBatch() }));
}

const { goto } = journey({ mode: 'own', nowIso: NOW_ISO, fill: builtEarly }, (made) => {
  ({ served, page, wrong } = made);
});

const calendar = async () =>
  (await (await fetch(`${served.url}/hands/hands.ics`)).text()).replaceAll('\r\n ', '');

test('a leaven three hours early: the fridge is among the best moves, its odds rise, and it is taken', async () => {
  await goto('/');
  await waitForText(page, 'Friday may slip');
  await page.locator('::-p-text(Friday may slip)').click();
  await page.waitForFunction(() => location.pathname.startsWith('/hold/'));
  await page.waitForSelector('[data-kind="other place"]', { timeout: 60_000 });
  await page.waitForFunction(() => document.querySelector('[aria-label="Moves run"]') === null, {
    timeout: 60_000,
  });
  // What the moves are ranked by stands with each: how sure the leaven is ripe at its mix.
  const ripe = (text: string) => Number(/leaven ripe (\d+) %/.exec(text)?.[1] ?? 100);
  const stands = ripe(await page.$eval('[data-testid="hold-head"]', (one) => one.textContent!));
  const offered = await page.$$eval('[data-kind]', (all) =>
    all.map((one) => ({ kind: one.getAttribute('data-kind'), text: one.textContent ?? '' })),
  );
  const fridge = offered.findIndex((one) => /Fridge until/.test(one.text));
  expect({ offered, among: fridge >= 0 && fridge < 3 }).toEqual({ offered, among: true });
  expect(ripe(offered[fridge]!.text)).toBeGreaterThan(stands + 20);
  const mixBefore = /DTSTART[^\n]*\n(?:(?!BEGIN)[^\n]*\n)*?SUMMARY:Mix Friday/.exec(
    await calendar(),
  );
  expect(mixBefore).not.toBeNull();
  await (await page.$$('[data-kind]'))[fridge]!.click();
  await page.waitForFunction(() => location.pathname === '/');
  await waitForText(page, 'taken, with what follows');
  expect(await calendar()).toMatch(/SUMMARY:Move Friday poolish/);
  const mixAfter = /DTSTART[^\n]*\n(?:(?!BEGIN)[^\n]*\n)*?SUMMARY:Mix Friday/.exec(
    await calendar(),
  );
  expect(mixAfter?.[0].split('\n')[0]).toBe(mixBefore?.[0].split('\n')[0]);
  expect(wrong).toEqual([]);
});
