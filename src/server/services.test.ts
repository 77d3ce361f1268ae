import {
  FRIDAY_FORM as form,
  freshBatch as batch,
  sentences,
  value,
} from '../../tests/fixtures/services';
import { isAct } from '@/core/journal';
import { toLocalText } from '@/core/units';
import { listBakes, listEntries, listPlaces, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from './context';
import { CORE_OPERATIONS } from '@/shop/questions/core-requests';
import { doStep } from './hands/hands';
import { actOnLot } from '@/server/hands/act-on-lot';
import { logView } from './log/log';
import { logLook } from './hands/look';
import { lotView } from './lots/lot-view';
import { moveStep } from './hands/move-step';
import { takeBake } from './bakes/new-bake';
import { ensureShop } from './shop/new-shop';
import { forecastState } from './shop/forecast-state';
import { loadShop } from './shop/load-shop';
import { tideView } from './tide';
import { undoBatch } from './journal/undo';
import { withdrawBake } from './bakes/withdraw-bake';

const ZONE = 'Europe/Oslo';
let nowMs = 0;
let context: ShopContext;
const setNow = (text: string) => {
  nowMs = Date.parse(text);
};

beforeEach(() => {
  setNow('2026-11-26T12:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, ZONE);
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

const steps = () => loadShop(context).folded.plan;
const local = (atMs: number) => toLocalText(atMs, ZONE);

describe('a new bake', () => {
  test('is stored as a demand and four planned steps, and can be taken back whole', () => {
    const taken = value(takeBake(context, form));
    expect(steps().map((step) => step.act.kind)).toEqual(['make', 'make', 'divide', 'use']);
    expect(listBakes(context.db)).toHaveLength(1);
    value(undoBatch(context, taken.batch));
    expect(steps()).toEqual([]);
  });

  test.each([
    [{ balls: 'forty' }, 'balls', 'Balls: forty is not possible. Allowed: 1 to 2000.'],
    [{ balls: '-3' }, 'balls', 'Balls: −3 is not possible. Allowed: 1 to 2000.'],
    [{ balls: '' }, 'balls', 'Balls: a number is needed. Allowed: 1 to 2000.'],
    [{ roomC: '400' }, 'roomC', 'Room: 400 °C is not possible. Allowed: 0 to 40 °C.'],
    [
      { readyFrom: '2026-11-20T18:00' },
      'readyFrom',
      'Ready from: that hour has passed. Allowed: after 2026-11-26 12:00.',
    ],
    [
      { readyFrom: 'soon' },
      'readyFrom',
      'Ready from: “soon” is not a date and time. Allowed: for example 2026-11-27T18:00.',
    ],
  ])('%p is refused by name and nothing is stored', (change, field, sentence) => {
    const outcome = takeBake(context, { ...form, readyTo: '2026-11-27T20:00', ...change });
    expect(outcome).toEqual({ ok: false, refusals: [{ field, sentence }] });
    expect(listEntries(context.db)).toEqual([]);
    expect(listBakes(context.db)).toEqual([]);
  });

  test('another room is stored as the place’s temperature from now on', () => {
    value(takeBake(context, { ...form, roomC: '24' }));
    expect(listPlaces(context.db)[0]?.settings).toMatchObject([
      { fromMs: 0, tempC: 21 },
      { fromMs: nowMs, tempC: 24 },
    ]);
  });

  test('gets figures on the screen that the command line gives too', () => {
    value(takeBake(context, form));
    const { flours } = {
      flours: [
        {
          id: 'flour-00',
          name: 'Type 00 flour',
          strengthW: 260,
          proteinShare: 0.12,
          wholegrainShare: 0,
        },
      ],
    };
    const request = {
      now: new Date(nowMs).toISOString(),
      timeZone: ZONE,
      workingHours: { fromMinute: 360, untilMinute: 1320 },
      places: [{ id: 'bench', name: 'Bench', tempC: 21 }],
      flour: flours[0],
      bake: form,
    };
    const formula = CORE_OPERATIONS['formula']!(request) as {
      moments: Record<string, string>;
      columns: { poolishG: number };
    };
    const forecast = CORE_OPERATIONS['forecast']!(request) as {
      poolish: { best: string };
      balls: { opens: string };
    };
    const [poolishStep, mixStep, ballStep] = steps();
    expect(formula.moments).toEqual({
      poolish: local(poolishStep!.atMs),
      mix: local(mixStep!.atMs),
      ball: local(ballStep!.atMs),
    });
    const state = loadShop(context);
    const lots = forecastState(context, state).lots;
    const find = (kind: string) => [...lots.values()].find((lot) => lot.story.lot.kind === kind)!;
    expect(forecast.poolish.best).toBe(local(find('poolish').window.bestMs!));
    expect(forecast.balls.opens).toBe(local(find('balls').window.opensMs!));
  });
});

describe('the hands', () => {
  const stepOf = (index: number) => steps()[index]!;
  beforeEach(() => {
    value(takeBake(context, form));
  });

  test('a step done late shifts the forecast, keeps the plan and is written once however often it is tapped', () => {
    const before = tideView(context).strands[0]!.window.bestMs!;
    const poolish = stepOf(0);
    nowMs = poolish.atMs + 40 * 60_000;
    const once = { stepId: poolish.stepId, batch: batch() };
    value(doStep(context, once));
    value(doStep(context, once));
    expect(loadShop(context).folded.done).toHaveLength(1);
    const shiftMs = tideView(context).strands[0]!.window.bestMs! - before;
    expect(Math.abs(shiftMs - 40 * 60_000)).toBeLessThan(6_000);
    expect(sentences(doStep(context, { ...once, batch: batch() }))).toEqual([
      'This step was done or withdrawn already.',
    ]);
  });

  test('less poolish than planned: the mix takes what there is, and undo puts all of it back', () => {
    const poolish = stepOf(0);
    nowMs = poolish.atMs;
    const { batch: written } = value(
      doStep(context, { stepId: poolish.stepId, batch: batch(), grams: { water: '1000' } }),
    );
    const mix = stepOf(0).act;
    const planned = isAct(poolish.act, 'make') ? poolish.act.ingredients : [];
    const whole = planned.reduce(
      (sum, line) => sum + (line.ingredientId === 'water' ? 1000 : line.massG),
      0,
    );
    expect(isAct(mix, 'make') && mix.portions[0]?.massG).toBeCloseTo(whole, 6);
    value(undoBatch(context, written));
    expect(steps()).toHaveLength(4);
  });

  test('nothing is done before what it rests on, in the future, or with letters for grams', () => {
    const [poolish, mix] = [stepOf(0), stepOf(1)];
    expect(sentences(doStep(context, { stepId: mix.stepId, batch: batch() }))[0]).toContain(
      'has not been made yet',
    );
    const future = { stepId: poolish.stepId, batch: batch(), at: '2026-12-24T18:00' };
    expect(sentences(doStep(context, future))[0]).toContain('still to come');
    const letters = { stepId: poolish.stepId, batch: batch(), grams: { water: 'lots' } };
    expect(sentences(doStep(context, letters))).toEqual([
      'Grams: lots is not possible. Allowed: 0 to 500000 g.',
    ]);
    expect(loadShop(context).folded.done).toEqual([]);
  });

  test('a step that later ones rest on can not be taken back under them', () => {
    const poolish = stepOf(0);
    nowMs = poolish.atMs;
    const first = value(doStep(context, { stepId: poolish.stepId, batch: batch() }));
    const mix = stepOf(0);
    nowMs = mix.atMs;
    const second = value(doStep(context, { stepId: mix.stepId, batch: batch() }));
    const entries = listEntries(context.db).length;
    expect(sentences(undoBatch(context, first.batch))[0]).toContain('Take that one back first');
    expect(listEntries(context.db)).toHaveLength(entries);
    value(undoBatch(context, second.batch));
    value(undoBatch(context, first.batch));
    expect(steps()).toHaveLength(4);
  });

  test('moving the mix takes the balls along and, while the poolish is not made, its dose', () => {
    const [poolish, mix, ball] = [stepOf(0), stepOf(1), stepOf(2)];
    value(
      moveStep(context, { stepId: mix.stepId, batch: batch(), at: local(mix.atMs - 3_600_000) }),
    );
    expect(stepOf(1).atMs).toBe(mix.atMs - 3_600_000);
    expect(stepOf(2).atMs).toBe(ball.atMs - 3_600_000);
    const yeast = (step: typeof poolish) =>
      isAct(step.act, 'make')
        ? step.act.ingredients.find((line) => line.ingredientId === 'yeast-fresh')!.massG
        : NaN;
    expect(yeast(stepOf(0))).toBeGreaterThan(yeast(poolish));
    expect(
      sentences(
        moveStep(context, { stepId: mix.stepId, batch: batch(), at: local(poolish.atMs - 1) }),
      )[0],
    ).toContain('Mix');
    expect(
      sentences(
        moveStep(context, { stepId: stepOf(3).stepId, batch: batch(), at: '2026-11-27T19:00' }),
      )[0],
    ).toContain('stays where it is');
  });

  test('a look says by how much the lot is ahead, and asks for at least one sign', () => {
    const poolish = stepOf(0);
    nowMs = poolish.atMs;
    value(doStep(context, { stepId: poolish.stepId, batch: batch() }));
    const lotId = isAct(poolish.act, 'make') ? poolish.act.lotId : '';
    nowMs += 6 * 3_600_000;
    expect(sentences(logLook(context, { lotId, batch: batch() }))).toEqual([
      'Look: say at least one sign: rise, dome, smell, float, dent or pH.',
    ]);
    expect(
      value(logLook(context, { lotId, batch: batch(), rise: 2.9, dome: 'domed' })).aheadMinutes,
    ).toBeGreaterThan(20);
    expect(lotView(context, lotId)?.looks).toMatchObject([{ rise: 2.9, words: ['domed'] }]);
    expect(sentences(logLook(context, { lotId: 'X', batch: batch(), rise: 2 }))[0]).toContain(
      'nothing to look at',
    );
  });

  test('folds, moves and additions outside the plan are entries like any other', () => {
    const poolish = stepOf(0);
    nowMs = poolish.atMs;
    value(doStep(context, { stepId: poolish.stepId, batch: batch() }));
    const lotId = isAct(poolish.act, 'make') ? poolish.act.lotId : '';
    for (const act of [
      { kind: 'fold' },
      { kind: 'move', placeId: 'fridge' },
      { kind: 'add', ingredientId: 'water', massG: '50' },
    ]) {
      nowMs += 60_000;
      value(actOnLot(context, { lotId, batch: batch(), act }));
    }
    expect(
      sentences(
        actOnLot(context, { lotId, batch: batch(), act: { kind: 'move', placeId: 'attic' } }),
      )[0],
    ).toContain('“attic”');
    expect(loadShop(context).folded.done.map((one) => one.act.kind)).toEqual([
      'make',
      'work',
      'move',
      'add',
    ]);
  });

  test('withdrawing a bake leaves what was done', () => {
    const poolish = stepOf(0);
    nowMs = poolish.atMs;
    value(doStep(context, { stepId: poolish.stepId, batch: batch() }));
    value(withdrawBake(context, poolish.bakeId!));
    expect(steps()).toEqual([]);
    expect(loadShop(context).folded.done).toHaveLength(1);
    expect(sentences(withdrawBake(context, poolish.bakeId!))[0]).toContain('nothing of this bake');
    expect(logView(context).rows[0]?.says).toBe('Withdrew planned steps');
  });
});
