import { demandFor, planningShop } from '../../../../tests/fixtures/planning';
import { elsewhere } from './elsewhere';
import { proposalsOf, requestFor } from './propose';

const shop = planningShop();
const demand = demandFor('2026-11-27T18:00', ['poolish-day']);
const [method] = demand.methods;

test('stages move to places of about the same warmth only, the nearest first', () => {
  const request = requestFor(demand, method!, shop);
  const placed = elsewhere(request, []).map((one) => [
    one.leavenStays['poolish']![0]!.placeId,
    one.bulk[0]!.placeId,
    one.balls[0]!.placeId,
  ]);
  expect(placed).toEqual([
    ['cellar', 'bench', 'bench'],
    ['bench', 'cellar', 'bench'],
    ['bench', 'bench', 'cellar'],
    ['proofer', 'bench', 'bench'],
    ['bench', 'proofer', 'bench'],
    ['bench', 'bench', 'proofer'],
  ]);
});

test('a full place is left first', () => {
  const warm = planningShop({ benchC: 24 });
  const biga = demandFor('2026-11-28T18:00', ['biga-cellar']).methods[0]!;
  const request = requestFor(demand, biga, warm);
  const full = {
    key: 'place cellar',
    kind: 'place full' as const,
    subject: 'cellar',
    atMs: 0,
    untilMs: 1,
    wanted: 70,
    there: 60,
    others: [],
  };
  const bigaIn = (methods: ReturnType<typeof elsewhere>) =>
    methods[0]!.leavenStays['biga']![0]!.placeId;
  expect(bigaIn(elsewhere(request, []))).toBe('cellar');
  expect(bigaIn(elsewhere(request, [full]))).toBe('bench');
});

test('a bench that is full sends the balls elsewhere, and the plan can be taken', () => {
  const rooms = shop.kitchen.rooms.map((room) =>
    room.placeId === 'bench' ? { ...room, litres: 8 } : room,
  );
  const tight = planningShop({ kitchen: { rooms } });
  const straight = demandFor('2026-11-27T18:00', ['straight']);
  const bestOf = (tries: number) => {
    const found = proposalsOf(straight, straight.methods[0]!, tight, tries);
    if (found.kind === 'none') throw new Error('nothing proposed');
    return found.proposals[0]!;
  };
  expect(bestOf(0).broken.map((one) => one.key)).toEqual(['place bench']);
  expect(bestOf(3).broken).toEqual([]);
  expect(bestOf(3).plan.method.balls[0]!.placeId).not.toBe('bench');
});
