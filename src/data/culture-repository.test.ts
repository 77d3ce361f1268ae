import type { Culture } from '@/core/cultures';
import { addPlace, listCultures, openShopInMemory, saveCulture, saveFlour } from '.';

const GRUSA: Culture = {
  id: 'grusa',
  name: 'Grusa',
  kind: 'liquid starter',
  hydration: 1,
  saltShare: 0,
  flours: [
    { flourId: 'strong', share: 0.8 },
    { flourId: 'whole', share: 0.2 },
  ],
  keepG: 20,
  placeId: 'bench',
  vesselTareG: 320,
  vesselMl: 1000,
  everyH: 24,
  usualRatio: 4,
  thinnestRatio: 12,
  discardTo: null,
  keepsDays: null,
  limitG: null,
  begunMs: null,
  retiredMs: null,
};

function shop() {
  const db = openShopInMemory();
  addPlace(db, { id: 'bench', name: 'Bench', capacityL: 30, insulation: 1 }, 21);
  for (const id of ['strong', 'whole'])
    saveFlour(db, { id, name: id, strengthW: 300, proteinShare: 0.13, wholegrainShare: 0 });
  return db;
}

test('a culture comes back with its flours, and described anew it stays where it was', () => {
  const db = shop();
  saveCulture(db, GRUSA);
  saveCulture(db, { ...GRUSA, id: 'lees', name: 'Lees', kind: 'discard', limitG: 800 });
  const thinner = { ...GRUSA, hydration: 1.2, discardTo: 'lees', retiredMs: 5 };
  saveCulture(db, thinner);
  expect(listCultures(db).map((one) => one.id)).toEqual(['grusa', 'lees']);
  expect(listCultures(db)[0]).toEqual(thinner);
});

test('flours that are none are refused when they are read: nothing is made up', () => {
  const db = shop();
  saveCulture(db, GRUSA);
  db.prepare("UPDATE culture SET flours = '[]' WHERE id = 'grusa'").run();
  expect(() => listCultures(db)).toThrow();
});
