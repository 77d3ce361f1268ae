import { SentScale } from './sent-scale';

test('it shows what was sent, less the tare; silent for four seconds it is not connected, and heard again it goes on', () => {
  const scale = new SentScale('bench');
  expect(scale.read(0)).toBeNull();
  scale.hear(812.4, true, 1_000);
  expect(scale.read(1_500)).toEqual({ atMs: 1_000, massG: 812.4, stable: true });
  scale.tare(1_500);
  scale.hear(1_012.6, false, 2_000);
  expect(scale.read(2_100)).toEqual({ atMs: 2_000, massG: 200.2, stable: false });
  expect(scale.read(6_100)).toBeNull();
  // A tare while it is away would take an old weight for nothing.
  scale.tare(6_100);
  scale.hear(1_012.6, true, 7_000);
  expect(scale.read(7_000)?.massG).toBe(200.2);
});
