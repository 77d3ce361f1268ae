import { tr } from '@/words/tr';
import { sentenceInUnits } from '../sentence-in-units';
import type { ShopState } from '../state';
import type { CautionAt } from '@/core/cautions';
import type { ShopForecast } from '@/core/forecast';
import { weighDose } from '@/core/formula';
import { isAct, type Act } from '@/core/journal';

import { stepSheet, type StepSheet } from '../hands/step-sheet';
import type { Glyph, Moment } from '../hands/moment';

const CAUTION_AT: Readonly<Partial<Record<Glyph, CautionAt>>> = {
  feed: 'leaven',
  mix: 'mix',
  ball: 'ball',
  bake: 'bake',
};

/** The sheets of the steps still to be done. */
export function sheetsOf(
  state: ShopState,
  forecast: ShopForecast,
  moments: readonly Moment[],
): StepSheet[] {
  const acts = new Map(forecast.acts.map((one) => [one.ref, one.act]));
  return moments
    .filter((moment) => moment.tense === 'planned')
    .flatMap((moment) => {
      const act = acts.get(moment.ref);
      if (act === undefined) return [];
      const at = CAUTION_AT[moment.glyph];
      return [
        stepSheet(act, {
          moment,
          placeName: state.placeMap.get(moment.placeId ?? '')?.name ?? '',
          notes: stockNotes(act, state),
          water: moment.water,
          caution: at ?? null,
        }),
      ];
    });
}

/** How to weigh a dose that the scale can not. */
export function stockNotes(act: Act, state: ShopState): string[] {
  if (!isAct(act, 'make')) return [];
  const waterG =
    act.ingredients.find((line) => state.pantry.get(line.ingredientId)?.kind === 'water')?.massG ??
    0;
  return act.ingredients.flatMap((line) => {
    const ingredient = state.pantry.get(line.ingredientId);
    if (ingredient?.kind !== 'yeast' || line.massG <= 0 || waterG <= 0) return [];
    const { stock, error } = weighDose({
      doseG: line.massG,
      stepG: state.shop.fineStepG,
      waterStepG: state.shop.scaleStepG,
      waterG,
    });
    if (stock === null) return [];
    const note = tr`${round(line.massG, 2)} g of yeast is too little for the scale. Dissolve ${stock.yeastG} g in ${stock.waterG} g water, take ${stock.takeG} g of it and ${round(stock.waterBroughtG, 0)} g less water. The dose is then right to ±${round(error * 100, 1)} %.`;
    return [sentenceInUnits(note, state.shop)];
  });
}

function round(value: number, digits: number): number {
  return Number(value.toFixed(digits));
}
