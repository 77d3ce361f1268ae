import path from 'node:path';
import type { Page } from 'puppeteer-core';
import { isAct, type ActOf } from '@/core/journal';
import { listBakes, openShop } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { doStep } from '@/server/hands/hands';
import { loadShop } from '@/server/shop/load-shop';
import { expectOneTruth } from '../fixtures/one-truth';
import { freshBatch, value } from '../fixtures/services';
import type { Served } from './browser';
import { journey } from './journey';

const MONDAY_MS = Date.parse('2026-11-23T08:00:00Z');
const MINUTE_MS = 60_000;
/** So late is what begins a bake, min. */
const LATE_MIN = 60;
const METHODS = ['Poolish, same day', 'Poolish, two days', 'Straight, same day'];
let served: Served;
let page: Page;
let wrong: string[];
/** Clicks and keys of the hands so far. */
let taps = 0;
let nowMs = MONDAY_MS;

const { goto } = journey({ mode: 'own', nowIso: new Date(MONDAY_MS).toISOString() }, (made) => {
  ({ served, page, wrong } = made);
});

const tap = async (selector: string) => {
  await (await page.waitForSelector(selector, { timeout: 20_000 }))!.click();
  taps += 1;
};

/** What the shop holds, asked as a second program of the same machine. */
function inShop<T>(ask: (context: ShopContext) => T): T {
  const db = openShop(path.join(served.folder, 'data'));
  try {
    return ask({ ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) });
  } finally {
    db.close();
  }
}
const at = (ms: number) => {
  nowMs = ms;
  served.setNow(new Date(ms).toISOString());
};

test('six services by three methods are asked for and planned together in 25 taps and keys', async () => {
  await goto('/plan');
  for (const [index, name] of METHODS.entries()) {
    await tap('[data-testid="new-demand"]');
    const balls = (await page.waitForSelector('input[name="balls"]'))!;
    await balls.click({ count: 3 });
    await page.keyboard.type('24');
    taps += 3;
    // The first evening without a service, and the one after it.
    await tap('[aria-label="The same on"] [role="button"]');
    await tap(`::-p-xpath(//*[@role="dialog"]//label[normalize-space()="${name}"]//input)`);
    await tap('[data-testid="save-demand"]');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    await page.waitForFunction(
      (services) => document.querySelectorAll('[data-testid="service-open"]').length >= services,
      {},
      2 * (index + 1),
    );
  }
  await tap('[data-testid="plan-all"]');
  await page.waitForFunction(
    () => document.querySelector<HTMLButtonElement>('[data-testid="take-all"]')?.disabled === false,
    { timeout: 90_000 },
  );
  await tap('[data-testid="take-all"]');
  await page.waitForFunction(() => document.querySelector('[data-testid="take-all"]') === null, {
    timeout: 60_000,
  });
  expect(taps).toBeLessThanOrEqual(25);
  const bakes = inShop(({ db }) => listBakes(db));
  expect(bakes).toHaveLength(6);
  expect(new Set(bakes.map(({ methodVersionId }) => methodVersionId)).size).toBe(3);
});

/** What else is due by now is done: only the one step was late. */
function doDue(context: ShopContext): void {
  for (;;) {
    const [step] = loadShop(context).folded.plan;
    if (step === undefined || step.atMs > nowMs) return;
    value(doStep(context, { stepId: step.stepId, batch: freshBatch(), sure: true }));
  }
}

test('three of its days slip; each is mended by an offer, and all views tell the same after it', async () => {
  const bakes = inShop(({ db }) => listBakes(db)).sort((a, b) => a.readyFromMs - b.readyFromMs);
  const mended: string[] = [];
  for (const bake of [bakes[0]!, bakes[2]!, bakes[3]!]) {
    // Everything before it goes as planned; its first leaven or dough is made later than it should be.
    const first = inShop((context) => {
      for (;;) {
        const [step] = loadShop(context).folded.plan;
        if (step === undefined || (step.bakeId === bake.id && isAct(step.act, 'make')))
          return step!;
        nowMs = Math.max(nowMs, step.atMs);
        if (isAct(step.act, 'look')) throw new Error('a look is planned');
        value(doStep(context, { stepId: step.stepId, batch: freshBatch(), sure: true }));
      }
    });
    at(Math.max(nowMs, first.atMs) + LATE_MIN * MINUTE_MS);
    inShop((context) =>
      value(doStep(context, { stepId: first.stepId, batch: freshBatch(), sure: true })),
    );
    at(nowMs + 15 * MINUTE_MS);
    inShop((context) => doDue(context));
    await goto(`/hold/${encodeURIComponent(bake.id)}`);
    await page.waitForSelector('[data-kind]', { timeout: 60_000 });
    await page.waitForFunction(() => document.querySelector('[aria-label="Moves run"]') === null, {
      timeout: 90_000,
    });
    const before = inShop((context) => JSON.stringify(loadShop(context).folded.plan));
    mended.push((await page.$eval('[data-kind]', (one) => one.getAttribute('data-kind'))) ?? '');
    await (await page.$('[data-kind]'))!.click();
    await page.waitForFunction(() => location.pathname === '/', { timeout: 30_000 });
    inShop((context) => {
      const { plan } = loadShop(context).folded;
      expect(JSON.stringify(plan)).not.toBe(before);
      expectOneTruth(context, plan);
    });
  }
  // By what the bakery can do itself: guests that wait are the last thing.
  expect({ mended, promises: mended.filter((kind) => /service|fewer/.test(kind)) }).toEqual({
    mended,
    promises: [],
  });
  expect(wrong).toEqual([]);
});

test('the balls of all six are there for their services', () => {
  const uses = inShop((context) => {
    const { plan, done } = loadShop(context).folded;
    return [...done, ...plan].flatMap(({ act, bakeId }) =>
      isAct(act, 'use') ? [{ bakeId, count: (act as ActOf<'use'>).count }] : [],
    );
  });
  const sums = new Map<string, number>();
  for (const { bakeId, count } of uses) {
    if (bakeId !== null) sums.set(bakeId, (sums.get(bakeId) ?? 0) + count);
  }
  expect([...sums.values()].every((count) => count <= 24 && count >= 16)).toBe(true);
  expect(sums.size).toBe(6);
});
