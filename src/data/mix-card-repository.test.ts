import { addMark, addMixCard, listMarks, listMixCards, openShopInMemory } from '.';

const card = (id: string, batchNumber: number) => ({
  id,
  stepId: 'step-1',
  batchNumber,
  startedMs: 5,
});
const tick = (id: string, atMs: number) =>
  ({ id, atMs, what: { kind: 'salt', answer: 'it is in' } }) as const;

test('the cards of a step come by batch, those of another step are its own', () => {
  const db = openShopInMemory();
  addMixCard(db, card('c2', 2));
  addMixCard(db, card('c1', 1));
  addMixCard(db, { ...card('c3', 1), stepId: 'step-2' });
  expect(listMixCards(db, 'step-1').map((one) => one.id)).toEqual(['c1', 'c2']);
});

test('marks come in the order of writing, and one that arrives twice is written once', () => {
  const db = openShopInMemory();
  addMixCard(db, card('c1', 1));
  addMark(db, 'c1', tick('mark-2', 20));
  addMark(db, 'c1', tick('mark-1', 10));
  addMark(db, 'c1', tick('mark-2', 99));
  expect(listMarks(db, 'c1')).toEqual([tick('mark-2', 20), tick('mark-1', 10)]);
});

test('a mark on no card is refused', () => {
  expect(() => addMark(openShopInMemory(), 'nobody', tick('mark-1', 1))).toThrow(/FOREIGN KEY/);
});
