import { tr } from '@/words/tr';
import type { WaterFact, MixView } from '@/shop/mix/view';

import { massText, tempText } from '@/ui/format';

/** The water of a mix, in the head of its card. */
export function waterTell({ water, units }: MixView) {
  if (water === null) return { ask: tr`water at`, says: '–', detail: tr`none goes in` };
  const { answer } = water;
  const ice = answer.iceG > 0 ? tr` + ${massText(Math.round(answer.iceG), units)} ice` : '';
  return {
    ask: tr`water at`,
    says: `${tempText(answer.waterC, units, 0)}${ice}`,
    detail: waterDetail(water, units),
  };
}

/** The shop rule weighs every part alike: told as a check where it comes near, left out where it can not know. */
const RULE_NEAR_C = 3;
/** Water this much warmer than the coldest is not ice cold any more, °C. */
const NOT_COLD_C = 6;

function waterDetail({ answer, rule, iceColdC }: WaterFact, units: MixView['units']): string {
  if (answer.bound !== null) return tr`comes to ${tempText(answer.doughC, units)}`;
  if (iceColdC !== null && answer.doughC - iceColdC > 0 && answer.waterC > NOT_COLD_C) {
    return tr`ice cold it comes to ${tempText(iceColdC, units, 0)}`;
  }
  const near = answer.iceG === 0 && Math.abs(rule.waterC - answer.waterC) <= RULE_NEAR_C;
  return near
    ? tr`shop rule ${tempText(rule.waterC, units, 0)}`
    : tr`for dough at ${tempText(answer.doughC, units, 0)}`;
}
