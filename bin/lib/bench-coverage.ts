// Coverage of the 80 % bands of opening, best and closing, with the truth drawn from the prior and from other kitchens.
import { fed, KEPT_DOUGH, levainPart, raised, yeasted } from '@/core/forecast/calibration/cases';
import { cellarBiga, coldBiga, poolish } from '@/core/forecast/calibration/table';
import { drawDoubt, MOMENTS, windowBand, type Moment } from '@/core/forecast/band';
import { bookSpeedLnSd, MISFIT_LN_SD } from '@/core/forecast/book-speed';
import { BAKERS_YEAST } from '@/core/forecast/culture-of';
import { NO_DOUBT, type Doubt } from '@/core/forecast/doubt';
import { readRequest, runRequest, type MassRequest } from '@/core/forecast/mass-request';
import { doubtfulRequest } from '@/core/forecast/request-band';
import { BOOK_MODEL, type Model } from '@/core/kinetics';
import { seededNormal } from '@/core/numeric';

const balls = (freshPct: number) =>
  yeasted({ kind: 'balls', freshPct, startC: 23, hydration: 0.63, saltPct: 2.6, massKg: 0.26 });

/** Kinds of case: warm, cold, tempered, carried over, and chained through two leavens. */
const CASES: Readonly<Record<string, MassRequest>> = {
  'poolish, overnight 21°': poolish(0.3, 21),
  'poolish, short 24°': poolish(0.9, 24),
  'poolish, cellar then room': {
    ...poolish(0.4, 20),
    stays: [
      { placeC: 16, hours: 6 },
      { placeC: 22, hours: 60 },
    ],
  },
  'poolish, in the fridge, young': {
    ...poolish(0.8, 20),
    asks: 'young',
    stays: [
      { placeC: 21, hours: 1 },
      { placeC: 5, hours: 390 },
    ],
  },
  'starter 1:5:5 at 24°': fed({ kind: 'starter', ratio: [1, 5, 5], placeC: 24 }),
  'stiff starter 1:2:1 at 25°': fed({
    kind: 'stiff starter',
    ratio: [1, 2, 1],
    placeC: 25,
    motherHydration: 0.6,
  }),
  'levain 20 % at 21°': fed({ kind: 'levain', ratio: [0.2, 1, 1], placeC: 21 }),
  'biga, cellar': cellarBiga,
  'biga, in the fridge, young': {
    ...coldBiga,
    asks: 'young',
    stays: [{ placeC: 4, hours: 390 }],
  },
  'balls, straight 22°': { ...balls(0.3), stays: [{ placeC: 22, hours: 60 }] },
  'balls, a night cold, tempered': {
    ...balls(0.3),
    stays: [
      { placeC: 22, hours: 1.5 },
      { placeC: 4, hours: 20 },
      { placeC: 21, hours: 50 },
    ],
  },
  'balls on levain 24°': raised({
    kind: 'balls',
    seed: levainPart(0.15),
    startC: 24,
    massKg: 0.25,
  }),
  'balls on ripe poolish': raised({
    kind: 'balls',
    seed: { flourShare: 0.3, source: { made: poolish(0.35, 22), atH: 'best' } },
    startC: 23,
    massKg: 0.25,
  }),
  'carry-over at 40 %': raised({
    kind: 'carry-over',
    seed: { flourShare: 0.4, source: { made: KEPT_DOUGH, atH: 57 } },
    startC: 24,
    massKg: 0.28,
  }),
};

/** Student-t with 4 degrees, eight in ten within the same bounds as of the normal that the bands assume: far wider tails. */
const studentOf = (normal: () => number) => () => {
  const chi = normal() ** 2 + normal() ** 2 + normal() ** 2 + normal() ** 2;
  return (normal() / Math.sqrt(chi / 4)) * (1.2816 / 1.5332);
};

/** Half of a factor's spread between kitchens, in ln: a fifth, or 15 %, is taken as 1.28 sd. */
const FIFTH = 0.2 / 1.28;
const SEVENTH = 0.15 / 1.28;

/**
 * Another kitchen: its temperature response, starch, gas and loss are its own, the place is off by a degree and a half and
 * drifts, flour comes in lots. How much, is said above; none of it is in the bands but by their misfit.
 */
