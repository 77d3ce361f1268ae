import { doneAt, BALL, MIX, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import type { Act, DoneAct, LookSigns } from '../journal';
import { forecastShop } from '.';

const H = 3_600_000;
const done = doneAt;
const shop = (acts: readonly DoneAct[], nowH: number) =>
  forecastShop({
    folded: { done: acts, plan: [] },
    nowMs: T0 + nowH * H,
    visibleFromMs: T0 - 40 * H,
    places: PLACES,
    pantry: PANTRY,
    withBands: true,
  }).lots;
const look = (hour: number, lotId: string, signs: LookSigns) =>
  done(hour, { kind: 'look', lotId, signs });
const hoursOf = (atMs: number | null) => (atMs === null ? null : (atMs - T0) / H);

const BAKED = [done(0, POOLISH), done(9.5, MIX), done(10.5, BALL)];

describe('a dent in the balls', () => {
  const opensAfter = (poke?: LookSigns['poke']) => {
    const looks = poke === undefined ? [] : [look(12, 'B', { poke })];
    return hoursOf(shop([...BAKED, ...looks], 12).get('B')!.window.opensMs)!;
  };
  const closesAfter = (poke?: LookSigns['poke']) => {
    const looks = poke === undefined ? [] : [look(13, 'B', { poke })];
    return hoursOf(shop([...BAKED, ...looks], 13).get('B')!.window.closesMs)!;
  };
  test('that springs back says it is not open yet', () => {
    expect(opensAfter('springs back')).toBeGreaterThanOrEqual(opensAfter() - 1e-6);
  });
  test('that stays says it has closed: the end comes forward', () => {
    expect(closesAfter('stays')).toBeLessThan(closesAfter());
  });
});

describe('a pH', () => {
  const bestAfter = (ph?: number) => {
    const looks = ph === undefined ? [] : [look(6, 'P', { ph })];
    return hoursOf(shop([done(0, POOLISH), ...looks], 6).get('P')!.window.bestMs)!;
  };
  test('lower than forecast brings the best forward, higher puts it back, by less than a rise would', () => {
    const plain = bestAfter();
    expect(bestAfter(5.6)).toBeLessThan(plain);
    expect(bestAfter(5.95)).toBeGreaterThan(plain);
    expect(Math.abs(bestAfter(5.6) - plain)).toBeLessThan(2.5);
  });
});

describe('the baker’s own target', () => {
  const aimed = (targetRise: number | null, more: readonly DoneAct[] = []) =>
    shop([...BAKED, done(10.6, { kind: 'aim', lotId: 'B', targetRise }), ...more], 11).get('B')!
      .window;
  const plain = shop(BAKED, 11).get('B')!.window;
  test('scales opening, best and closing with it', () => {
    const low = aimed(1.6);
    const high = aimed(2.4);
    expect(low.bestMs!).toBeLessThan(plain.bestMs!);
    expect(high.bestMs!).toBeGreaterThan(plain.bestMs!);
    expect(low.opensMs!).toBeLessThan(high.opensMs!);
    expect(low.closesMs!).toBeLessThan(high.closesMs!);
  });
  test('taken back, it is as the table has it again', () => {
    const back = aimed(1.5, [done(10.8, { kind: 'aim', lotId: 'B', targetRise: null })]);
    expect(back.bestMs).toBe(plain.bestMs);
  });
  test('beyond what the mass can hold it is taken as its greatest rise, never an error', () => {
    expect(aimed(8).bestMs!).toBeGreaterThan(plain.bestMs!);
  });
});

describe('tension', () => {
  test('balls balled again are too tight at first, however risen they are', () => {
    const again: Act = { kind: 'work', lotId: 'B', act: 'ball again', gasKept: 1 };
    const before = shop(BAKED, 13).get('B')!.window;
    const worked = shop([...BAKED, done(12.2, again)], 12.3).get('B')!.window;
    expect(before.tightUntilMs!).toBeLessThan(before.opensMs!);
    expect(hoursOf(worked.tightUntilMs)!).toBeGreaterThan(12.4);
    expect(worked.opensMs!).toBeGreaterThanOrEqual(worked.tightUntilMs!);
  });
  test('other kinds know no tension', () => {
    expect(shop(BAKED, 9).get('P')!.window.tightUntilMs).toBeNull();
  });
});

test('honey and sugar are eaten: a sweet poolish lasts longer, a malted one makes more gas', () => {
  const sweet = (ingredientId: string, massG: number) => {
    const act = { ...POOLISH, ingredients: [...POOLISH.ingredients, { ingredientId, massG }] };
    return shop([done(0, act)], 1).get('P')!.window;
  };
  const plain = shop([done(0, POOLISH)], 1).get('P')!.window;
  const late = (one: typeof plain) => one.bestMs! - plain.bestMs!;
  expect(late(sweet('sugar', 20))).toBeGreaterThan(late(sweet('honey', 20)));
  expect(late(sweet('honey', 20))).toBeGreaterThan(0);
  expect(late(sweet('malt', 10))).toBeGreaterThan(0);
});

test('yeast added to a running lot brings it forward, flour added later puts it back', () => {
  const best = (ingredientId: string, massG: number) => {
    const add: Act = {
      kind: 'add',
      lotId: 'P',
      ingredients: [{ ingredientId, massG }],
      startC: 20,
    };
    return shop([done(0, POOLISH), done(3, add)], 3).get('P')!.window.bestMs!;
  };
  const plain = shop([done(0, POOLISH)], 3).get('P')!.window.bestMs!;
  expect(best('yeast-fresh', 4)).toBeLessThan(plain);
  expect(best('flour', 800)).toBeGreaterThan(plain);
});

describe('signs that say little', () => {
  const poolish = (hour: number, signs?: LookSigns) => {
    const looks = signs === undefined ? [] : [look(hour, 'P', signs)];
    return shop([done(0, POOLISH), ...looks], hour).get('P')!;
  };
  const bestH = hoursOf(poolish(1).window.bestMs)!;
  const movedMin = (signs: LookSigns, hour = bestH) =>
    (hoursOf(poolish(hour, signs).window.bestMs)! - bestH) * 60;

  test('a float at the forecast best, and after it, moves the best by minutes only and never to “past”', () => {
    for (const hour of [bestH - 1, bestH, bestH + 0.3]) {
      expect(Math.abs(movedMin({ float: 'floats' }, hour))).toBeLessThan(15);
    }
    const { closesMs } = poolish(bestH, { float: 'floats' }).window;
    expect(hoursOf(closesMs)!).toBeGreaterThan(bestH);
  });

  test('a float hours before says that it is ahead', () => {
    expect(movedMin({ float: 'floats' }, bestH * 0.5)).toBeLessThan(-15);
  });

  test('a dome is rising or ripe, a fallen one past its best', () => {
    const domed = poolish(bestH + 0.4, { dome: 'domed' }).window;
    expect(hoursOf(domed.closesMs)!).toBeGreaterThan(bestH + 0.4);
    expect(movedMin({ dome: 'sinking' }, bestH - 0.5)).toBeLessThan(0);
  });

  test('balls that spring back are not ready at that hour, however ready they were forecast', () => {
    const plain = shop(BAKED, 12).get('B')!.window;
    for (const apartH of [-0.5, 0.2, 1, 1.8]) {
      const hour = hoursOf(plain.opensMs)! + apartH;
      const seen = shop([...BAKED, look(hour, 'B', { poke: 'springs back' })], hour).get('B')!;
      expect(hoursOf(seen.window.opensMs)!).toBeGreaterThan(hour - 0.02);
    }
  });

  test('a stiff leaven is not tried in water: its float says nothing', () => {
    const stiff: Act = {
      ...(POOLISH as Extract<Act, { kind: 'make' }>),
      ingredients: (POOLISH as Extract<Act, { kind: 'make' }>).ingredients.map((line) =>
        line.ingredientId === 'water' ? { ...line, massG: line.massG * 0.5 } : line,
      ),
    };
    const at = (signs: LookSigns) =>
      shop([done(0, stiff), look(3, 'P', signs)], 3).get('P')!.window.bestMs;
    expect(at({ float: 'floats' })).toBe(at({ float: 'sinks' }));
  });
});
