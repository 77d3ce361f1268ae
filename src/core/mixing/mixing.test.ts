import { PANTRY, T0 } from '../../../tests/fixtures/baking';
import { massOf } from '../composition';
import { stockAfter, type ActOf } from '../journal';
import { USUAL_MIX, USUAL_SCHOOLS, type Method } from '../methods';
import { MS_PER_MINUTE } from '../units';
import {
  actsOfCards,
  cardItems,
  mixCard,
  pauseProposed,
  weighing,
  type CardItem,
  type Mark,
  type MarkWhat,
  type WeighItem,
} from '.';

const MIX: Method['mix'] = {
  ...USUAL_MIX,
  by: 'mixer',
  heldBackShare: 0.05,
  folds: { count: 2, everyMin: 30 },
  aimC: 24,
};
const ACT: ActOf<'make'> = {
  kind: 'make',
  lotId: 'D',
  lotKind: 'dough',
  name: 'Dough',
  ingredients: [
    { ingredientId: 'flour', massG: 2000 },
    { ingredientId: 'water', massG: 1100 },
    { ingredientId: 'salt', massG: 60 },
    { ingredientId: 'oil', massG: 40 },
    { ingredientId: 'yeast-fresh', massG: 4 },
  ],
  portions: [{ lotId: 'P', massG: 800 }],
  placeId: 'bench',
  startC: 24,
  gasKept: 0.6,
};
const items = (changes: Partial<Parameters<typeof cardItems>[0]> = {}) =>
  cardItems({
    act: ACT,
    batches: 1,
    mix: MIX,
    schools: USUAL_SCHOOLS,
    pantry: PANTRY,
    lotNames: { P: 'Poolish' },
    iceG: 0,
    stepG: 1,
    fineStepG: 0.1,
    ...changes,
  });
const ids = (all: readonly CardItem[]) => all.map((item) => item.id);

test('an order of the method’s own is the order of its card, the same grams all the same', () => {
  const own = items({ mix: { ...MIX, order: ['flour', 'leaven', 'water', 'salt', 'mix-1'] } });
  expect(ids(own).slice(0, 5)).toEqual(['flour', 'lot:P', 'water', 'yeast-fresh', 'salt']);
  expect([...ids(own)].sort()).toEqual([...ids(items())].sort());
  const massOf = (all: readonly CardItem[]) =>
    all.reduce((sum, one) => sum + (one.kind === 'weigh' ? one.massG : 0), 0);
  expect(massOf(own)).toBeCloseTo(massOf(items()), 9);
});

test('the order of adding follows the schools: salt after the rest, held-back water late, oil last', () => {
  expect(ids(items())).toEqual([
    'water',
    'yeast-fresh',
    'lot:P',
    'flour',
    'mix-1',
    'rest',
    'salt',
    'mix-2',
    'held-back',
    'oil',
    'fold-1',
    'fold-2',
  ]);
  const other = { salt: 'with the flour', yeast: 'dry in the flour' } as const;
  expect(ids(items({ schools: { ...USUAL_SCHOOLS, ...other } })).slice(0, 5)).toEqual([
    'water',
    'lot:P',
    'yeast-fresh',
    'salt',
    'flour',
  ]);
  const last = ids(items({ schools: { ...USUAL_SCHOOLS, salt: 'in the last water' } }));
  expect(last.indexOf('salt')).toBe(last.indexOf('held-back') - 1);
});

const massG = (all: readonly CardItem[], wanted: (item: WeighItem) => boolean) =>
  all.reduce((sum, item) => sum + (item.kind === 'weigh' && wanted(item) ? item.massG : 0), 0);
const isWater = (item: WeighItem) => 'ingredientId' in item.of && item.of.ingredientId === 'water';

test('water, ice and what is held back are all of the water; batches share everything evenly', () => {
  const one = items({ iceG: 150 });
  expect(massG(one, isWater)).toBe(1100);
  expect(massG(one, (item) => item.ice)).toBe(150);
  expect(massG(one, (item) => item.heldBack)).toBe(100);
  const half = items({ batches: 2 });
  expect(massG(half, () => true) * 2).toBeCloseTo(
    massG(one, () => true),
    6,
  );
});

let n = 0;
const mark = (minute: number, what: MarkWhat): Mark => ({
  id: `mark-${(n += 1)}`,
  atMs: T0 + minute * MS_PER_MINUTE,
  what,
});
const weigh = (minute: number, itemId: string, grams: number) =>
  mark(minute, { kind: 'weigh', itemId, massG: grams, by: 'scale' });

test('a card goes on line by line; a mark taken back is as if it never was', () => {
  const all = items();
  const water = weigh(0, 'water', 1000);
  const card = mixCard(all, [water]);
  expect(card.currentId).toBe('yeast-fresh');
  const undone = mixCard(all, [water, mark(1, { kind: 'undo', markId: water.id })]);
  expect(undone.currentId).toBe('water');
  expect(undone.lastMarkId).toBeNull();
});

test('timers run from their start, whoever looks and whenever', () => {
  const all = items();
  const card = mixCard(all, [mark(3, { kind: 'start', itemId: 'rest' })]);
  const rest = card.lines.find((line) => line.item.id === 'rest')!;
  expect(rest.endsMs).toBe(T0 + 23 * MS_PER_MINUTE);
  expect(rest.done).toBe(false);
});

