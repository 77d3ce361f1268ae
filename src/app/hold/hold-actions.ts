'use server';

import { shopContext } from '@/services/context';
import { takeMove } from '@/services/hold/take-move';

/** Takes a move of a bake that may slip. */
export async function takeMoveAction(form: unknown) {
  return takeMove(shopContext(), form);
}
