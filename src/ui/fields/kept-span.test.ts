import { endKept } from './kept-span';

const EVENING = { from: '2026-11-27T18:00', to: '2026-11-27T20:30' };

test.each([
  ['another hour', '2026-11-27T19:15', '2026-11-27T21:45'],
  ['another day', '2026-12-04T18:00', '2026-12-04T20:30'],
  ['over midnight', '2026-11-27T23:00', '2026-11-28T01:30'],
])('%s takes the end along', (_, from, to) => {
  expect(endKept(EVENING, from)).toBe(to);
});

test('what is half typed takes nothing along', () => {
  for (const from of ['', '2026-11', 'soon', '+275000-01-01T00:00']) {
    expect(endKept(EVENING, from)).toBe(EVENING.to);
  }
  expect(endKept({ from: '', to: EVENING.to }, EVENING.from)).toBe(EVENING.to);
});

test('through a year on its way to be typed it comes back as it was', () => {
  const odd = { from: '0002-11-27T18:00', to: endKept(EVENING, '0002-11-27T18:00') };
  expect(endKept(odd, EVENING.from)).toBe(EVENING.to);
});
