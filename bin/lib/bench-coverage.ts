// Coverage of the 80 % bands, with the truth drawn from the model's own doubts and from outside them.
import { fed, levainPart, raised, yeasted } from '@/core/forecast/calibration/cases';
import { cellarBiga, poolish } from '@/core/forecast/calibration/table';
import { drawDoubt, windowBand } from '@/core/forecast/band';
import { NO_DOUBT, type Doubt } from '@/core/forecast/doubt';
import { readRequest, runRequest, type MassRequest } from '@/core/forecast/mass-request';
import { doubtfulRequest } from '@/core/forecast/request-band';
import { BOOK_MODEL, type Model } from '@/core/kinetics';
import { seededNormal } from '@/core/numeric';

/** Eight kinds of case. */
const CASES: Readonly<Record<string, MassRequest>> = {
  'poolish, overnight 21°': poolish(0.3, 21),
  'poolish, short 24°': poolish(0.9, 24),
  'starter 1:5:5 at 24°': fed({ kind: 'starter', ratio: [1, 5, 5], placeC: 24 }),
  'levain 20 % at 21°': fed({ kind: 'levain', ratio: [0.2, 1, 1], placeC: 21 }),
  'biga, cellar': cellarBiga,
  'balls, straight 22°': yeasted({
    kind: 'balls',
    freshPct: 0.3,
    startC: 24,
    placeC: 22,
    hydration: 0.65,
    saltPct: 2.7,
    massKg: 0.25,
  }),
  'balls on levain 24°': raised({
    kind: 'balls',
    seed: levainPart(0.15),
    startC: 24,
    massKg: 0.25,
  }),
  'poolish, cellar then room': {
    ...poolish(0.4, 20),
    stays: [
      { placeC: 16, hours: 6 },
      { placeC: 22, hours: 40 },
    ],
  },
};

/** Another kitchen: another temperature response, numbers beyond the prior's centre, heavier tails. */
function foreign(normal: () => number): { model: Model; tail: () => number } {
  // Student-t with 4 degrees, scaled to the sd that the bands assume: the same doubt with far wider tails.
  const student = () => {
    const chi = normal() ** 2 + normal() ** 2 + normal() ** 2 + normal() ** 2;
    return (normal() / Math.sqrt(chi / 4)) * Math.SQRT1_2;
  };
  const model = {
    ...BOOK_MODEL,
    tempExponent: 2.6 + 0.8 * Math.abs(normal()) * 0.5,
    growthBLo: BOOK_MODEL.growthBLo - 1,
    growthWLo: BOOK_MODEL.growthWLo - 1,
    kg: BOOK_MODEL.kg * 1.03,
    ka: BOOK_MODEL.ka * 0.95,
  };
  return { model, tail: student };
}

function coverageOf(
  request: MassRequest,
  draw: (index: number) => number | null,
  truths: number,
): number {
  const window = readRequest(request, runRequest(request, NO_DOUBT));
  const band = windowBand(window, doubtfulRequest(request))?.bestH ?? null;
  if (band === null) return NaN;
  let inside = 0;
  for (let i = 0; i < truths; i += 1) {
    const hour = draw(i);
    if (hour !== null && hour >= band[0] && hour <= band[1]) inside += 1;
  }
  return inside / truths;
}

/** Coverage for each kind of case: truth from the prior (easy) and from outside it (hard). */
export function coverage() {
  const truths = 1000;
  const answer: Record<string, { easy: number; hard: number }> = {};
  Object.entries(CASES).forEach(([name, request], caseIndex) => {
    const normal = seededNormal(1000 + caseIndex);
    const best = (doubt: Doubt, model?: Model) =>
      readRequest(
        request,
        runRequest(request, doubt, { stepH: 0.1, ...(model === undefined ? {} : { model }) }),
      ).bestH;
    const easy = coverageOf(
      request,
      () => best(drawDoubt(doubtfulRequest(request), normal)),
      truths,
    );
    const hard = coverageOf(
      request,
      () => {
        const { model, tail } = foreign(normal);
        return best(drawDoubt(doubtfulRequest(request), tail), model);
      },
      truths,
    );
    answer[name] = { easy: round(easy), hard: round(hard) };
  });
  const mean = (of: 'easy' | 'hard') =>
    round(
      Object.values(answer).reduce((sum, one) => sum + one[of], 0) / Object.keys(answer).length,
    );
  return { truths, cases: answer, mean: { easy: mean('easy'), hard: mean('hard') } };
}

const round = (value: number) => Math.round(value * 1000) / 1000;
