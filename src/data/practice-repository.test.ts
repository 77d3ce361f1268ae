import { addPracticeRound, listPracticeRounds, openShopInMemory } from '.';

const round = (id: string, atMs: number) => ({
  id,
  atMs,
  who: 'Jo',
  seed: 7,
  level: 1,
  kind: 'starter',
  truth: 'use',
  judged: 'not yet',
  points: 3,
});

test('the last rounds come, the oldest of them first', () => {
  const db = openShopInMemory();
  for (const one of [round('b', 20), round('a', 10), round('c', 30)]) addPracticeRound(db, one);
  expect(listPracticeRounds(db, 2).map((one) => one.id)).toEqual(['b', 'c']);
  expect(listPracticeRounds(db, 9)[0]).toEqual(round('a', 10));
});

test('nobody need say who judged', () => {
  const db = openShopInMemory();
  addPracticeRound(db, { ...round('a', 1), who: null });
  expect(listPracticeRounds(db, 1)[0]!.who).toBeNull();
});
