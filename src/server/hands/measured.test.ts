import {
  FRIDAY_FORM as form,
  freshBatch as batch,
  sentences,
  value,
} from '../../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { MS_PER_HOUR } from '@/core/units';
import { openShopInMemory } from '@/data';
import { setAim } from './aim';
import { contextOver, type ShopContext } from '../context';
import { doStep } from './hands';
import { learnedView, resetLearned, undoReset } from '../learned/learned';
import { logView } from '../log/log';
import { lotView } from '../lots/lot-view';
import { takeBake } from '../bakes/new-bake';
import { newBakeView } from '../bakes/new-bake-view';
import { ensureShop } from '../shop/new-shop';
import { logProbeSeries, logReading } from '../shop/readings';
import { changePlace } from '@/server/shop/place';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { shopView } from '../shop/shop-view';
import { tideView } from '../tide';
import { undoBatch } from '../journal/undo';

let nowMs = 0;
let context: ShopContext;
beforeEach(() => {
  nowMs = Date.parse('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

/** Takes a bake and does its first steps, each as planned but for what is said. */
function doSteps(count: number, said: (index: number) => object = () => ({})): void {
  value(takeBake(context, form));
  for (let index = 0; index < count; index += 1) {
    const step = loadShop(context).folded.plan[0]!;
    nowMs = Math.max(nowMs, step.atMs);
    value(doStep(context, { stepId: step.stepId, batch: batch(), ...said(index) }));
  }
}

describe('a reading in a place', () => {
  test('changes what the forecast takes the place for, is undone, and stands in the log', () => {
    doSteps(1);
    const best = () =>
      [...forecastState(context, loadShop(context)).lots.values()][0]!.window.bestMs!;
    const before = best();
    nowMs += MS_PER_HOUR;
    const logged = value(logReading(context, { placeId: 'bench', batch: batch(), tempC: '25' }));
    expect(logged.offsetC).toBeGreaterThan(1);
    expect(best()).toBeLessThan(before);
    expect(logView(context).rows[0]!.says).toContain('25 °C');
    expect(shopView(context).places.find((place) => place.id === 'bench')).toMatchObject({
      reading: { tempC: 25 },
    });
    value(undoBatch(context, logged.batch));
    expect(best()).toBe(before);
  });
  test.each([
    [{ placeId: 'bench', tempC: 'warm' }, 'Reading: warm is not possible. Allowed: −40 to 60 °C.'],
    [{ placeId: 'bench', tempC: '99' }, 'Reading: 99 °C is not possible. Allowed: −40 to 60 °C.'],
    [{ placeId: 'attic', tempC: '20' }, 'Place: “attic” is not in the shop.'],
    [{ placeId: 'bench', tempC: '20', at: '2027-01-01T10:00' }, 'is still to come'],
  ])('%p is refused by name', (fields, sentence) => {
    expect(sentences(logReading(context, { ...fields, batch: batch() })).join(' ')).toContain(
      sentence,
    );
    expect(loadShop(context).folded.readings).toEqual([]);
  });
  test('a probe’s series is thinned to ten minutes, and refused whole when one row is bad', () => {
    const readings = Array.from({ length: 61 }, (_, i) => ({
      atMs: nowMs - i * 60_000,
      tempC: 4 + i / 60,
    }));
    expect(value(logProbeSeries(context, { placeId: 'fridge', readings })).kept).toBe(7);
    const bad = [...readings, { atMs: nowMs, tempC: 900 }];
    expect(sentences(logProbeSeries(context, { placeId: 'fridge', readings: bad }))[0]).toContain(
      'Reading 62: 900 °C is not possible',
    );
    expect(loadShop(context).folded.readings).toHaveLength(7);
    expect(sentences(logProbeSeries(context, { placeId: 'roof', readings }))[0]).toContain('roof');
  });
});

describe('a place that follows the day', () => {
  const daily = [
    { minute: 360, tempC: 18 },
    { minute: 840, tempC: 24 },
  ];
  test('keeps its curve, counts by its mean, and is undone to what it was', () => {
    const fields = { id: 'bench', name: 'Bench', capacityL: 60, tempC: 21, daily };
    const { before } = value(changePlace(context, fields));
    const bench = () => shopView(context).places.find((place) => place.id === 'bench')!;
    expect(bench()).toMatchObject({ tempC: 21, daily });
    expect(tideView(context).bands.find((band) => band.placeId === 'bench')!.tempC).toBeCloseTo(
      22.5,
      1,
    );
    value(changePlace(context, before));
    expect(bench().daily).toBeNull();
  });
  test('a point that is no temperature is refused', () => {
    const fields = { id: 'bench', name: 'Bench', capacityL: 60, tempC: 21 };
    const wrong = changePlace(context, { ...fields, daily: [{ minute: 10, tempC: 80 }] });
    expect(sentences(wrong)[0]).toContain('Over the day: 80 °C is not possible');
  });
});

describe('what the hands measure', () => {
  test('teaches the mixer’s warmth, which changes the water of the next mix', () => {
    const water = () =>
      tideView(context).sheets.find((sheet) => sheet.glyph === 'mix')?.water?.waterC;
    value(
      takeBake(context, {
        ...form,
        name: 'Saturday',
        readyFrom: '2026-11-28T18:00',
        readyTo: '2026-11-28T20:00',
      }),
    );
    const before = water()!;
    doSteps(2, (index) => (index === 0 ? {} : { tempC: '28', waterC: '20' }));
    const mixer = learnedView(context).rows.find((row) => row.key === 'mixer')!;
    expect(mixer.value).toBeGreaterThan(mixer.book);
    expect(mixer.count).toBe(1);
    expect(water()!).toBeLessThan(before);
    value(resetLearned(context, 'mixer'));
    expect(learnedView(context).rows.some((row) => row.key === 'mixer')).toBe(false);
    value(undoReset(context, 'mixer'));
    expect(learnedView(context).rows.some((row) => row.key === 'mixer')).toBe(true);
  });
  test('what was only planned teaches nothing, water above 40 °C is refused', () => {
    doSteps(2);
    expect(learnedView(context).rows.some((row) => row.key === 'mixer')).toBe(false);
    const step = loadShop(context).folded.plan[0]!;
    const hot = doStep(context, { stepId: step.stepId, batch: batch(), waterC: '41', tempC: '24' });
    expect(sentences(hot)[0]).toContain('Water: 41 °C is not possible. Allowed: 0 to 40 °C.');
  });
  test('balls weighed teach the loss, which the next bake starts from', () => {
    expect(newBakeView(context).defaults.lossPct).toBe(2);
    doSteps(3, (index) => (index === 2 ? { grams: { ball: '243' } } : {}));
    const loss = learnedView(context).rows.find((row) => row.key === 'loss')!;
    expect(loss.value).toBeGreaterThan(0.02);
    expect(newBakeView(context).defaults.lossPct).toBeGreaterThan(2);
  });
});

describe('the baker’s own target', () => {
  const ballsId = () =>
    loadShop(context).folded.done.flatMap(({ act }) =>
      isAct(act, 'divide') ? [act.ballsLotId] : [],
    )[0]!;
  test('moves the best of the balls, is shown, and can be taken back', () => {
    doSteps(3);
    const best = () => lotView(context, ballsId())!.strand.window.bestMs!;
    const before = best();
    value(setAim(context, { lotId: ballsId(), batch: batch(), targetRise: '1.6' }));
    expect(best()).toBeLessThan(before);
    expect(lotView(context, ballsId())!.aim).toMatchObject({ own: 1.6 });
    expect(logView(context).rows[0]!.says).toContain('target ×1.6');
    value(setAim(context, { lotId: ballsId(), batch: batch() }));
    expect(best()).toBe(before);
  });
  test('above the greatest rise, on a poolish, or on nothing it is refused', () => {
    doSteps(3);
    const aim = (lotId: string, targetRise: string) =>
      sentences(setAim(context, { lotId, batch: batch(), targetRise }))[0];
    expect(aim(ballsId(), '7')).toMatch(/×7 is not possible. Allowed: 1.05 to ×\d\.\d\d, its/);
    expect(aim(ballsId(), '0.5')).toContain('Target rise: 0.5');
    expect(aim('X-1', '1.6')).toContain('X-1 has not been made yet');
    const poolishId = loadShop(context).folded.done.flatMap(({ act }) =>
      isAct(act, 'make') && act.lotKind === 'poolish' ? [act.lotId] : [],
    )[0]!;
    expect(aim(poolishId, '2')).toContain('ripe by its own peak');
  });
});

test('hours of balls count from the mix, by stage and in all', () => {
  doSteps(3);
  const divide = loadShop(context).folded.done.find(({ act }) => isAct(act, 'divide'))!;
  nowMs = divide.atMs + 2 * MS_PER_HOUR;
  const lotId = isAct(divide.act, 'divide') ? divide.act.ballsLotId : '';
  const { hours, tightUntilMs } = lotView(context, lotId)!;
  expect(hours.stages.map((stage) => stage.name)).toEqual(['bulk, Bench', 'balls, Bench']);
  expect(hours.stages[1]!.goneH).toBeCloseTo(2, 6);
  expect(hours.goneH).toBeCloseTo(2 + hours.stages[0]!.goneH, 6);
  expect(hours.leftH!).toBeGreaterThan(0);
  expect(tightUntilMs!).toBeGreaterThan(divide.atMs);
});
