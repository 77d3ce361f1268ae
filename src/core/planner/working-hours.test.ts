import { fromLocalText, toLocalText } from '../units';
import { isWorking, shiftsAround } from '.';
import { nearestWorking } from './working-hours';

const zone = 'Europe/Oslo';
const at = (text: string) => fromLocalText(text, zone);
const day = { fromMinute: 360, untilMinute: 1320 };
const late = { fromMinute: 16 * 60, untilMinute: 2 * 60 };

test('hands work between their hours, past midnight too', () => {
  expect(isWorking(at('2026-11-27T06:00'), day, zone)).toBe(true);
  expect(isWorking(at('2026-11-27T05:59'), day, zone)).toBe(false);
  expect(isWorking(at('2026-11-28T01:30'), late, zone)).toBe(true);
  expect(isWorking(at('2026-11-28T03:00'), late, zone)).toBe(false);
});

test('shifts follow the clock through the nights it changes', () => {
  const [, , first, second] = shiftsAround(at('2026-03-28T12:00'), 2, day, zone);
  expect(toLocalText(first!.fromMs, zone)).toBe('2026-03-28T06:00');
  expect(toLocalText(second!.fromMs, zone)).toBe('2026-03-29T06:00');
  expect(second!.fromMs - first!.fromMs).toBe(23 * 3_600_000);
});

test('the nearest working quarter hour within a range', () => {
  const range = { fromMs: at('2026-11-26T20:00'), toMs: at('2026-11-27T08:00') };
  const found = (wish: string) => toLocalText(nearestWorking(at(wish), range, day, zone), zone);
  expect(found('2026-11-27T00:30')).toBe('2026-11-26T22:00');
  expect(found('2026-11-27T04:30')).toBe('2026-11-27T06:00');
  expect(found('2026-11-27T07:20')).toBe('2026-11-27T07:15');
});

test('where nobody works in the range the wish itself is kept inside it', () => {
  const night = { fromMs: at('2026-11-26T23:00'), toMs: at('2026-11-27T04:00') };
  expect(nearestWorking(at('2026-11-27T01:00'), night, day, zone)).toBe(at('2026-11-27T01:00'));
  expect(nearestWorking(at('2026-11-27T09:00'), night, day, zone)).toBe(night.toMs);
});
