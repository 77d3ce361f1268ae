import { modeAtHour } from './appearance';

test('by the clock it is dark before the first bake and after the last', () => {
  expect([0, 5, 6, 7, 12, 18, 19, 23].map(modeAtHour)).toEqual([
    'dark',
    'dark',
    'dark',
    'light',
    'light',
    'light',
    'dark',
    'dark',
  ]);
});
