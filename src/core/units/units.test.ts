import { Temporal } from 'temporal-polyfill';
import fc from 'fast-check';
import {
  atWallMinute,
  celsiusToFahrenheit,
  DomainError,
  fahrenheitToCelsius,
  fromFreshEquivalentG,
  fromLocalText,
  gramsToOunces,
  isTimeZone,
  ouncesToGrams,
  outOfRangeSentence,
  roundKeepingSum,
  roundToStep,
  toFreshEquivalentG,
  toLocalText,
  wallTime,
  YEAST_TYPES,
} from '.';

test('rounded parts add up to the rounded sum, each within one step', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 20_000, noNaN: true }), { minLength: 1, maxLength: 9 }),
      fc.constantFrom(0.1, 1, 2, 5),
      (parts, stepG) => {
        const rounded = roundKeepingSum(parts, stepG);
        const sum = rounded.reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(
          roundToStep(
            parts.reduce((a, b) => a + b, 0),
            stepG,
          ),
          6,
        );
        rounded.forEach((one, i) =>
          expect(Math.abs(one - (parts[i] ?? 0))).toBeLessThanOrEqual(stepG + 1e-6),
        );
      },
    ),
  );
  expect(() => roundToStep(1, 0)).toThrow(DomainError);
});

test('units round-trip', () => {
  fc.assert(
    fc.property(fc.double({ min: -40, max: 500, noNaN: true }), (value) => {
      expect(fahrenheitToCelsius(celsiusToFahrenheit(value))).toBeCloseTo(value, 9);
      expect(ouncesToGrams(gramsToOunces(value))).toBeCloseTo(value, 9);
      for (const type of YEAST_TYPES) {
        expect(fromFreshEquivalentG(toFreshEquivalentG(value, type), type)).toBeCloseTo(value, 9);
      }
    }),
  );
  expect(celsiusToFahrenheit(21)).toBeCloseTo(69.8, 9);
  expect(toFreshEquivalentG(0.42, 'active dry')).toBeCloseTo(1, 12);
  expect(toFreshEquivalentG(0.34, 'instant')).toBeCloseTo(1, 12);
});

test('the shop’s clock in the nights that the clocks change', () => {
  const zone = 'Europe/Oslo';
  const evening = fromLocalText('2026-03-28T18:00', zone);
  // 02:30 does not exist on 29 March 2026: the later reading is taken.
  expect(toLocalText(atWallMinute(evening, 1, 150, zone), zone)).toBe('2026-03-29T03:30');
  // The night is an hour short: 18:00 to 06:00 are 11 hours.
  expect(atWallMinute(evening, 1, 360, zone) - evening).toBe(11 * 3_600_000);
  // 02:30 happens twice on 25 October 2026: the earlier one is taken.
  const autumn = fromLocalText('2026-10-24T18:00', zone);
  expect(atWallMinute(autumn, 1, 150, zone) - autumn).toBe(8.5 * 3_600_000);
  expect(wallTime(evening, zone)).toMatchObject({ weekday: 6, hour: 18, minute: 0 });
  expect(toLocalText(atWallMinute(fromLocalText('2028-02-28T12:00', zone), 1, 0, zone), zone)).toBe(
    '2028-02-29T00:00',
  );
});

test('what can not be read is refused by name', () => {
  expect(() => fromLocalText('tomorrow', 'UTC')).toThrow('"tomorrow" is not a date');
  expect(() => wallTime(0, 'Nowhere/Land')).toThrow(DomainError);
  expect(isTimeZone('Nowhere/Land')).toBe(false);
  expect(outOfRangeSentence({ name: 'Balls', unit: '', min: 1, max: 2000 }, -3)).toBe(
    'Balls: −3 is not possible. Allowed: 1 to 2000.',
  );
});

test.each(['Europe/Oslo', 'America/St_Johns', 'Australia/Lord_Howe', 'Asia/Kathmandu'])(
  'the wall clock of %s is that of the calendar library, the nights the clocks change included',
  (zone) => {
    const fromMs = Date.UTC(2026, 0, 1, 0, 7);
    for (let i = 0; i < 1500; i += 1) {
      const atMs = fromMs + i * 6 * 3_600_000 + (i % 61) * 60_000;
      const zoned = Temporal.Instant.fromEpochMilliseconds(atMs).toZonedDateTimeISO(zone);
      const { year, month, day, weekday, hour, minute } = wallTime(atMs, zone);
      const told = [zoned.year, zoned.month, zoned.day, zoned.dayOfWeek, zoned.hour, zoned.minute];
      expect([year, month, day, weekday, hour, minute]).toEqual(told);
      const minuteOfDay = (i * 37) % 1440;
      const plainTime = new Temporal.PlainTime(Math.floor(minuteOfDay / 60), minuteOfDay % 60);
      const expected = zoned.toPlainDate().add({ days: i % 3 });
      expect(atWallMinute(atMs, i % 3, minuteOfDay, zone)).toBe(
        expected.toZonedDateTime({ timeZone: zone, plainTime }).epochMilliseconds,
      );
    }
  },
);
