import {
  at,
  heldBy,
  planningShop,
  startingMethod,
  demandFor,
} from '../../../../tests/fixtures/planning';
import { isAct, type DoneAct, type PlannedAct } from '../../journal';
import { planMethod } from '../plan-method';
import { requestFor } from '../week';
import { sketchesOf } from './hold-moves';
import { holdStage } from './hold-stage';
import { worthOf } from './hold-or-hurry';
import { holdOrHurry, type HoldAnswer, type HoldQuestion } from '.';

/** A poolish for Friday noon, made so many hours late, seen some hours later. */
function question(lateH: number, nowText: string, seen: number | null = null): HoldQuestion {
  const shop = planningShop();
  const demand = demandFor('2026-11-27T18:00', ['poolish-day']);
  const method = { key: 'poolish-day', method: startingMethod('poolish-day'), versionId: null };
  const plan = planMethod(requestFor(demand, method, shop));
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const nowMs = at(nowText);
  const [first, ...rest] = plan.steps;
  const done: DoneAct[] = [
    {
      entryId: 'e1',
      atMs: first!.atMs + lateH * 3_600_000,
      act: first!.act,
      by: null,
      bakeId: 'bake',
      fulfils: null,
      batch: 'b',
    },
  ];
  if (seen !== null && isAct(first!.act, 'make')) {
    const act = { kind: 'look' as const, lotId: first!.act.lotId, signs: { rise: seen } };
    done.push({ ...done[0]!, entryId: 'e2', atMs: nowMs - 60_000, act });
  }
  return {
    bakeId: 'bake',
    readyFromMs: demand.readyFromMs,
    readyToMs: demand.readyToMs,
    done,
    plan: rest.map((step, index): PlannedAct => ({
      stepId: `s${index}`,
      atMs: step.atMs,
      act: step.act,
      by: null,
      bakeId: 'bake',
    })),
    ...heldBy(shop),
    nowMs,
    draws: 24,
  };
}

function answered(asked: HoldQuestion): { answer: HoldAnswer; words: number } {
  const steps = holdOrHurry(asked);
  let words = 0;
  let step = steps.next();
  while (step.done !== true) {
    words += 1;
    step = steps.next();
  }
  if (step.value === null) throw new Error('nothing is planned');
  return { answer: step.value, words };
}

describe('a poolish made more than an hour late', () => {
  const asked = question(1.2, '2026-11-27T11:00');
  const { answer, words } = answered(asked);
  const move = (kind: string) => answer.moves.filter((one) => one.kind === kind);

  test('is told how far behind it is, and each move as it is run', () => {
    expect(answer.behindMin).toBeGreaterThan(60);
    expect(words).toBe(answer.moves.length + 1);
  });

  test('a warmer place brings its best forward, and the mix stands where it is ripe', () => {
    const warmer = move('other place').find((one) => one.placeId === 'proofer')!;
    expect(warmer.laterMin).toBeLessThan(answer.behindMin!);
    expect(Math.abs(warmer.mixAtMs! - warmer.bestMs!)).toBeLessThan(20 * 60_000);
    expect(Math.abs(warmer.laterMin)).toBeLessThan(answer.behindMin!);
    expect(warmer.moves).toBe(1);
  });

  test('mixing later waits for it, dividing goes along, the service stays', () => {
    const [later] = move('mix at best');
    expect(later!.laterMin).toBeGreaterThan(30);
    const divide = later!.changes.find((one) => one.act.kind === 'divide')!;
    const before = asked.plan.find((one) => one.act.kind === 'divide')!;
    expect(divide.atMs - before.atMs).toBe(later!.laterMin * 60_000);
    expect(later!.changes.some((one) => one.act.kind === 'use')).toBe(false);
  });

  test('a smaller share leaves leaven over and weighs flour and water for it', () => {
    const [smaller] = move('smaller share');
    const mix = asked.plan.find(({ act }) => isAct(act, 'make'))!.act;
    const changed = smaller!.changes[0]!.act;
    if (!isAct(mix, 'make') || !isAct(changed, 'make')) throw new Error('no mix');
    const sum = (act: typeof mix) =>
      [...act.ingredients, ...act.portions].reduce((all, line) => all + line.massG, 0);
    expect(sum(changed)).toBeCloseTo(sum(mix) + smaller!.yeastG, 6);
    expect(smaller!.leftLeavenG).toBeGreaterThan(0);
  });

  test('moves are ranked by their odds less a broken promise, and no service is surer than its worst half hour', () => {
    const odds = answer.moves.map((one) => Math.round(worthOf(one) / 0.02));
    // Guests that are sent away or wait are the last thing a baker does.
    const later = answer.moves.find(({ kind }) => kind === 'service later')!;
    expect(worthOf(later)).toBeLessThan(later.odds.both - 0.1);
    expect(odds).toEqual([...odds].sort((a, b) => b - a));
    for (const { odds: each } of answer.moves) {
      expect(each.service).toBeLessThanOrEqual(Math.min(...each.halfHours.map((h) => h.ready)));
    }
  });

  test('the same question has the same answer', () => {
    expect(answered(asked).answer.moves.map((one) => [one.kind, one.odds.service])).toEqual(
      answer.moves.map((one) => [one.kind, one.odds.service]),
    );
  });
});

