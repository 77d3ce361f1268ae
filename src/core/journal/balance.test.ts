import fc from 'fast-check';
import { massOf, type Composition } from '../composition';
import { isUsedUp, stockAfter, type TimedAct } from './stock';
import type { Act } from './schema';

const INGREDIENTS = ['flour', 'water', 'salt', 'oil'] as const;

/** One random thing the hands do: its numbers are shares, turned into grams of what is there. */
const step = fc.record({
  what: fc.constantFrom('feed', 'build', 'use', 'refresh', 'freeze', 'throw', 'bake', 'strike'),
  which: fc.nat(20),
  share: fc.double({ min: 0, max: 1, noNaN: true }),
  grams: fc.array(fc.double({ min: 0, max: 900, noNaN: true }), { minLength: 4, maxLength: 4 }),
});
type Step = typeof step extends fc.Arbitrary<infer T> ? T : never;

const gone = (): Record<string, number> => ({ flour: 0, water: 0, salt: 0, oil: 0 });

/** Turns random steps into acts that the shelves allow, and strikes some of them again. */
function played(steps: readonly Step[]): TimedAct[] {
  const acts: TimedAct[] = [begin];
  steps.forEach((one, index) => {
    const alive = [...stockAfter(acts).values()].filter((lot) => !isUsedUp(lot));
    const lot = alive[one.which % Math.max(1, alive.length)];
    if (one.what === 'strike') {
      // What nothing later rests on can be taken back.
      const kept = acts.slice(0, -1);
      if (kept.length > 0) acts.splice(0, acts.length, ...kept);
      return;
    }
    if (lot === undefined) return;
    const massG = massOf(lot.composition) * one.share;
    acts.push({ atMs: index + 1, act: actOf(one, index, lot, massG) });
  });
  return acts;
}

function actOf(
  one: Step,
  index: number,
  lot: { id: string; balls: number | null; ballG: number | null },
  massG: number,
): Act {
  const lines = INGREDIENTS.map((ingredientId, i) => ({ ingredientId, massG: one.grams[i] ?? 0 }));
  const made = { name: 'Lot', lotId: `L${index}`, placeId: 'bench', startC: 21, gasKept: 0 };
  if (one.what === 'freeze') {
    return {
      kind: 'split',
      lotId: lot.id,
      partLotId: `L${index}`,
      name: 'Bag',
      lotKind: 'carry-over',
      massG,
      placeId: 'freezer',
    };
  }
  if (one.what === 'throw') return { kind: 'discard', lotId: lot.id, massG };
  if (one.what === 'bake' && lot.balls !== null) {
    return { kind: 'use', lotId: lot.id, count: Math.floor(lot.balls * one.share), untilMs: index };
  }
  if (one.what === 'use' && lot.balls === null && massG > 2) {
    return {
      kind: 'divide',
      lotId: lot.id,
      ballsLotId: `L${index}`,
      name: 'Balls',
      count: 2,
      ballG: massG / 2,
      placeId: 'bench',
      gasKept: 0.5,
    };
  }
  const lotKind =
    one.what === 'refresh' ? 'carry-over' : one.what === 'build' ? 'dough' : 'starter';
  return {
    kind: 'make',
    lotKind,
    ...made,
    ingredients: lines,
    portions: [{ lotId: lot.id, massG }],
  };
}

const begin: TimedAct = {
  atMs: 0,
  act: {
    kind: 'make',
    lotId: 'L',
    lotKind: 'dough',
    name: 'Dough',
    ingredients: INGREDIENTS.map((ingredientId) => ({ ingredientId, massG: 500 })),
    portions: [],
    placeId: 'bench',
    startC: 21,
    gasKept: 0,
  },
};

/** What has come into the shop and what has left it by these acts, by ingredient. */
function ledger(acts: readonly TimedAct[]): { came: Composition; left: Composition } {
  const came = gone();
  const left = gone();
  acts.forEach(({ act }, index) => {
    if (act.kind === 'make')
      for (const line of act.ingredients) came[line.ingredientId]! += line.massG;
    if (act.kind !== 'discard' && act.kind !== 'use') return;
    const before = stockAfter(acts.slice(0, index)).get(act.lotId);
    if (before === undefined) return;
    const massG = act.kind === 'discard' ? act.massG : act.count * (before.ballG ?? 0);
    const whole = massOf(before.composition);
    for (const [id, partG] of Object.entries(before.composition)) {
      left[id]! += whole > 0 ? (partG / whole) * massG : 0;
    }
  });
  return { came, left };
}

test('over any history grams of each ingredient are conserved and no lot goes below zero', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 30 }), (steps) => {
      const acts = played(steps);
      const lots = [...stockAfter(acts).values()];
      const { came, left } = ledger(acts);
      for (const id of INGREDIENTS) {
        const there = lots.reduce((sum, lot) => sum + (lot.composition[id] ?? 0), 0);
        expect(Math.abs(there + left[id]! - came[id]!)).toBeLessThan(1e-9 * Math.max(1, came[id]!));
      }
      for (const lot of lots) {
        for (const massG of Object.values(lot.composition)) expect(massG).toBeGreaterThanOrEqual(0);
        expect(lot.balls ?? 0).toBeGreaterThanOrEqual(0);
      }
    }),
    { numRuns: 300 },
  );
});

test('the salt of a chain at 60 % carry-over over 20 generations follows the closed form', () => {
  const KEPT = 0.6;
  const acts: TimedAct[] = [
    { atMs: 0, act: { ...begin.act, lotId: 'G0', ingredients: lines(1000, 650, 30) } as Act },
  ];
  // Every generation: 60 % of it is the dough before, 40 % new, salted at 2 %.
  const whole = 1680;
  for (let n = 1; n <= 20; n += 1) {
    const newFlour = ((1 - KEPT) * whole) / (1 + 0.65 + 0.02);
    const act = {
      ...begin.act,
      lotId: `G${n}`,
      lotKind: 'carry-over',
      ingredients: lines(newFlour, 0.65 * newFlour, 0.02 * newFlour),
      portions: [{ lotId: `G${n - 1}`, massG: KEPT * whole }],
    } as Act;
    acts.push({ atMs: n, act });
  }
  const lots = stockAfter(acts);
  const share = (id: string) =>
    (lots.get(id)?.composition['salt'] ?? 0) / massOf(lots.get(id)?.composition ?? {});
  const fresh = 0.02 / 1.67;
  const first = 30 / 1680;
  // G20 still stands whole; every earlier one has given 60 %.
  expect(share('G20')).toBeCloseTo(fresh + (first - fresh) * KEPT ** 20, 12);
  expect(share('G5')).toBeCloseTo(fresh + (first - fresh) * KEPT ** 5, 12);
});

function lines(flourG: number, waterG: number, saltG: number) {
  return [
    { ingredientId: 'flour', massG: flourG },
    { ingredientId: 'water', massG: waterG },
    { ingredientId: 'salt', massG: saltG },
  ];
}
