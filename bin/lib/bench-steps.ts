// What longer steps in the cold save, at which error: runs of 72 h with them against runs with short steps throughout.
import { coldBiga, poolish, yeastedBall } from '@/core/forecast/calibration/table';
import { NO_DOUBT } from '@/core/forecast/doubt';
import { readRequest, runRequest, type MassRequest } from '@/core/forecast/mass-request';
import { cost } from './cost';
import { round } from './timed';

const CASES: Readonly<Record<string, MassRequest>> = {
  'balls, 48 h cold, tempered': {
    ...yeastedBall,
    stays: [
      { placeC: 22, hours: 1.5 },
      { placeC: 4, hours: 48 },
      { placeC: 21, hours: 22.5 },
    ],
  },
  'biga, 72 h in the fridge': { ...coldBiga, asks: 'young', stays: [{ placeC: 4, hours: 72 }] },
  'poolish, 72 h in a cellar of 12°': { ...poolish(0.3, 18), stays: [{ placeC: 12, hours: 72 }] },
  'poolish, 72 h on the bench': { ...poolish(0.3, 21), stays: [{ placeC: 21, hours: 72 }] },
};

/** For each case: cost over that of short steps, steps over theirs, and the farthest edge of the window, minutes. */
export function steps() {
  const rows = Object.entries(CASES).map(([name, request]) => {
    const run = (evenSteps: boolean) => runRequest(request, NO_DOUBT, { evenSteps });
    const [wide, even] = [run(false), run(true)];
    const [is, was] = [readRequest(request, wide), readRequest(request, even)];
    const off = (['opensH', 'bestH', 'closesH'] as const).map((edge) =>
      Math.abs((is[edge] ?? 0) - (was[edge] ?? 0)),
    );
    const dear = cost(() => run(true), 60);
    return [
      name,
      {
        costOverShortSteps: round(cost(() => run(false), 60) / dear),
        stepsOverShortSteps: round(wide.length / even.length),
        farthestEdgeMin: round(60 * Math.max(...off), 3),
      },
    ];
  });
  return Object.fromEntries(rows) as object;
}
