import { forecastShop, type Places } from '../forecast';
import type { Act } from '../journal';
import { BOOK_MODEL, STATE_SIZE, X } from '../kinetics';
import { MS_PER_HOUR } from '../units';
import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { powerLeft } from './frozen-power';
import { jarOf } from './jar';
import { thawPlan } from './thaw';
import type { ThawQuestion } from './thaw-question';

const place = (id: string, tempC: number) =>
  [id, { id, name: id, settings: [{ fromMs: 0, tempC }] }] as const;
const PLACES: Places = new Map([place('room', 22), place('fridge', 4), place('freezer', -18)]);

/** Dough frozen some days before now, as a lump or a flat bag. */
function frozen(days: number, flatMm?: number) {
  const make: Act = {
    kind: 'make',
    lotId: 'C1',
    lotKind: 'carry-over',
    name: 'Dough',
    ingredients: [
      { ingredientId: 'flour', massG: 600 },
      { ingredientId: 'water', massG: 390 },
      { ingredientId: 'salt', massG: 16 },
      { ingredientId: 'yeast-fresh', massG: 4 },
    ],
    portions: [],
    placeId: 'room',
    startC: 22,
    gasKept: 0,
  };
  const split: Act = {
    kind: 'split',
    lotId: 'C1',
    partLotId: 'F1',
    name: 'Bag',
    lotKind: 'carry-over',
    massG: 600,
    placeId: 'freezer',
    ...(flatMm === undefined ? {} : { flatMm }),
  };
  const atMs = T0 - days * 24 * MS_PER_HOUR;
  const done = [
    { act: make, atMs: atMs - MS_PER_HOUR },
    { act: split, atMs },
  ].map((one, index) => ({
    ...one,
    entryId: String(index),
    by: null,
    bakeId: null,
    fulfils: null,
    batch: String(index),
  }));
  const lot = forecastShop({
    folded: { done, plan: [] },
    nowMs: T0,
    visibleFromMs: T0 - MS_PER_HOUR,
    places: PLACES,
    pantry: PANTRY,
    withBands: false,
  }).lots.get('F1');
  if (lot === undefined) throw new Error('the bag is on the Tide');
  return lot;
}

test('a bag a year in the freezer runs, and loses a tenth of its power each month', () => {
  const old = frozen(365);
  const yeast = (lot: ReturnType<typeof frozen>) =>
    jarOf(lot, T0, { speed: 1, lnSd: 0.1 }).state[X.yeastB] ?? 0;
  const months = (365 - 20) / 30.4;
  const ratio = yeast(old) / yeast(frozen(20));
  expect(ratio).toBeCloseTo(BOOK_MODEL.frozenMonth ** months, 2);
  expect(old.run.length).toBeLessThan(20_000);
  expect(old.run.states.length).toBe(old.run.length * STATE_SIZE);
});

test('power left is a band that widens to nothing better than before', () => {
  const bakers = new Float64Array(STATE_SIZE);
  bakers[X.yeastB] = 1;
  const wild = new Float64Array(STATE_SIZE);
  wild[X.yeastW] = 1;
  expect(powerLeft(bakers, 0).share).toBeCloseTo(0.7, 9);
  expect(powerLeft(wild, 0).share).toBeCloseTo(0.5, 9);
  const months = powerLeft(bakers, 91);
  expect(months.share).toBeLessThan(powerLeft(bakers, 30).share);
  expect(months.low).toBeLessThan(months.share);
  expect(months.high).toBeGreaterThan(months.share);
  expect(powerLeft(bakers, 0).high).toBeLessThanOrEqual(1);
});

const question = (flatMm: number | undefined, changed: Partial<ThawQuestion>): ThawQuestion => ({
  jar: jarOf(frozen(20, flatMm), T0, { speed: 1, lnSd: 0.1 }),
  nowMs: T0,
  readyMs: T0 + 40 * MS_PER_HOUR,
  fridgeId: 'fridge',
  roomId: 'room',
  workingHours: { fromMinute: 0, untilMinute: 24 * 60 },
  timeZone: 'UTC',
  places: [...PLACES.values()],
  pantry: PANTRY,
  ...changed,
});

test('a thaw is planned back from its hour: fridge, room, risen', () => {
  const plan = thawPlan(question(undefined, {}));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  expect(Math.abs(plan.missedH ?? 9) * 60).toBeLessThan(20);
  expect(plan.fridgeH).toBeGreaterThanOrEqual(plan.thawedH ?? 99);
  expect(plan.outMs).toBeGreaterThanOrEqual(T0);
  expect(plan.roomMs).toBeGreaterThan(plan.outMs);
});

test('a flat bag thaws sooner than a lump of the same weight', () => {
  const lump = thawPlan(question(undefined, {}));
  const flat = thawPlan(question(15, {}));
  if (lump.kind !== 'plan' || flat.kind !== 'plan') throw new Error('both have a plan');
  expect(flat.thawedH ?? 99).toBeLessThan((lump.thawedH ?? 0) / 2);
});

test('too late says the soonest hour; hands that sleep are not woken', () => {
  const late = thawPlan(question(undefined, { readyMs: T0 + 2 * MS_PER_HOUR }));
  expect(late).toMatchObject({ kind: 'no plan', because: 'too late' });
  if (late.kind === 'no plan') expect(late.earliestMs).toBeGreaterThan(T0 + 2 * MS_PER_HOUR);
  const hours = { fromMinute: 7 * 60, untilMinute: 20 * 60 };
  const plan = thawPlan(question(15, { workingHours: hours }));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  for (const ms of [plan.outMs, plan.roomMs]) {
    const hour = (ms % (24 * MS_PER_HOUR)) / MS_PER_HOUR;
    expect(hour >= 7 && hour <= 20).toBe(true);
  }
});
