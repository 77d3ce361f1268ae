import { massOf, totals } from '@/core/composition';
import { isAct } from '@/core/journal';
import type { Db } from '@/data';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { feedOf, wishFor } from '../../../tests/fixtures/wishes';
import { contextOver, type ShopContext } from '../context';
import { demoShop, withLent } from '../../../tests/demo-shop';
import { discardedByWeek } from '../log/discarded';
import { logLook } from '../hands/look';
import { changeShop } from '../shop/shop';
import { forecastState } from '../shop/forecast-state';
import { loadShop } from '../shop/load-shop';
import { undoBatch } from '../journal/undo';
import { describeCulture } from './describe';
import { culturesOf, currentJar, stockOf } from '../culture-lines/registry';
import { restCulture, retireCulture } from './rest';
import { takePart } from './take-part';
import { takeWish } from './wish/take-wish';
import { culturesView } from './view';

let context: ShopContext;
let db: Db;
let startMs: number;
let atMs: number;
beforeEach(() => {
  ({ db, startMs } = demoShop());
  atMs = startMs;
  context = withLent({
    ...contextOver(db),
    clock: () => ({ nowMs: atMs, rate: 0, demo: true }),
  });
});
const later = (hours: number) => {
  atMs += hours * 3_600_000;
};
const stock = () => stockOf(context, loadShop(context));
const left = (lotId: string) => massOf(stock().get(lotId)?.composition ?? {});

const NEW = {
  kind: 'liquid starter',
  name: 'Thrift',
  hydrationPct: '100',
  flourId: 'flour-strong',
  keepG: '20',
  placeId: 'bench',
  vesselMl: '800',
  everyH: '24',
  usualRatio: '4',
};
const register = (changed: object) =>
  describeCulture(context, { ...NEW, batch: freshBatch(), ...changed });

test('a culture that is alive is run on from its last feed, and a level that is seen moves it', () => {
  const start = { how: 'bring', fedAt: '2026-11-26T22:10', massG: '200', ratio: '4', rise: '2.4' };
  const { id } = value(register({ start }));
  expect(id).toBe('thrift');
  const row = culturesView(context, [id]).starters.find((one) => one.culture.id === id);
  expect(row?.massG).toBeCloseTo(200, 6);
  expect(row?.looks).toHaveLength(1);
  expect(row?.bestMs).not.toBeNull();
  expect(culturesView(context, [id]).panel.kind).toBe('feed');
});

test('what can not be is refused by name, and nothing is stored', () => {
  const before = culturesOf(context, loadShop(context)).length;
  expect(sentences(register({ name: '' }))[0]).toContain('Name: a name is needed');
  expect(sentences(register({ name: 'grusa' }))[0]).toContain('“grusa” is there already');
  expect(sentences(register({ hydrationPct: '900' }))[0]).toContain('Allowed: 40 to 200');
  expect(sentences(register({ placeId: 'roof' }))[0]).toContain('“roof” is not in the shop');
  expect(sentences(register({ discardTo: 'grusa' }))[0]).toContain('not a discard jar');
  const future = { how: 'bring', fedAt: '2027-01-01T08:00', massG: '200', ratio: '4' };
  expect(sentences(register({ start: future }))[0]).toContain('Allowed: the last four weeks');
  expect(culturesOf(context, loadShop(context))).toHaveLength(before);
});

test('one begun from flour and water has no forecast before two peaks, then it has one', () => {
  const { id } = value(register({ start: { how: 'begin', flourG: '60', waterG: '60' } }));
  const jar = () => currentJar(stock(), id);
  const lookAtPeak = () =>
    value(logLook(context, { lotId: jar()?.id, batch: freshBatch(), rise: '2' }));
  const feed = () =>
    value(
      takeWish(
        context,
        wishFor([feedOf({ fromLotId: jar()?.id, motherG: 30, waterG: 90 })], { cultureId: id }),
      ),
    );
  const best = () =>
    forecastState(context, loadShop(context)).lots.get(jar()?.id ?? '')?.window.bestMs;
  for (let peaks = 0; peaks < 2; peaks += 1) {
    expect(culturesView(context, [id]).panel).toMatchObject({
      kind: 'young',
      facts: { peaksSeen: peaks, wokenFromDry: false },
    });
    expect(best()).toBeNull();
    later(12);
    lookAtPeak();
    later(12);
    feed();
  }
  expect(culturesView(context, [id]).panel.kind).toBe('feed');
  expect(best()).not.toBeNull();
});

