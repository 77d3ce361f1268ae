import { tr } from '@/words/tr';
import type { Culture } from '@/core/cultures';
import type { ShopState } from '@/shop/state';
import { refused, type Outcome } from '@/shop/outcome';
import type { ShopContext } from '../context';
import { starterNamed } from '../culture-lines/registry';

/** The starter that a form names; refused where it is none, or where its place or a flour is not in the shop. */
export function starterWanted(
  context: ShopContext,
  state: ShopState,
  form: {
    readonly cultureId: string;
    readonly placeId: string;
    readonly flours: readonly { readonly flourId: string }[];
  },
): Outcome<Culture> {
  const starter = starterNamed(context, state, form.cultureId);
  if (!starter.ok) return starter;
  if (!state.placeMap.has(form.placeId)) {
    return refused('placeId', tr`Place: “${form.placeId}” is not in the shop.`);
  }
  const strange = form.flours.find((line) => state.pantry.get(line.flourId)?.kind !== 'flour');
  return strange === undefined
    ? starter
    : refused('flours', tr`Flour: “${strange.flourId}” is not a flour of the shop.`);
}
