'use server';

import { shopContext } from '@/services/context';
import { finishCard, markCard } from '@/services/mix/commands';
import { handleScale } from '@/services/mix/scale';

/** Something happened on a mix card. */
export async function markCardAction(form: unknown) {
  return markCard(shopContext(), form);
}

/** A batch of a mix is finished. */
export async function finishCardAction(form: unknown) {
  return finishCard(shopContext(), form);
}

/** Tares the scale, or pours onto the simulated one. */
export async function handleScaleAction(form: unknown) {
  return handleScale(form);
}
