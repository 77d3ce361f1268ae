import ICAL from 'ical.js';
import { freshBatch, sentences, value } from '../../../tests/fixtures/services';
import { FRIDAY, lastOf, searched, taking } from '../../../tests/fixtures/plans';
import { isAct } from '@/core/journal';
import { WISHES } from '@/core/planner/week';
import { openShopInMemory, listBakes, saveClosingDays, saveEquipment, savePresences } from '@/data';
import { contextOver, type ShopContext } from '../context';
import { doStep } from '../hands/hands';
import { handsCsv, handsIcs } from '../hands-list/files';
import { handsList } from '../hands-list/hands-list';
import { logView } from '../log/log';
import { demoShop } from '../../../tests/demo-shop';
import { ensureShop } from '../shop/new-shop';
import { loadShop } from '../shop/load-shop';
import { tideView } from '../tide';
import { undoBatch } from '../journal/undo';
import { withdrawBake } from '../bakes/withdraw-bake';
import { demandOn } from '@/shop/plan/demand-on';
import { stateDemand, withdrawDemand } from './demands';
import { changeHours, pinStep, setWish } from '../shop/hours';
import { occurrencesOf } from '@/shop/plan/occurrences';
import { searchWeek } from '@/shop/plan/search';
import { takePlan } from './take-plan';
import { planView } from './view';

let nowMs = 0;
let context: ShopContext;
beforeEach(() => {
  nowMs = Date.parse('2026-11-23T08:00:00+01:00');
  const db = openShopInMemory();
  ensureShop(db, 'Europe/Oslo');
  context = { ...contextOver(db), clock: () => ({ nowMs, rate: 0, demo: false }) };
});

test('a service is asked for, its best plan taken as one act, taken back, and asked for again', () => {
  const { id } = value(stateDemand(context, FRIDAY));
  const view = planView(context);
  expect(view.services.map((one) => [one.name, one.state, one.balls])).toEqual([
    ['Friday', 'open', 30],
  ]);
  const search = searched(view);
  const take = taking(search, id, '2026-11-27');
  const { bakeId, batch } = value(takePlan(context, take));
  const steps = loadShop(context).folded.plan;
  const balls = steps.reduce((sum, { act }) => (isAct(act, 'use') ? sum + act.count : sum), 0);
  expect(balls).toBe(30);
  const mix = steps.find(({ act }) => isAct(act, 'make') && act.lotKind === 'dough')!;
  expect(mix.atMs).toBe(take.mixAtMs);
  expect(steps.every((one) => one.bakeId === bakeId)).toBe(true);
  expect(planView(context).services[0]).toMatchObject({ state: 'planned', bakeId, balls: 30 });
  expect(tideView(context).services[0]).toMatchObject({ name: 'Friday', wanted: 30 });
  expect(sentences(takePlan(context, { ...take, batch: freshBatch() }))[0]).toContain(
    'a plan was taken for it already',
  );
  value(undoBatch(context, batch));
  expect(planView(context).services[0]!.state).toBe('open');
  const again = value(takePlan(context, { ...take, batch: freshBatch() }));
  value(withdrawBake(context, again.bakeId));
  expect(planView(context).services[0]!.state).toBe('open');
  expect(listBakes(context.db)).toHaveLength(2);
});

test('what is stored is the plan that was shown, to the minute and the gram', () => {
  const { id } = value(stateDemand(context, FRIDAY));
  const search = searched(planView(context));
  const best = search.shown.find((one) => one.key === search.bestKey)!;
  value(takePlan(context, taking(search, id, '2026-11-27')));
  const stored = loadShop(context).folded.plan.map((one) => one.atMs);
  for (const rung of best.rungs) expect(stored).toContain(rung.atMs);
});

test('the oven is a step like any other: due on the Tide, done by the hands, in the Log', () => {
  const thing = { id: 'oven', kind: 'oven' as const, name: 'Deck', count: 1, least: 0, most: 4 };
  saveEquipment(context.db, { ...thing, heatMin: 75, bakeMin: 5 });
  const { id } = value(stateDemand(context, FRIDAY));
  value(takePlan(context, taking(searched(planView(context)), id, '2026-11-27')));
  const lit = tideView(context).moments.find((one) => one.title === 'Light Deck')!;
  expect(lit.atMs).toBe(Date.parse('2026-11-27T18:00:00+01:00') - 75 * 60_000);
  nowMs = lit.atMs + 60_000;
  value(doStep(context, { stepId: lit.ref, batch: freshBatch() }));
  expect(loadShop(context).folded.plan.some(({ act }) => isAct(act, 'light'))).toBe(false);
  expect(logView(context).rows[0]!.says).toBe('Lit Deck');
});

