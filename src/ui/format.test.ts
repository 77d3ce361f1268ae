import {
  clockText,
  decimals,
  massText,
  momentText,
  percentText,
  spanText,
  tempText,
} from './format';

const zone = 'Europe/Oslo';
const at = Date.UTC(2026, 10, 27, 5, 10, 40);

test('times by the shop’s wall clock', () => {
  expect(clockText(at, zone)).toBe('06:11');
  expect(momentText(at, at, zone)).toBe('06:11');
  expect(momentText(at + 86_400_000, at, zone)).toBe('Sat 06:11');
  expect([
    spanText(300_000),
    spanText(-4_800_000),
    spanText(7_200_000),
    spanText(180_000_000),
  ]).toEqual(['5 min', '1 h 20', '2 h', '2 d 2 h']);
});

test('figures with thin spaces, the baker’s signs and units', () => {
  expect(decimals(10161, 0)).toBe('10\u202f161');
  expect(massText(2.1, { massUnit: 'g' })).toBe('2.1\u00a0g');
  expect(massText(12_345, { massUnit: 'g' })).toBe('12.35\u00a0kg');
  expect(massText(283.495, { massUnit: 'oz' })).toBe('10\u00a0oz');
  expect(tempText(-18, { tempUnit: 'C' })).toBe('−18°');
  expect(tempText(21, { tempUnit: 'F' })).toBe('69.8°F');
  expect(percentText(0.027)).toBe('2.7 %');
});
