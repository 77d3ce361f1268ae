import type { Measures } from './measures';
import { fed, KEPT_DOUGH, levainPart, plainDough, raised, STIFF_FEED, yeasted } from './cases';

/** One rule of the trade that the model is held against. */
export interface CalibrationCase {
  readonly id: string;
  readonly measure: string;
  readonly band: readonly [number, number];
  /** What the fitted parameters gave where they were fitted. */
  readonly reference: number | null;
  /** True for hours: their residual is taken in ln against the middle of the band. */
  readonly timed: boolean;
  /** Where the band comes from. */
  readonly source: string;
  readonly value: () => number;
}

const RULE = 'rule of thumb of the trade, as the model was fitted to';

type Row = readonly [
  id: string,
  band: readonly [number, number],
  reference: number | null,
  value: () => number,
];

/** Cases of one measure. */
export const calibrationRows = (
  measure: string,
  timed: boolean,
  list: readonly Row[],
  source = RULE,
): CalibrationCase[] =>
  list.map(([id, band, reference, value]) => ({
    id,
    measure,
    band,
    reference,
    timed,
    source,
    value,
  }));

/** Half a kilo of poolish at a room’s temperature. */
export const poolish = (freshPct: number, tempC: number) =>
  yeasted({ kind: 'poolish', freshPct, startC: tempC });
/** A biga in the cellar. */
export const cellarBiga = yeasted({
  kind: 'biga',
  freshPct: 1,
  startC: 20,
  placeC: 18,
  hydration: 0.45,
  strengthW: 320,
  massKg: 1.5,
});
/** Three kilos of biga straight into the fridge. */
export const coldBiga = yeasted({
  kind: 'biga',
  freshPct: 1,
  startC: 22,
  placeC: 4,
  hydration: 0.48,
  strengthW: 320,
  massKg: 3,
  hours: 90,
});
/** A ball of 270 g, from the bowl at 22 °C. */
export const yeastedBall = yeasted({
  kind: 'balls',
  freshPct: 0.3,
  startC: 22,
  hydration: 0.62,
  saltPct: 2.5,
  massKg: 0.27,
});
/** A stiff starter at 25 °C, fed a day before as it is now. */
export const stiffStarter = fed({
  kind: 'stiff starter',
  ratio: [1, 2, 1],
  placeC: 25,
  motherHydration: 0.6,
  afterFeeds: [STIFF_FEED],
});
const starter = (k: number, placeC = 25) => fed({ kind: 'starter', ratio: [1, k, k], placeC });
const carry = (share: number) =>
  raised({
    kind: 'carry-over',
    seed: { flourShare: share, source: { made: KEPT_DOUGH, atH: 57 } },
    startC: 24,
    massKg: 0.28,
  });
const coldBalls = {
  ...plainDough(0.3, 22, 0.28),
  stays: [
    { placeC: 22, hours: 1 },
    { placeC: 4, hours: 24 },
    { placeC: 22, hours: 3 },
  ],
};
const still = (massKg: number) =>
  yeasted({ kind: 'dough', freshPct: 0, startC: 22, hydration: 0.62, massKg });

