import type { RecipeAsDough, RecipeCheck } from '@/core/formula/check';
import { LIBRARY, placedMethod, type Method } from '@/core/methods';
import { withLeaven } from '@/core/planner';
import type { DoughsView } from '@/server/doughs/view';

/** The name a recipe gives itself: its first line when that weighs nothing. */
function nameOf(check: RecipeCheck): string {
  const [first] = check.lines.filter((line) => line.raw.trim() !== '');
  const words = first !== undefined && first.kind !== 'understood' ? first.raw : 'Found recipe';
  return (
    words
      .split(/[,:–-]/)[0]!
      .trim()
      .slice(0, 40) || 'Found recipe'
  );
}

/** A checked recipe as a method on the shop’s places: its weights, and the stages of the starting method nearest to it. */
export function methodOfRecipe(made: RecipeAsDough, check: RecipeCheck, view: DoughsView): Method {
  const { planning, flours } = view.facts;
  const base = placedMethod(
    LIBRARY.find((one) => one.id === 'straight')!,
    {
      places: planning.places,
      flours: flours.filter((flour) => flour.retiredMs === null),
      atMs: planning.nowMs,
      yeastType: made.dough.yeast.type,
    },
  );
  const pieces = check.lines.flatMap((line) =>
    line.kind === 'claim' && line.claim.of === 'pieces' ? [line.claim] : [],
  )[0];
  const doughG = check.sums?.doughG.value ?? 1000;
  const method: Method = {
    ...base,
    name: nameOf(check),
    says: 'from a recipe that was checked',
    dough: made.dough,
    lossShare: 0,
    target:
      pieces === undefined
        ? { by: 'dough', doughG: Math.round(doughG) }
        : {
            by: 'products',
            products: [
              {
                name: 'Balls',
                count: pieces.count,
                weightG: Math.round((10 * doughG) / pieces.count) / 10,
                keepsH: 24,
              },
            ],
          },
  };
  return made.dough.leavens.reduce((all, leaven) => {
    const stays = withLeaven(all, leaven.kind, leaven.id).leavenStays[leaven.id];
    return stays === undefined
      ? all
      : { ...all, leavenStays: { ...all.leavenStays, [leaven.id]: stays } };
  }, method);
}
