import { MIX, PANTRY, PLACES, T0 } from '../../../tests/fixtures/baking';
import type { Act, PlannedAct } from '@/core/journal';
import { movedOfBake } from './moved-of-bake';
import type { MoveFacts } from './types';

const H = 3_600_000;
const planned = (hour: number, act: Act): PlannedAct => ({
  stepId: `${act.kind}-${hour}`,
  atMs: T0 + hour * H,
  act,
  by: null,
  bakeId: 'b',
});
const divide = (ballsLotId: string): Act => ({
  kind: 'divide',
  lotId: MIX.lotId,
  ballsLotId,
  name: ballsLotId,
  count: 10,
  ballG: 250,
  placeId: 'fridge',
  gasKept: 0.3,
});
const eaten = (lotId: string, untilH: number): Act => ({
  kind: 'use',
  lotId,
  count: 10,
  untilMs: T0 + untilH * H,
});

/** A service in two waves: the second leaves the cold when the first is eaten. */
const WAVES = [
  planned(9, MIX),
  planned(11, divide('B1')),
  planned(11.01, divide('B2')),
  planned(17, eaten('B1', 18)),
  planned(18.2, { kind: 'move', lotId: 'B2', placeId: 'bench' }),
  planned(18.5, eaten('B2', 20)),
];
const FACTS = {
  folded: { done: [], plan: WAVES },
  pinned: [],
  places: [...PLACES.values()],
  pantry: PANTRY,
  cultureSpeeds: new Map(),
  nowMs: T0,
  fineStepG: 0.1,
} as unknown as MoveFacts;
const moved = (byH: number) => movedOfBake(FACTS, WAVES, WAVES[0]!, T0 + (9 + byH) * H);

test('a service in waves moves as one whole: each wave is judged by its own end', () => {
  const answer = moved(0.25);
  if (!answer.ok) throw new Error(answer.refusals[0]?.sentence);
  expect(answer.value).toHaveLength(4);
  expect(moved(1.9).ok).toBe(false);
});