test('too much of one thing: the rest is scaled, what was weighed before is topped up', () => {
  const all = items();
  const flour = all.find((item) => item.id === 'flour') as WeighItem;
  expect(weighing(flour, 2000, 1500)).toMatchObject({ state: 'under', leftG: 500 });
  expect(weighing(flour, 2000, 2008)).toMatchObject({ state: 'right', scaleBy: null });
  expect(weighing(flour, 2000, 2100)).toMatchObject({ state: 'over', scaleBy: 1.05 });
  expect(weighing(flour, 2000, 4000).scaleBy).toBeNull();
  const card = mixCard(all, [
    weigh(0, 'water', 1000),
    weigh(2, 'flour', 2100),
    mark(2, { kind: 'scale', factor: 1.05 }),
  ]);
  const line = (id: string) => card.lines.find((one) => one.item.id === id)!;
  expect(line('salt').wantedG).toBeCloseTo(63, 9);
  expect(line('water').topUpG).toBeCloseTo(50, 9);
  expect(line('flour').topUpG).toBe(0);
  const topped = mixCard(all, [
    weigh(0, 'water', 1000),
    weigh(2, 'flour', 2100),
    mark(2, { kind: 'scale', factor: 1.05 }),
    weigh(3, 'water', 50),
  ]);
  expect(topped.lines[0]!.topUpG).toBe(0);
});

test('held-back water goes in by portions until the dough wants no more', () => {
  const all = items();
  const half = mixCard(all, [weigh(0, 'held-back', 50)]);
  expect(half.lines.find((line) => line.item.id === 'held-back')!.done).toBe(false);
  const enough = mixCard(all, [
    weigh(0, 'held-back', 50),
    mark(1, { kind: 'enough', itemId: 'held-back' }),
  ]);
  expect(enough.lines.find((line) => line.item.id === 'held-back')).toMatchObject({
    done: true,
    weighedG: 50,
  });
});

test('the salt is missing until it is weighed, or the baker says that it is in', () => {
  const all = items();
  expect(mixCard(all, []).salt).toBe('missing');
  expect(mixCard(all, [weigh(0, 'salt', 60)]).salt).toBe('weighed');
  expect(mixCard(all, [mark(0, { kind: 'salt', answer: 'left out' })]).salt).toBe('left out');
});

test('a pause is proposed at the baker’s limit, by the last temperature that was taken', () => {
  const all = items();
  const look = (minute: number, tempC: number) => mark(minute, { kind: 'look', tempC });
  expect(pauseProposed(mixCard(all, [look(1, 26.5)]), 27)).toBe(false);
  expect(pauseProposed(mixCard(all, [look(1, 27)]), 27)).toBe(true);
  expect(pauseProposed(mixCard(all, [look(1, 28), look(2, 25)]), 27)).toBe(false);
});

test('a finished card is a lot from the instant flour met water; what came later is added; grams are kept', () => {
  const all = items();
  const marks = [
    mark(0, { kind: 'weigh', itemId: 'water', massG: 1000, by: 'typed', tempC: 14 }),
    weigh(1, 'yeast-fresh', 4),
    weigh(2, 'lot:P', 800),
    weigh(4, 'flour', 1500),
    weigh(5, 'flour', 500),
    weigh(30, 'salt', 60),
    weigh(36, 'held-back', 60),
    mark(36, { kind: 'enough', itemId: 'held-back' }),
    mark(37, { kind: 'felt', ingredientId: 'flour', massG: 25 }),
    mark(38, { kind: 'look', tempC: 24.5, windowpane: 'clear' }),
    mark(40, { kind: 'done', itemId: 'fold-1' }),
    mark(45, { kind: 'out', tempC: 25, doughG: 3920 }),
  ];
  const card = mixCard(all, marks);
  const acts = actsOfCards(ACT, [{ items: all, marks, card }], PANTRY)!;
  expect(acts.makeAtMs).toBe(T0 + 5 * MS_PER_MINUTE);
  expect(acts.make).toMatchObject({ startC: 25, waterC: 14, iceG: 0 });
  expect(acts.make.ingredients).toEqual([
    { ingredientId: 'water', massG: 1000 },
    { ingredientId: 'yeast-fresh', massG: 4 },
    { ingredientId: 'flour', massG: 2000 },
  ]);
  expect(acts.then.map((one) => one.act.kind)).toEqual(['add', 'add', 'add', 'look', 'work']);
  const poolish: ActOf<'make'> = {
    ...ACT,
    lotId: 'P',
    lotKind: 'poolish',
    ingredients: [
      { ingredientId: 'flour', massG: 400 },
      { ingredientId: 'water', massG: 400 },
    ],
    portions: [],
  };
  const stock = stockAfter([
    { atMs: T0 - 1, act: poolish },
    { atMs: acts.makeAtMs, act: acts.make },
    ...acts.then,
  ]);
  expect(massOf(stock.get('D')!.composition)).toBeCloseTo(acts.massG, 9);
  expect(acts.massG).toBeCloseTo(1000 + 4 + 800 + 2000 + 60 + 60 + 25, 9);
});

test('two batches are one lot; without flour there is none', () => {
  const all = items({ batches: 2 });
  const batch = (from: number) => [
    weigh(from, 'water', 500),
    weigh(from + 1, 'lot:P', 400),
    weigh(from + 2, 'flour', 1000),
    weigh(from + 3, 'salt', 30),
    mark(from + 9, { kind: 'out', tempC: 24 }),
  ];
  const cards = [batch(0), batch(20)].map((marks) => ({
    items: all,
    marks,
    card: mixCard(all, marks),
  }));
  const acts = actsOfCards(ACT, cards, PANTRY)!;
  expect(acts.make.portions).toEqual([{ lotId: 'P', massG: 800 }]);
  expect(acts.massG).toBe(3860);
  const empty = [{ items: all, marks: [], card: mixCard(all, []) }];
  expect(actsOfCards(ACT, empty, PANTRY)).toBeNull();
});
