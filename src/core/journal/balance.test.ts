import fc from 'fast-check';
import { begin, INGREDIENTS, played, step } from '../../../tests/fixtures/histories';
import { massOf, type Composition } from '../composition';
import { stockAfter, type TimedAct } from './stock';
import type { Act } from './schema';

const gone = (): Record<string, number> => ({ flour: 0, water: 0, salt: 0, oil: 0 });

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
