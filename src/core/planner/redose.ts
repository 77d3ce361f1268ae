import { solveHours } from '../forecast';
import { isAct, type ActOf, type PlannedAct } from '../journal';
import { hoursBetween, roundToStep } from '../units';
import { forecastActs, type ForecastShopFacts } from './forecast-acts';

/** Times the yeast that a leaven was planned with. */
const FACTORS = { least: 1 / 30, most: 30, linear: false } as const;

/**
 * A planned leaven raised by yeast at another hour, its yeast found anew so that it is best when it is mixed; the water
 * makes up for what changes. The leaven as it is where it has no yeast, or no best to aim at.
 * @param moves its moves from place to place, at the hours that they will have
 * @param stepG step of the fine scale, g
 */
export function redosed(
  act: ActOf<'make'>,
  at: { readonly atMs: number; readonly mixAtMs: number; readonly stepG: number },
  moves: readonly Pick<PlannedAct, 'atMs' | 'act'>[],
  shop: ForecastShopFacts,
): ActOf<'make'> {
  const isYeast = (id: string) => shop.pantry.get(id)?.kind === 'yeast';
  if (!act.ingredients.some((line) => isYeast(line.ingredientId)) || act.portions.length > 0) {
    return act;
  }
  const scaled = (factor: number, stepG: number | null): ActOf<'make'> => {
    let moreG = 0;
    const yeasted = act.ingredients.map((line) => {
      if (!isYeast(line.ingredientId)) return line;
      const exactG = line.massG * factor;
      const massG = stepG === null ? exactG : Math.max(stepG, roundToStep(exactG, stepG));
      moreG += massG - line.massG;
      return { ...line, massG };
    });
    const ingredients = yeasted.map((line) =>
      shop.pantry.get(line.ingredientId)?.kind === 'water'
        ? { ...line, massG: line.massG - moreG }
        : line,
    );
    return { ...act, ingredients };
  };
  const hours = (factor: number) => {
    const steps = [{ atMs: at.atMs, act: scaled(factor, null) }, ...moves];
    const bestMs = forecastActs(shop, steps).get(act.lotId)?.window.bestMs ?? null;
    return bestMs === null ? null : hoursBetween(at.atMs, bestMs);
  };
  if (hours(1) === null) return act;
  const found = solveHours(hours, FACTORS, hoursBetween(at.atMs, at.mixAtMs));
  return scaled(found.kind === 'found' ? found.value : found.nearest, at.stepG);
}

/** The leavens of a planned mix that are still to be made. */
export function leavensToMake(
  mix: PlannedAct,
  planned: readonly PlannedAct[],
): (PlannedAct & { readonly act: ActOf<'make'> })[] {
  if (!isAct(mix.act, 'make')) return [];
  const taken = new Set(mix.act.portions.map((line) => line.lotId));
  return planned.filter(
    (one): one is PlannedAct & { readonly act: ActOf<'make'> } =>
      isAct(one.act, 'make') && taken.has(one.act.lotId),
  );
}
