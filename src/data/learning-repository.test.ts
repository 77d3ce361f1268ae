import { dropLearningReset, listLearningResets, openShopInMemory, saveLearningReset } from '.';

test('what was learned is forgotten from the last reset on, until it is taken back', () => {
  const db = openShopInMemory();
  saveLearningReset(db, 'grusa', 10);
  saveLearningReset(db, 'mixer', 20);
  saveLearningReset(db, 'grusa', 30);
  expect(listLearningResets(db)).toEqual(
    new Map([
      ['grusa', 30],
      ['mixer', 20],
    ]),
  );
  dropLearningReset(db, 'grusa');
  dropLearningReset(db, 'nobody');
  expect(listLearningResets(db)).toEqual(new Map([['mixer', 20]]));
});
