import { addFlourLot, dropFlourLot, listFlourLots, openShopInMemory, saveFlour } from '.';

function shop() {
  const db = openShopInMemory();
  saveFlour(db, {
    id: 'strong',
    name: 'Strong',
    strengthW: 320,
    proteinShare: 0.138,
    wholegrainShare: 0,
  });
  return db;
}
const sack = (id: string, fromMs: number) => ({ id, flourId: 'strong', code: `M ${id}`, fromMs });

test('sacks come back in the order in which they were opened, two of one instant as they were noted', () => {
  const db = shop();
  for (const one of [sack('3', 30), sack('1', 10), sack('2', 10)]) addFlourLot(db, one);
  expect(listFlourLots(db).map((one) => one.id)).toEqual(['1', '2', '3']);
});

test('one noted by mistake is taken back; one of a flour that nobody has is refused', () => {
  const db = shop();
  addFlourLot(db, sack('1', 10));
  dropFlourLot(db, '1');
  expect(listFlourLots(db)).toEqual([]);
  expect(() => addFlourLot(db, { ...sack('9', 1), flourId: 'sand' })).toThrow(/FOREIGN KEY/);
});
