import { raisedBy, ripePoolish } from './added';
import { fed, plainDough, raised } from './cases';
import type { Measures } from './measures';
import { calibrationRows, coldBiga, poolish, type CalibrationCase } from './table';
import type { MassRequest, RequestStay } from '../mass-request';

const RANGE = 'range of the trade: ';

/** A single ball of dough: an hour on the bench, a day or more in the fridge, then warm again. */
const ballsAfter = (freshPct: number, coldH: number): MassRequest => ({
  ...plainDough(freshPct, 22, 0.28),
  kind: 'balls',
  stays: [
    { placeC: 22, hours: 1 },
    { placeC: 4, hours: coldH },
    { placeC: 21, hours: 14 },
  ],
});
/** Two kilos of dough put in the fridge in bulk. */
const coldBulk = (freshPct: number): MassRequest => ({
  ...plainDough(freshPct, 23, 2),
  stays: [
    { placeC: 22, hours: 1 },
    { placeC: 4, hours: 90 },
  ],
});
/** What a service left over, ripe then and a night in the fridge, refreshed at a share of the flour. */
const carryKeptCold = (share: number): MassRequest =>
  raised({
    kind: 'carry-over',
    seed: {
      flourShare: share,
      source: {
        made: {
          ...plainDough(0.25, 24, 1),
          stays: [
            { placeC: 23, hours: 8 },
            { placeC: 4.5, hours: 16 },
          ],
        },
        atH: 24,
      },
    },
    startC: 24,
    massKg: 0.28,
  });
const chilledAt = (request: MassRequest, warm: RequestStay, coldH: number): MassRequest => ({
  ...request,
  stays: [warm, { placeC: 4, hours: coldH }],
});
const starter = (placeC: number) => fed({ kind: 'starter', ratio: [1, 5, 5], placeC });
const putAway = (benchH: number): MassRequest =>
  chilledAt(starter(24), { placeC: 24, hours: benchH }, 500);
const tempered: MassRequest = {
  ...poolish(0.3, 21),
  stays: [
    { placeC: 21, hours: 5 },
    { placeC: 4, hours: 12 },
    { placeC: 21, hours: 20 },
  ],
};
/** A week in the fridge after two hours on the bench, then fed 1 : 2 : 2 at 25 °C. */
const weekOld: MassRequest = {
  ...fed({ kind: 'starter', ratio: [1, 2, 2], placeC: 25 }),
  seeds: [{ flourShare: 0.2, source: { made: putAway(2), atH: 170 } }],
};

/** The biga straight from the bowl into the fridge, left there. */
const longCold: MassRequest = { ...coldBiga, stays: [{ placeC: 4, hours: 220 }] };

/** Rules of cold and of mixed histories, fitted together with the warm ones. */
export const coldCases = (m: Measures): readonly CalibrationCase[] => [
  ...calibrationRows(
    'hours of warmth until it opens',
    true,
    [
      ['balls-24-cold', [2, 4], null, () => m.hoursToOpen(ballsAfter(0.3, 24), 25)],
      ['balls-48-cold', [2, 4], null, () => m.hoursToOpen(ballsAfter(0.2, 48), 49)],
      ['balls-72-cold', [1.5, 4], null, () => m.hoursToOpen(ballsAfter(0.15, 72), 73)],
    ],
    `${RANGE}single balls, 24 to 72 h at 4 °C, want two to four hours of warmth`,
  ),
  ...calibrationRows(
    'hours until closed',
    false,
    [['biga-cold-closes', [60, 130], null, () => m.hoursToClose(longCold)]],
    `${RANGE}a biga straight from the bowl into the fridge is used from about 16 to about 60 h`,
  ),
  ...calibrationRows(
    'hours to double',
    true,
    [
      ['carry-cold-70', [1.5, 2.5], null, () => m.hoursToRise(carryKeptCold(0.7), 2)],
      ['carry-cold-30', [2.5, 5.5], null, () => m.hoursToRise(carryKeptCold(0.3), 2)],
      ['dough-poolish-20', [3, 5], null, () => m.hoursToRise(raisedBy(ripePoolish(0.2)), 2)],
      ['dough-poolish-70', [1.25, 2.75], null, () => m.hoursToRise(raisedBy(ripePoolish(0.7)), 2)],
    ],
    `${RANGE}leftover dough kept cold at 70 % doubles in one and a half to two and a half hours; a fifth of ripe poolish takes an afternoon`,
  ),
  ...calibrationRows(
    'hours to double, reckoned on a bench',
    true,
    [
      ['bulk-cold-05', [12, 48], null, () => m.hoursToLevel(coldBulk(0.5), 2)],
      ['bulk-cold-1', [4, 10], null, () => m.hoursToLevel(coldBulk(1), 2)],
    ],
    `${RANGE}a bulk in the fridge doubles or triples in 12 to 48 h`,
  ),
  ...calibrationRows(
    'hours in the cold until closed',
    true,
    [
      [
        'poolish-ripe-keeps',
        [10, 26],
        null,
        () => m.hoursToClose(chilledAt(poolish(0.35, 22), { placeC: 22, hours: 10 }, 90), 10),
      ],
      [
        'starter-ripe-keeps',
        [10, 26],
        null,
        () => m.hoursToClose(chilledAt(starter(24), { placeC: 24, hours: 8 }, 90), 8),
      ],
    ],
    `${RANGE}a ripe leaven put in the fridge keeps 12 to 24 h`,
  ),
  ...calibrationRows(
    'hours until usable',
    true,
    [
      ['starter-put-away', [48, 120], null, () => m.hoursToYoung(putAway(0))],
      ['starter-after-two', [20, 60], null, () => m.hoursToYoung(putAway(2))],
    ],
    `${RANGE}a starter put away after its feed is usable for days`,
  ),
  ...calibrationRows(
    'hours to best',
    true,
    [
      ['starter-week-old', [4.5, 8], null, () => m.hoursToBest(weekOld)],
      ['poolish-tempered', [14 + 5, 12 + 5 + 8], null, () => m.hoursToBest(tempered)],
      ['poolish-12', [26, 44], null, () => m.hoursToBest(poolish(0.3, 12))],
    ],
    `${RANGE}after a week in the fridge a starter is an hour or two slower; cool cellars double or treble the hours of a room`,
  ),
  ...calibrationRows(
    'hours to double',
    true,
    [
      [
        'dough-12',
        [16, 36],
        null,
        () =>
          m.hoursToRise({ ...plainDough(0.2, 18, 0.28), stays: [{ placeC: 12, hours: 90 }] }, 2),
      ],
    ],
    `${RANGE}balls in a cellar of 12 °C are ready the next day`,
  ),
];
