import { frameFor } from './layout/frame';
import { renderToStaticMarkup } from 'react-dom/server';
import { fromLocalText } from '@/core/units';
import type { TideView } from '@/server/tide';
import { layoutPicture } from './layout/picture';
import type { Frame } from './layout/picture-parts';
import { TideSvg } from './tide-svg';

const zone = 'Europe/Oslo';
const now = fromLocalText('2026-11-27T06:10', zone);
const H = 3_600_000;
const frame: Frame = frameFor(1280, 552, 1);

/** A shop with one poolish that is mixed at its best. */
const view: TideView = {
  version: '1',
  first: null,
  unplanned: [],
  shopName: 'Slip Four',
  units: { timeZone: zone, massUnit: 'g', tempUnit: 'C', lengthUnit: 'cm' },
  clock: { nowMs: now, rate: 0, demo: false },
  people: [],
  working: { fromMinute: 360, untilMinute: 1320 },
  bands: [
    {
      placeId: 'bench',
      name: 'Bench',
      tempC: 21,
      capacityL: 30,
      load: [1, 2, 3],
      fromMs: now - H,
      stepMs: H,
    },
    {
      placeId: 'freezer',
      name: 'Freezer',
      tempC: -18,
      capacityL: 5,
      load: [0],
      fromMs: now - H,
      stepMs: H,
    },
  ],
  strands: [
    {
      lotId: 'P1',
      name: 'Harbour poolish',
      kind: 'poolish',
      startMs: now - 4 * H,
      endMs: now + 5 * H,
      stays: [{ placeId: 'bench', fromMs: now - 4 * H, toMs: now + 5 * H }],
      stepMs: H,
      activity: [0.1, 0.2, 0.4, 0.8, 1.2, 1.6, 1.8, 1.8, 1.7, 1.6],
      rise: [1, 1.1, 1.3, 1.6, 2, 2.4, 2.8, 3, 3.1, 3.1],
      risingMs: now - H,
      window: {
        opensMs: now + 3 * H,
        bestMs: now + 5 * H,
        closesMs: now + 6 * H,
        opensBand: [now + 2 * H, now + 4 * H],
        bestBand: [now + 4 * H, now + 6 * H],
        closesBand: null,
        youngMs: null,
        primeMs: null,
        pastMs: null,
      },
      keeping: false,
      madeFrom: [],
      becomes: [],
      tense: 'done',
    },
  ],
  moments: [],
  sheets: [],
  services: [
    {
      bakeId: 'b',
      name: 'Harbour',
      fromMs: now + 8 * H,
      toMs: now + 11 * H,
      wanted: 44,
      ripe: 40,
      odds: { chance: 0.62, worst: 0.7, settled: true, sureFrom: 0.8 },
    },
  ],
  conflicts: [],
  toScore: null,
  risks: [],
  hot: [],
  silentProbes: [],
};
const taps = {
  strand: () => undefined,
  moment: () => undefined,
  raft: () => undefined,
  night: () => undefined,
};
const draw = (one: TideView, lit: string | null = null) =>
  renderToStaticMarkup(
    <TideSvg
      picture={layoutPicture(one, now, frame, { unfolded: new Set(), panMs: 0 })}
      view={one}
      nowMs={now}
      lit={lit}
      taps={taps}
    />,
  );

test('places stand with name, degrees and load, warmest first; a frozen one is flat', () => {
  const svg = draw(view);
  expect(svg.indexOf('Bench')).toBeLessThan(svg.indexOf('Freezer'));
  expect(svg).toContain('21°');
  expect(svg).toContain('−18°');
  expect(svg).toContain('2 of 30 l');
});

test('a strand has its seen part solid, its future dashed, and a texture for each phase it goes through', () => {
  const svg = draw(view);
  const strand = svg.slice(svg.indexOf('data-strand="P1"'));
  expect(strand).toContain('var(--under)');
  expect(strand).toContain('url(#tx-rising)');
  expect(strand).toContain('var(--ripe)');
  expect(strand).toContain('stroke-dasharray="5 4"');
  expect(svg).toContain('Harbour poolish');
});

test('the window’s hours are labelled, the doubt is drawn, the service says its chance', () => {
  const svg = draw(view);
  expect(svg).toContain('09:10');
  expect(svg).toContain('var(--doubt)');
  expect(svg).toContain('44 62 %');
});

test('lighting one strand dims the others', () => {
  const two = {
    ...view,
    strands: [...view.strands, { ...view.strands[0]!, lotId: 'P2', name: 'Other' }],
  };
  expect(draw(two, 'P1')).toContain('opacity="0.25"');
  expect(draw(two)).not.toContain('opacity="0.25"');
});

test('an empty shop still has its places, ruler and keel', () => {
  const svg = draw({ ...view, strands: [], services: [] });
  expect(svg).toContain('Bench');
  expect(svg).toContain('>07<');
  expect(svg).not.toContain('data-strand');
});
