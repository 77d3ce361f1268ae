import { demandFor, planningShop, startingMethod } from '../../../tests/fixtures/planning';
import { startingMethods, type Method } from '../methods';
import { addHours } from '../units';
import { mended, mendOf, targetTimes } from './mend';
import type { MethodRequest } from './method-request';
import { planMethod } from './plan-method';
import { requestFor } from './week';

const shop = planningShop();

function requestOf(id: string, changed: Partial<MethodRequest> = {}): MethodRequest {
  const demand = demandFor('2026-11-27T18:00', [], { balls: 24 });
  const method = { key: id, method: startingMethod(id), versionId: null };
  return { ...requestFor(demand, method, shop), ...changed };
}

/** The change that mends a request that is refused for a reason; it is planned with it. */
function mendFor(request: MethodRequest, because: string) {
  const why = planMethod(request);
  if (why.kind === 'plan') throw new Error('it can be planned');
  expect(why.because).toBe(because);
  const mend = mendOf(request, why);
  if (mend !== null) expect(planMethod(mended(request, mend)).kind).toBe('plan');
  return mend;
}

const usual = requestOf('poolish-two-days');
const { nowMs, readyFromMs, readyToMs } = usual;

test.each(startingMethods().map(({ id }) => id))(
  '%s an hour from now, yesterday, for a week and in ten years: each has a service that can be',
  (id) => {
    const soon = { readyFromMs: addHours(nowMs, 1), readyToMs: addHours(nowMs, 3) };
    const mend = mendFor(requestOf(id, soon), 'too late to start');
    expect(mend).toMatchObject({ kind: 'serve' });
    if (mend?.kind !== 'serve') return;
    expect(mend.fromMs).toBeGreaterThan(soon.readyFromMs);
    expect(mend.toMs - mend.fromMs).toBe(2 * 3_600_000);
  },
);

test('a service that has passed is offered on the next day on which it can be begun', () => {
  const past = { readyFromMs: addHours(nowMs, -5), readyToMs: addHours(nowMs, -3) };
  const straight = mendFor(requestOf('straight', past), 'bake in the past');
  expect(straight).toEqual({
    kind: 'serve',
    fromMs: addHours(nowMs, 19),
    toMs: addHours(nowMs, 21),
  });
  const long = mendFor(requestOf('poolish-two-days', past), 'bake in the past');
  expect(long?.kind === 'serve' && long.fromMs).toBeGreaterThan(addHours(nowMs, 19));
});

test('years ahead, a week long, ending before it begins: the nearest that is allowed', () => {
  const far = { readyFromMs: addHours(nowMs, 24 * 900), readyToMs: addHours(nowMs, 24 * 900 + 2) };
  const nearer = mendFor(requestOf('straight', far), 'too far ahead');
  expect(nearer?.kind === 'serve' && nearer.fromMs).toBe(addHours(nowMs, 24 * 400));
  const week = mendFor({ ...usual, readyToMs: addHours(readyFromMs, 168) }, 'service too long');
  expect(week).toEqual({
    kind: 'serve',
    fromMs: readyFromMs,
    toMs: addHours(readyFromMs, 48),
  });
  const night = mendFor(
    { ...usual, readyToMs: addHours(readyFromMs, -17) },
    'ends before it starts',
  );
  expect(night).toEqual({ kind: 'serve', fromMs: readyFromMs, toMs: addHours(readyFromMs, 7) });
});

test('an hour that can not be held is let go, and no other with it', () => {
  const plan = planMethod(usual);
  if (plan.kind !== 'plan') throw new Error(plan.because);
  const { mixAtMs } = plan;
  const early = { of: { kind: 'ball' } as const, atMs: addHours(mixAtMs, -1) };
  const ball = mendFor({ ...usual, held: { mixAtMs, hours: [early] } }, 'a step can not be');
  expect(ball).toEqual({ kind: 'free', of: 'hours' });
  const [leaven] = plan.leavens;
  const after = { [leaven!.leavenId]: addHours(mixAtMs, 1) };
  const held = { mixAtMs, leavenAtMs: after };
  expect(mendFor({ ...usual, held }, 'moments out of order')).toEqual({
    kind: 'free',
    of: 'leavens',
  });
  const late = { mixAtMs: addHours(readyToMs, 1) };
  expect(mendFor({ ...usual, held: late }, 'moments out of order')).toEqual({
    kind: 'free',
    of: 'all',
  });
});

test('a target of any kind is made larger', () => {
  const doubled = (target: Method['target']) => targetTimes(target, 2);
  const piece = { name: 'Balls', count: 3, weightG: 250, keepsH: 4 };
  expect(doubled({ by: 'products', products: [piece] })).toMatchObject({
    products: [{ count: 6, weightG: 250 }],
  });
  expect(doubled({ by: 'dough', doughG: 500 })).toMatchObject({ doughG: 1000 });
  expect(doubled({ by: 'flour', flourG: 300 })).toMatchObject({ flourG: 600 });
  expect(doubled({ by: 'leaven', leavenId: 'a', massG: 50 })).toMatchObject({ massG: 100 });
  const tray = { by: 'tray', count: 1, lengthCm: 40, widthCm: 30, thicknessMm: 8 } as const;
  expect(doubled(tray)).toMatchObject({ count: 2, lengthCm: 40 });
  expect(
    doubled({ by: 'diameter', count: 4, diameterCm: 30, style: 'neapolitan' as never }),
  ).toMatchObject({ count: 8 });
});