test('a back-up is frozen or dried, never below what is to be kept; a dried one wakes young', () => {
  const rest = (changed: object) =>
    restCulture(context, {
      cultureId: 'grusa',
      batch: freshBatch(),
      how: 'frozen',
      placeId: 'freezer',
      massG: 30,
      ...changed,
    });
  expect(sentences(rest({ massG: 170 }))[0]).toContain('20 g are to be kept');
  expect(sentences(rest({ placeId: 'fridge' }))[0]).toContain('Fridge does not freeze');
  const { lotId } = value(rest({ flatMm: 6 }));
  expect(stock().get(lotId)).toMatchObject({ part: true, flatMm: 6, cultureId: 'grusa' });
  expect(left('S-G21')).toBeCloseTo(150, 6);
  later(1);
  value(rest({ how: 'dried', placeId: 'bench', massG: 20 }));
  value(
    takePart(context, {
      lotId: 'S-G21',
      batch: freshBatch(),
      as: 'gone',
      massG: left('S-G21'),
      found: 'mould',
    }),
  );
  // The youngest part carries it on: the dried one, of which nothing is known.
  expect(culturesView(context, ['grusa']).panel).toMatchObject({
    kind: 'young',
    facts: { wokenFromDry: true },
  });
});

test('a spoiled mother may go whole, a sound one is kept', () => {
  const gone = (found: string | null) =>
    takePart(context, { lotId: 'S-G21', batch: freshBatch(), as: 'gone', massG: 180, found });
  expect(sentences(gone(null))[0]).toContain('20 g are to be kept');
  expect(sentences(gone('hooch'))[0]).toContain('20 g are to be kept');
  const { batch } = value(gone('pink'));
  expect(left('S-G21')).toBeCloseTo(0, 6);
  value(undoBatch(context, batch));
  expect(left('S-G21')).toBeCloseTo(180, 6);
});

test('a retired one leaves the rows and its plans; it can be brought back', () => {
  const planned = () =>
    loadShop(context).folded.plan.filter(
      ({ act }) => isAct(act, 'make') && act.cultureId === 'grusa',
    ).length;
  expect(planned()).toBeGreaterThan(0);
  value(retireCulture(context, { cultureId: 'grusa', batch: freshBatch(), retired: true }));
  expect(planned()).toBe(0);
  expect(culturesView(context, []).retired.map((one) => one.id)).toEqual(['grusa']);
  value(retireCulture(context, { cultureId: 'grusa', batch: freshBatch(), retired: false }));
  expect(culturesView(context, []).starters.map((one) => one.culture.id)).toContain('grusa');
});

test('leftover goes into a chain, is refreshed with its own salt counted, then frozen', () => {
  const mix = (changed: object, cultureId = 'drift') =>
    takeWish(
      context,
      wishFor(
        [
          {
            as: 'refresh',
            name: 'Drift',
            ingredients: [
              { ingredientId: 'flour-strong', massG: 300 },
              { ingredientId: 'water', massG: 195 },
              { ingredientId: 'salt', massG: 8.1 },
            ],
            portions: [{ lotId: 'C-D7', massG: 300 }],
            placeId: 'bench',
            startC: 22,
            ...changed,
          },
        ],
        { cultureId },
      ),
    );
  expect(sentences(mix({ portions: [{ lotId: 'C-D7', massG: 5000 }] }))[0]).toContain(
    'Allowed: above 0, up to',
  );
  expect(sentences(mix({}, 'grusa'))[0]).toContain('is not a carry-over of the shop');
  const lotId = value(mix({})).lotIds[0] ?? '';
  const { pantry } = loadShop(context);
  const made = totals(stock().get(lotId)?.composition ?? {}, pantry);
  expect(made.saltG / made.flourG).toBeCloseTo(0.027, 4);
  expect(made.massG).toBeCloseTo(803.1, 6);
  later(1);
  const frozen = value(
    takePart(context, {
      lotId,
      batch: freshBatch(),
      as: 'as it is',
      massG: 400,
      placeId: 'freezer',
      flatMm: '20',
    }),
  );
  expect(stock().get(frozen.lotId)).toMatchObject({ kind: 'carry-over', flatMm: 20 });
  expect(left(lotId)).toBeCloseTo(403.1, 6);
  const rows = culturesView(context, ['frozen', frozen.lotId]);
  expect(rows.panel.kind).toBe('frozen');
  expect(rows.frozen.map((row) => row.lotId)).toContain(frozen.lotId);
});

test('flour thrown away is counted by week, what is baked is not', () => {
  const before = discardedByWeek(context).at(-1);
  value(takePart(context, { lotId: 'W-L19', batch: freshBatch(), as: 'gone', massG: 160 }));
  const after = discardedByWeek(context).at(-1);
  expect((after?.thrownG ?? 0) - (before?.thrownG ?? 0)).toBeCloseTo(80, 6);
  value(takePart(context, { lotId: 'C-D7', batch: freshBatch(), as: 'gone', massG: 100 }));
  expect(discardedByWeek(context).at(-1)?.thrownG).toBeCloseTo(after?.thrownG ?? 0, 6);
  expect(discardedByWeek(context)).toHaveLength(8);
});

test('a shop without discard says so in what a feed rests on', () => {
  const { shop } = loadShop(context);
  value(changeShop(context, { ...shop, waste: 'without discard' }));
  const { panel } = culturesView(context, ['grusa']);
  expect(panel).toMatchObject({ kind: 'feed', facts: { withoutDiscard: true } });
});
