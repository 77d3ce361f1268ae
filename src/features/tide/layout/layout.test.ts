import { frameFor } from './frame';
import fc from 'fast-check';
import { demoShop } from '../../../../tests/demo-shop';
import { settleOdds } from '@/server/odds/odds-of-bake';
import { tideView, type TideView } from '@/server/tide';
import { fromLocalText, MS_PER_HOUR } from '@/core/units';
import { phaseCuts } from '@/ui/strand/strand-shape';
import { clockText } from '@/ui/format';
import { tellsOf } from './tells';
import { overlaps, placeLabels } from './labels';
import { assignLanes, laneKeys, type Stay } from '@/ui/lanes/lanes';
import { layoutPicture } from './picture';
import type { Frame } from './picture-parts';
import { timeScale } from './time-scale';

const ZONE = 'Europe/Oslo';
const now = fromLocalText('2026-11-27T06:10', ZONE);
const wide: Frame = frameFor(1280, 552, 1);
const working = { fromMinute: 360, untilMinute: 1320 };
const scaleInput = {
  nowMs: now,
  keelX: 333,
  left: 104,
  right: 1280,
  working,
  timeZone: ZONE,
  unfolded: new Set<number>(),
  stretch: 1,
};

let view: TideView;
beforeAll(() => {
  const { context } = demoShop();
  tideView(context);
  settleOdds(context);
  view = tideView(context);
});

describe('time scale', () => {
  const scale = timeScale(scaleInput);
  const rate = (text: string) => {
    const atMs = fromLocalText(text, ZONE);
    return scale.x(atMs + MS_PER_HOUR / 2) - scale.x(atMs);
  };
  test('now stands on the keel, near hours at 34 px, later ones at 17, nights at 7', () => {
    expect(scale.x(now)).toBe(333);
    expect(rate('2026-11-27T10:00')).toBeCloseTo(17, 6);
    expect(rate('2026-11-27T18:00')).toBeCloseTo(8.5, 6);
    expect(rate('2026-11-28T01:00')).toBeCloseTo(3.5, 6);
  });
  test('an instant comes back from its place, an unfolded night is wider', () => {
    for (const x of [120, 333, 700, 1200]) expect(scale.x(scale.instant(x))).toBeCloseTo(x, 6);
    const night = scale.nights.find((one) => one.fromMs > now)!;
    const open = timeScale({ ...scaleInput, unfolded: new Set([night.fromMs]) });
    expect(open.x(night.toMs) - open.x(night.fromMs)).toBeGreaterThan(
      2 * (scale.x(night.toMs) - scale.x(night.fromMs)),
    );
  });
});

describe('lanes', () => {
  const stay = (lotId: string, fromH: number, toH: number): Stay => ({
    lotId,
    placeId: 'bench',
    fromMs: fromH * MS_PER_HOUR,
    toMs: toH * MS_PER_HOUR,
    width: 20,
    asleep: false,
  });
  const none = () => [];
  test('stays that touch in time never share a lane', () => {
    const stays = [stay('a', 0, 5), stay('b', 2, 6), stay('c', 4, 9), stay('d', 8, 12)];
    const { laneOf } = assignLanes(stays, none);
    stays.forEach((one, i) =>
      stays.forEach((other, j) => {
        const clash = i < j && one.fromMs < other.toMs && other.fromMs < one.toMs;
        if (clash) expect(laneOf[i]).not.toBe(laneOf[j]);
      }),
    );
  });
  test('a leaven hands its lane to its dough', () => {
    const stays = [stay('poolish', 0, 5), stay('other', 0, 3), stay('dough', 5, 6)];
    const { laneOf } = assignLanes(stays, (id) => (id === 'dough' ? ['poolish'] : []));
    expect(laneOf[2]).toBe(laneOf[0]);
  });
});

describe('lanes from one edit to the next', () => {
  const H = MS_PER_HOUR;
  const stayOf = (lotId: string, from: number, to: number): Stay => ({
    lotId,
    placeId: 'bench',
    fromMs: from * H,
    toMs: to * H,
    width: 20,
    asleep: false,
  });
  const memoryOf = (stays: readonly Stay[], laneOf: readonly number[]) =>
    new Map(
      laneKeys(stays).map((key, index) => [
        key,
        {
          lane: laneOf[index]!,
          fromMs: stays[index]!.fromMs,
          toMs: stays[index]!.toMs,
        },
      ]),
    );
  const hour = fc.integer({ min: 0, max: 40 });
  const shop = fc
    .array(fc.tuple(hour, fc.integer({ min: 1, max: 9 })), { minLength: 2, maxLength: 30 })
    .map((pairs) => pairs.map(([from, long], i) => stayOf(`L${i}`, from, from + long)));

  test('a stay that only begins earlier gives way to one that nobody touched', () => {
    const stays = [stayOf('early', 0, 2), stayOf('still', 9, 10), stayOf('grows', 12, 13)];
    const before = assignLanes(stays, () => []).laneOf;
    expect(before).toEqual([0, 0, 0]);
    const grown = [stays[0]!, stays[1]!, stayOf('grows', 8.5, 13)];
    const after = assignLanes(grown, () => [], memoryOf(stays, before)).laneOf;
    expect(after).toEqual([0, 0, 1]);
  });
  test('a moved stay leaves every other where it is, whatever the shop', () => {
    fc.assert(
      fc.property(shop, fc.nat(), hour, (stays, which, toHour) => {
        const before = assignLanes(stays, () => []).laneOf;
        const at = which % stays.length;
        const moved = stays.map((stay, i) =>
          i === at ? stayOf(stay.lotId, toHour + 0.5, toHour + 3) : stay,
        );
        const after = assignLanes(moved, () => [], memoryOf(stays, before)).laneOf;
        // Lanes that the moved one left empty close up: the others keep their order among themselves.
        const others = stays.map((_, i) => i).filter((i) => i !== at);
        for (const i of others) {
          for (const j of others) {
            expect(Math.sign(after[i]! - after[j]!)).toBe(Math.sign(before[i]! - before[j]!));
          }
        }
      }),
    );
  });
  test('nothing that meets in time shares a lane, moved or not', () => {
    fc.assert(
      fc.property(shop, shop, (first, second) => {
        const memory = memoryOf(first, assignLanes(first, () => []).laneOf);
        const { laneOf } = assignLanes(second, () => [], memory);
        second.forEach((a, i) =>
          second.forEach((b, j) => {
            if (i >= j || laneOf[i] !== laneOf[j]) return;
            expect(a.fromMs >= b.toMs || b.fromMs >= a.toMs).toBe(true);
          }),
        );
      }),
    );
  });
  test('the same again gives the same again', () => {
    fc.assert(
      fc.property(shop, (stays) => {
        const { laneOf } = assignLanes(stays, () => []);
        expect(assignLanes(stays, () => [], memoryOf(stays, laneOf)).laneOf).toEqual(laneOf);
      }),
    );
  });
});

