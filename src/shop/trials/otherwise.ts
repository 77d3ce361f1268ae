import { tr, trOf } from '@/words/tr';
import type { ShopState } from '../state';
import { totals } from '@/core/composition';
import type { ActOf } from '@/core/journal';
import { roundToStep } from '@/core/units';
import { done, refused, type Outcome } from '../outcome';

import type { Trial } from './trial-form';

/** What can not be different in some of a dough whose flour and water soak together before. */
const OF_THE_SOAK: ReadonlySet<Trial['thing']> = new Set(['flour', 'water']);
const soaks = () =>
  tr`One thing: its flour and water soak together before the mix. Allowed: another place, more or less yeast, warmer or colder mixed.`;

/** The same make, so many grams of it, with one thing different. */
export function otherwise(
  first: ActOf<'make'>,
  trial: Trial,
  state: ShopState,
): Outcome<{ act: ActOf<'make'>; says: string }> {
  if (first.soaked !== undefined && OF_THE_SOAK.has(trial.thing)) return refused('thing', soaks());
  const small = scaled(first, trial.massG, state);
  if (trial.thing === 'place') {
    const place = placeFor(trial, first.placeId, state);
    if (!place.ok) return place;
    return done({
      act: { ...small, placeId: place.value },
      says: tr`${placeName(place.value, state)} instead of ${placeName(first.placeId, state)}`,
    });
  }
  if (trial.thing === 'start') {
    if (trial.startC == null) return refused('startC', tr`Just mixed: a temperature is needed.`);
    return done({
      act: { ...small, startC: trial.startC },
      says: tr`mixed at ${trial.startC}° instead of ${first.startC}°`,
    });
  }
  if (trial.thing === 'flour') return withFlour(small, trial.flourId ?? '', state);
  return trial.thing === 'yeast'
    ? withYeast(small, trial.yeastPct ?? null, state)
    : withWater(small, trial.waterPoints ?? null, state);
}

/** All its flour of another kind; what a leaven brings along stays as it is. */
function withFlour(
  act: ActOf<'make'>,
  flourId: string,
  { pantry }: ShopState,
): Outcome<{ act: ActOf<'make'>; says: string }> {
  const flour = pantry.get(flourId);
  if (flour?.kind !== 'flour') {
    return refused(
      'flourId',
      tr`Flour: “${flourId}” is not in the shop. Allowed: one of its flours.`,
    );
  }
  const isFlour = (id: string) => pantry.get(id)?.kind === 'flour';
  const lines = act.ingredients.filter((line) => isFlour(line.ingredientId));
  if (lines.every((line) => line.ingredientId === flourId)) {
    return refused('flourId', tr`Flour: it is ${flour.name} already. Allowed: another one.`);
  }
  const massG = lines.reduce((sum, line) => sum + line.massG, 0);
  const others = act.ingredients.filter((line) => !isFlour(line.ingredientId));
  return done({
    act: { ...act, ingredients: [{ ingredientId: flourId, massG }, ...others] },
    says: tr`${flour.name} instead of ${lines.map((line) => pantry.get(line.ingredientId)?.name ?? line.ingredientId).join(', ')}`,
  });
}

function withYeast(
  act: ActOf<'make'>,
  pct: number | null,
  state: ShopState,
): Outcome<{ act: ActOf<'make'>; says: string }> {
  if (pct === null) return refused('yeastPct', tr`Yeast: a share of the first is needed.`);
  const isYeast = (id: string) => state.pantry.get(id)?.kind === 'yeast';
  if (!act.ingredients.some((line) => isYeast(line.ingredientId))) {
    return refused('thing', tr`One thing: no yeast goes into this lot. Choose another.`);
  }
  const { fineStepG } = state.shop;
  const ingredients = act.ingredients.map((line) =>
    isYeast(line.ingredientId)
      ? { ...line, massG: roundToStep((line.massG * pct) / 100, fineStepG) }
      : line,
  );
  const least = ingredients.find((line) => isYeast(line.ingredientId) && line.massG < fineStepG);
  if (least !== undefined) {
    return refused(
      'massG',
      tr`Trial lot: its yeast would be under ${fineStepG} g, less than the scale shows. Allowed: a larger lot.`,
    );
  }
  return done({ act: { ...act, ingredients }, says: tr`${pct} % of the yeast` });
}

function withWater(
  act: ActOf<'make'>,
  points: number | null,
  state: ShopState,
): Outcome<{ act: ActOf<'make'>; says: string }> {
  if (points === null) return refused('waterPoints', tr`Water: how much more or less is needed.`);
  const { flourG } = totals(
    Object.fromEntries(act.ingredients.map((line) => [line.ingredientId, line.massG])),
    state.pantry,
  );
  const moreG = (flourG * points) / 100;
  const index = act.ingredients.findIndex(
    (line) => state.pantry.get(line.ingredientId)?.kind === 'water',
  );
  const line = act.ingredients[index];
  const massG = roundToStep((line?.massG ?? 0) + moreG, state.shop.scaleStepG);
  if (line === undefined || massG <= 0) {
    return refused('waterPoints', tr`Water: ${points} points is not possible in this lot.`);
  }
  const ingredients = act.ingredients.map((one, i) => (i === index ? { ...one, massG } : one));
  const sign = points > 0 ? 'more' : 'less';
  return done({
    act: { ...act, ingredients },
    says: tr`${Math.abs(points)} points ${trOf(sign)} water`,
  });
}

/** A make for so many grams, on the steps of the scales. */
export function scaled(
  act: ActOf<'make'>,
  massG: number,
  { shop, pantry }: ShopState,
): ActOf<'make'> {
  const whole = [...act.ingredients, ...act.portions].reduce((sum, one) => sum + one.massG, 0);
  const share = massG / whole;
  const stepOf = (id: string) =>
    pantry.get(id)?.kind === 'yeast' ? shop.fineStepG : shop.scaleStepG;
  const { soaked } = act;
  return {
    ...act,
    ...(soaked === undefined
      ? {}
      : { soaked: { ...soaked, waterG: roundToStep(soaked.waterG * share, shop.scaleStepG) } }),
    ingredients: act.ingredients.map((line) => ({
      ...line,
      massG: roundToStep(line.massG * share, stepOf(line.ingredientId)),
    })),
    portions: act.portions.map((line) => ({
      ...line,
      massG: roundToStep(line.massG * share, shop.scaleStepG),
    })),
  };
}

/** The place that a trial is to stand in: another one than the first. */
export function placeFor(trial: Trial, firstId: string, state: ShopState): Outcome<string> {
  const placeId = trial.placeId ?? '';
  if (!state.placeMap.has(placeId)) {
    return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
  }
  return placeId === firstId
    ? refused('placeId', tr`Place: that is where the first stands. Allowed: another place.`)
    : done(placeId);
}

/** A place by its name. */
export const placeName = (id: string, state: ShopState) => state.placeMap.get(id)?.name ?? id;
