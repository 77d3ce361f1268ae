import { fromLocalText } from '@/core/units';
import { whatIf } from '@/core/forecast';
import type { LotView } from '@/server/lots/lot-view';
import type { WhatIfOffer } from '@/shop/lots/what-if-base';
import { coreHandles, gramsAt, plannedHandles, ratioOf } from './handles';
import { headlineOf } from './headline';
import { emptyView, playBase } from './play';
import { PLAY_KINDS, type PlayForm } from './play-kinds';
import { withWhatIf } from './what-if-view';

const zone = 'Europe/Oslo';
const now = fromLocalText('2026-11-27T06:10', zone);
const units = { timeZone: zone, massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' } as const;
const form: PlayForm = { kind: 'starter', placeC: 22, amount: 4, saltPct: 0 };
const base = playBase(form);
const offer: WhatIfOffer = {
  base: { ...base, seedShare: 0.5 / 4.5 },
  fromMs: now,
  placeId: 'bench',
  places: [
    { id: 'bench', name: 'Bench', tempC: 22 },
    { id: 'cellar', name: 'Cellar', tempC: 16 },
  ],
  open: 'seed',
  yeastG: 0,
  feed: { motherG: 20, flourG: 80, waterG: 80 },
};

describe('handles', () => {
  test('as planned they are the plan', () => {
    const handles = plannedHandles(offer);
    expect(handles).toEqual({ placeId: 'bench', dose: 1, parts: 4 });
    expect(ratioOf(gramsAt(offer, handles))).toBe('1:4:4');
    expect(coreHandles(offer, handles).seedShare).toBeCloseTo(0.5 / 4.5, 9);
  });
  test('another ratio keeps the total and the flour to water', () => {
    const grams = gramsAt(offer, { placeId: 'bench', dose: 1, parts: 8 });
    expect(grams.motherG + grams.flourG + grams.waterG).toBeCloseTo(180, 9);
    expect(grams.flourG).toBeCloseTo(grams.waterG, 9);
    expect(coreHandles(offer, { placeId: 'cellar', dose: 1, parts: 8 })).toMatchObject({
      placeC: 16,
      dose: 1,
    });
    expect(coreHandles(offer, { placeId: 'bench', dose: 1, parts: 8 }).seedShare).toBeCloseTo(
      0.5 / 8.5,
      6,
    );
  });
  test('more flour for the mother is later, a cooler place is later', () => {
    const best = (parts: number, placeId: string) =>
      whatIf(offer.base, coreHandles(offer, { placeId, dose: 1, parts })).window.bestH!;
    expect(best(8, 'bench')).toBeGreaterThan(best(4, 'bench'));
    expect(best(4, 'cellar')).toBeGreaterThan(best(4, 'bench'));
  });
  test('reseeding by the plan’s own share changes nothing', () => {
    const plain = whatIf(offer.base, { placeC: 22, dose: 1, seedShare: null });
    const same = whatIf(offer.base, { placeC: 22, dose: 1, seedShare: offer.base.seedShare });
    expect(same.window).toEqual(plain.window);
  });
});

describe('the view as it would be', () => {
  const blank = emptyView(now, units, 'starter');
  const answer = whatIf(base, { placeC: 22, dose: 1, seedShare: null });
  const view = withWhatIf(blank, { fromMs: now }, answer);
  test('has the answer’s window in instants, bands around it, and a curve that reaches past it', () => {
    const { opensMs, bestMs, closesMs, bestBand } = view.strand.window;
    expect(bestMs).toBe(now + Math.round(answer.window.bestH! * 3_600_000));
    expect(opensMs!).toBeLessThan(bestMs!);
    expect(closesMs!).toBeGreaterThan(bestMs!);
    expect(bestBand![0]).toBeLessThan(bestMs!);
    const endMs = view.curve.fromMs + (view.curve.rise.length - 1) * view.curve.stepMs;
    expect(endMs).toBeGreaterThan(closesMs!);
    expect(Math.max(...view.curve.rise)).toBeCloseTo(answer.window.peakRise, 1);
    expect(view.strand.risingMs!).toBeLessThan(opensMs!);
  });
  test('a lot that was open already stays open since then', () => {
    const openMs = now - 3_600_000;
    const open: LotView = {
      ...blank,
      strand: { ...blank.strand, window: { ...blank.strand.window, opensMs: openMs } },
    };
    const ripe = { ...answer, window: { ...answer.window, opensH: 0 } };
    expect(withWhatIf(open, { fromMs: now }, ripe).strand.window.opensMs).toBe(openMs);
  });
  test('the next mix is judged against the new window', () => {
    const next = {
      ref: 's',
      tense: 'planned',
      glyph: 'mix',
      atMs: now + 3_600_000,
      plannedMs: now,
      title: 'Mix',
      by: null,
      lines: [],
      foot: '',
      vessel: null,
      water: null,
      lotId: 'd',
      placeId: null,
      offPeakMinutes: 0,
      withinWindow: true,
      bakeId: null,
      batch: null,
    } as const;
    const judged = withWhatIf({ ...blank, next }, { fromMs: now }, answer).next!;
    expect(judged.withinWindow).toBe(false);
    expect(judged.offPeakMinutes!).toBeLessThan(-60);
  });
});

describe('headline', () => {
  const blank = emptyView(now, units, 'poolish');
  const window = (opens: number, best: number, closes: number) => ({
    ...blank.strand.window,
    opensMs: now + opens * 60_000,
    bestMs: now + best * 60_000,
    closesMs: now + closes * 60_000,
    youngMs: now + (opens - 60) * 60_000,
    primeMs: now + opens * 60_000,
    pastMs: now + (closes + 90) * 60_000,
  });
  const view = (
    opens: number,
    best: number,
    closes: number,
    next: LotView['next'] = null,
  ): LotView => ({
    ...blank,
    next,
    strand: { ...blank.strand, window: window(opens, best, closes) },
  });
  const moment = (glyph: 'mix' | 'feed', minutes: number, within: boolean) =>
    ({
      glyph,
      atMs: now + minutes * 60_000,
      withinWindow: within,
      offPeakMinutes: 0,
      title: '',
      lines: [],
    }) as unknown as NonNullable<LotView['next']>;
  test.each([
    [view(90, 120, 150), 'Ripe in 1 h 30'],
    [view(-10, 20, 50), 'Ripe now'],
    [view(30, 90, 150), 'Young: usable with a little yeast, ripe in 30 min'],
    [view(-90, -60, -30), 'Late: past its best, use it at once'],
    [view(-290, -260, -230), 'Past any use as a leaven'],
    [view(60, 90, 120, moment('mix', 90, true)), 'Ripe at the 07:40 mix ✓'],
    [view(60, 90, 120, moment('mix', 30, false)), 'Best 1 h after the 06:40 mix'],
    [view(60, 90, 120, moment('feed', 30, false)), 'Not ripe yet at the 06:40 feed'],
    [view(60, 90, 120, moment('feed', 150, false)), 'Past by 30 min at the 08:40 feed'],
    [view(60, 90, 120, moment('feed', 100, true)), 'Ripe at the 07:50 feed ✓'],
  ])('%#', (one, says) => {
    expect(headlineOf(one).says).toBe(says);
  });
  test('what never gets there says so', () => {
    expect(headlineOf(blank).says).toBe('Not ripe in sight');
  });
});

test('every mass of the playground gets ripe somewhere between the ends of its handle', () => {
  for (const [kind, play] of Object.entries(PLAY_KINDS)) {
    expect(play.fromSlider(play.toSlider(play.amount))).toBeCloseTo(play.amount, 9);
    expect(play.text(play.amount).length).toBeGreaterThan(1);
    const one = playBase({
      kind: kind as PlayForm['kind'],
      placeC: 22,
      amount: play.amount,
      saltPct: play.saltPct,
    });
    expect(whatIf(one, { placeC: 22, dose: 1, seedShare: null }).window.opensH).not.toBeNull();
  }
});