test('a plan that can no longer be is refused by name and nothing is stored', () => {
  const { id } = value(stateDemand(context, FRIDAY));
  const take = taking(searched(planView(context)), id, '2026-11-27');
  saveClosingDays(context.db, { weekdays: [5], dates: [] });
  expect(sentences(takePlan(context, take))[0]).toMatch(/^Closed on Fri/);
  expect(sentences(takePlan(context, { ...take, date: '2026-11-28' }))[0]).toContain('Service');
  expect(loadShop(context).folded.plan).toEqual([]);
  nowMs = Date.parse('2026-11-27T17:00:00+01:00');
  expect(takePlan(context, { ...take, batch: freshBatch() }).ok).toBe(false);
  expect(listBakes(context.db)).toEqual([]);
});

test.each([
  [{ readyTo: '2026-11-27T17:00' }, 'To: it lies before From'],
  [{ readyFrom: '2026-11-20T18:00', readyTo: '2026-11-20T20:00' }, 'From: that hour has passed'],
  [{ readyFrom: 'tomorrow' }, 'From: “tomorrow” is not a date and time'],
  [{ balls: '0' }, 'Pizzas: 0 is not possible'],
  [{ perHour: ['10', '10'] }, 'Pizzas in each hour: they come to 20, not 30'],
  [{ readyTo: '2026-11-28T18:00' }, 'To: a service of more than 12 h'],
])('a service with %o is refused in a sentence', (changes, sentence) => {
  expect(sentences(stateDemand(context, { ...FRIDAY, ...changes }))[0]).toContain(sentence);
  expect(planView(context).services).toEqual([]);
});

test('a weekly service keeps its hour on the wall through the night the clocks change, and on a leap day', () => {
  const row = (from: string, to: string) => ({
    id: 'd',
    name: 'Weekly',
    createdMs: 0,
    readyFromMs: Date.parse(from),
    readyToMs: Date.parse(to),
    balls: 30,
    perHour: null,
    methods: [],
    weekly: true,
    withdrawnMs: null,
  });
  const autumn = row('2026-10-18T18:00:00+02:00', '2026-10-18T20:00:00+02:00');
  const span = (from: string, days: number) => {
    const fromMs = Date.parse(from);
    return { fromMs, toMs: fromMs + days * 86_400_000 };
  };
  const found = occurrencesOf([autumn], span('2026-10-18T00:00:00+02:00', 15), 'Europe/Oslo');
  expect(found.map((one) => new Date(one.readyFromMs).toISOString())).toEqual([
    '2026-10-18T16:00:00.000Z',
    '2026-10-25T17:00:00.000Z',
    '2026-11-01T17:00:00.000Z',
  ]);
  const leap = row('2028-02-22T18:00:00+01:00', '2028-02-22T20:00:00+01:00');
  const dates = occurrencesOf([leap], span('2028-02-28T00:00:00+01:00', 9), 'Europe/Oslo');
  expect(dates.map((one) => one.date)).toEqual(['2028-02-29', '2028-03-07']);
  const late = row('2026-11-27T22:00:00+01:00', '2026-11-28T01:00:00+01:00');
  const [past] = occurrencesOf([late], span('2026-11-28T00:30:00+01:00', 1), 'Europe/Oslo');
  expect(past).toMatchObject({ date: '2026-11-27' });
});

test('a service over midnight is planned and covered to its end', () => {
  const night = { ...FRIDAY, readyFrom: '2026-11-27T22:00', readyTo: '2026-11-28T01:00' };
  const hours = (weekday: number) => ({ who: 'Jo', weekday, fromMinute: 600, untilMinute: 120 });
  value(stateDemand(context, night));
  context.db.prepare('UPDATE shop SET people = ?').run('["Jo"]');
  savePresences(context.db, [1, 2, 3, 4, 5, 6, 7].map(hours));
  const search = searched(planView(context));
  const best = search.shown.find((one) => one.key === search.bestKey)!;
  expect(best.broken).toEqual([]);
  expect(best.odds.halfHours.at(-1)!.toMs).toBe(Date.parse('2026-11-28T01:00:00+01:00'));
});

test('hours, closing days, the wish and pins are kept; strangers and seven closed days are refused', () => {
  context.db.prepare('UPDATE shop SET people = ?').run('["Jo"]');
  const jo = { who: 'Jo', weekday: 1, fromMinute: 360, untilMinute: 840 };
  const open = { weekdays: [], dates: ['2026-12-24'] };
  value(changeHours(context, { presences: [jo], closed: open }));
  expect(loadShop(context).presences).toEqual([jo]);
  expect(loadShop(context).closed).toEqual(open);
  const stranger = { ...jo, who: 'Nobody' };
  expect(sentences(changeHours(context, { presences: [stranger], closed: open }))[0]).toContain(
    '“Nobody” does not work here',
  );
  const shut = { weekdays: [1, 2, 3, 4, 5, 6, 7], dates: [] };
  expect(changeHours(context, { presences: [], closed: shut }).ok).toBe(false);
  value(setWish(context, 'sleep'));
  expect(planView(context).facts.weights).toEqual(WISHES.sleep);
  value(setWish(context, { ...WISHES.sleep, move: 9 }));
  expect(planView(context).facts.weights.move).toBe(9);
  expect(setWish(context, 'luck').ok).toBe(false);
  expect(pinStep(context, 'nothing', true).ok).toBe(false);
});

