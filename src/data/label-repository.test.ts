import { addPrintedLabel, listPrintedLabels, openShopInMemory } from '.';

const label = (id: string, atMs: number) => ({
  id,
  atMs,
  lotId: 'P1126-1',
  size: 'roll-62x40',
  copies: 2,
  content: {
    code: 'P1126-1',
    name: 'Poolish',
    lines: [{ what: 'made', says: '07:00' }],
    does: 'Look',
  },
});

test('the last labels printed come first, as many as are asked for, as they were printed', () => {
  const db = openShopInMemory();
  for (const one of [label('a', 10), label('c', 30), label('b', 20)]) addPrintedLabel(db, one);
  expect(listPrintedLabels(db, 2)).toEqual([label('c', 30), label('b', 20)]);
});

test('a label whose content was spoilt is refused when it is read', () => {
  const db = openShopInMemory();
  addPrintedLabel(db, label('a', 10));
  db.prepare("UPDATE printed_label SET content = '{}'").run();
  expect(() => listPrintedLabels(db, 1)).toThrow();
});
