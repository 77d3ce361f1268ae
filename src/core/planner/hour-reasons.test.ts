import { methodOf, planned, request } from '../../../tests/fixtures/method-plans';
import { startingMethods } from '../methods';
import { toLocalText } from '../units';
import { hourReasons, planMethod, type HourReason, type Limit, type MethodRemark } from '.';

const MIN = 60_000;
const WAYS = startingMethods().map(({ id }) => id);

/** A plan of a starting method with the reasons of its hours. */
function reasoned(id: string, changes: Parameters<typeof planned>[1] = {}) {
  const plan = planned(id, changes);
  const asked = request(methodOf(id), changes);
  const reasons = hourReasons(plan, asked);
  return { plan, asked, reasons, mix: reasons.find(({ what }) => what === 'mix')! };
}

/** What is remarked of the same doses with the mix at another hour. */
function remarksAt(id: string, mixAtMs: number): readonly MethodRemark[] {
  const { plan, asked } = reasoned(id);
  const leavenAtMs = Object.fromEntries(
    plan.leavens.flatMap(({ leavenId, atMs }) => (atMs === null ? [] : [[leavenId, atMs]])),
  );
  const other = planMethod({
    ...asked,
    method: plan.method,
    solved: { refreshments: plan.refreshments },
    held: { mixAtMs, leavenAtMs },
  });
  return other.kind === 'plan' ? other.remarks : [];
}

/** The remark that a limit foretells beyond it; null for one that has none. */
const FORETELLS: Partial<Record<Limit['kind'], MethodRemark['kind']>> = {
  'not ripe': 'leaven not ripe',
  'gone over': 'leaven not ripe',
  'balls late': 'balls late',
  'balls slack': 'balls slack',
  'nobody in': 'at night',
};

test.each(WAYS)('%s: beyond the room of its mix comes what the reason foretells', (id) => {
  const { mix } = reasoned(id);
  for (const side of ['earliest', 'latest'] as const) {
    const edge = mix[side];
    const foretold = edge === null ? undefined : FORETELLS[edge.limit.kind];
    if (edge === null || foretold === undefined) continue;
    const beyond = edge.atMs + (side === 'earliest' ? -25 : 25) * MIN;
    const kinds = remarksAt(id, beyond).map(({ kind }) => kind);
    expect([id, side, edge.limit, kinds]).toEqual([
      id,
      side,
      edge.limit,
      expect.arrayContaining([foretold]),
    ]);
  }
});

test.each(WAYS)('%s: every hour lies between its edges, and all hours are told', (id) => {
  const { plan, reasons } = reasoned(id);
  for (const { atMs, earliest, latest } of reasons) {
    if (earliest !== null) expect(earliest.atMs).toBeLessThanOrEqual(atMs + MIN);
    if (latest !== null) expect(latest.atMs).toBeGreaterThanOrEqual(atMs - MIN);
  }
  const told = (what: HourReason['what']) => reasons.filter((one) => one.what === what);
  expect(told('mix').map(({ atMs }) => atMs)).toEqual([plan.mixAtMs]);
  expect(told('ball').map(({ atMs }) => atMs)).toEqual([plan.ballAtMs]);
  expect(told('leaven').map(({ name }) => name)).toEqual(
    plan.leavens.filter(({ atMs }) => atMs !== null).map(({ name }) => name),
  );
  expect(told('out').length > 0).toBe(plan.method.balls.length > 1);
});

test('a pinned mix says so, and a leaven says what its dose was worked out for', () => {
  const free = reasoned('poolish-day');
  const held = reasoned('poolish-day', { held: { mixAtMs: free.plan.mixAtMs - 30 * MIN } });
  expect(held.mix.grounds[0]).toEqual({ kind: 'pinned' });
  expect(free.mix.grounds.some(({ kind }) => kind === 'pinned')).toBe(false);
  const dose = free.reasons
    .find(({ what }) => what === 'leaven')!
    .grounds.find((one) => one.kind === 'dose')!;
  const [leaven] = free.plan.leavens;
  expect(dose).toMatchObject({ byYeast: true, typed: false, share: leaven!.raisedBy });
  expect(dose.kind === 'dose' && dose.hours).toBeCloseTo(
    (free.plan.mixAtMs - leaven!.atMs!) / 3_600_000,
  );
});

test('whoever comes last is named', () => {
  const { plan, asked } = reasoned('poolish-day');
  const builtMs = plan.leavens[0]!.atMs!;
  const text = toLocalText(builtMs, asked.timeZone).slice(11);
  const fromMinute = Number(text.slice(0, 2)) * 60 + Number(text.slice(3)) - 5;
  const presences = [1, 2, 3, 4, 5, 6, 7].map((weekday) => ({
    who: 'Ana',
    weekday,
    fromMinute,
    untilMinute: 1380,
  }));
  const workingHours = { fromMinute, untilMinute: 1380, presences };
  const [leaven] = hourReasons(plan, { ...asked, workingHours });
  expect(leaven!.earliest).toEqual({
    atMs: builtMs - 5 * MIN,
    limit: { kind: 'nobody in', to: 'Poolish', who: ['Ana'] },
  });
});