test('a culture is to be fed after the last feed that is planned of it, by its rhythm; within the week only', () => {
  const { context: demo } = demoShop();
  const { feeds, span } = planView(demo);
  const grusa = feeds.find((one) => one.name === 'Grusa')!;
  const planned = loadShop(demo).folded.plan.filter(
    ({ act }) => isAct(act, 'make') && act.cultureId === grusa.cultureId,
  );
  expect(planned.length).toBeGreaterThan(0);
  const lastMs = Math.max(...planned.map((one) => one.atMs));
  expect(grusa.atMs - lastMs).toBe(24 * 3_600_000);
  expect(feeds.every((one) => one.atMs <= span.toMs)).toBe(true);
  expect(feeds.map((one) => one.atMs)).toEqual(feeds.map((one) => one.atMs).sort((a, b) => a - b));
});

test('all open services are planned together, and one that is withdrawn is not', () => {
  const first = value(stateDemand(context, FRIDAY));
  const saturday = { readyFrom: '2026-11-28T18:00', readyTo: '2026-11-28T20:00' };
  value(stateDemand(context, { ...FRIDAY, ...saturday, name: 'Saturday' }));
  const view = planView(context);
  const demands = view.services.map((one) => {
    const row = view.demands.find((each) => each.id === one.demandId)!;
    const methods = view.methods.filter((each) => row.methods.includes(each.key));
    return demandOn(one.asked!, methods);
  });
  const week = lastOf(searchWeek(demands, view.facts));
  expect(week.chosen.map((one) => one.ladder !== null)).toEqual([true, true]);
  expect(week.points).toBeGreaterThanOrEqual(week.bound - 1e-9);
  value(withdrawDemand(context, first.id, true));
  expect(planView(context).services.map((one) => one.name)).toEqual(['Saturday']);
});

describe('the calendar file of a taken plan, read by an independent parser', () => {
  const events = () => {
    const parsed = new ICAL.Component(ICAL.parse(handsIcs(handsList(context))) as never);
    return parsed.getAllSubcomponents('vevent').map((one) => ({
      event: new ICAL.Event(one),
      alarms: one.getAllSubcomponents('valarm'),
    }));
  };
  const take = (from: string, to: string, date: string) => {
    const { id } = value(stateDemand(context, { ...FRIDAY, readyFrom: from, readyTo: to }));
    return value(takePlan(context, taking(searched(planView(context)), id, date)));
  };

  test('has one event for each moment, its grams in the text, an alarm, and an identity that stays', () => {
    take('2026-11-27T18:00', '2026-11-27T20:00', '2026-11-27');
    const list = handsList(context);
    const found = events();
    expect(found).toHaveLength(list.moments.length);
    found.forEach(({ event, alarms }, index) => {
      const moment = list.moments[index]!;
      expect(event.startDate.toJSDate().getTime()).toBe(moment.atMs);
      expect(event.uid).toBe(`${moment.stepId}@olvik`);
      expect(alarms).toHaveLength(1);
    });
    const mix = found.find(({ event }) => event.summary.startsWith('Mix'))!;
    expect(mix.event.description).toMatch(/Salt \d+ g/);
    const uids = found.map(({ event }) => event.uid);
    nowMs += 600_000;
    expect(events().map(({ event }) => event.uid)).toEqual(uids);
  });

  test('is right across the night the clocks change', () => {
    nowMs = Date.parse('2026-10-23T08:00:00+02:00');
    take('2026-10-25T18:00', '2026-10-25T20:00', '2026-10-25');
    const service = events().find(({ event }) => event.summary.startsWith('Bake'))!;
    expect(service.event.startDate.toJSDate().toISOString()).toBe('2026-10-25T17:00:00.000Z');
  });

  test('and as CSV no cell can be run by a table program', () => {
    context.db.prepare('UPDATE shop SET people = ?').run('["=1+1"]');
    take('2026-11-27T18:00', '2026-11-27T20:00', '2026-11-27');
    const csv = handsCsv(handsList(context));
    expect(csv.split('\r\n')[0]).toBe('at,until,local time,who,what,service,place,grams');
    expect(csv).toContain("'=1+1");
  });
});
