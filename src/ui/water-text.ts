import { tr } from '@/words/tr';
import type { ShopUnits } from '@/core/units';
import type { WaterAnswer } from '@/core/thermal';
import { massText, tempText } from './format';

/** The water of a mix in words: how warm, how much of it as ice, and what keeps it from its aim. */
export function waterText(water: WaterAnswer, units: ShopUnits): string {
  const ice = water.iceG > 0 ? tr`, ${massText(Math.round(water.iceG), units)} of it ice` : '';
  const says = tr`water ${tempText(water.waterC, units, 0)}${ice}`;
  if (water.bound === null) return says;
  const comesTo = tempText(water.doughC, units);
  return water.bound === 'too cold'
    ? tr`${says}, the warmest a leaven bears: comes to ${comesTo}`
    : tr`${says}: still comes to ${comesTo}`;
}

/** The water's degrees for a card: "17°", or "ice" where the tap is not cold enough. */
export function waterDegrees(water: WaterAnswer, units: ShopUnits): string {
  return water.iceG > 0 ? tr`part ice` : tempText(water.waterC, units, 0);
}
