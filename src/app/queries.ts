'use server';

import { shopContext } from '@/server/context';
import { readMoveFacts } from '@/server/hands/move-facts';

/** What moving a step rests on, for the page that drags one. */
export async function moveFactsAction() {
  return readMoveFacts(shopContext());
}
