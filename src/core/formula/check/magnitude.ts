import { tr } from '@/words/tr';
import type { RecipeLine } from './recipe-line';
import type { RecipeSums } from './sums';
import type { RecipeThing } from './words';

/** The most and the least of a thing over all flour that a recipe may hold without being asked about. Set, wide. */
const BELIEVABLE: Readonly<Partial<Record<RecipeThing['kind'], readonly [number, number]>>> = {
  water: [0.05, 1.6],
  salt: [0.002, 0.08],
  oil: [0.001, 0.5],
  sugar: [0.0005, 0.5],
  yeast: [0.00005, 0.08],
  liquid: [0.01, 1.6],
  leaven: [0.005, 3],
};
const slips = (): readonly (readonly [number, string])[] => [
  [0.001, tr`Is it in grams where a kilo stands?`],
  [1000, tr`Is it in kilos where a gram stands?`],
  [0.1, tr`Is there a nought too many?`],
  [10, tr`Is there a nought too few?`],
];

/**
 * A line whose grams are an order of magnitude off the flour is asked about; every other is as it was. Of a thing that stands
 * on several lines each may be small.
 */
export function magnitudeQuestion(
  line: RecipeLine,
  lines: readonly RecipeLine[],
  sums: RecipeSums,
): RecipeLine {
  if (line.kind !== 'understood') return line;
  const among = lines.filter((one) => one.kind === 'understood' && one.thing.id === line.thing.id);
  const believable = BELIEVABLE[line.thing.kind];
  if (believable === undefined) return line;
  const range = among.length > 1 ? ([0, believable[1]] as const) : believable;
  const share = line.mass.massG / sums.flourG.value;
  const fits = (value: number) => value >= range[0] && value <= range[1];
  if (fits(share)) return line;
  const slip = slips().find(([factor]) => fits(share * factor))?.[1] ?? tr`Is that right?`;
  const { index, raw, thing, mass, hydration } = line;
  const much = Math.round(share * 1000) / 10;
  const says = tr`${thing.name}: ${much} % of the flour. ${slip}`;
  return { index, raw, kind: 'question', thing, mass, hydration, says };
}
