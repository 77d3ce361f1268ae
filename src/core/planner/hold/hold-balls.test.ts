import {
  at,
  heldBy,
  demandFor,
  planningShop,
  startingMethod,
} from '../../../../tests/fixtures/planning';
import { isAct, type ActOf, type DoneAct, type PlannedAct } from '../../journal';
import { planMethod } from '../plan-method';
import { requestFor } from '../week';
import { holdOrHurry, type HoldMove, type HoldQuestion } from '.';

/** A method planned for an evening, carried out to the minute until now. */
function carriedOut(
  key: string,
  readyText: string,
  nowText: string | ((steps: readonly PlannedAct[]) => number),
): HoldQuestion {
  const shop = planningShop();
  const demand = demandFor(readyText, [key]);
  const plan = planMethod(
    requestFor(demand, { key, method: startingMethod(key), versionId: null }, shop),
  );
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const steps = plan.steps.map((step, index): PlannedAct => ({
    ...step,
    stepId: `s${index}`,
    by: null,
    bakeId: 'bake',
  }));
  const nowMs = typeof nowText === 'string' ? at(nowText) : nowText(steps);
  const done = steps
    .filter(({ atMs }) => atMs < nowMs)
    .map(({ atMs, act, stepId }): DoneAct => ({
      ...{
        entryId: `e-${stepId}`,
        atMs,
        act,
        by: null,
        bakeId: 'bake',
        fulfils: stepId,
        batch: stepId,
      },
    }));
  return {
    bakeId: 'bake',
    readyFromMs: demand.readyFromMs,
    readyToMs: demand.readyToMs,
    done,
    plan: steps.filter(({ atMs }) => atMs >= nowMs),
    ...heldBy(shop),
    nowMs,
    draws: 16,
  };
}

function movesOf(question: HoldQuestion): readonly HoldMove[] {
  const steps = holdOrHurry(question);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  if (step.value === null) throw new Error('nothing is planned');
  return step.value.moves;
}

const outOf = (plan: readonly PlannedAct[]) =>
  plan.findLast(({ act }) => isAct(act, 'move'))! as PlannedAct & { act: ActOf<'move'> };

describe('boxes that wait in the cold', () => {
  const asked = carriedOut('poolish-two-days', '2026-11-27T18:00', '2026-11-27T08:00');
  const out = outOf(asked.plan);
  const boxes = movesOf(asked).filter(({ kind }) => kind === 'boxes out');

  test('come out earlier or later, the move alone and nothing after the service has begun', () => {
    const hours = boxes.filter(({ placeId }) => placeId === null);
    expect(hours.length).toBeGreaterThan(1);
    for (const one of hours) {
      const [change] = one.changes;
      expect(change).toMatchObject({ stepId: out.stepId, act: out.act });
      expect(change!.atMs - out.atMs).toBe(one.laterMin * 60_000);
      expect(one.outAtMs).toBe(change!.atMs);
      expect(change!.atMs).toBeLessThan(asked.readyFromMs);
    }
    // An hour and a half in the warmth more is a different ball.
    const [early] = hours.filter(({ laterMin }) => laterMin < 0);
    const [late] = hours.filter(({ laterMin }) => laterMin > 0);
    const young = (move: HoldMove | undefined) => move?.odds.halfHours[0]?.young ?? 0;
    expect(young(late)).toBeGreaterThanOrEqual(young(early));
  });

  test('come out into a place between the cold and the bench', () => {
    const places = boxes.flatMap(({ placeId }) => placeId ?? []);
    expect(places.length).toBeGreaterThan(0);
    expect(places).not.toContain('fridge');
    expect(places).not.toContain(out.act.placeId);
  });
});

describe('balls on the bench before a long service', () => {
  const asked = carriedOut('poolish-day', '2026-11-27T18:00', (steps) => {
    const divide = steps.find(({ act }) => isAct(act, 'divide'))!;
    return divide.atMs + 10 * 60_000;
  });
  const moves = movesOf(asked);
  const [use] = asked.plan.filter(({ act }) => isAct(act, 'use')) as (PlannedAct & {
    act: ActOf<'use'>;
  })[];

  test('half of them go into the cold and come back for the second half: no ball more, none less', () => {
    const parts = moves.filter(({ kind }) => kind === 'part in the cold');
    expect(parts.length).toBeGreaterThan(0);
    for (const { changes, count, placeId } of parts) {
      expect(placeId).toBe('fridge');
      const uses = changes.flatMap(({ act }) => (isAct(act, 'use') ? [act] : []));
      expect(uses.map((one) => one.count).reduce((a, b) => a + b, 0)).toBe(use!.act.count);
      expect(uses[0]!.untilMs).toBe(changes.at(-1)!.atMs);
      expect(uses[1]).toMatchObject({ count, untilMs: use!.act.untilMs });
      const [split] = changes.flatMap(({ act }) => (isAct(act, 'split') ? [act] : []));
      expect(split).toMatchObject({ count, placeId: 'fridge', lotKind: 'balls' });
    }
  });

  test('fewer pizzas end the service earlier, in step with it', () => {
    const [half] = moves.filter(({ kind }) => kind === 'fewer');
    const lengthMs = use!.act.untilMs - use!.atMs;
    const endsMs = asked.readyToMs - half!.serviceToMs;
    expect(endsMs).toBeGreaterThanOrEqual(30 * 60_000);
    expect(half!.count).toBe(
      use!.act.count - Math.floor((use!.act.count * (lengthMs - endsMs)) / lengthMs),
    );
    expect(half!.odds.halfHours.at(-1)!.toMs).toBeLessThanOrEqual(half!.serviceToMs);
  });
});

test('a mix is moved by itself, dividing along, and never to where its leaven’s best already is', () => {
  const asked = carriedOut('poolish-day', '2026-11-27T18:00', (steps) => {
    const mix = steps.find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough')!;
    return mix.atMs - 2 * 3_600_000;
  });
  const mix = asked.plan.find(({ act }) => isAct(act, 'make'))!;
  const moved = movesOf(asked).filter(({ kind }) => kind === 'mix moved');
  expect(moved.length).toBeGreaterThan(1);
  for (const { changes, mixAtMs, bestMs } of moved) {
    expect(changes.some(({ act }) => isAct(act, 'divide'))).toBe(true);
    expect(mixAtMs).not.toBe(mix.atMs);
    expect(Math.abs(mixAtMs! - bestMs!)).toBeGreaterThan(10 * 60_000);
  }
});
