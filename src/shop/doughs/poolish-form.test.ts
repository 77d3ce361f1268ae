import type { PlaceHistory } from '@/core/forecast';
import { settingFor } from './poolish-form';

const NOW = Date.parse('2026-11-26T12:00:00Z');
/** A bench set to 21° that was learned to be half a degree cooler. */
const BENCH: PlaceHistory = {
  id: 'bench',
  name: 'Bench',
  settings: [{ fromMs: 0, tempC: 21 }],
  offsetC: -0.5,
};

test.each([
  ['what it is set to', 21, null],
  ['what it is known to be', 20.5, null],
  ['another temperature: set so that it is that warm', 24, 24.5],
])('a typed room: %s', (_, roomC, tempC) => {
  expect(settingFor(BENCH, roomC, NOW)).toBe(tempC);
});

test('a place that nothing was learned of is set to what is typed', () => {
  const plain = { ...BENCH, offsetC: 0 };
  expect(settingFor(plain, 24, NOW)).toBe(24);
  expect(settingFor(plain, 20.5, NOW)).toBe(20.5);
});
