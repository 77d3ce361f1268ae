import { MS_PER_HOUR } from '@/core/units';
import { simulatedProbe, type SimulatedPlace } from './simulated-probe';

const NOON = Date.UTC(2026, 10, 27, 12);
const FRIDGE: SimulatedPlace = {
  placeId: 'fridge',
  setC: () => 4,
  overC: 1,
  swingC: 0.2,
  doorC: 1.2,
  trouble: { fault: 'none', fromMs: 0 },
};
const read = (place: SimulatedPlace, hour: number): number | null => {
  const answer = simulatedProbe(place).ask(NOON + hour * MS_PER_HOUR);
  return answer.kind === 'reading' ? answer.tempC : null;
};
const mean = (place: SimulatedPlace, from: number, to: number) => {
  let sum = 0;
  for (let i = 0; i < 100; i += 1) sum += read(place, from + ((to - from) * i) / 100) ?? NaN;
  return sum / 100;
};

test('the same instant has the same reading, the nights are quieter than the working hours', () => {
  expect(read(FRIDGE, 1.37)).toBe(read(FRIDGE, 1.37));
  const night = mean(FRIDGE, 11, 16);
  expect(night).toBeGreaterThan(4.5);
  expect(night).toBeLessThan(5.3);
  expect(mean(FRIDGE, -6, 8)).toBeGreaterThan(night + 0.1);
  const readings = Array.from({ length: 96 }, (_, i) => read(FRIDGE, i / 4)!);
  expect(Math.max(...readings)).toBeLessThan(9);
});

test('a failing fridge warms towards the kitchen, an open door half of the way and sooner', () => {
  const failing = { ...FRIDGE, trouble: { fault: 'failing', fromMs: NOON } as const };
  const open = { ...FRIDGE, trouble: { fault: 'door open', fromMs: NOON } as const };
  expect(read(failing, -0.5)).toBe(read(FRIDGE, -0.5));
  expect(read(failing, 2)!).toBeGreaterThan(read(FRIDGE, 2)! + 3);
  expect(read(failing, 20)!).toBeGreaterThan(20);
  expect(read(open, 2)!).toBeGreaterThan(read(failing, 1)!);
  expect(read(open, 20)!).toBeLessThan(16);
});

test('a lost probe says so, a frozen one goes on saying what it said', () => {
  const lost = { ...FRIDGE, trouble: { fault: 'lost', fromMs: NOON } as const };
  expect(read(lost, -1)).not.toBeNull();
  expect(read(lost, 1)).toBeNull();
  const frozen = { ...FRIDGE, trouble: { fault: 'frozen', fromMs: NOON } as const };
  expect(new Set([0.2, 1, 3.3, 7].map((hour) => read(frozen, hour)))).toEqual(
    new Set([read(FRIDGE, 0)]),
  );
});
