import { addPlace, listProbes, openShopInMemory, PROBE_FAULTS, saveProbe } from '.';

test('a place has one probe, with what it suffers from since when', () => {
  const db = openShopInMemory();
  addPlace(db, { id: 'fridge', name: 'Fridge', capacityL: 36, insulation: 1 }, 4);
  for (const [index, fault] of PROBE_FAULTS.entries()) {
    saveProbe(db, { placeId: 'fridge', kind: 'simulated', fault, faultFromMs: index });
  }
  expect(listProbes(db)).toEqual([
    {
      placeId: 'fridge',
      kind: 'simulated',
      fault: PROBE_FAULTS.at(-1),
      faultFromMs: PROBE_FAULTS.length - 1,
    },
  ]);
  expect(() =>
    saveProbe(db, { placeId: 'nowhere', kind: 'simulated', fault: 'none', faultFromMs: 0 }),
  ).toThrow(/FOREIGN KEY/);
});
