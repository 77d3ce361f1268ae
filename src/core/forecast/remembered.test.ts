import { BALL, MIX, PANTRY, PLACES, POOLISH, T0 } from '../../../tests/fixtures/baking';
import type { Act, DoneAct } from '../journal';
import { forecastShop, RememberedLots } from '.';

const H = 3_600_000;
const done = (hour: number, act: Act): DoneAct => ({
  entryId: `${act.kind}-${hour}`,
  atMs: T0 + hour * H,
  act,
  by: null,
  bakeId: null,
  fulfils: null,
  batch: 'b',
});
const OTHER = { ...POOLISH, lotId: 'Q', name: 'Other' };
const BAKED = [done(0, POOLISH), done(0.2, OTHER), done(9.5, MIX), done(10.5, BALL)];

function shop(acts: readonly DoneAct[], lots?: RememberedLots, facts = 'places as they are') {
  return forecastShop({
    folded: { done: acts, plan: [] },
    nowMs: T0 + 11 * H,
    visibleFromMs: T0 - 40 * H,
    places: PLACES,
    pantry: PANTRY,
    withBands: true,
    ...(lots === undefined ? {} : { remembered: { lots, facts } }),
  }).lots;
}

test('what did not change is not run again; what did, and what came of it, is', () => {
  const lots = new RememberedLots();
  const before = shop(BAKED, lots);
  expect(shop(BAKED, lots).get('B')!.run).toBe(before.get('B')!.run);
  const look = done(6, { kind: 'look', lotId: 'P', signs: { rise: 2.6 } });
  const after = shop([...BAKED, look], lots);
  expect(after.get('Q')!.run).toBe(before.get('Q')!.run);
  for (const id of ['P', 'D', 'B']) expect(after.get(id)!.run).not.toBe(before.get(id)!.run);
});

test('a remembered forecast is the forecast', () => {
  const lots = new RememberedLots();
  const histories = [
    BAKED.slice(0, 2),
    BAKED.slice(0, 3),
    BAKED,
    [...BAKED, done(5, { kind: 'look', lotId: 'P', signs: { rise: 2 } })],
    [...BAKED, done(8, { kind: 'move', lotId: 'Q', placeId: 'fridge' })],
    BAKED,
  ];
  for (const acts of histories) {
    const kept = shop(acts, lots);
    const fresh = shop(acts);
    for (const [id, lot] of fresh) {
      expect(kept.get(id)!.window).toEqual(lot.window);
      expect(kept.get(id)!.story).toEqual(lot.story);
    }
  }
});

test('other places or flours make everything anew', () => {
  const lots = new RememberedLots();
  const before = shop(BAKED, lots);
  expect(shop(BAKED, lots, 'another fridge').get('Q')!.run).not.toBe(before.get('Q')!.run);
});