function kitchen(normal: () => number): {
  model: Model;
  drift: (request: MassRequest) => MassRequest;
} {
  const times = (sd: number) => Math.exp(normal() * sd);
  const steepness = times(FIFTH / 2);
  const model = {
    ...BOOK_MODEL,
    tempExponent: BOOK_MODEL.tempExponent * steepness,
    growthBLo: BOOK_MODEL.growthBLo + normal() * 1.1,
    growthWLo: BOOK_MODEL.growthWLo + normal() * 1.1,
    gasBLo: BOOK_MODEL.gasBLo + normal() * 1.1,
    gasWLo: BOOK_MODEL.gasWLo + normal() * 1.1,
    s0: BOOK_MODEL.s0 * times(SEVENTH),
    z0: BOOK_MODEL.z0 * times(SEVENTH),
    ka: BOOK_MODEL.ka * times(SEVENTH),
    kg: BOOK_MODEL.kg * times(SEVENTH / 2),
    kl: BOOK_MODEL.kl * times(SEVENTH),
  };
  // A drift of up to a degree over half a day, about the offset that the bands know.
  const swingC = normal() * 0.6;
  const drift = (request: MassRequest): MassRequest => ({
    ...request,
    stays: request.stays.flatMap((stay) => {
      if (stay.hours < 2 || stay.hours > 400) return [stay];
      const early = Math.min(6, stay.hours / 2);
      return [
        { ...stay, hours: early, placeC: stay.placeC + swingC },
        { ...stay, hours: stay.hours - early, placeC: stay.placeC - swingC / 2 },
      ];
    }),
  });
  return { model, drift };
}

/** What dose makes a leaven as much faster as another speed and the misfit do, in ln: half of a dose goes into time. */
const LEAVEN_DOSE_LN_SD = 2 * Math.hypot(0.1, MISFIT_LN_SD);

/** A mass with leavens that are not as forecast, and go into it at the hour at which they were to be ripe. */
const byTheClock = (request: MassRequest, normal: () => number): MassRequest => ({
  ...request,
  seeds: request.seeds.map((seed) => {
    if (!('made' in seed.source)) return seed;
    const { made, atH } = seed.source;
    const plannedH =
      atH === 'best' ? (readRequest(made, runRequest(made, NO_DOUBT)).bestH ?? 0) : atH;
    const dosed = { ...made, freshShare: made.freshShare * Math.exp(LEAVEN_DOSE_LN_SD * normal()) };
    return { ...seed, source: { made: dosed, atH: plannedH } };
  }),
});

type Hours = Partial<Record<Moment, number>>;

/** Shares of the truths whose moment lies in its band. */
function coverageOf(request: MassRequest, draw: () => Hours, truths: number): Hours {
  const window = readRequest(request, runRequest(request, NO_DOUBT));
  const band = windowBand(window, doubtfulRequest(request));
  const inside: Record<Moment, number> = { opensH: 0, bestH: 0, closesH: 0 };
  for (let i = 0; i < truths; i += 1) {
    const hours = draw();
    for (const moment of MOMENTS) {
      const [at, span] = [hours[moment], band?.[moment]];
      if (at !== undefined && span && at >= span[0] && at <= span[1]) inside[moment] += 1;
    }
  }
  return Object.fromEntries(
    MOMENTS.filter((moment) => band?.[moment]).map((moment) => [
      moment,
      round(inside[moment] / truths),
    ]),
  );
}

/** Coverage for each kind of case: truth from the prior and from other kitchens. */
export function coverage(truths = 800) {
  const answer: Record<string, { prior: Hours; kitchens: Hours }> = {};
  Object.entries(CASES).forEach(([name, request], caseIndex) => {
    const normal = seededNormal(1000 + caseIndex);
    const student = studentOf(normal);
    const lot = doubtfulRequest(request);
    // Another kitchen is off by itself: the misfit is not drawn on top of it.
    const known = { ...lot, extraLnSd: 0, speedLnSd: lot.speedLnSd || bookSpeedLnSd(BAKERS_YEAST) };
    const likely = readRequest(request, runRequest(request, NO_DOUBT));
    const likelyH = likely.bestH ?? likely.opensH ?? 0;
    const hours = (doubt: Doubt, told: MassRequest, model?: Model): Hours => {
      const options = { stepH: 0.1, ...(model === undefined ? {} : { model }) };
      const window = readRequest(told, runRequest(told, doubt, options));
      return Object.fromEntries(
        MOMENTS.flatMap((moment) => {
          const at = window[moment];
          return at === null ? [] : [[moment, at]];
        }),
      );
    };
    const prior = coverageOf(
      request,
      () => hours(drawDoubt(lot, likelyH, normal), request),
      truths,
    );
    const kitchens = coverageOf(
      request,
      () => {
        const { model, drift } = kitchen(normal);
        return hours(
          { ...drawDoubt(known, likelyH, student), cold: NO_DOUBT.cold },
          drift(byTheClock(request, normal)),
          model,
        );
      },
      truths,
    );
    answer[name] = { prior, kitchens };
  });
  const mean = (of: 'prior' | 'kitchens') => {
    const all = Object.values(answer).flatMap((one) => Object.values(one[of]));
    return round(all.reduce((sum, one) => sum + one, 0) / all.length);
  };
  return { truths, cases: answer, mean: { prior: mean('prior'), kitchens: mean('kitchens') } };
}

const round = (value: number) => Math.round(value * 1000) / 1000;
