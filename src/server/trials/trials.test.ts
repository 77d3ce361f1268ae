import { demoShop } from '../../../tests/demo-shop';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { isAct, type ActOf } from '@/core/journal';
import { toLocalText } from '@/core/units';
import { doStep } from '../hands/hands';
import { handsList } from '../hands-list/hands-list';
import { logView } from '../log/log';
import { logLook } from '../hands/look';
import { lotView } from '../lots/lot-view';
import { lotsView } from '../scores/lots-view';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { batchOf, writeEntries } from '../journal/entries';
import { undoBatch } from '../journal/undo';
import { holdView } from '../hold/question';
import { mixView } from '../mix/view';
import { oddsAhead, settleOdds } from '../odds/odds-of-bake';
import { searchHold } from '@/shop/hold/search';
import { withdrawBake } from '../bakes/withdraw-bake';
import { planTrial } from './plan-trial';

const { context } = demoShop();
const ZONE = loadShop(context).shop.timeZone;
const planned = loadShop(context).folded.plan.find(
  ({ act }) => isAct(act, 'make') && act.lotKind === 'poolish',
)!;
const first = planned.act as ActOf<'make'>;
const standing = loadShop(context).folded.done.findLast(
  ({ act }) => isAct(act, 'make') && act.lotKind === 'poolish',
)!.act as ActOf<'make'>;
const makeOf = (lotId: string) =>
  loadShop(context).folded.plan.find(({ act }) => isAct(act, 'make') && act.lotId === lotId);
const asked = (more: object) => ({
  lotId: first.lotId,
  batch: freshBatch(),
  thing: 'yeast',
  yeastPct: '50',
  massG: '1500',
  lookAt: toLocalText(planned.atMs + 8 * 3_600_000, ZONE),
  ...more,
});
const grams = (act: ActOf<'make'>, kind: string) => {
  const { pantry } = loadShop(context);
  return act.ingredients
    .filter((line) => pantry.get(line.ingredientId)?.kind === kind)
    .reduce((sum, line) => sum + line.massG, 0);
};

describe('a trial beside a poolish that is still to be built', () => {
  test('is the same in small with half of its yeast, and both are to be looked at', () => {
    const { lotId, batch } = value(planTrial(context, asked({})));
    expect(lotId).toMatch(/^T\d{4}-\d$/);
    const step = makeOf(lotId)!;
    const second = step.act as ActOf<'make'>;
    expect(step.atMs).toBeGreaterThan(planned.atMs);
    expect(grams(second, 'water') / grams(second, 'flour')).toBeCloseTo(
      grams(first, 'water') / grams(first, 'flour'),
      1,
    );
    const dose = (act: ActOf<'make'>) => grams(act, 'yeast') / grams(act, 'flour');
    expect(dose(second) / dose(first)).toBeGreaterThan(0.4);
    expect(dose(second) / dose(first)).toBeLessThan(0.6);
    const looks = loadShop(context).folded.plan.filter(({ act }) => isAct(act, 'look'));
    expect(looks.map(({ act }) => 'lotId' in act && act.lotId)).toEqual([first.lotId, lotId]);
    const titles = handsList(context).moments.map((one) => one.title);
    expect(titles.filter((one) => one.startsWith('Look at '))).toHaveLength(2);
    expect(logView(context, { q: '50 % of the yeast' }).rows[0]!.says).toContain(first.lotId);
    expect(
      lotsView(context, [first.lotId, lotId]).compared.differed.map((one) => one.name),
    ).toEqual(['Fresh yeast, of flour']);
    value(undoBatch(context, batch));
    expect(makeOf(lotId)).toBeUndefined();
    expect(loadShop(context).folded.plan.some(({ act }) => isAct(act, 'look'))).toBe(false);
  });
  test('in another place, wetter, or colder: only that is different', () => {
    const { places } = loadShop(context);
    const elsewhere = places.find((one) => one.id !== first.placeId)!.id;
    const made = (more: object) => {
      const { lotId, batch } = value(planTrial(context, asked(more)));
      const act = makeOf(lotId)!.act as ActOf<'make'>;
      value(undoBatch(context, batch));
      return act;
    };
    const there = made({ thing: 'place', placeId: elsewhere });
    const wet = made({ thing: 'water', waterPoints: '10' });
    const cold = made({ thing: 'start', startC: '12' });
    expect([there.placeId, wet.placeId, cold.placeId]).toEqual([
      elsewhere,
      first.placeId,
      first.placeId,
    ]);
    expect([there.startC, wet.startC, cold.startC]).toEqual([first.startC, first.startC, 12]);
    const water = (act: ActOf<'make'>) => grams(act, 'water') / grams(act, 'flour');
    expect(water(wet) - water(there)).toBeCloseTo(0.1, 1);
    expect(water(cold)).toBe(water(there));
  });
  test.each<[string, object, RegExp]>([
    ['the place it is for', { thing: 'place', placeId: first.placeId }, /another place/],
    ['no place', { thing: 'place', placeId: 'attic' }, /“attic” is not in the shop/],
    ['too much yeast', { yeastPct: '4000' }, /Yeast: 4000/],
    ['yeast that can not be weighed', { massG: '20', yeastPct: '10' }, /less than the scale shows/],
    ['a look before it is built', { lookAt: '2026-11-27T06:30' }, /before both are there/],
    ['a look at no hour', { lookAt: 'noon' }, /“noon” is not a date and time/],
    ['a lot that is not', { lotId: 'X9' }, /X9 is neither planned nor there/],
    ['more water than there is', { thing: 'water', waterPoints: '-90' }, /Water: −90/],
  ])('%s is refused, and nothing is written', (_, more, sentence) => {
    const before = loadShop(context).folded.plan.length;
    expect(sentences(planTrial(context, asked(more))).join(' ')).toMatch(sentence);
    expect(loadShop(context).folded.plan).toHaveLength(before);
  });
});

