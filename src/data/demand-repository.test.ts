import {
  listDemands,
  NotFoundError,
  oneDemand,
  openShopInMemory,
  saveDemand,
  saveDemandSkip,
} from '.';

const NOON = {
  id: 'noon',
  name: 'Noon',
  createdMs: 1,
  readyFromMs: 1000,
  readyToMs: 2000,
  balls: 24,
  perHour: null,
  methods: [],
  weekly: false,
  withdrawnMs: null,
  doughs: 1,
};

test('services come back as they were asked for, the earliest first', () => {
  const db = openShopInMemory();
  const evening = {
    ...NOON,
    id: 'evening',
    readyFromMs: 500,
    perHour: [10, 14.5],
    methods: ['start-straight'],
    weekly: true,
    doughs: 2,
  };
  saveDemand(db, NOON);
  saveDemand(db, evening);
  expect(listDemands(db)).toEqual([
    { ...evening, skips: [] },
    { ...NOON, skips: [] },
  ]);
});

test('one that was withdrawn is not listed, but can still be read: its bakes name it', () => {
  const db = openShopInMemory();
  saveDemand(db, NOON);
  saveDemand(db, { ...NOON, withdrawnMs: 9 });
  expect(listDemands(db)).toEqual([]);
  expect(oneDemand(db, 'noon').withdrawnMs).toBe(9);
  expect(() => oneDemand(db, 'midnight')).toThrow(NotFoundError);
});

test('the days that a weekly demand is left out on are kept once, and go again', () => {
  const db = openShopInMemory();
  saveDemand(db, { ...NOON, weekly: true });
  const [first] = listDemands(db);
  saveDemandSkip(db, first!.id, '2026-12-11', true);
  saveDemandSkip(db, first!.id, '2026-12-04', true);
  saveDemandSkip(db, first!.id, '2026-12-04', true);
  expect(listDemands(db)[0]?.skips).toEqual(['2026-12-04', '2026-12-11']);
  saveDemandSkip(db, first!.id, '2026-12-04', false);
  expect(listDemands(db)[0]?.skips).toEqual(['2026-12-11']);
});
