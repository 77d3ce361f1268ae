import { demoShop } from '../../../tests/demo-shop';
import { isAct, type ActOf } from '@/core/journal';
import { listBakes } from '@/data';
import { loadShop } from '../shop/load-shop';
import { lotsView } from './lots-view';
import { compareView } from './compare-view';

const { context } = demoShop();
const { folded } = loadShop(context);
const poolishes = folded.done.flatMap(({ act, by }) =>
  isAct(act, 'make') && act.lotKind === 'poolish' ? [{ act: act as ActOf<'make'>, by }] : [],
);
const [first] = poolishes;
const last = poolishes.at(-1)!;
const ids = [first!.act.lotId, last.act.lotId];

test('two builds of a poolish: what was weighed differently, who made them, and how each came out', () => {
  const view = lotsView(context, ids);
  expect(view.lots.map((one) => one.lotId)).toEqual(ids);
  const { differed, same, words, outcome } = view.compared;
  const told = [...differed, ...same];
  const yeast = told.find((one) => one.name === 'Fresh yeast, of flour')!;
  for (const [i, { act }] of [first!, last].entries()) {
    const grams = (id: string) =>
      act.ingredients
        .filter((line) => line.ingredientId.startsWith(id))
        .reduce((sum, line) => sum + line.massG, 0);
    const flourG = grams('flour');
    if (flourG > 0) expect(yeast.values[i]).toBeCloseTo(grams('yeast-fresh') / flourG, 6);
  }
  expect(told.find((one) => one.name === 'Water on flour')!.values[0]).toBeCloseTo(1, 1);
  const hands = [...words.differed, ...words.same].find((one) => one.name === 'Hands')!;
  expect(hands.values).toEqual([first!.by, last.by]);
  const best = outcome.find((one) => one.name === 'Hours to its best')!;
  for (const hours of best.values) expect(hours).toBeGreaterThan(2);
});

test('a lot beside itself is one lot; one that was never made is left out; others are of its kind first', () => {
  const view = lotsView(context, [ids[1]!, ids[1]!, 'NOWHERE']);
  expect(view.lots.map((one) => one.lotId)).toEqual([ids[1]]);
  expect(view.missing).toEqual(['NOWHERE']);
  expect(view.others.slice(0, 3).map((one) => one.kind)).toEqual(['poolish', 'poolish', 'poolish']);
  expect(view.others.map((one) => one.lotId)).not.toContain(ids[1]);
  expect(lotsView(context, []).lots).toEqual([]);
});

test('levels start where a lot was made and end where it was used; looks and best are in the same hours', () => {
  const { lots, nowMs } = lotsView(context, ids);
  expect(lots.map((one) => one.usedMs === null)).toEqual([false, true]);
  for (const lot of lots) {
    expect(lot.level[0]).toEqual([0, expect.closeTo(1, 1)]);
    const lastH = lot.level.at(-1)![0];
    if (lot.usedH !== null) expect(lastH).toBeCloseTo(lot.usedH, 1);
    else expect(lastH).toBeGreaterThan((nowMs - lot.madeMs) / 3_600_000);
    const [opensH, bestH] = lot.window;
    expect(opensH!).toBeLessThanOrEqual(bestH!);
    for (const [hour] of lot.looks) expect(hour).toBeLessThanOrEqual(lastH + 0.1);
  }
});

/** What was baked and is over. */
const baked = listBakes(context.db).filter((one) => one.readyToMs < context.clock().nowMs);

test('bakes side by side tell who worked on them', () => {
  const view = compareView(
    context,
    baked.slice(0, 2).map((one) => one.id),
  );
  const hands = [...view.words.differed, ...view.words.same].find((one) => one.name === 'Hands')!;
  const known = new Set(folded.done.map((one) => one.by));
  for (const value of hands.values) {
    for (const who of value!.split(', ')) expect(known).toContain(who);
  }
});
