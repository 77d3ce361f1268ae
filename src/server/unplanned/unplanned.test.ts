import { startingMethods, usualLengthH } from '@/core/methods';
import { toLocalText } from '@/core/units';
import { openShopInMemory } from '@/data';
import { addHours } from '@/core/units';
import { bakesInSight } from '../bakes/bakes-in-sight';
import { contextOver, type ShopContext } from '../context';
import { handsIcs } from '../hands-list/files';
import { handsList } from '../hands-list/hands-list';
import { changeHours } from '../shop/hours';
import { loadShop } from '../shop/load-shop';
import { ensureShop } from '../shop/new-shop';
import { tideView } from '../tide';
import { skipDemandDay, stateDemand, withdrawDemand } from '../plan/demands';
import { unplannedServices } from './unplanned';
import { planView } from '../plan/view';

const ZONE = 'Europe/Oslo';
const NOW = Date.parse('2026-11-23T09:00:00+01:00');

function emptyShop(): ShopContext {
  const db = openShopInMemory();
  ensureShop(db, ZONE);
  return { ...contextOver(db), clock: () => ({ nowMs: NOW, rate: 0, demo: false }) };
}

/** A service so many hours ahead. */
function ask(context: ShopContext, inH: number, more: object = {}): string {
  const at = (h: number) => toLocalText(addHours(NOW, h), ZONE);
  const outcome = stateDemand(context, {
    ...{ id: null, name: 'Evening', readyFrom: at(inH), readyTo: at(inH + 2), balls: '20' },
    ...more,
  });
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.value.id;
}
const unplanned = (context: ShopContext) =>
  unplannedServices(context, loadShop(context), bakesInSight(context));

test('a service nobody has planned says by when, in time for its longest method, while somebody works', () => {
  const context = emptyShop();
  ask(context, 105);
  const [one] = unplanned(context);
  expect(one).toMatchObject({ name: 'Evening', balls: 20 });
  const method = startingMethods().find((each) => each.method.name === one?.planBy?.method)?.method;
  const beginsMs = addHours(NOW, 105 - usualLengthH(method!));
  expect(one!.planBy!.atMs).toBeLessThanOrEqual(beginsMs);
  expect(one!.planBy!.atMs).toBeGreaterThan(NOW);
  const hour = Number(toLocalText(one!.planBy!.atMs, ZONE).slice(11, 13));
  expect(hour).toBeGreaterThanOrEqual(6);
  expect(hour).toBeLessThanOrEqual(22);
  // No method of the shop is longer and would still fit.
  const longer = startingMethods().filter(
    (each) => usualLengthH(each.method) > usualLengthH(method!) && usualLengthH(each.method) < 105,
  );
  expect(longer.every((each) => each.method.dough.leavens.some((l) => l.made.by !== 'yeast'))).toBe(
    true,
  );
});

test('only the methods it names count; where none fits any more it says so', () => {
  const context = emptyShop();
  ask(context, 100, { methods: ['start-straight'] });
  const straight = startingMethods().find((one) => one.id === 'straight')!.method;
  expect(unplanned(context)[0]?.planBy?.method).toBe(straight.name);
  const late = emptyShop();
  ask(late, 3, { methods: ['start-biga-cold'] });
  expect(unplanned(late)[0]?.planBy).toBeNull();
});

test('it stands on Tide, hands’ list and calendar at that hour, and is open on Plan; withdrawn it is gone', () => {
  const context = emptyShop();
  const id = ask(context, 60);
  const [one] = unplanned(context);
  expect(tideView(context).unplanned).toEqual([one]);
  const moment = handsList(context).moments.find((each) => each.title === 'Plan Evening');
  expect(moment).toMatchObject({
    atMs: one?.planBy?.atMs,
    lines: [{ label: 'pizzas', text: '20' }],
  });
  expect(handsIcs(handsList(context))).toContain('Plan Evening');
  const open = planView(context).services.filter((each) => each.state === 'open');
  expect(open.map((each) => each.key)).toEqual([one?.key]);
  withdrawDemand(context, id, true);
  expect(unplanned(context)).toEqual([]);
  expect(tideView(context).unplanned).toEqual([]);
});

test('a weekly service stands once for each coming day that nobody planned', () => {
  const context = emptyShop();
  ask(context, 10, { weekly: true });
  expect(unplanned(context)).toHaveLength(1);
  expect(
    unplanned({
      ...context,
      clock: () => ({ nowMs: addHours(NOW, 24 * 30), rate: 0, demo: false }),
    }),
  ).toHaveLength(1);
});

test('a weekly service that is left out on one day is not asked for then, and is again when put back', () => {
  const context = emptyShop();
  const id = ask(context, 10, { weekly: true });
  const date = '2026-11-23';
  expect(skipDemandDay(context, { demandId: id, date, skipped: true })).toMatchObject({ ok: true });
  expect(unplanned(context)).toEqual([]);
  expect(tideView(context).unplanned).toEqual([]);
  const nextWeek = {
    ...context,
    clock: () => ({ nowMs: addHours(NOW, 24 * 7), rate: 0, demo: false }),
  };
  expect(unplanned(nextWeek)).toHaveLength(1);
  skipDemandDay(context, { demandId: id, date, skipped: false });
  expect(unplanned(context)).toHaveLength(1);
});

test('a service that is held once is not left out but removed; an odd day is refused', () => {
  const context = emptyShop();
  const id = ask(context, 30);
  const once = skipDemandDay(context, { demandId: id, date: '2026-11-24', skipped: true });
  expect(JSON.stringify(once)).toContain('Remove it instead');
  const odd = skipDemandDay(context, { demandId: id, date: 'Friday', skipped: true });
  expect(JSON.stringify(odd)).toContain('Allowed: a day such as 2026-12-04');
});

test('before a closing day the hour lies on the last worked one', () => {
  const context = emptyShop();
  // Monday noon to Thursday noon: the longest begins on a day that nobody works.
  changeHours(context, { presences: [], closed: { weekdays: [2, 3], dates: [] } });
  ask(context, 75, { methods: ['start-biga-cold'] });
  const [one] = unplanned(context);
  const day = toLocalText(one!.planBy!.atMs, ZONE).slice(0, 10);
  expect(day).toBe('2026-11-23');
});
