import { listStock, openShopInMemory, saveStock } from '.';

test('what is there and what it costs is noted in the place of what was noted before', () => {
  const db = openShopInMemory();
  const flour = { ingredientId: 'flour-00', thereG: 25_000, countedMs: 5, pricePerKg: 1.2 };
  saveStock(db, { ...flour, thereG: 10_000 });
  saveStock(db, flour);
  saveStock(db, { ingredientId: 'salt', thereG: null, countedMs: null, pricePerKg: 0.4 });
  expect(listStock(db)).toEqual([
    flour,
    { ingredientId: 'salt', thereG: null, countedMs: null, pricePerKg: 0.4 },
  ]);
});

test('less than nothing, and an amount without its hour, are not kept', () => {
  const db = openShopInMemory();
  const note = { ingredientId: 'oil', thereG: 5, countedMs: 1, pricePerKg: null };
  expect(() => saveStock(db, { ...note, thereG: -1 })).toThrow();
  expect(() => saveStock(db, { ...note, countedMs: null })).toThrow();
  expect(listStock(db)).toEqual([]);
});