describe('a trial of a poolish that stands', () => {
  const ask = (more: object) =>
    asked({
      lotId: standing.lotId,
      thing: 'place',
      placeId: 'fridge',
      lookAt: toLocalText(loadShop(context).nowMs + 3_600_000, ZONE),
      ...more,
    });
  test('is a part of it in another place; the looks it was planned for carry it out', () => {
    const { lotId, batch } = value(planTrial(context, ask({})));
    const stays = lotView(context, lotId)!.strand.stays;
    expect(stays.map((one) => one.placeId)).toEqual(['fridge']);
    const look = () => loadShop(context).folded.plan.filter(({ act }) => isAct(act, 'look'));
    expect(look()).toHaveLength(2);
    const [one] = look();
    expect(
      sentences(doStep(context, { stepId: one!.stepId, batch: freshBatch() })).join(' '),
    ).toMatch(/say what is seen/);
    const looked = value(
      logLook(context, { lotId: standing.lotId, batch: freshBatch(), rise: '1.4' }),
    );
    expect(look().map(({ act }) => 'lotId' in act && act.lotId)).toEqual([lotId]);
    expect(tideView(context).moments.filter((m) => m.title.startsWith('Look at'))).toHaveLength(1);
    value(undoBatch(context, looked.batch));
    expect(look()).toHaveLength(2);
    value(undoBatch(context, batch));
    expect(lotView(context, lotId)).toBeNull();
  });
  test('nothing but its place can be different any more, and not more than there is', () => {
    expect(sentences(planTrial(context, ask({ thing: 'yeast' }))).join(' ')).toMatch(
      /mixed already/,
    );
    expect(sentences(planTrial(context, ask({ massG: '90000' }))).join(' ')).toMatch(
      /less than \d+ g, what is there/,
    );
    expect(lotView(context, standing.lotId)!.trial!.things).toEqual(['place']);
  });
});

test('a planned look changes no forecast', () => {
  const before = lotView(context, first.lotId)!.strand.window;
  const { batch } = value(planTrial(context, asked({})));
  expect(lotView(context, first.lotId)!.strand.window).toEqual(before);
  expect(lotView(context, first.lotId)!.looks).toEqual([]);
  value(undoBatch(context, batch));
});

test('when the first is withdrawn with its bake, nobody is asked to look at it; with it the look comes back', () => {
  const { batch } = value(planTrial(context, asked({})));
  const looks = () =>
    tideView(context).moments.filter((one) => one.title.startsWith('Look at')).length;
  expect(looks()).toBe(2);
  const gone = value(withdrawBake(context, planned.bakeId!));
  expect(looks()).toBe(1);
  expect(tideView(context).conflicts.join(' ')).not.toContain(first.lotId);
  value(undoBatch(context, gone.batch));
  expect(looks()).toBe(2);
  value(undoBatch(context, batch));
});

