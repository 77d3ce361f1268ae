import fc from 'fast-check';
import { isAct, lotMadeBy, type Act, type Entry } from '@/core/journal';
import { addEntries, openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { takeBake } from '@/server/bakes/new-bake';
import { ensureShop } from '@/server/shop/new-shop';
import { forecastState, loadShop } from '@/server/shop/load-shop';
import { everyView } from './fixtures/every-view';
import { FRIDAY_FORM, value } from './fixtures/services';

const START = Date.parse('2026-11-27T05:00:00Z');
const H = 3_600_000;

function shop(): { context: ShopContext; bakeId: string; setNow: (ms: number) => void } {
  let nowMs = START - 20 * H;
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
  const { bakeId } = value(takeBake(context, FRIDAY_FORM));
  return { context, bakeId, setNow: (ms) => void (nowMs = ms) };
}

/** How wrong an amount can be typed and still be stored. */
const FACTORS = [0, 0.01, 0.1, 1 / 3, 1, 3, 10, 100] as const;
const factor = fc.constantFrom(...FACTORS);
const tempC = fc.constantFrom(-5, 0, 4, 21, 35, 40);
const lotId = fc.constantFrom('first', 'second', 'third', 'X-9');
const laterH = fc.double({ min: -30, max: 30, noNaN: true });
const oddAct = fc.oneof(
  fc.record({
    kind: fc.constant('add' as const),
    lotId,
    factor,
    id: fc.constantFrom('water', 'salt', 'flour-00', 'yeast-fresh'),
  }),
  fc.record({ kind: fc.constant('work' as const), lotId, factor }),
  fc.record({ kind: fc.constant('look' as const), lotId, factor }),
  fc.record({ kind: fc.constant('move' as const), lotId, factor }),
  fc.record({ kind: fc.constant('split' as const), lotId, factor }),
  fc.record({ kind: fc.constant('discard' as const), lotId, factor }),
  fc.record({ kind: fc.constant('use' as const), lotId, factor }),
  fc.record({ kind: fc.constant('aim' as const), lotId, factor }),
);
type OddAct = { kind: string; lotId: string; factor: number; id?: string };

function bodyOf({ kind, lotId, factor: by, id = 'water' }: OddAct, n: number): Act {
  switch (kind) {
    case 'add':
      return {
        kind: 'add',
        lotId,
        ingredients: [{ ingredientId: id, massG: 1000 * by }],
        startC: 20,
      };
    case 'work':
      return { kind: 'work', lotId, act: 'fold', gasKept: 0.8 };
    case 'look':
      return { kind: 'look', lotId, signs: { rise: Math.min(8, 0.5 + by), dome: 'domed' } };
    case 'move':
      return { kind: 'move', lotId, placeId: 'fridge' };
    case 'split':
      return {
        kind: 'split',
        lotId,
        partLotId: `PART-${n}`,
        name: 'Part',
        lotKind: 'carry-over',
        massG: 100 * by,
        placeId: 'fridge',
      };
    case 'discard':
      return { kind: 'discard', lotId, massG: 500 * by };
    case 'aim':
      return { kind: 'aim', lotId, targetRise: Math.min(8, 1.05 + by) };
    default:
      return { kind: 'use', lotId, count: Math.round(10 * by), untilMs: START };
  }
}

/** A planned act as it could have been typed: every amount off by its own factor. */
function typed(act: Act, factors: readonly number[], startC: number): Act {
  let next = 0;
  const off = (massG: number) => massG * (factors[next++ % factors.length] as number);
  if (isAct(act, 'make')) {
    return {
      ...act,
      startC,
      ingredients: act.ingredients.map((line) => ({ ...line, massG: off(line.massG) })),
      portions: act.portions.map((line) => ({ ...line, massG: off(line.massG) })),
    };
  }
  if (isAct(act, 'divide')) return { ...act, ballG: off(act.ballG) };
  return act;
}

const history = fc.record({
  steps: fc.array(
    fc.record({
      factors: fc.array(factor, { minLength: 4, maxLength: 4 }),
      tempC,
      shiftH: fc.oneof(fc.constant(0), laterH),
      done: fc.boolean(),
    }),
    { minLength: 4, maxLength: 4 },
  ),
  odd: fc.array(fc.tuple(oddAct, laterH), { maxLength: 5 }),
  nowH: fc.double({ min: -19, max: 60, noNaN: true }),
});

describe('whatever can be stored, every view answers', () => {
  test('random histories with hostile amounts, temperatures, times and orders', () => {
    fc.assert(
      fc.property(history, ({ steps, odd, nowH }) => {
        const { context, bakeId, setNow } = shop();
        const plan = loadShop(context).folded.plan;
        const made = plan.map(({ act }) => lotMadeBy(act)).filter((id) => id !== null);
        const named = (id: string) =>
          id === 'X-9' ? id : (made[['first', 'second', 'third'].indexOf(id)] ?? 'X-9');
        const entry = (n: number, atMs: number, body: Act): Entry => ({
          id: `odd-${n}`,
          atMs: Math.round(atMs),
          recordedMs: START,
          tense: 'done',
          batch: `odd-batch-${n}`,
          by: null,
          bakeId: null,
          fulfils: null,
          body,
        });
        const done = plan.flatMap((step, i): Entry[] => {
          const how = steps[i];
          if (how === undefined || !how.done) return [];
          const body = typed(step.act, how.factors, how.tempC);
          return [{ ...entry(i, step.atMs + how.shiftH * H, body), bakeId, fulfils: step.stepId }];
        });
        const more = odd.map(([one, atH], i) =>
          entry(100 + i, START + atH * H, bodyOf({ ...one, lotId: named(one.lotId) }, i)),
        );
        addEntries(context.db, [...done, ...more]);
        setNow(START + nowH * H);
        const asked = {
          lotIds: [...made, 'PART-0', 'X-9'],
          bakeIds: [bakeId],
          stepIds: plan.map(({ stepId }) => stepId),
          cultureIds: [],
        };
        for (const [name, ask] of everyView(context, asked)) {
          const t0 = Date.now();
          try {
            ask();
            if (Date.now() - t0 > 400) process.stderr.write(`${name} ${Date.now() - t0}\n`);
          } catch (error) {
            throw new Error(`${name} failed: ${String(error)}`, { cause: error });
          }
        }
        expect(forecastState(context, loadShop(context)).lots).toBeDefined();
      }),
      { numRuns: Number(process.env['OLVIK_RUNS'] ?? 25) },
    );
  });
});
