import { listFlours, NotFoundError, openShopInMemory, retireFlour, saveFlour } from '.';

const STRONG = {
  id: 'strong',
  name: 'Strong',
  strengthW: 320,
  proteinShare: 0.138,
  wholegrainShare: 0,
};

test('a flour comes back with what was left unsaid as not known, and with wheat in it', () => {
  const db = openShopInMemory();
  saveFlour(db, STRONG);
  expect(listFlours(db)).toEqual([
    { ...STRONG, ashShare: null, absorption: null, allergens: ['wheat'], retiredMs: null },
  ]);
});

test('changed it is the same flour, what it may hold against a body included', () => {
  const db = openShopInMemory();
  saveFlour(db, STRONG);
  saveFlour(db, {
    ...STRONG,
    name: 'Rye',
    ashShare: 0.0115,
    absorption: 0.7,
    allergens: ['rye', 'wheat'],
  });
  expect(listFlours(db)).toMatchObject([
    { name: 'Rye', ashShare: 0.0115, absorption: 0.7, allergens: ['rye', 'wheat'] },
  ]);
});

test('a retired flour stays, for lots of the past are made of it, and comes back', () => {
  const db = openShopInMemory();
  saveFlour(db, STRONG);
  retireFlour(db, 'strong', 77);
  expect(listFlours(db)[0]!.retiredMs).toBe(77);
  retireFlour(db, 'strong', null);
  expect(listFlours(db)[0]!.retiredMs).toBeNull();
  expect(() => retireFlour(db, 'sand', 1)).toThrow(NotFoundError);
});
