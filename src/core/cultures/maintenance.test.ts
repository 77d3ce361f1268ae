import { maintenanceOf } from './maintenance';

test('in rhythm, due and missed follow the rhythm; what is left of the yeast says how many feeds', () => {
  const at = (lateH: number, vigour: number | null) => maintenanceOf({ everyH: 24, lateH, vigour });
  expect(at(-3, null)).toEqual({ state: 'in rhythm', refreshments: 0, vigour: null });
  expect(at(5, 0.95)).toMatchObject({ state: 'due', refreshments: 0 });
  expect(at(7, 0.8)).toMatchObject({ state: 'missed', refreshments: 1 });
  expect(at(72, 0.5)).toMatchObject({ state: 'missed', refreshments: 2 });
  expect(at(400, 0.2)).toMatchObject({ state: 'missed', refreshments: 3 });
  // A week is no miss for one that is fed once a week.
  expect(maintenanceOf({ everyH: 168, lateH: 7, vigour: 0.9 }).state).toBe('due');
});
