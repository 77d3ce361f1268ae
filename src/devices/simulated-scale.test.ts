import { SimulatedScale } from './simulated-scale';

test('a pour rises, swings and settles at what was poured; the tare takes it as nothing', () => {
  const scale = new SimulatedScale();
  scale.pour(440, 1000);
  expect(scale.read(2000)).toMatchObject({ massG: 220, stable: false });
  expect(scale.read(3200)!.stable).toBe(false);
  expect(scale.read(4000)).toEqual({ atMs: 4000, massG: 440, stable: true });
  scale.tare(4000);
  expect(scale.read(4100)!.massG).toBe(0);
  scale.pour(100, 5000);
  expect(scale.read(9000)).toMatchObject({ massG: 100, stable: true });
});

test('it shows nothing while it is not connected, and less than nothing when a bowl is taken off', () => {
  const scale = new SimulatedScale();
  scale.pour(500, 0);
  scale.tare(9000);
  scale.pour(-500, 9000);
  expect(scale.read(20_000)!.massG).toBe(-500);
  scale.connect(false);
  expect(scale.read(20_000)).toBeNull();
  scale.connect(true);
  scale.clear();
  expect(scale.read(21_000)!.massG).toBe(0);
});
