import { NO_WINDOW } from '@/core/forecast/no-forecast';
import type { Moment, Strand, TideView } from '@/server/tide';
import { noticesOf, openNotice } from './alerts';
import { dragWords, goingAlong } from './drag/drag-words';
import { nearDiscs } from './near-discs';

const H = 3_600_000;
const MIN = 60_000;
/** A Friday, 06:10 in Oslo. */
const NOW = Date.parse('2026-11-27T05:10:00Z');

const strand = (
  fields: Omit<Partial<Strand>, 'window'> & { window?: Partial<Strand['window']> },
): Strand => ({
  lotId: 'P1',
  name: 'Poolish',
  kind: 'poolish',
  startMs: NOW - 8 * H,
  endMs: null,
  stays: [],
  stepMs: H,
  activity: [],
  rise: [],
  risingMs: null,
  keeping: false,
  madeFrom: [],
  becomes: [],
  tense: 'done',
  ...fields,
  window: {
    ...NO_WINDOW,
    ...fields.window,
  },
});
const moment = (fields: Partial<Moment>): Moment => ({
  ref: 'm1',
  tense: 'planned',
  glyph: 'mix',
  atMs: NOW + 3 * H,
  plannedMs: NOW + 3 * H,
  title: 'Mix dough',
  by: null,
  lines: [],
  foot: '',
  vessel: null,
  water: null,
  lotId: 'D1',
  placeId: 'bench',
  offPeakMinutes: null,
  withinWindow: null,
  bakeId: 'b1',
  batch: null,
  ...fields,
});
const view = (fields: Partial<TideView>): TideView => ({
  version: '1',
  first: null,
  unplanned: [],
  shopName: 'Slip Four',
  units: { timeZone: 'Europe/Oslo', massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  clock: { nowMs: NOW, rate: 1, demo: false },
  people: [],
  working: { fromMinute: 360, untilMinute: 1320 },
  bands: [],
  strands: [],
  moments: [],
  sheets: [],
  services: [],
  conflicts: [],
  toScore: null,
  risks: [],
  hot: [],
  silentProbes: [],
  ...fields,
});
const texts = (fields: Partial<TideView>, nowMs = NOW) =>
  noticesOf(view(fields), nowMs).map((one) => one.text);

describe('notices', () => {
  test('a step is told when it is due, not before, not for ever', () => {
    const moments = [moment({ plannedMs: NOW })];
    expect(texts({ moments }, NOW - 1)).toEqual([]);
    expect(texts({ moments })).toEqual(['Mix dough is due']);
    expect(texts({ moments }, NOW + 13 * H)).toEqual([]);
    expect(texts({ moments: [moment({ plannedMs: NOW, tense: 'done' })] })).toEqual([]);
  });
  test('a window is told when it opens and half an hour before it closes', () => {
    const strands = [strand({ window: { opensMs: NOW - MIN, closesMs: NOW + 2 * H } })];
    expect(texts({ strands }, NOW - 2 * MIN)).toEqual([]);
    expect(texts({ strands })).toEqual(['Poolish is ripe until 08:10']);
    expect(texts({ strands }, NOW + 100 * MIN)).toEqual(['Poolish is past in 20 min, 08:10']);
    expect(texts({ strands }, NOW + 2 * H)).toEqual([]);
  });
  test('what is kept cold, used up or only planned is quiet', () => {
    const window = { opensMs: NOW - H, closesMs: NOW + 5 * H };
    expect(texts({ strands: [strand({ window, keeping: true })] })).toEqual([]);
    expect(texts({ strands: [strand({ window, endMs: NOW - MIN })] })).toEqual([]);
    expect(texts({ strands: [strand({ window, tense: 'planned' })] })).toEqual([]);
  });
  test('a place that will overflow is told with its hour', () => {
    const band = {
      placeId: 'fridge',
      name: 'Fridge',
      tempC: 4,
      capacityL: 10,
      fromMs: NOW,
      stepMs: H,
    };
    expect(texts({ bands: [{ ...band, load: [9, 9, 11] }] })).toEqual(['Fridge overflows 08:10']);
    expect(texts({ bands: [{ ...band, load: [9, 9, 10] }] })).toEqual([]);
  });
  test('the oldest comes first; what was seen is gone, what was put off comes again', () => {
    const moments = [
      moment({ ref: 'late', title: 'Late', plannedMs: NOW - H }),
      moment({ ref: 'later', title: 'Later', plannedMs: NOW - 2 * MIN }),
    ];
    const notices = noticesOf(view({ moments }), NOW);
    const open = (answers: Record<string, number | null>, nowMs = NOW) =>
      openNotice(notices, answers, nowMs)?.text ?? null;
    const [first, second] = notices.map((one) => one.id);
    expect(open({})).toBe('Late is due');
    expect(open({ [first!]: null })).toBe('Later is due');
    expect(open({ [first!]: NOW + 5 * MIN, [second!]: null })).toBeNull();
    expect(open({ [first!]: NOW + 5 * MIN, [second!]: null }, NOW + 5 * MIN)).toBe('Late is due');
  });
  test('a step moved to another hour is news again', () => {
    const id = (plannedMs: number) =>
      noticesOf(view({ moments: [moment({ plannedMs })] }), NOW)[0]!.id;
    expect(id(NOW - MIN)).not.toBe(id(NOW - 2 * MIN));
  });
});

describe('a dragged moment', () => {
  const service = {
    bakeId: 'b1',
    name: 'Harbour',
    fromMs: NOW + 6 * H,
    toMs: NOW + 9 * H,
    wanted: 1,
    ripe: 1,
    odds: { chance: 0.9, worst: 0.9, settled: true, sureFrom: 0.8 },
  };
  const mix = moment({});
  const ball = moment({ ref: 'm2', glyph: 'ball', atMs: NOW + 4 * H, title: 'Ball' });
  const strands = [
    strand({ window: { opensMs: NOW + 2 * H, bestMs: NOW + 3 * H, closesMs: NOW + 4 * H } }),
    strand({ lotId: 'D1', name: 'Dough', kind: 'dough', madeFrom: ['P1'], tense: 'planned' }),
  ];
  const shop = view({ strands, moments: [mix, ball], services: [service] });
  const words = (hours: number) => dragWords({ moment: mix, atMs: NOW + hours * H }, shop);
  test('says its hour and how the leaven stands there', () => {
    expect(words(3)).toEqual(['09:10, where it was', 'ripe ✓ at best']);
    expect(words(3.5)).toEqual(['09:40, 30 min later', 'ripe ✓ 30 min after best']);
    expect(words(1)).toEqual(['07:10, 2 h earlier', 'Poolish not ripe yet for 1 h']);
    expect(words(4.5)).toContain('Poolish past by 30 min');
  });
  test('says what it would be in the way of', () => {
    expect(words(5.5)).toContain('balled after the service has begun');
    expect(words(7)).toContain('after the service has begun');
    expect(words(20)).toContain('outside the hands’ hours');
  });
  test('takes its balling along by the same time', () => {
    expect(goingAlong({ moment: mix, atMs: mix.atMs + H }, shop)).toEqual([
      { moment: ball, atMs: ball.atMs + H },
    ]);
    expect(goingAlong({ moment: ball, atMs: NOW }, shop)).toEqual([]);
  });
});

test('discs under one finger are asked about in the order of time, others not', () => {
  const disc = (ref: string, x: number, atMs: number) => ({
    moment: moment({ ref, atMs }),
    x,
    y: 100,
    r: 11,
    rank: 'later' as const,
  });
  const discs = [disc('b', 115, NOW + H), disc('a', 100, NOW), disc('far', 160, NOW + 5 * H)];
  expect(nearDiscs(discs, 'b').map((one) => one.moment.ref)).toEqual(['a', 'b']);
  expect(nearDiscs(discs, 'far')).toHaveLength(1);
  expect(nearDiscs(discs, 'none')).toEqual([]);
});
