import fc from 'fast-check';
import { at, planningShop } from '../../../../tests/fixtures/planning';
import { assignHands } from './assign-hands';
import type { HandsNeed } from './needs';

const { kitchen } = planningShop();
const need = (what: string, from: string, minutes: number, more: Partial<HandsNeed> = {}) => ({
  what,
  fromMs: at(`2026-11-27T${from}`),
  toMs: at(`2026-11-27T${from}`) + minutes * 60_000,
  demandId: 'd',
  who: null,
  ...more,
});
const whoOf = (needs: readonly HandsNeed[], changed = kitchen) =>
  Object.fromEntries(assignHands(needs, changed).hands.map((one) => [one.what, one.who]));

test('two things at once are done by two people, and one after the other by who has done less', () => {
  const who = whoOf([
    need('mix', '10:00', 30),
    need('feed', '10:10', 10),
    need('ball', '11:00', 20),
  ]);
  expect(who['mix']).not.toBe(who['feed']);
  expect(who['ball']).toBe(who['feed']);
});

test('a third thing at once has nobody, and it is told that all are busy', () => {
  const { unmet } = assignHands(
    [need('a', '10:00', 30), need('b', '10:00', 30), need('c', '10:10', 30)],
    kitchen,
  );
  expect(unmet).toMatchObject([{ need: { what: 'c' }, why: 'hands full' }]);
});

test('at night nobody is in, and what begins in the hours but ends after them has nobody either', () => {
  const { unmet } = assignHands([need('late', '23:30', 10), need('over', '22:50', 20)], kitchen);
  expect(unmet.map((one) => [one.need.what, one.why])).toEqual([
    ['over', 'nobody in'],
    ['late', 'nobody in'],
  ]);
});

test('only who is there on that day is asked', () => {
  const hours = {
    ...kitchen.hours,
    presences: [
      { who: 'Jo', weekday: 5, fromMinute: 360, untilMinute: 720 },
      { who: 'Maren', weekday: 5, fromMinute: 720, untilMinute: 1200 },
    ],
  };
  const who = whoOf([need('early', '07:00', 30), need('evening', '18:00', 30)], {
    ...kitchen,
    hours,
  });
  expect(who).toEqual({ early: 'Jo', evening: 'Maren' });
});

test('what was given to somebody stays with them', () => {
  const who = whoOf([
    need('mine', '10:00', 30, { who: 'Maren', fixed: true }),
    need('other', '10:00', 30),
  ]);
  expect(who).toEqual({ mine: 'Maren', other: 'Jo' });
});

test('nobody is ever given two things at once, whatever is asked', () => {
  const any = fc.record({
    minute: fc.integer({ min: 0, max: 1300 }),
    long: fc.integer({ min: 1, max: 90 }),
  });
  fc.assert(
    fc.property(fc.array(any, { maxLength: 12 }), (asked) => {
      const midnight = at('2026-11-27T00:00');
      const needs = asked.map((one, i) => ({
        ...need(String(i), '00:00', 0),
        fromMs: midnight + one.minute * 60_000,
        toMs: midnight + (one.minute + one.long) * 60_000,
      }));
      const { hands, unmet } = assignHands(needs, kitchen);
      expect(hands).toHaveLength(needs.length);
      expect(hands.filter((one) => one.who === null)).toHaveLength(unmet.length);
      for (const a of hands) {
        const clash = hands.find(
          (b) =>
            b !== a && a.who !== null && b.who === a.who && a.fromMs < b.toMs && b.fromMs < a.toMs,
        );
        expect(clash).toBeUndefined();
      }
    }),
    { numRuns: 200 },
  );
});

test('where the one who could do it has something that another can do, that is passed on', () => {
  const hours = {
    ...kitchen.hours,
    presences: [
      { who: 'Jo', weekday: 5, fromMinute: 360, untilMinute: 1200 },
      { who: 'Maren', weekday: 5, fromMinute: 360, untilMinute: 720 },
    ],
  };
  const both = [need('long', '11:30', 60), need('short', '11:00', 45)];
  const who = whoOf([...both], { ...kitchen, hours });
  expect(who).toEqual({ long: 'Jo', short: 'Maren' });
});

test('boxes are moved by whoever serves, beside the service; before it and other work take hands of their own', () => {
  const alone = { ...kitchen, people: ['Jo'] };
  const service = need('service', '18:00', 120, { part: 'service' });
  const boxes = (from: string) => need(`boxes ${from}`, from, 3, { part: 'boxes' });
  const beside = assignHands([boxes('18:30'), service, boxes('19:57')], alone);
  expect(beside.unmet).toEqual([]);
  expect(beside.hands.map((one) => one.who)).toEqual(['Jo', 'Jo', 'Jo']);
  const unmetWith = (other: HandsNeed) =>
    assignHands([service, other], alone).unmet.map((one) => one.need.what);
  expect(unmetWith(boxes('17:58'))).toEqual(['service']);
  expect(unmetWith(boxes('19:58'))).toEqual(['boxes 19:58']);
  expect(unmetWith(need('mix', '18:30', 3))).toEqual(['mix']);
});

test('boxes beside a service that nobody can do have nobody, and only the service is told', () => {
  const { hands, unmet } = assignHands(
    [
      need('service', '22:00', 120, { part: 'service' }),
      need('boxes', '22:30', 3, { part: 'boxes' }),
    ],
    kitchen,
  );
  expect(unmet.map((one) => one.need.what)).toEqual(['service']);
  expect(hands.map((one) => one.who)).toEqual([null, null]);
});

test('as many moments are met as trying every way of giving them out meets', () => {
  const people = ['Jo', 'Maren', 'Ada'];
  const any = fc.record({
    minute: fc.integer({ min: 360, max: 1000 }),
    long: fc.integer({ min: 10, max: 240 }),
  });
  const shift = fc.record({
    fromMinute: fc.integer({ min: 300, max: 700 }),
    long: fc.integer({ min: 100, max: 700 }),
  });
  const shifts = fc.tuple(shift, shift, shift);
  fc.assert(
    fc.property(fc.array(any, { minLength: 3, maxLength: 6 }), shifts, (asked, when) => {
      const presences = when.map((one, i) => ({
        who: people[i] as string,
        weekday: 5,
        fromMinute: one.fromMinute,
        untilMinute: one.fromMinute + one.long,
      }));
      const shop = { ...kitchen, people, hours: { ...kitchen.hours, presences } };
      const midnight = at('2026-11-27T00:00');
      const needs = asked.map((one, i) => ({
        ...need(String(i), '00:00', 0),
        fromMs: midnight + one.minute * 60_000,
        toMs: midnight + (one.minute + one.long) * 60_000,
      }));
      const able = needs.map((one) =>
        presences
          .filter(
            (p) =>
              midnight + p.fromMinute * 60_000 <= one.fromMs &&
              midnight + p.untilMinute * 60_000 >= one.toMs,
          )
          .map((p) => p.who),
      );
      const allMet = everyWay(needs, able, new Map());
      if (allMet) expect(assignHands(needs, shop).unmet).toEqual([]);
    }),
    { numRuns: 300 },
  );
});

function everyWay(
  needs: readonly HandsNeed[],
  able: readonly (readonly string[])[],
  given: ReadonlyMap<number, string>,
): boolean {
  const at = given.size;
  const one = needs[at];
  if (one === undefined) return true;
  return (able[at] ?? []).some((who) => {
    const clash = [...given].some(
      ([i, by]) => by === who && needs[i]!.fromMs < one.toMs && one.fromMs < needs[i]!.toMs,
    );
    return !clash && everyWay(needs, able, new Map([...given, [at, who]]));
  });
}
