import { isAct } from '@/core/journal';
import { toLocalText } from '@/core/units';
import { freshBatch, sentences, value } from '../../../../tests/fixtures/services';
import { feedOf, wishFor } from '../../../../tests/fixtures/wishes';
import { demoShop } from '../../../../tests/demo-shop';
import type { ShopContext } from '../../context';
import { stockOf } from '../../culture-lines/registry';
import { undoBatch } from '../../journal/undo';
import { loadShop } from '../../shop/load-shop';
import { takeWish } from './take-wish';

let context: ShopContext;
beforeEach(() => {
  ({ context } = demoShop());
});
const stock = () => stockOf(context, loadShop(context));

test('feeds in a row take the place of the planned ones; what was to take from those takes from the last', () => {
  const makes = [
    feedOf({ at: '2026-11-27T10:00', fromLotId: 'S-G21', motherG: 10, waterG: 20 }),
    feedOf({ at: '2026-11-27T18:00', motherG: 30, waterG: 60 }),
    feedOf({ at: '2026-11-28T06:00', as: 'levain', motherG: 100, waterG: 150 }),
  ];
  const inRow = (which: typeof makes, tense: 'done' | 'planned' = 'planned') =>
    takeWish(context, wishFor(which, { cultureId: 'grusa', tense }));
  const { lotIds, batch } = value(inRow(makes));
  expect(lotIds).toHaveLength(3);
  const made = loadShop(context).folded.plan.flatMap(({ act }) =>
    isAct(act, 'make') && lotIds.includes(act.lotId) ? [act] : [],
  );
  expect(made.map((act) => act.lotKind)).toEqual(['starter', 'starter', 'levain']);
  expect(made[2]?.portions).toEqual([{ lotId: lotIds[1], massG: 100 }]);
  const own = loadShop(context).folded.plan.filter(
    ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
  );
  expect(own).toHaveLength(2);
  value(undoBatch(context, batch));
  expect(
    loadShop(context).folded.plan.filter(
      ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
    ),
  ).toHaveLength(2);
  const turned = makes.map((one, index) => ({ ...one, at: makes[2 - index]?.at }));
  expect(sentences(inRow(turned))[0]).toContain('each comes after the one before');
  expect(sentences(inRow(makes, 'done'))[0]).toContain('they are planned, and done one by one');
  const [first, ...after] = makes;
  const nobodys = { ...first!, portions: [{ lotId: 'S-9', massG: 10 }] };
  expect(sentences(inRow([nobodys, ...after]))[0]).toContain('Leaven: S-9 has not been made yet');
  expect(sentences(inRow(after))[0]).toContain('has not been made yet');
  const mixed = [makes[0]!, { ...makes[1]!, as: 'refresh' as const }];
  expect(sentences(inRow(mixed as typeof makes))[0]).toContain('of one starter, nothing else');
});

test('levains in a row leave the planned feeds of their starter as they are', () => {
  const feeds = () =>
    loadShop(context).folded.plan.filter(
      ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
    );
  const before = feeds();
  const levain = { as: 'levain' as const, motherG: 10, waterG: 20 };
  const makes = [
    feedOf({ ...levain, at: '2026-11-27T10:00', fromLotId: 'S-G21' }),
    feedOf({ ...levain, at: '2026-11-27T18:00' }),
  ];
  value(takeWish(context, wishFor(makes, { cultureId: 'grusa', tense: 'planned' })));
  expect(feeds()).toEqual(before);
});

test('a wish may take from what is still planned, and a dough has a name and grams that are there', () => {
  const planned = loadShop(context).folded.plan.find(
    ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
  );
  const fromLotId = (planned?.act as { lotId: string }).lotId;
  const levain = feedOf({
    ...{ as: 'levain', fromLotId, motherG: 60, waterG: 90 },
    at: toLocalText((planned?.atMs ?? 0) + 4 * 3_600_000, 'Europe/Oslo'),
  });
  const { lotIds } = value(
    takeWish(context, wishFor([levain], { cultureId: 'grusa', tense: 'planned' })),
  );
  expect(
    loadShop(context).folded.plan.some(
      ({ act }) => isAct(act, 'make') && act.lotId === lotIds[0] && act.lotKind === 'levain',
    ),
  ).toBe(true);
  const dough = (changed: object) =>
    takeWish(
      context,
      wishFor([
        {
          as: 'dough',
          name: 'Focaccia',
          ingredients: [{ ingredientId: 'flour-strong', massG: 500 }],
          portions: [{ lotId: 'C-D7', massG: 100 }],
          placeId: 'bench',
          ...changed,
        },
      ]),
    );
  expect(sentences(dough({ name: ' ' }))[0]).toContain('Name: a name is needed');
  expect(sentences(dough({ portions: [{ lotId: 'C-D7', massG: 0 }] }))[0]).toContain('above 0');
  expect(sentences(dough({ placeId: 'roof' }))[0]).toContain('“roof” is not in the shop');
  expect(sentences(dough({ ingredients: [{ ingredientId: 'gold', massG: 1 }] }))[0]).toContain(
    '“gold” is not in the shop',
  );
  const [doughId = ''] = value(dough({})).lotIds;
  expect(stock().get(doughId)).toMatchObject({ name: 'Focaccia' });
});

test('a thaw is two planned moves; a new one takes its place; past hours are refused', () => {
  const thaw = (outAt: string, roomAt: string) =>
    takeWish(context, {
      wish: 'thaw',
      lotId: 'F-S1',
      batch: freshBatch(),
      outAt,
      roomAt,
      fridgeId: 'fridge',
      roomId: 'bench',
    });
  const planned = () =>
    loadShop(context).folded.plan.filter(({ act }) => isAct(act, 'move') && act.lotId === 'F-S1');
  value(thaw('2026-11-27T20:00', '2026-11-28T07:00'));
  expect(planned()).toHaveLength(2);
  value(thaw('2026-11-27T21:00', '2026-11-28T08:00'));
  expect(planned().map((step) => step.act)).toMatchObject([
    { placeId: 'fridge' },
    { placeId: 'bench' },
  ]);
  expect(sentences(thaw('2026-11-26T20:00', '2026-11-28T08:00'))[0]).toContain('has passed');
  expect(sentences(thaw('2026-11-28T20:00', '2026-11-28T08:00'))[0]).toContain('Allowed: after it');
});
