import {
  listClosingDays,
  listPinned,
  listPresences,
  listStepPeople,
  openShopInMemory,
  saveClosingDays,
  savePin,
  savePresences,
  saveStepPerson,
} from '.';

const jo = (weekday: number) => ({ who: 'Jo', weekday, fromMinute: 360, untilMinute: 900 });

test('who is there when is written in the place of what was written before, whole or not at all', () => {
  const db = openShopInMemory();
  savePresences(db, [jo(2), jo(1)]);
  expect(listPresences(db)).toEqual([jo(1), jo(2)]);
  expect(() => savePresences(db, [jo(3), { ...jo(4), weekday: 9 }])).toThrow();
  expect(listPresences(db)).toEqual([jo(1), jo(2)]);
  savePresences(db, []);
  expect(listPresences(db)).toEqual([]);
});

test('days of the week and dates on which the shop is shut are told apart', () => {
  const db = openShopInMemory();
  saveClosingDays(db, { weekdays: [7, 1], dates: ['2026-12-24'] });
  expect(listClosingDays(db)).toEqual({ weekdays: [1, 7], dates: ['2026-12-24'] });
  saveClosingDays(db, { weekdays: [], dates: [] });
  expect(listClosingDays(db)).toEqual({ weekdays: [], dates: [] });
});

test('a step is pinned once, however often it is said', () => {
  const db = openShopInMemory();
  savePin(db, 'step-1', true);
  savePin(db, 'step-1', true);
  expect(listPinned(db)).toEqual(new Set(['step-1']));
  savePin(db, 'step-1', false);
  savePin(db, 'step-1', false);
  expect(listPinned(db)).toEqual(new Set());
});

test('whose hands a step is for is kept, changed and taken away', () => {
  const db = openShopInMemory();
  saveStepPerson(db, 'step-1', 'Jo');
  saveStepPerson(db, 'step-1', 'Maren');
  saveStepPerson(db, 'step-2', 'Jo');
  expect([...listStepPeople(db)]).toEqual([
    ['step-1', 'Maren'],
    ['step-2', 'Jo'],
  ]);
  saveStepPerson(db, 'step-1', null);
  expect(listStepPeople(db).has('step-1')).toBe(false);
});
