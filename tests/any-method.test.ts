import fc from 'fast-check';
import { withLeavenFlour, type Dough, type Leaven } from '@/core/formula';
import {
  startingMethods,
  methodSchema,
  placedMethod,
  type Method,
  type Stay,
  MOMENT_FROM,
  MOMENT_WORKS,
} from '@/core/methods';
import { DomainError } from '@/core/units';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { describeCulture } from '@/server/cultures/describe';
import { takeMethodBake } from '@/server/doughs/take-method-bake';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { anyDough } from './fixtures/doughs';
import { expectEveryView, expectOneTruth } from './fixtures/one-truth';

const NOW = Date.parse('2026-11-23T08:00:00+01:00');
const READY = { readyFrom: '2026-11-27T18:00', readyTo: '2026-11-27T20:00' };
const FLOUR: Readonly<Record<string, string>> = { strong: 'flour-strong', soft: 'flour-00' };

/** A shop with one starter, fed this morning. */
function shop(): ShopContext {
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  const context = { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
  const brought = describeCulture(context, {
    ...{ batch: 'bring-0001', kind: 'liquid starter', name: 'Tolk', hydrationPct: 100 },
    ...{ flourId: 'flour-strong', placeId: 'bench' },
    start: { how: 'bring', fedAt: '2026-11-23T06:00', massG: 3000, ratio: 4 },
  });
  if (!brought.ok) throw new Error(JSON.stringify(brought));
  return context;
}

const stay = fc
  .record({
    placeId: fc.constantFrom('bench', 'fridge'),
    hours: fc.double({ min: 0.25, max: 30, noNaN: true }),
    spread: fc.double({ min: 0, max: 0.5, noNaN: true }),
  })
  .map(({ placeId, hours, spread }): Stay => ({
    placeId,
    hours,
    leastH: hours * (1 - spread),
    mostH: hours * (1 + spread),
  }));
const stays = fc.array(stay, { minLength: 1, maxLength: 3 });

/** What a leaven may have of its own. */
const ofItsOwn = fc.record({
  asks: fc.constantFrom(undefined, 'young' as const, 'prime' as const),
  liquid: fc.double({ min: 0, max: 0.9, noNaN: true }),
  honey: fc.constantFrom(0, 0.01),
  salt: fc.constantFrom(0, 0.005),
  flour: fc.constantFrom(null, 'flour-00', 'flour-strong'),
});

const anyMethod = fc
  .record({
    base: fc.constantFrom(...startingMethods()),
    dough: anyDough,
    own: fc.array(ofItsOwn, { minLength: 3, maxLength: 3 }),
    leavenStays: fc.array(stays, { minLength: 3, maxLength: 3 }),
    bulk: stays,
    balls: stays,
    reball: fc.boolean(),
    by: fc.constantFrom('hand' as const, 'mixer' as const),
    heldBackShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
    lossShare: fc.double({ min: 0, max: 0.1, noNaN: true }),
    folds: fc.record({
      count: fc.integer({ min: 0, max: 6 }),
      everyMin: fc.integer({ min: 5, max: 60 }),
    }),
    autolyse: fc.option(
      fc.record({ minutes: fc.integer({ min: 10, max: 600 }), placeId: fc.constant('bench') }),
    ),
    moments: fc.array(
      fc.record({
        name: fc.constantFrom('Heat the stone', 'Stretch', 'Base first', 'Down'),
        from: fc.constantFrom(...MOMENT_FROM),
        afterMin: fc.integer({ min: -2880, max: 2880 }),
        handsMin: fc.integer({ min: 0, max: 60 }),
        work: fc.constantFrom(null, ...MOMENT_WORKS),
      }),
      { maxLength: 4 },
    ),
    count: fc.integer({ min: 1, max: 300 }),
    weightG: fc.double({ min: 80, max: 1200, noNaN: true }),
  })
  .map((one): Method => {
    const leavens = one.dough.leavens.map((leaven, i) => own(leaven, one.own[i]!));
    const plain: Dough = {
      ...one.dough,
      flours: one.dough.flours.map((part) => ({ ...part, flourId: FLOUR[part.flourId]! })),
      leavens,
    };
    const dough = leavens.reduce(
      (before, leaven, i) => withLeavenFlour(before, leaven.id, one.own[i]!.flour),
      plain,
    );
    const base = placed(one.base);
    return {
      ...base,
      dough,
      target: {
        by: 'products',
        products: [{ name: 'Round', count: one.count, weightG: one.weightG, keepsH: 24 }],
      },
      lossShare: one.lossShare,
      leavenStays: Object.fromEntries(leavens.map((leaven, i) => [leaven.id, one.leavenStays[i]!])),
      mix: {
        ...base.mix,
        by: one.by,
        heldBackShare: one.heldBackShare,
        folds: one.folds,
        autolyse: one.autolyse,
      },
      bulk: one.bulk,
      balls: one.balls,
      reball: one.reball,
      moments: one.moments,
    };
  });

function own(
  leaven: Leaven,
  with_: { asks?: 'young' | 'prime' | undefined; liquid: number; honey: number; salt: number },
): Leaven {
  if (leaven.made.by === 'taken') return leaven;
  const lines = [
    { ingredientId: 'sparkling-water', share: with_.liquid * leaven.hydration },
    { ingredientId: 'honey', share: with_.honey },
    { ingredientId: 'salt', share: with_.salt },
  ];
  return { ...leaven, asks: with_.asks, added: lines.filter((line) => line.share > 0) };
}

const base = shop();
const placed = (one: ReturnType<typeof startingMethods>[number]) => {
  const { places } = loadShop(base);
  const flours = Object.values(FLOUR).map((id) => ({
    ...{ id, name: id, strengthW: 280, proteinShare: null, wholegrainShare: 0 },
  }));
  return placedMethod(one, { places, flours, atMs: NOW, yeastType: 'fresh' });
};

/** A bake of a method taken as a page takes it; what the core refuses is a refusal in its words. */
function taken(context: ShopContext, method: Method): ReturnType<typeof takeMethodBake> {
  const bake = { name: 'Odd', method, versionId: null, mixAt: null, leavenAt: {}, ...READY };
  try {
    return takeMethodBake(context, bake);
  } catch (error) {
    if (!(error instanceof DomainError)) throw error;
    return { ok: false, refusals: [{ field: null, sentence: error.message }] };
  }
}

test('any method that can be stored is planned or refused in words, and every view tells the same of it', () => {
  let planned = 0;
  fc.assert(
    fc.property(anyMethod, (drawn) => {
      const method = methodSchema.parse(drawn);
      const context = shop();
      const outcome = taken(context, method);
      if (!outcome.ok) {
        expect(outcome.refusals[0]?.sentence).toMatch(/^\p{Lu}.+[.:?].*\.$/u);
        return;
      }
      planned += 1;
      expectOneTruth(context, loadShop(context).folded.plan);
      expectEveryView(context, outcome.value.bakeId);
    }),
    { numRuns: Number(process.env['OLVIK_RUNS'] ?? 30) },
  );
  expect(planned).toBeGreaterThan(3);
});