test('a leaven three hours early is saved by the fridge, and the odds say so', () => {
  const asked = question(-3, '2026-11-27T10:00');
  const { answer } = answered(asked);
  expect(answer.behindMin!).toBeLessThan(-120);
  const fridge = answer.moves.find(
    (one) => one.kind === 'other place' && one.placeId === 'fridge',
  )!;
  expect(answer.moves.indexOf(fridge)).toBeLessThan(3);
  expect(fridge.odds.leaven).toBeGreaterThan(answer.stands.odds.leaven + 0.3);
  expect(fridge.odds.both).toBeGreaterThan(answer.stands.odds.both);
});

test('a look that says that it is behind counts: the same poolish, seen low, is later', () => {
  const unseen = answered(question(0, '2026-11-27T12:00')).answer;
  const low = answered(question(0, '2026-11-27T12:00', 1.3)).answer;
  expect(low.behindMin!).toBeGreaterThan(unseen.behindMin! + 20);
});

test('a leaven far past its window: how good it still is, at which share, and that it can be fed again', () => {
  const { answer } = answered(question(-7, '2026-11-27T14:00'));
  expect(answer.past!.pastH).toBeGreaterThan(2);
  expect(answer.past!.shareUpTo).toBeGreaterThan(0);
  expect(answer.past!.shareUpTo).toBeLessThanOrEqual(0.5);
  const again = answer.moves.find((one) => one.kind === 'feed again');
  expect(again!.flourG).toBeGreaterThan(0);
});

test('what the baker pinned is not moved', () => {
  const asked = question(1.2, '2026-11-27T11:00');
  const mix = asked.plan.find(({ act }) => isAct(act, 'make'))!;
  const { answer } = answered({ ...asked, pinned: [mix.stepId] });
  expect(answer.moves.length).toBeGreaterThan(0);
  const touched = answer.moves.flatMap((one) => one.changes.map((change) => change.stepId));
  expect(touched).not.toContain(mix.stepId);
});

test('where nothing is planned any more there is nothing to hold', () => {
  const asked = { ...question(0, '2026-11-27T12:00'), plan: [] };
  expect(holdOrHurry(asked).next().value).toBeNull();
});

test('no shorter bulk divides a dough that is still in the bowl', () => {
  const asked = question(0, '2026-11-27T12:00');
  const mix = asked.plan.find(({ act }) => isAct(act, 'make'))!;
  const ball = asked.plan.find(({ act }) => isAct(act, 'divide'))!;
  const shorter = (outMin: number) =>
    sketchesOf({ ...asked, outMin }, holdStage(asked)!)
      .filter((one) => one.kind === 'bulk')
      .map((one) => one.changes[0]!.atMs)
      .filter((atMs) => atMs < ball.atMs);
  expect(shorter(10)).toHaveLength(1);
  expect(shorter((ball.atMs - mix.atMs) / 60_000 - 30)).toEqual([]);
});
