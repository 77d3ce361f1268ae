import { massOf } from '@/core/composition';
import { isAct } from '@/core/journal';
import type { Db } from '@/data';
import { sentences, value } from '../../../tests/fixtures/services';
import { feedOf, wishFor } from '../../../tests/fixtures/wishes';
import type { ShopContext } from '../context';
import { demoShop } from '../../../tests/demo-shop';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { currentJar, culturesOf, lotsOfCulture, stockOf } from '../culture-lines/registry';
import { takeWish } from './wish/take-wish';
import { culturesView } from './view';

let context: ShopContext;
let db: Db;
beforeEach(() => {
  ({ db, context } = demoShop());
});

const stock = () => stockOf(context, loadShop(context));
const grusa = () => currentJar(stock(), 'grusa');
type Feed = Parameters<typeof feedOf>[0];
type More = Parameters<typeof wishFor>[1];
const feed = (changed: Partial<Feed> & More) => {
  const { cultureId = 'grusa', tense, ...made } = changed;
  const one = { fromLotId: grusa()?.id, motherG: 20, waterG: 90, ...made };
  return takeWish(
    context,
    wishFor([feedOf(one)], { cultureId, ...(tense === undefined ? {} : { tense }) }),
  );
};

test('a feed carries the culture on, its rest is collected, and the plan it carries out is gone', () => {
  const before = culturesView(context, ['grusa']);
  const collected = before.discards[0]?.nowG ?? 0;
  const { batch, lotIds } = value(feed({}));
  expect(lotIds).toEqual(['S-G23']);
  expect(massOf(grusa()?.composition ?? {})).toBeCloseTo(200, 6);
  expect(culturesView(context, ['grusa']).discards[0]?.nowG).toBeCloseTo(collected + 160, 6);
  const plan = loadShop(context).folded.plan.filter(
    ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
  );
  expect(plan).toHaveLength(1);
  // The evening’s feed still takes its spoonful, not the whole jar.
  expect(plan[0]?.act).toMatchObject({ portions: [{ lotId: 'S-G23', massG: 20 }] });
  value(undoBatch(context, batch));
  expect(culturesView(context, ['grusa']).discards[0]?.nowG).toBeCloseTo(collected, 6);
});

test('a build that would use the mother up is stopped, with the feed that mends it', () => {
  const before = loadShop(context).folded.done.length;
  const said = sentences(feed({ as: 'levain', motherG: 170 }))[0] ?? '';
  expect(said).toContain('10 g would stay in the jar, 20 g are to be kept');
  expect(said).toContain('Allowed: up to 160 g');
  expect(said).toContain('Feed it first: 20 g of it with 80 g flour and 80 g water give 180 g');
  expect(loadShop(context).folded.done).toHaveLength(before);
});

test('after a build the mother is to be fed again, until it is done', () => {
  // Nothing is planned for the stiff one.
  const plinth = currentJar(stock(), 'plinth');
  const build = { cultureId: 'plinth', fromLotId: plinth?.id, as: 'levain' as const, motherG: 100 };
  value(feed(build));
  const due = () =>
    loadShop(context).folded.plan.filter(
      ({ act }) => isAct(act, 'make') && act.cultureId === 'plinth',
    );
  expect(due()).toHaveLength(1);
  expect(due()[0]?.act).toMatchObject({
    portions: [{ lotId: plinth?.id, massG: 60 }],
    ingredients: [{ massG: 120 }, { massG: 60 }],
  });
  // A second build plans no second feed.
  value(feed({ ...build, motherG: 20 }));
  expect(due()).toHaveLength(1);
  const row = culturesView(context, []).starters.find((one) => one.culture.id === 'plinth');
  expect(row?.due?.planned).toBe(true);
  value(feed({ cultureId: 'plinth', fromLotId: plinth?.id, motherG: 60, waterG: 45 }));
  expect(due()).toHaveLength(0);
});

test('a planned feed takes the place of the one that was planned', () => {
  value(feed({ tense: 'planned', at: '2026-11-27T09:00', motherG: 15 }));
  const plan = loadShop(context).folded.plan.filter(
    ({ act }) => isAct(act, 'make') && act.lotId === 'S-G23',
  );
  expect(plan).toHaveLength(1);
  expect(plan[0]?.act).toMatchObject({ portions: [{ massG: 15 }] });
});

test('a feed that takes all of the jar leaves no layer behind', () => {
  const layers = () => lotsOfCulture(stock(), 'lees').length;
  const before = layers();
  value(feed({ motherG: 60 }));
  value(
    feed({
      cultureId: 'plinth',
      fromLotId: currentJar(stock(), 'plinth')?.id,
      motherG: 240,
      flours: [{ flourId: 'flour-strong', massG: 133.3 }],
      waterG: 66.7,
    }),
  );
  // Grusa’s 120 g are one; of Plinth nothing is left.
  expect(layers()).toBe(before + 1);
  expect(
    [...stock().values()].filter((lot) => massOf(lot.composition) < 1e-6).length,
  ).toBeGreaterThan(0);
  expect(culturesView(context, ['grusa']).starters).toHaveLength(3);
});

test('what can not be is refused by name, and nothing is stored', () => {
  const before = loadShop(context).folded.done.length;
  expect(sentences(feed({ motherG: 500 }))[0]).toContain(
    'Allowed: above 0, up to 180 g, what is there',
  );
  expect(sentences(feed({ motherG: 'much' }))[0]).toContain('Leaven: much is not possible');
  expect(sentences(feed({ placeId: 'roof' }))[0]).toContain('Place: “roof” is not in the shop');
  expect(sentences(feed({ cultureId: 'lees' }))[0]).toContain('“lees” is not a starter');
  expect(sentences(feed({ fromLotId: 'S-9' }))[0]).toContain('S-9 has not been made yet');
  expect(sentences(feed({ flours: [{ flourId: 'salt', massG: 9 }] }))[0]).toContain('not a flour');
  expect(sentences(feed({ tense: 'planned', at: '2026-11-20T09:00' }))[0]).toContain('has passed');
  expect(loadShop(context).folded.done).toHaveLength(before);
});

test('a culture that nobody described is known by its lots', () => {
  db.prepare('DELETE FROM culture').run();
  const cultures = culturesOf(context, loadShop(context));
  expect(cultures.find((one) => one.id === 'plinth')).toMatchObject({
    name: 'Plinth',
    kind: 'stiff starter',
    hydration: 0.5,
  });
});

test('the demo has a line of everything that is kept', () => {
  const view = culturesView(context, ['grusa']);
  expect(view.starters.map((row) => row.culture.name)).toEqual(['Grusa', 'Plinth', 'Burr']);
  expect(view.chains[0]).toMatchObject({ generation: 4 });
  expect(view.chains[0]?.saltShare).toBeCloseTo(0.027, 3);
  expect(view.frozen.map((row) => row.name)).toEqual(['Grusa, back-up', 'Drift, frozen']);
  expect(lotsOfCulture(stock(), 'lees')).toHaveLength(3);
  if (view.panel.kind !== 'feed') throw new Error('its feed is opened');
  expect(view.panel.facts.jars[0]?.massG).toBeCloseTo(180, 6);
});

test('with nothing opened the starter whose feed is due next stands open, as its tell names it', () => {
  const view = culturesView(context, []);
  const due = view.starters.flatMap((row) => (row.due === null ? [] : [row]));
  const first = due.reduce((a, b) => (b.due!.atMs < a.due!.atMs ? b : a));
  expect(view.nextId).toBe(first.culture.id);
  expect(view.openedId).toBe(first.culture.id);
  expect(view.panel.kind).toBe('feed');
});
