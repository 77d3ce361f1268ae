import type { Measures } from './measures';
import { raised } from './cases';
import { calibrationRows, cellarBiga, coldBiga, poolish, type CalibrationCase } from './table';

const PLAUSIBLE = 'plausible band, set here: ';

/** Ripe poolish as a part of a dough. */
export const ripePoolish = (share: number) => ({
  flourShare: share,
  source: { made: poolish(0.35, 22), atH: 'best' as const },
});
const ripeBiga = (share: number) => ({
  flourShare: share,
  source: { made: cellarBiga, atH: 'best' as const },
});
const ripeColdBiga = (share: number) => ({
  flourShare: share,
  source: { made: coldBiga, atH: 40 },
});
/** A dough of 64 % water raised by a leaven at 23 °C, with a boost of fresh yeast or without. */
export const raisedBy = (
  seed: ReturnType<typeof ripePoolish> | ReturnType<typeof ripeColdBiga>,
  boostPct = 0,
) =>
  raised({
    kind: 'dough',
    seed,
    freshPct: boostPct,
    startC: 23,
    massKg: 1,
    saltPct: 2.6,
    hydration: 0.64,
  });
const chilled = (startC: number) => ({ ...poolish(0.35, 22), startC });
const coldPoolish = {
  ...poolish(1, 22),
  stays: [
    { placeC: 22, hours: 1 },
    { placeC: 5, hours: 60 },
  ],
};
const wholegrainPoolish = {
  ...poolish(0.35, 22),
  recipe: { ...poolish(0.35, 22).recipe, wholegrainShare: 1 },
};

/** Rules that the fit leans on but is not counted by, with bands that say where they come from. */
export const addedCases = (m: Measures): readonly CalibrationCase[] => [
  ...calibrationRows(
    'hours to double at 23 °C',
    true,
    [
      ['dough-poolish-15', [3, 6], null, () => m.hoursToRise(raisedBy(ripePoolish(0.15)), 2)],
      ['dough-poolish-30', [2, 4.5], null, () => m.hoursToRise(raisedBy(ripePoolish(0.3)), 2)],
      ['dough-poolish-50', [1.25, 3.5], null, () => m.hoursToRise(raisedBy(ripePoolish(0.5)), 2)],
      [
        'dough-poolish-30-boost',
        [1.5, 3],
        null,
        () => m.hoursToRise(raisedBy(ripePoolish(0.3), 0.3), 2),
      ],
    ],
    `${PLAUSIBLE}a dough on ripe poolish alone is ready the same afternoon; a boost takes about a third off`,
  ),
  ...calibrationRows(
    'hours to double at 23 °C',
    true,
    [
      ['dough-biga-15', [3, 6.5], null, () => m.hoursToRise(raisedBy(ripeBiga(0.15)), 2)],
      ['dough-biga-30', [2, 5], null, () => m.hoursToRise(raisedBy(ripeBiga(0.3)), 2)],
      ['dough-biga-50', [1.25, 4], null, () => m.hoursToRise(raisedBy(ripeBiga(0.5)), 2)],
      [
        'dough-biga-30-boost',
        [1.5, 3.5],
        null,
        () => m.hoursToRise(raisedBy(ripeBiga(0.3), 0.3), 2),
      ],
    ],
    `${PLAUSIBLE}as with poolish, a little slower: a biga brings less water`,
  ),
  ...calibrationRows(
    'hours to double at 23 °C',
    true,
    [
      ['dough-cold-biga-30', [2.5, 6], null, () => m.hoursToRise(raisedBy(ripeColdBiga(0.3)), 2)],
      ['dough-cold-biga-50', [1.5, 4.5], null, () => m.hoursToRise(raisedBy(ripeColdBiga(0.5)), 2)],
      [
        'dough-cold-biga-30-boost',
        [1.5, 4],
        null,
        () => m.hoursToRise(raisedBy(ripeColdBiga(0.3), 0.3), 2),
      ],
    ],
    `${PLAUSIBLE}a biga from the fridge has grown less; bakers add yeast to it to finish the same day`,
  ),
  ...calibrationRows(
    'hours to best',
    true,
    [
      ['poolish-wholegrain', [7, 12.5], null, () => m.hoursToBest(wholegrainPoolish)],
      ['poolish-from-7', [11, 16], null, () => m.hoursToBest(chilled(7))],
      ['poolish-from-22', [9, 14], null, () => m.hoursToBest(chilled(22))],
    ],
    `${PLAUSIBLE}wholegrain ripens up to a third sooner; half a kilo mixed at 7 °C needs an hour or two to warm`,
  ),
  ...calibrationRows(
    'hours until usable',
    true,
    [['poolish-cold', [8, 24], null, () => m.hoursToYoung(coldPoolish)]],
    `${PLAUSIBLE}a full dose, a short start at room, then overnight in the fridge (10–20 h)`,
  ),
];
