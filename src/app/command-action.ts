'use server';

import { command } from '@/server/commands/command';
import { shopContext } from '@/server/context';
import { shopUnits } from '@/server/shop/shop';
import type { Outcome } from '@/shop/outcome';
import { inUnits } from '@/shop/sentence-in-units';

/** The one way in for what a page has done: a command by its name, what it takes, and the id the page made for it. */
export async function commandAction(
  name: string,
  args: readonly unknown[],
  id: string,
): Promise<Outcome<unknown>> {
  const outcome = await command(shopContext(), { name, args, id });
  // Asked for after it: a command may have put another shop in this one’s place.
  return inUnits(outcome, shopUnits(shopContext()));
}