describe('a trial of a bake', () => {
  const { context: shop } = demoShop();
  const plan = () => loadShop(shop).folded.plan;
  const mix = plan().find(
    ({ act }) => isAct(act, 'make') && act.lotKind === 'dough' && act.portions.length > 0,
  )!;
  const dough = mix.act as ActOf<'make'>;
  const divideOf = (lotId: string) =>
    plan().flatMap(({ act }) => (isAct(act, 'divide') && act.lotId === lotId ? [act] : []))[0]!;
  const usesOf = (lotId: string) =>
    plan().flatMap(({ act }) => (isAct(act, 'use') && act.lotId === lotId ? [act.count] : []));
  const before = divideOf(dough.lotId);
  const leavenG = (act: ActOf<'make'>) => act.portions.reduce((sum, one) => sum + one.massG, 0);
  const of = (more: object) => ({
    ...{ lotId: dough.lotId, batch: freshBatch(), thing: 'flour', flourId: 'flour-whole' },
    massG: String(2 * before.ballG),
    lookAt: toLocalText(mix.atMs + 8 * 3_600_000, ZONE),
    ...more,
  });
  const other = [...loadShop(shop).pantry.values()].find(
    ({ id, kind }) => kind === 'flour' && !dough.ingredients.some((one) => one.ingredientId === id),
  )!;

  test('two of its pieces are of another flour, divided and baked with it; leaven and pizzas stay as many', () => {
    const { lotId, batch } = value(planTrial(shop, of({ flourId: other.id })));
    const second = plan().find(({ act }) => isAct(act, 'make') && act.lotId === lotId)!
      .act as ActOf<'make'>;
    const flours = second.ingredients.filter(
      ({ ingredientId }) => loadShop(shop).pantry.get(ingredientId)?.kind === 'flour',
    );
    expect(flours.map((one) => one.ingredientId)).toEqual([other.id]);
    const tried = divideOf(lotId);
    expect(tried).toMatchObject({ count: 2, ballG: before.ballG });
    expect(usesOf(tried.ballsLotId)).toEqual([2]);
    const left = divideOf(dough.lotId);
    expect(left.count).toBe(before.count - 2);
    const first = plan().find(({ stepId }) => stepId === mix.stepId)!.act as ActOf<'make'>;
    expect(leavenG(first) + leavenG(second)).toBeCloseTo(leavenG(dough), 3);
    // Every view stands with it, and it is compared by what is different alone.
    expect(tideView(shop).conflicts).toEqual([]);
    expect(lotView(shop, tried.ballsLotId)).not.toBeNull();
    expect(lotsView(shop, [dough.lotId, lotId]).compared.differed.map((one) => one.name)).toEqual(
      expect.arrayContaining([expect.stringMatching(/Flour|flour/)]),
    );
    const step = plan().find(({ act }) => isAct(act, 'make') && act.lotId === lotId)!;
    expect(mixView(shop, step.stepId, 1)!.batches).toBe(1);
    const facts = structuredClone(holdView(shop, mix.bakeId!)!.facts);
    expect(searchHold(facts).next().value).not.toBeNull();
    tideView(shop);
    settleOdds(shop);
    expect(oddsAhead(shop)[mix.bakeId!]!.chance).toBeGreaterThan(0);
    value(undoBatch(shop, batch));
    expect(divideOf(dough.lotId)).toEqual(before);
  });

  test('of a dough whose flour soaks before, the soak is shared; its flour and water can not be others', () => {
    const soaked = { placeId: 'bench', waterG: 500 };
    const entry = batchOf(shop, freshBatch(), [
      {
        ...{ atMs: mix.atMs, tense: 'planned', bakeId: mix.bakeId },
        body: {
          kind: 'replace',
          supersedes: mix.stepId,
          atMs: mix.atMs,
          act: { ...dough, soaked },
        },
      },
    ]);
    writeEntries(shop, entry);
    for (const thing of ['flour', 'water']) {
      const asked = of({ thing, flourId: other.id, waterPoints: '5' });
      expect(sentences(planTrial(shop, asked)).join()).toMatch(/soak together/);
    }
    const { lotId, batch } = value(planTrial(shop, of({ thing: 'start', startC: '18' })));
    const makeNow = (id: string) =>
      plan().flatMap(({ act }) => (isAct(act, 'make') && act.lotId === id ? [act] : []))[0]!;
    const both = [makeNow(dough.lotId), makeNow(lotId)].map((act) => act.soaked!.waterG);
    expect(both[0]! + both[1]!).toBeCloseTo(500, 6);
    expect(both[1]).toBeGreaterThan(0);
    value(undoBatch(shop, batch));
    value(undoBatch(shop, entry[0]!.batch));
  });

  test('with the bake withdrawn its trial is withdrawn, and with it comes back', () => {
    const { lotId, batch } = value(planTrial(shop, of({ flourId: other.id })));
    const { batch: gone } = value(withdrawBake(shop, mix.bakeId!));
    expect(divideOf(lotId)).toBeUndefined();
    expect(tideView(shop).conflicts).toEqual([]);
    value(undoBatch(shop, gone));
    expect(divideOf(lotId)).toMatchObject({ count: 2 });
    value(undoBatch(shop, batch));
  });

  test('a flour that is in it already, one that is none, less than a piece and all of it are refused in a sentence', () => {
    const has = dough.ingredients.find(
      ({ ingredientId }) => loadShop(shop).pantry.get(ingredientId)?.kind === 'flour',
    )!.ingredientId;
    const asks = (more: object) => sentences(planTrial(shop, of(more))).join(' ');
    expect(asks({ flourId: has })).toMatch(/already\. Allowed: another/);
    expect(asks({ flourId: 'water' })).toMatch(/not in the shop/);
    expect(asks({ flourId: other.id, massG: '40' })).toMatch(/less than one piece/);
    expect(asks({ flourId: other.id, massG: String(before.count * before.ballG) })).toMatch(
      /is all of it/,
    );
    expect(divideOf(dough.lotId)).toEqual(before);
  });
});
