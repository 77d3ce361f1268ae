import { demandFor, planningShop } from '../../../../tests/fixtures/planning';
import { hoursToBalls } from '../../mixing';
import { startingMethods } from '../../methods';
import { addHours, hoursBetween } from '../../units';
import { batchesOf } from '../drafted';
import { planMethod } from '../plan-method';
import { proposalsOf } from './propose';
import { withOdds } from './plan-odds';

const FROM = '2026-11-27T18:00';
const shop = planningShop({ benchC: 22 });
/** The same truths for both: their difference is surer than either. */
const TRUTHS = 32;

function bestOf(id: string, hours: number) {
  const readyToMs = addHours(Date.parse('2026-11-27T17:00:00Z'), hours);
  const demand = demandFor(FROM, [id], { readyToMs });
  const found = proposalsOf(demand, demand.methods[0]!, shop, 0);
  if (found.kind !== 'proposals') throw new Error(`${id}: no plan`);
  return found.proposals[0]!;
}

describe('a plan against schedules typed by hand', () => {
  // Where balls wait in the cold, waves of them are moved by other hours than the mix’s.
  const ways = startingMethods()
    .filter(({ method }) => method.balls.length === 1)
    .map(({ id }) => id);
  test.each(ways)(
    '%s: no hour of the mix that its stays allow holds the service far better',
    (id) => {
      for (const hours of [1, 3]) {
        const proposal = bestOf(id, hours);
        const { plan, request } = proposal;
        const said = withOdds(proposal, shop, TRUTHS).odds!;
        const bulkH = hoursToBalls(request.method, batchesOf(request));
        for (const shiftH of [-1.5, -0.75, 0.75, 1.5]) {
          const mixAtMs = addHours(plan.mixAtMs, shiftH);
          const ballsH = hoursBetween(addHours(mixAtMs, bulkH), request.readyFromMs);
          const [stay] = request.method.balls;
          if (ballsH < stay!.leastH || ballsH > stay!.mostH) continue;
          const typed = { ...request, held: { ...request.held, mixAtMs } };
          const other = planMethod(typed);
          if (other.kind !== 'plan') continue;
          const { odds } = withOdds({ ...proposal, request: typed, plan: other }, shop, TRUTHS);
          expect(odds!.service).toBeLessThan(said.service + 0.13);
        }
      }
    },
  );
});

test('a turn that is shorter than the window stands in its middle, not at its beginning', () => {
  const { plan, demand } = bestOf('straight', 3);
  const [first] = plan.pieces;
  const { opensMs, closesMs } = first!.window;
  const turnToMs = plan.waves?.[0]?.toMs ?? demand.readyToMs;
  const before = hoursBetween(opensMs!, demand.readyFromMs);
  const after = hoursBetween(turnToMs, closesMs!);
  expect(before).toBeGreaterThan(0.5);
  expect(after).toBeGreaterThan(0.5);
});

test('a mix that the baker pinned stays where it is', () => {
  const free = bestOf('straight', 3);
  const mixAtMs = addHours(free.plan.mixAtMs, 0.5);
  const demand = {
    ...demandFor(FROM, ['straight'], { readyToMs: free.demand.readyToMs }),
    held: { mixAtMs },
  };
  const found = proposalsOf(demand, demand.methods[0]!, shop, 0);
  expect(found.kind === 'proposals' && found.proposals[0]!.plan.mixAtMs).toBe(mixAtMs);
});

test('the hours of bulk and balls stay within what the method allows', () => {
  for (const { id } of startingMethods()) {
    const { plan } = bestOf(id, 2);
    for (const stay of plan.method.bulk) {
      expect(stay.hours).toBeGreaterThanOrEqual(stay.leastH - 1e-6);
      expect(stay.hours).toBeLessThanOrEqual(stay.mostH + 1e-6);
    }
  }
});
