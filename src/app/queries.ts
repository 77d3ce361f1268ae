'use server';

import { shopContext } from '@/services/context';
import { readMoveFacts } from '@/services/move-facts';

/** What moving a step rests on, for the page that drags one. */
export async function moveFactsAction() {
  return readMoveFacts(shopContext());
}
