import fc from 'fast-check';
import { withLeavenFlour, type Dough, type Leaven } from '@/core/formula';
import { isAct, type ActOf } from '@/core/journal';
import { LIBRARY, methodSchema, placedMethod, type Method, type Stay } from '@/core/methods';
import { DomainError, MS_PER_MINUTE } from '@/core/units';
import { openShopInMemory } from '@/data';
import { contextOver, type ShopContext } from '@/server/context';
import { describeCulture } from '@/server/cultures/describe';
import { takeMethodBake } from '@/server/doughs/take-method-bake';
import { handsCsv, handsIcs } from '@/server/hands-list/files';
import { handsList } from '@/server/hands-list/hands-list';
import { mixView } from '@/server/mix/view';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { tideView } from '@/server/tide';
import { anyDough } from './fixtures/doughs';
import { everyView } from './fixtures/every-view';

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
    base: fc.constantFrom(...LIBRARY),
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
const placed = (one: (typeof LIBRARY)[number]) => {
  const { places } = loadShop(base);
  const flours = Object.values(FLOUR).map((id) => ({
    ...{ id, name: id, strengthW: 280, proteinShare: null, wholegrainShare: 0 },
  }));
  return placedMethod(one, { places, flours, atMs: NOW, yeastType: 'fresh' });
};

/** Grams by what they are of, as the hands' lists say them. */
type Told = Readonly<Record<string, number>>;
const told = (lines: readonly { label: string; massG?: number | undefined }[]): Told => {
  const sums: Record<string, number> = {};
  for (const { label, massG } of lines) {
    if (massG !== undefined) sums[label] = (sums[label] ?? 0) + massG;
  }
  return sums;
};

/** A planned mix as its cards have it, all batches together, and how many. */
function onCards(context: ShopContext, stepId: string): { told: Told; batches: number } {
  const first = mixView(context, stepId, 1)!;
  const batches = Array.from({ length: first.batches }, (_, i) => mixView(context, stepId, i + 1)!);
  const lines = told(
    batches.flatMap(({ items }) =>
      items.flatMap((item) =>
        item.kind === 'weigh'
          ? [{ label: item.ice || item.heldBack ? 'Water' : item.name, massG: item.massG }]
          : [],
      ),
    ),
  );
  return { told: lines, batches: first.batches };
}

function expectSame(a: Told, b: Told, withinG: number): void {
  for (const label of new Set([...Object.keys(a), ...Object.keys(b)])) {
    const apart = Math.abs((a[label] ?? 0) - (b[label] ?? 0));
    if (apart > withinG) throw new Error(`${label}: ${a[label]} g and ${b[label]} g`);
  }
}

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

type Planned = ReturnType<typeof loadShop>['folded']['plan'][number];

/** Tide, hands' list and cards tell the same grams and hours of every planned step. */
function expectOneTruth(context: ShopContext, plan: readonly Planned[]): void {
  const tide = tideView(context);
  const list = handsList(context);
  for (const step of plan) {
    const moment = tide.moments.find((one) => one.ref === step.stepId);
    if (moment === undefined) continue;
    const line = list.moments.find((one) => one.stepId === step.stepId)!;
    expect(line.atMs).toBe(moment.plannedMs);
    expectSame(told(line.lines), told(moment.lines), 0);
    if (isAct(step.act, 'make')) expectWeighed(context, step.stepId, step.act, told(moment.lines));
  }
  expect(handsIcs(list).match(/BEGIN:VEVENT/g)?.length).toBe(list.moments.length);
  expect(handsCsv(list).trim().split('\r\n')).toHaveLength(list.moments.length + 1);
  const order = list.moments.map((one) => one.atMs);
  expect([...order].sort((a, b) => a - b)).toEqual(order);
  expect(Math.min(...order)).toBeGreaterThanOrEqual(NOW - MS_PER_MINUTE);
}

function expectWeighed(context: ShopContext, stepId: string, act: ActOf<'make'>, said: Told): void {
  const weighedG = [...act.ingredients, ...act.portions].reduce((sum, one) => sum + one.massG, 0);
  expect(Object.values(said).reduce((a, b) => a + b, 0)).toBeCloseTo(weighedG, 6);
  if (act.lotKind !== 'dough') return;
  // Every batch is rounded to the scale, each part of its water and its ice by itself.
  const cards = onCards(context, stepId);
  expectSame(cards.told, said, 3 * cards.batches);
}

function expectEveryView(context: ShopContext, bakeId: string): void {
  const { plan, done } = loadShop(context).folded;
  const asked = {
    lotIds: [...plan, ...done].flatMap(({ act }) => ('lotId' in act ? [act.lotId] : [])),
    bakeIds: [bakeId],
    stepIds: plan.map((one) => one.stepId),
    cultureIds: ['tolk'],
  };
  for (const [name, ask] of everyView(context, asked)) {
    try {
      ask();
    } catch (error) {
      throw new Error(`${name}: ${String(error)}`, { cause: error });
    }
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
