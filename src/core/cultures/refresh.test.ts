import fc from 'fast-check';
import { mixCompositions, totals, type Composition } from '../composition';
import { MS_PER_HOUR } from '../units';
import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { WEIGHED_BY, jarWith, LIQUID } from '../../../tests/fixtures/jars';
import { refreshSheet, type RefreshQuestion } from './refresh';
import { largestShare, refreshAmounts, refreshWeighed, type RefreshAim } from './refresh-amounts';

const AIM: RefreshAim = {
  hydration: 0.65,
  saltShare: 0.027,
  oilShare: null,
  flours: [{ flourId: 'flour', share: 1 }],
};
const made = (leftover: Composition, leftoverG: number, totalG: number, aim: RefreshAim) => {
  const amounts = refreshAmounts(leftover, aim, { leftoverG, totalG }, PANTRY);
  const wholeG = Object.values(leftover).reduce((a, b) => a + b, 0);
  const taken = Object.fromEntries(
    Object.entries(leftover).map(([id, massG]) => [id, (massG * leftoverG) / wholeG]),
  );
  const weighed = refreshWeighed(amounts).map((line) => ({ [line.ingredientId]: line.massG }));
  return totals(mixCompositions([taken, ...weighed]), PANTRY);
};

test('a refresh is what it is to be, whatever the leftover is made of', () => {
  fc.assert(
    fc.property(
      fc.record({
        flour: fc.double({ min: 100, max: 2000, noNaN: true }),
        hydration: fc.double({ min: 0.45, max: 0.95, noNaN: true }),
        salt: fc.double({ min: 0, max: 0.05, noNaN: true }),
        oil: fc.double({ min: 0, max: 0.06, noNaN: true }),
        share: fc.double({ min: 0.02, max: 1, noNaN: true }),
        aimH: fc.double({ min: 0.5, max: 0.9, noNaN: true }),
        aimSalt: fc.double({ min: 0.01, max: 0.04, noNaN: true }),
        held: fc.boolean(),
      }),
      ({ flour, hydration, salt, oil, share, aimH, aimSalt, held }) => {
        const leftover = { flour, water: flour * hydration, salt: flour * salt, oil: flour * oil };
        const aim = { ...AIM, hydration: aimH, saltShare: aimSalt, oilShare: held ? 0.03 : null };
        const most = largestShare(leftover, aim, PANTRY);
        const taken = Math.min(share, most.share) * 1000;
        const whole = made(leftover, taken, 1000, aim);
        expect(whole.massG).toBeCloseTo(1000, 6);
        expect(whole.waterG / whole.flourG).toBeCloseTo(aimH, 9);
        expect(whole.saltG / whole.flourG).toBeCloseTo(aimSalt, 9);
        if (held) expect(whole.oilG / whole.flourG).toBeCloseTo(0.03, 9);
        if (share > most.share + 1e-6) {
          expect(() => made(leftover, share * 1000, 1000, aim)).toThrow(`more ${most.by}`);
        }
      },
    ),
  );
});

test('a leftover saltier than the dough bounds the share by its salt', () => {
  const leftover = { flour: 600, water: 390, salt: 24 };
  // 4 % against 2.7 %: over all flour the share of flour may be 0.675.
  const { share, by } = largestShare(leftover, AIM, PANTRY);
  expect(by).toBe('salt');
  expect((share * 600) / 1014 / (1 / 1.677)).toBeCloseTo(0.675, 3);
});

const leftoverJar = (massG: number, ageH = 12) => {
  const jar = jarWith(massG, LIQUID);
  const flour = massG / 1.677;
  const composition = { flour, water: flour * 0.65, salt: flour * 0.027 };
  const lot = { ...jar.lot, kind: 'carry-over' as const, composition };
  return { ...jar, lot: { ...lot, madeAtMs: T0 - ageH * MS_PER_HOUR } };
};
const question = (changed: Partial<RefreshQuestion>): RefreshQuestion => ({
  jar: leftoverJar(1000),
  aim: AIM,
  as: { lotId: 'C2', name: 'Test dough', cultureId: 'chain' },
  atMs: T0,
  placeId: 't22',
  thereG: 1000,
  from: { fixed: 'dough', massG: 2000 },
  seeks: 'share',
  share: 0.4,
  readyMs: T0 + 9 * MS_PER_HOUR,
  keepsDays: 5,
  ...WEIGHED_BY,
  ...changed,
});

test('share and hour answer each other', () => {
  const found = refreshSheet(question({}));
  expect(found.bound).toBeNull();
  expect(Math.abs(found.missedH ?? 9) * 60).toBeLessThan(6);
  const back = refreshSheet(question({ seeks: 'hour', share: found.amounts.share }));
  const apart = (back.window.bestMs ?? 0) - (found.window.bestMs ?? 0);
  expect(Math.abs(apart) / 60_000).toBeLessThan(6);
  // Sooner takes more of it.
  const sooner = refreshSheet(question({ readyMs: T0 + 7 * MS_PER_HOUR }));
  expect(sooner.amounts.share).toBeGreaterThan(found.amounts.share);
});

test('from the leftover at hand the dough follows; more than there is is said', () => {
  const hand = refreshSheet(
    question({ from: { fixed: 'leftover', massG: 500 }, seeks: 'hour', share: 0.25 }),
  );
  expect(hand.amounts.totalG).toBeCloseTo(2000, -1);
  expect(hand.leftG).toBeCloseTo(500, 0);
  const short = refreshSheet(question({ from: { fixed: 'dough', massG: 30_000 } }));
  expect(short.bound).toMatchObject({ kind: 'leftover too short', thereG: 1000 });
  expect(short.amounts.leftoverG).toBe(1000);
});

test('an old and a sour leftover is said with its figure', () => {
  const old = refreshSheet(question({ jar: leftoverJar(1000, 6 * 24) }));
  expect(old.remarks).toContainEqual({ kind: 'too old', days: 6, keepsDays: 5 });
  const jar = leftoverJar(1000);
  const state = [...jar.state];
  state[5] = 120;
  const sour = refreshSheet(question({ jar: { ...jar, state } }));
  expect(sour.remarks.map((one) => one.kind)).toContain('too sour');
  expect(refreshSheet(question({})).remarks.map((one) => one.kind)).not.toContain('too old');
});