/** The 33 rules that the model was fitted to. */
export const fittedCases = (m: Measures): readonly CalibrationCase[] => [
  ...calibrationRows('hours to best', true, [
    ['poolish-0.85-21', [6, 10], 8.29, () => m.hoursToBest(poolish(0.85, 21))],
    ['poolish-0.45-21', [9, 15], 10.8, () => m.hoursToBest(poolish(0.45, 21))],
    ['poolish-0.18-21', [12, 20], 14.37, () => m.hoursToBest(poolish(0.18, 21))],
    ['poolish-0.7-24', [6.5, 7.5], 7.1, () => m.hoursToBest(poolish(0.7, 24))],
    ['poolish-0.1-24', [12.5, 14.5], 13.03, () => m.hoursToBest(poolish(0.1, 24))],
    ['poolish-1.5-27', [2.25, 3.75], 3.99, () => m.hoursToBest(poolish(1.5, 27))],
    ['biga-cellar', [16, 20], 16.33, () => m.hoursToBest(cellarBiga)],
    ['starter-1-1-1', [3, 5], 3.91, () => m.hoursToBest(starter(1))],
    ['starter-1-2-2', [4.313, 7.188], 5.59, () => m.hoursToBest(starter(2))],
    ['starter-1-5-5', [6.375, 10.625], 8.15, () => m.hoursToBest(starter(5))],
    ['starter-1-10-10', [8.625, 14.375], 10.13, () => m.hoursToBest(starter(10))],
    [
      'levain-20',
      [10, 13],
      11.2,
      () => m.hoursToBest(fed({ kind: 'levain', ratio: [0.2, 1, 1], placeC: 21 })),
    ],
  ]),
  ...calibrationRows('hours until usable', true, [
    ['biga-cold-opens', [14, 26], 16.9, () => m.hoursToYoung(coldBiga)],
  ]),
  ...calibrationRows('CO2 after 48 h, ml/g', false, [
    ['biga-cold-keeps', [0.01, 13.7], 4.6, () => m.gasAfter(coldBiga, 48)],
  ]),
  ...calibrationRows('hours to three times', true, [
    ['stiff-triples', [5, 7], 5.83, () => m.hoursToRise(stiffStarter, 3)],
  ]),
  ...calibrationRows('hours to double', true, [
    ['dough-2', [1.3, 1.8], 1.73, () => m.hoursToRise(plainDough(2, 25, 1), 2)],
    [
      'dough-015',
      [9, 12],
      9.88,
      () => m.hoursToRise({ ...plainDough(0.15, 24, 0.28), work: [{ atH: 2, gasKept: 0.5 }] }, 2),
    ],
    ['carry-75', [1.5, 3], 2.62, () => m.hoursToRise(carry(0.75), 2)],
    ['carry-25', [4.5, 7.5], 5.85, () => m.hoursToRise(carry(0.25), 2)],
    [
      'levain-dough',
      [4, 6.2],
      5.12,
      () =>
        m.hoursToRise(raised({ kind: 'dough', seed: levainPart(0.12), startC: 25, massKg: 1 }), 2),
    ],
  ]),
  ...calibrationRows('rise after 28 h', false, [
    ['dough-cold-balls', [1.45, 2], 1.3, () => m.riseAfter(coldBalls, 28)],
  ]),
  ...calibrationRows('ratio of hours to best', false, [
    [
      'starter-21-over-25',
      [1.275, 1.725],
      1.38,
      () => m.hoursToBest(starter(5, 21)) / m.hoursToBest(starter(5)),
    ],
  ]),
  ...calibrationRows('ratio of gas rates, cold mass', false, [
    [
      'fridge-rate',
      [0.05, 0.1],
      0.08,
      () => m.gasRate(poolish(1, 22), 4) / m.gasRate(poolish(1, 22), 22),
    ],
  ]),
  ...calibrationRows('core lag in fridge air, h', true, [
    ['lag-ball', [1, 1.5], 1.2, () => m.coreLagH(still(0.28))],
    ['lag-bulk', [4, 6], 5, () => m.coreLagH(still(3))],
  ]),
  ...calibrationRows('hours from opens to closes', true, [
    ['window-poolish-fast', [1.5, 2.5], 2.17, () => m.hoursOpen(poolish(0.7, 24))],
    ['window-poolish-slow', [3, 4], 2.98, () => m.hoursOpen(poolish(0.18, 21))],
    ['window-starter', [2, 2.5], 2.7, () => m.hoursOpen(starter(5))],
    ['window-biga', [4, 6], 5.34, () => m.hoursOpen(cellarBiga)],
  ]),
  ...calibrationRows('Q10 of hours to best', false, [
    ['q10-poolish', [2.2, 3], 2.25, () => m.q10((placeC) => poolish(0.3, placeC), 18, 27)],
    ['q10-starter', [2.2, 3], 2.32, () => m.q10((placeC) => starter(5, placeC), 18, 27)],
  ]),
  ...calibrationRows('pH at best', false, [
    ['ph-at-peak', [3.95, 4.3], 4.26, () => m.phAtBest(starter(5))],
  ]),
  ...calibrationRows('CO2, ml/g/h', false, [
    [
      'gas-rate',
      [0.6, 0.82],
      0.77,
      () => m.gasRate(yeasted({ kind: 'dough', freshPct: 1, startC: 28.5, saltPct: 2 }), 28.5),
    ],
  ]),
];