describe('labels', () => {
  test('what finds no room is left out, never overprinted', () => {
    const wish = (id: string, x: number) => ({ id, at: [{ x, y: 10 }], width: 30, height: 14 });
    const room = { x: 0, y: 0, width: 200, height: 60 };
    const placed = placeLabels(
      [wish('a', 10), wish('b', 20), wish('c', 80), wish('d', 190)],
      [],
      room,
    );
    expect(placed.map((one) => one.id)).toEqual(['a', 'c']);
  });
});

describe('the demo’s picture', () => {
  test.each([
    [1280, 552],
    [1920, 800],
    [390, 480],
  ])('no two labels overlap, none leaves the plot at %i × %i', (width, height) => {
    const frame = {
      ...wide,
      width,
      height,
      keelX: Math.round(width * 0.26) + (width < 700 ? 40 : 0),
    };
    const { labels } = layoutPicture(view, now, frame, { unfolded: new Set(), panMs: 0 });
    expect(labels.length).toBeGreaterThan(width < 700 ? 4 : 20);
    labels.forEach((one, i) =>
      labels
        .slice(i + 1)
        .forEach((other) => expect(overlaps(one, other) ? [one.text, other.text] : []).toEqual([])),
    );
    for (const label of labels) expect(label.x + label.width).toBeLessThanOrEqual(width);
  });
  test('is the same every time, and every stay lies inside its place', () => {
    const picture = layoutPicture(view, now, wide, { unfolded: new Set(), panMs: 0 });
    expect(layoutPicture(view, now, wide, { unfolded: new Set(), panMs: 0 }).labels).toEqual(
      picture.labels,
    );
    for (const { stay } of picture.shapes) {
      const box = picture.bands.find((one) => one.band.placeId === stay.placeId)!;
      expect(stay.y).toBeGreaterThan(box.top);
      expect(stay.y).toBeLessThan(box.top + box.height);
    }
  });
  test('the next five moments are labelled', () => {
    const { labels } = layoutPicture(view, now, wide, { unfolded: new Set(), panMs: 0 });
    expect(labels.filter((label) => label.style === 'nodeNext').length).toBeGreaterThanOrEqual(4);
  });
  test('phases follow each other without a gap', () => {
    for (const strand of view.strands) {
      const cuts = phaseCuts(strand);
      cuts.slice(1).forEach((cut, i) => expect(cut.fromMs).toBe(cuts[i]?.toMs));
    }
  });
});

describe('tells', () => {
  test('answer the five questions from the forecast', () => {
    const [ripe, next, peak, place, service] = tellsOf(view, now);
    expect(ripe).toMatchObject({ question: 'Ripe now', answer: 'Grusa' });
    expect(next?.answer).toBe('Feed Grusa');
    expect(next?.question).toBe('Next, in 20 min');
    const mix = view.moments.find((one) => one.tense === 'planned' && one.glyph === 'mix')!;
    expect(peak?.answer).toContain(clockText(mix.atMs, ZONE));
    expect(place?.question).toBeTruthy();
    expect(service?.answer).toMatch(/11:30 (✓|\d+ %) of 24/);
    expect(service?.detail).toMatch(/then 18:00 (✓|\d+ %) of \d+/);
  });
  test('an overdue step says since when', () => {
    const [, next] = tellsOf(view, fromLocalText('2026-11-27T07:00', ZONE));
    expect(next).toMatchObject({ question: 'Next, 30 min overdue', alert: true });
  });
  test('a mix without a leaven is no mix that is not planned', () => {
    const moments = view.moments.map((one) => ({ ...one, offPeakMinutes: null }));
    expect(tellsOf({ ...view, moments }, now)[2]?.answer).toBe('No leaven in it');
  });
  test('in an empty shop say so', () => {
    const empty = { ...view, strands: [], moments: [], services: [] };
    expect(
      tellsOf(empty, now)
        .map((tell) => tell.answer)
        .slice(0, 3),
    ).toEqual(['Nothing', 'Nothing planned', 'No mix planned']);
  });
});
