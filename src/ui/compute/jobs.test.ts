import { handledLot, plainState, requestState, type WhatIfBase } from '@/core/forecast';
import { recipe } from '@/core/kinetics';
import type { Steps } from './job-queue';
import { blendOf } from '@/core/flour';
import { openShopInMemory } from '@/data';
import { contextOver } from '@/server/context';
import { doughsView } from '@/server/doughs/view';
import { ensureShop } from '@/server/shop/new-shop';
import { JOBS } from './jobs';

const RECIPE = recipe({ hydration: 1, massG: 2000 });
const BASE: WhatIfBase = {
  kind: 'poolish',
  recipe: RECIPE,
  state: plainState(
    requestState({
      kind: 'poolish',
      recipe: RECIPE,
      startC: 21,
      freshShare: 0.003,
      seeds: [],
      stays: [{ placeC: 21, hours: 48 }],
    }),
  ),
  asks: 'prime',
  seedShare: null,
  hours: 48,
  speedLnSd: 0.1,
  shrink: 1,
  extraLnSd: 0,
  targetRise: null,
};
const HANDLES = { placeC: 21, dose: 1, seedShare: null };

function finished<T>(steps: Steps<T>): { answer: T; progress: number[] } {
  const progress: number[] = [];
  for (;;) {
    const step = steps.next();
    if (step.done === true) return { answer: step.value, progress };
    progress.push(typeof step.value === 'number' ? step.value : step.value.share);
  }
}

test('a wish for the best hour gives the dose that a finer run confirms', () => {
  const wish = { turns: 'dose', least: 0.1, most: 8, linear: false, wantedH: 9 } as const;
  const { answer } = finished(JOBS.wish({ base: BASE, handles: HANDLES, wish }));
  if (answer.kind !== 'found') throw new Error('feasible');
  const lot = handledLot(BASE, { ...HANDLES, dose: answer.value });
  expect(lot.read(lot.likely(0.01)).bestH).toBeCloseTo(9, 1);
  expect(answer.range.atMostH!).toBeLessThan(9);
  expect(answer.range.atLeastH!).toBeGreaterThan(9);
});

test('a wish for a place, and one out of reach with its bound', () => {
  const place = { turns: 'place', least: 10, most: 30, linear: true } as const;
  const found = finished(
    JOBS.wish({ base: BASE, handles: HANDLES, wish: { ...place, wantedH: 14 } }),
  );
  if (found.answer.kind !== 'found') throw new Error('feasible');
  const lot = handledLot(BASE, { ...HANDLES, placeC: found.answer.value });
  expect(lot.read(lot.likely(0.01)).bestH).toBeCloseTo(14, 1);
  const soon = finished(
    JOBS.wish({ base: BASE, handles: HANDLES, wish: { ...place, wantedH: 1 } }),
  );
  expect(soon.answer).toMatchObject({ kind: 'out of range', bound: 'most', nearest: 30 });
});

test('a what-if answers at once with curve, window and band', () => {
  const { answer, progress } = finished(JOBS.whatIf({ base: BASE, handles: HANDLES }));
  expect(progress).toEqual([]);
  expect(answer.window.bestH!).toBeGreaterThan(answer.band!.bestH![0]);
  expect(answer.window.bestH!).toBeLessThan(answer.band!.bestH![1]);
  expect(answer.rise).toHaveLength(48 * 6 + 1);
});

test('draws show progress, and tell the share that never gets there', () => {
  const short = { ...BASE, hours: 11.5 };
  const { answer, progress } = finished(JOBS.draws({ base: short, handles: HANDLES }));
  expect(progress.length).toBeGreaterThan(20);
  expect([...progress].sort((a, b) => a - b)).toEqual(progress);
  expect(answer.runs).toBe(1000);
  expect(answer.neverShare).toBeGreaterThan(0);
  expect(answer.neverShare).toBeLessThan(1);
  const again = finished(JOBS.draws({ base: short, handles: HANDLES })).answer;
  expect(again).toEqual(answer);
});

test('a target of the baker’s own moves the best, one above the greatest rise is taken as it', () => {
  const dough = { ...BASE, kind: 'sponge' as const };
  const best = (targetRise: number | null) =>
    finished(JOBS.whatIf({ base: { ...dough, targetRise }, handles: HANDLES })).answer.window
      .bestH!;
  expect(best(2)).toBeLessThan(best(null));
  expect(best(2.8)).toBeGreaterThan(best(2));
  expect(Number.isFinite(best(8))).toBe(true);
});

describe('doughs in the worker', () => {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = {
    ...contextOver(db),
    clock: () => ({ nowMs: Date.parse('2026-11-24T08:00:00+01:00'), rate: 0, demo: false }),
  };
  const { facts, rows } = doughsView(context, null)!;
  const bake = {
    name: 'Friday',
    method: rows.find((row) => row.id === 'start-poolish-day')!.method,
    readyFrom: '2026-11-27T18:00',
    readyTo: '2026-11-27T19:00',
    mixAt: null,
    leavenAt: {},
  };

  test('the shares of a leaven come one by one, and more of it is sooner', () => {
    const { answer, progress } = finished(
      JOBS.shares({ bake, facts, leavenId: 'poolish', kind: 'poolish' }),
    );
    expect(progress).toEqual([0.2, 0.4, 0.6, 0.8, 1]);
    const hours = answer.map((one) => one.opensH!);
    expect([...hours].sort((a, b) => b - a)).toEqual(hours);
  });

  test('a method is planned with what it takes of its flour', () => {
    const { answer } = finished(JOBS.method({ bake, facts }));
    if (answer.kind !== 'plan') throw new Error(answer.because);
    expect(answer.plan.leavens[0]!.forecast.window.bestBand).not.toBeNull();
    expect(answer.endurance.usedH).toBeGreaterThan(0);
  });

  test('a recipe’s hours are those of its dough', () => {
    const { dough } = bake.method;
    const blend = blendOf(dough.flours, facts.flours);
    const { answer } = finished(JOBS.recipeHours({ dough, blend, tempC: 22 }));
    expect(answer.bestH!).toBeGreaterThan(0);
  });
});
