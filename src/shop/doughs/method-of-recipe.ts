import { tr } from '@/words/tr';
import type { RecipeAsDough, RecipeCheck, RecipeStage, RecipeStages } from '@/core/formula/check';
import { startingMethods, placedMethod, type Method, type Stay } from '@/core/methods';
import { withLeaven } from '@/core/planner';
import { builtWhereShort } from './built-instead';
import type { DoughFacts } from './facts';
import { MOST_STAYS, stayOf } from './stay-of-recipe';
import { mixOf, heated } from './mix-of-recipe';

/** The name a recipe gives itself: its first line when that weighs nothing. */
function nameOf(check: RecipeCheck): string {
  const [first] = check.lines.filter((line) => line.raw.trim() !== '');
  const words = first !== undefined && first.kind !== 'understood' ? first.raw : tr`Found recipe`;
  return (
    words
      .split(/[,:–-]/)[0]!
      .trim()
      .slice(0, 40) || tr`Found recipe`
  );
}

/** The stays of stages, those of one place after another as one; what is usual where a recipe says nothing. */
function staysOf(stages: readonly RecipeStage[], usual: Stay[], facts: DoughFacts): Stay[] {
  if (stages.length === 0) return usual;
  const stays: Stay[] = [];
  for (const stage of stages) {
    const stay = stayOf(stage, facts);
    const before = stays.at(-1);
    if (before?.placeId !== stay.placeId) stays.push(stay);
    else {
      stays[stays.length - 1] = {
        placeId: stay.placeId,
        hours: before.hours + stay.hours,
        leastH: before.leastH + stay.leastH,
        mostH: before.mostH + stay.mostH,
      };
    }
  }
  return stays.slice(0, MOST_STAYS);
}

/** Dough that is not left to stand before it is balled stands as long as it takes to portion it. */
const AT_ONCE: Pick<Stay, 'hours' | 'leastH' | 'mostH'> = { hours: 0.25, leastH: 0, mostH: 0.5 };

/** The stages of dough and balls: where a recipe only says of one of them how long it takes, the other is short. */
function doughStays(stages: RecipeStages, base: Method, facts: DoughFacts) {
  const { bulk, balls } = stages;
  const placeId = base.bulk[0]?.placeId ?? '';
  const usualBulk = balls.length > 0 ? [{ placeId, ...AT_ONCE }] : base.bulk;
  return {
    bulk: staysOf(bulk, usualBulk, facts),
    balls: staysOf(balls, base.balls, facts),
  };
}

/** Which of the usual ways the recipe goes, as far as its stages say. */
function schoolsOf(stages: RecipeStages, made: RecipeAsDough, base: Method): Method['schools'] {
  const cold = (all: readonly RecipeStage[]) => all.some(({ where }) => where === 'cold');
  const coldWhere = cold(stages.balls)
    ? 'balls'
    : cold(stages.bulk)
      ? 'bulk'
      : cold(stages.leavens.flat())
        ? 'leaven'
        : 'nowhere';
  return {
    ...base.schools,
    coldWhere,
    salt: stages.autolyseMin === null ? base.schools.salt : 'after a rest',
    water: made.heldBackShare > 0 ? 'part held back' : base.schools.water,
  };
}

/** A checked recipe as a method on the shop’s places: its weights and leavens, and the stages that it tells. */
export function methodOfRecipe(
  made: RecipeAsDough,
  check: RecipeCheck,
  stages: RecipeStages,
  facts: DoughFacts,
): Method {
  const { flours } = facts;
  const base = placedMethod(
    startingMethods().find((one) => one.id === 'straight')!,
    {
      places: facts.places,
      flours: flours.filter((flour) => flour.retiredMs === null),
      atMs: facts.nowMs,
      yeastType: made.dough.yeast.type,
    },
  );
  const method: Method = {
    ...base,
    name: nameOf(check),
    says: tr`from a recipe that was checked`,
    dough: made.dough,
    lossShare: 0,
    target: targetOf(check),
    mix: mixOf(stages, made, base, facts),
    moments: stages.heatMin === null ? [] : [heated(stages.heatMin)],
    ...doughStays(stages, base, facts),
    reball: stages.reball,
    schools: schoolsOf(stages, made, base),
  };
  const kept = made.dough.leavens.reduce((all, leaven, index) => {
    const usual = withLeaven(all, leaven.kind, leaven.id).leavenStays[leaven.id];
    if (usual === undefined) return all;
    const stays = staysOf(stages.leavens[index] ?? [], usual, facts);
    return { ...all, leavenStays: { ...all.leavenStays, [leaven.id]: stays } };
  }, method);
  return builtWhereShort(kept, made.flourG, facts);
}

/** Balls are balls, trays and loaves are called so. */
function pieceName(raw: string): string {
  const word = /\b(trays?|loaf|loaves|breads?|flatbreads?)\b/i.exec(raw)?.[1]?.toLowerCase();
  if (word === undefined) return tr`Balls`;
  return /^loa/.test(word) ? tr`Loaves` : word.charAt(0).toUpperCase() + word.slice(1);
}

/** As many pieces as the recipe says, of its whole dough; the dough alone where it says none. */
function targetOf(check: RecipeCheck): Method['target'] {
  const pieces = check.lines.flatMap((line) =>
    line.kind === 'claim' && line.claim.of === 'pieces'
      ? [{ count: line.claim.count, name: pieceName(line.raw) }]
      : [],
  )[0];
  const doughG = check.sums?.doughG.value ?? 1000;
  if (pieces === undefined) return { by: 'dough', doughG: Math.round(doughG) };
  const weightG = Math.round((10 * doughG) / pieces.count) / 10;
  return {
    by: 'products',
    products: [{ name: pieces.name, count: pieces.count, weightG, keepsH: 24 }],
  };
}
