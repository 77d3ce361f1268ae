import { at, planningShop } from '../../../../tests/fixtures/planning';
import { brokenByNeeds } from './broken';
import { NO_NEEDS, type Needs, type PlaceNeed, type ThingNeed } from './needs';

const { kitchen } = planningShop();
const hour = (h: number) => at('2026-11-27T00:00') + h * 3_600_000;
const place = (what: string, from: number, to: number, litres: number): PlaceNeed => ({
  placeId: 'fridge',
  what,
  fromMs: hour(from),
  toMs: hour(to),
  litres,
  demandId: what,
});
const thing = (kind: ThingNeed['thing'], from: number, to: number, amount: number): ThingNeed => ({
  thing: kind,
  fromMs: hour(from),
  toMs: hour(to),
  amount,
  demandId: `${kind} ${from}`,
});
const broken = (needs: Partial<Needs>, of: string | null = null) =>
  brokenByNeeds({ ...NO_NEEDS, ...needs }, kitchen, of);

describe('a fridge of 40 litres', () => {
  test('holds what adds up to it, and what comes when the other is gone', () => {
    expect(broken({ places: [place('a', 8, 20, 25), place('b', 10, 12, 15)] })).toEqual([]);
    expect(broken({ places: [place('a', 8, 12, 30), place('b', 12, 20, 30)] })).toEqual([]);
  });
  test('is full where two meet: from when to when, how much is wanted, and with whom', () => {
    const places = [place('a', 8, 14, 30), place('b', 12, 20, 25), place('c', 18, 22, 10)];
    expect(broken({ places }, 'b')).toEqual([
      {
        key: 'place fridge',
        kind: 'place full',
        subject: 'fridge',
        atMs: hour(12),
        untilMs: hour(14),
        wanted: 55,
        there: 40,
        others: ['a'],
      },
    ]);
  });
  test('what others do to each other is not told of somebody else', () => {
    const places = [place('a', 8, 14, 30), place('b', 12, 20, 25), place('c', 18, 22, 1)];
    expect(broken({ places }, 'c')).toEqual([]);
    expect(broken({ places })).toHaveLength(1);
  });
});

test('a mixer turns one dough at a time', () => {
  const kinds = (from: number) =>
    broken({ things: [thing('mixer', 8, 9, 1), thing('mixer', from, from + 1, 1)] }).map(
      (one) => one.kind,
    );
  expect(kinds(9)).toEqual([]);
  expect(kinds(8.5)).toEqual(['mixer taken']);
});

test('boxes and the oven are counted by what they hold and bake', () => {
  expect(broken({ things: [thing('boxes', 8, 20, 144)] })).toEqual([]);
  expect(
    broken({ things: [thing('boxes', 8, 20, 100), thing('boxes', 10, 12, 45)] })[0],
  ).toMatchObject({
    kind: 'boxes short',
    wanted: 145,
    there: 144,
  });
  expect(broken({ things: [thing('oven', 18, 19, 48)] })).toEqual([]);
  expect(broken({ things: [thing('oven', 18, 19, 49)] })[0]).toMatchObject({
    kind: 'oven slow',
    there: 48,
  });
});

test('two plans may not take more of a culture than is there, each alone may', () => {
  const take = (demandId: string, massG: number, jarId = 'grusa') => ({
    jarId,
    name: 'Levain',
    massG,
    thereG: 100,
    demandId,
  });
  expect(broken({ cultures: [take('a', 60)] })).toEqual([]);
  expect(broken({ cultures: [take('a', 60), take('b', 50)] })[0]).toMatchObject({
    key: 'culture grusa',
    wanted: 110,
    there: 100,
  });
  // The jar of tomorrow’s feed is another.
  expect(broken({ cultures: [take('a', 60), take('b', 50, 'grusa tomorrow')] })).toEqual([]);
});

test('what the shop does not have is not asked for', () => {
  const bare = { ...kitchen, mixers: [], ovens: [], boxedBalls: null, rooms: [] };
  const things = [thing('mixer', 8, 9, 5), thing('oven', 8, 9, 500), thing('boxes', 8, 9, 500)];
  const needs = { ...NO_NEEDS, things, places: [place('a', 8, 9, 500)] };
  expect(brokenByNeeds(needs, bare)).toEqual([]);
});
