// The planner’s choice among plans against a general mixed-integer solver, in one run.
import highs from 'highs';
import { planningShop } from '../../tests/fixtures/planning';
import { seededUniform } from '@/core/numeric';
import { chooseBest, type Option } from '@/core/planner/week';
import { UNMET_POINTS } from '@/core/planner/week/choose';
import { round, timed } from './timed';

const HOUR_MS = 3_600_000;

/** One class of cases, places, hands and capacities on a grid, for the planner’s choice and a general solver. */
function gridCase(seed: number, demands: number, optionsEach: number): Option[][] {
  const uniform = seededUniform(seed);
  const hour = (h: number) => Date.parse('2026-11-23T05:00:00Z') + h * HOUR_MS;
  return Array.from({ length: demands }, (_, d) =>
    Array.from({ length: optionsEach }, (): Option => {
      const h = Math.floor(uniform() * 15);
      const litres = 5 + Math.floor(uniform() * 20);
      const id = `demand ${d}`;
      return {
        points: Math.round(uniform() * 100),
        needs: {
          hands: [{ what: id, fromMs: hour(h), toMs: hour(h + 1), demandId: id, who: null }],
          places: [
            {
              placeId: 'fridge',
              what: id,
              fromMs: hour(h),
              toMs: hour(h + 5),
              litres,
              demandId: id,
            },
          ],
          things: [],
          cultures: [],
        },
      };
    }),
  );
}

/** The same case as a mixed-integer program: one column for each option, one row for each demand, hour of hands, hour of the place. */
function asProgram(
  options: readonly (readonly Option[])[],
  people: number,
  litres: number,
): string {
  const names = options.flatMap((all, d) =>
    all.map((option, i) => ({ name: `x${d}_${i}`, option })),
  );
  const unmet = options.map((_, d) => `u${d}`);
  const terms = (all: readonly { name: string; by: number }[]) =>
    all.map(({ name, by }) => `${by} ${name}`).join(' + ');
  const hours = [...new Set(names.map(({ option }) => option.needs.hands[0]!.fromMs))];
  const rows: string[] = [];
  options.forEach((all, d) => {
    const own = all.map((_, i) => ({ name: `x${d}_${i}`, by: 1 }));
    rows.push(`d${d}: ${terms([...own, { name: `u${d}`, by: 1 }])} = 1`);
  });
  for (const atMs of hours) {
    const hands = names.filter(({ option }) => option.needs.hands[0]!.fromMs === atMs);
    rows.push(`h${atMs}: ${terms(hands.map(({ name }) => ({ name, by: 1 })))} <= ${people}`);
    const there = names.filter(({ option: { needs } }) => {
      const place = needs.places[0]!;
      return place.fromMs <= atMs && atMs < place.toMs;
    });
    const inPlace = there.map(({ name, option }) => ({ name, by: option.needs.places[0]!.litres }));
    rows.push(`p${atMs}: ${terms(inPlace)} <= ${litres}`);
  }
  const goal = terms([
    ...names.map(({ name, option }) => ({ name, by: option.points })),
    ...unmet.map((name) => ({ name, by: UNMET_POINTS })),
  ]);
  const all = [...names.map(({ name }) => name), ...unmet].join(' ');
  return `Minimize\n obj: ${goal}\nSubject To\n ${rows.join('\n ')}\nBinary\n ${all}\nEnd`;
}

/** Quality and time of the planner’s choice over the solver’s. */
export async function againstSolver() {
  const solver = await highs();
  const { kitchen, background } = planningShop({
    kitchen: {
      people: ['Jo'],
      boxedBalls: null,
      rooms: [{ placeId: 'fridge', name: 'Fridge', litres: 40 }],
    },
  });
  const cases = Array.from({ length: 40 }, (_, i) => gridCase(i + 1, 6, 6));
  solver.solve(asProgram(cases[0]!, 1, 40));
  let equal = 0;
  let ours = 0;
  let theirs = 0;
  let points = 0;
  let solverPoints = 0;
  for (const options of cases) {
    const own = timed(() => chooseBest(options, { kitchen, background }));
    const other = timed(() => solver.solve(asProgram(options, 1, 40)));
    ours += own.ms;
    theirs += other.ms;
    points += own.value.points;
    solverPoints += other.value.ObjectiveValue;
    if (Math.abs(own.value.points - other.value.ObjectiveValue) < 1e-6) equal += 1;
  }
  return {
    cases: cases.length,
    'as good as the solver': equal,
    'points over the solver’s': round(points / solverPoints, 4),
    'time over the solver’s': round(ours / theirs, 3),
  };
}
