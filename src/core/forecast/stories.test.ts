import type { Act } from '../journal';
import { type ForecastAct, effectiveActs } from './effective-plan';
import { placeTempC } from './places';
import { ambientStretches } from './ambient-stretches';
import { tellStories } from './stories';
import { cultureOf } from './culture-of';

const H = 3_600_000;
const make = (lotId: string, fields: Partial<Extract<Act, { kind: 'make' }>> = {}): Act => ({
  kind: 'make',
  lotId,
  lotKind: 'starter',
  name: lotId,
  ingredients: [
    { ingredientId: 'flour', massG: 50 },
    { ingredientId: 'water', massG: 50 },
  ],
  portions: [],
  placeId: 'bench',
  startC: 21,
  gasKept: 0,
  ...fields,
});
const done = (hour: number, act: Act): ForecastAct => ({
  atMs: hour * H,
  plannedMs: hour * H,
  tense: 'done',
  ref: `r${hour}`,
  act,
  by: null,
  bakeId: null,
});

describe('stories', () => {
  test('a lot’s places follow its moves', () => {
    const { byLot } = tellStories([
      done(0, make('A')),
      done(3, { kind: 'move', lotId: 'A', placeId: 'fridge' }),
    ]);
    expect(byLot.get('A')!.stays).toEqual([
      { placeId: 'bench', fromMs: 0, toMs: 3 * H },
      { placeId: 'fridge', fromMs: 3 * H, toMs: null },
    ]);
  });
  test('a trace that sticks to a jar has no story, and stops no other', () => {
    const part: Act = {
      kind: 'split',
      lotId: 'A',
      partLotId: 'W',
      name: 'Rest',
      lotKind: 'discard',
      massG: 1e-14,
      placeId: 'bench',
    };
    const { byLot, stock } = tellStories([
      done(0, make('A')),
      done(3, part),
      done(4, { kind: 'move', lotId: 'W', placeId: 'fridge' }),
    ]);
    expect(byLot.has('W')).toBe(false);
    expect(stock.has('W')).toBe(true);
    expect(byLot.get('A')?.endMs).toBeNull();
  });
  test('a feeding of the same culture ends the mother’s story, a portion for another does not', () => {
    const mother = make('A', { cultureId: 'c' });
    const fed = make('B', { cultureId: 'c', portions: [{ lotId: 'A', massG: 20 }] });
    const levain = make('L', { lotKind: 'levain', portions: [{ lotId: 'A', massG: 20 }] });
    expect(tellStories([done(0, mother), done(5, fed)]).byLot.get('A')!.endMs).toBe(5 * H);
    expect(tellStories([done(0, mother), done(5, levain)]).byLot.get('A')!.endMs).toBeNull();
    expect(tellStories([done(0, mother), done(5, levain)]).byLot.get('A')!.becomes).toEqual(['L']);
  });
  test('a use ends a lot when the service is over', () => {
    const divide: Act = {
      kind: 'divide',
      lotId: 'D',
      ballsLotId: 'B',
      name: 'Balls',
      count: 2,
      ballG: 50,
      placeId: 'bench',
      gasKept: 0.3,
    };
    const use: Act = { kind: 'use', lotId: 'B', count: 2, untilMs: 9 * H };
    const { byLot } = tellStories([
      done(0, make('D', { lotKind: 'dough' })),
      done(1, divide),
      done(6, use),
    ]);
    expect(byLot.get('B')!.endMs).toBe(9 * H);
    expect(byLot.get('D')!.endMs).toBe(1 * H);
  });
  test('what can not be is a conflict and touches nothing', () => {
    const { conflicts, byLot } = tellStories([
      done(0, { kind: 'move', lotId: 'ghost', placeId: 'bench' }),
    ]);
    expect(conflicts[0]!.sentence).toContain('"ghost" has not been made');
    expect(byLot.size).toBe(0);
  });
});

describe('the one line of time', () => {
  const plan = (stepId: string, hour: number, act: Act) => ({
    stepId,
    atMs: hour * H,
    act,
    by: null,
    bakeId: null,
  });
  test('a chain of overdue steps keeps its order', () => {
    const divide: Act = {
      kind: 'divide',
      lotId: 'D',
      ballsLotId: 'B',
      name: 'Balls',
      count: 1,
      ballG: 50,
      placeId: 'bench',
      gasKept: 0.3,
    };
    const steps = [
      plan('1', 1, make('P')),
      plan('2', 2, make('D', { portions: [{ lotId: 'P', massG: 20 }] })),
      plan('3', 3, divide),
    ];
    const times = effectiveActs({ done: [], plan: steps }, 10 * H).map((one) => one.atMs);
    expect(times[0]).toBe(10 * H);
    expect(times[1]).toBeGreaterThan(times[0]!);
    expect(times[2]).toBeGreaterThan(times[1]!);
  });
  test('steps in time stay where they are', () => {
    expect(effectiveActs({ done: [], plan: [plan('1', 5, make('P'))] }, 2 * H)[0]).toMatchObject({
      atMs: 5 * H,
      plannedMs: 5 * H,
    });
  });
  test('within one minute overdue steps stay where they are, so that nothing is run again', () => {
    const steps = [plan('1', 1, make('P')), plan('2', 2, make('D'))];
    const times = (nowMs: number) =>
      effectiveActs({ done: [], plan: steps }, nowMs).map((one) => one.atMs);
    expect(times(5 * H + 1_000)).toEqual(times(5 * H + 59_000));
    expect(times(5 * H + 1_000)[0]).toBe(5 * H + 60_000);
    expect(times(5 * H + 61_000)[0]).toBe(5 * H + 120_000);
  });
});

describe('places', () => {
  const places = new Map([
    [
      'bench',
      {
        id: 'bench',
        name: 'Bench',
        settings: [
          { fromMs: 0, tempC: 21 },
          { fromMs: 4 * H, tempC: 26 },
        ],
      },
    ],
  ]);
  test('a stretch is split where the temperature was set anew', () => {
    expect(ambientStretches(places, 'bench', { fromMs: 2 * H, toMs: 7 * H })).toEqual([
      { untilH: 2, ambientC: 21 },
      { untilH: 5, ambientC: 26 },
    ]);
  });
  test('an unknown place is refused', () => {
    expect(() => placeTempC(places, 'attic', 0)).toThrow('"attic" is not in the shop');
  });
});

test('looks at leavens teach a culture, looks at doughs none', () => {
  expect(cultureOf({ cultureId: 'grusa', kind: 'starter' })).toBe('grusa');
  expect(cultureOf({ cultureId: null, kind: 'poolish' })).toBe('bakers-yeast');
  expect(cultureOf({ cultureId: null, kind: 'balls' })).toBeNull();
});
