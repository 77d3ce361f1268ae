import { addHours } from '../units';
import { planMethod } from '../planner';
import { requestFor } from '../planner/week/propose';
import { demandFor, planningShop } from '../../../tests/fixtures/planning';
import { warmHours } from './warm-hours';

const shop = planningShop({ benchC: 22 });
function ballsOf(id: string) {
  const demand = demandFor('2026-11-27T18:00', [id]);
  const plan = planMethod(requestFor(demand, demand.methods[0]!, shop));
  if (plan.kind !== 'plan') throw new Error(id);
  return { plan, balls: plan.balls };
}

test('in a room of 22° an hour is an hour', () => {
  const { balls, plan } = ballsOf('straight');
  for (const h of [1, 2, 4]) {
    const atMs = addHours(balls.story.startMs, h);
    const before = (balls.story.startMs - plan.mixAtMs) / 3_600_000;
    expect(warmHours(balls, plan.mixAtMs, atMs)).toBeCloseTo(before + h, 0);
  }
});

test('a night in the fridge is a few of them, and they only ever grow', () => {
  const { balls, plan } = ballsOf('poolish-two-days');
  const at = (h: number) => warmHours(balls, plan.mixAtMs, addHours(balls.story.startMs, h));
  const before = at(0);
  const night = at(14) - before;
  expect(night).toBeGreaterThan(0.5);
  expect(night).toBeLessThan(5);
  for (let h = -1; h < 30; h += 0.5) expect(at(h + 0.5)).toBeGreaterThan(at(h));
});
