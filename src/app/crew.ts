import { shopContext } from '@/server/context';
import { crewOf } from '@/server/shop/shop';

/** Those who work here by name; nobody where the shop can not be opened, which each view tells by itself. */
export function crew(): readonly string[] {
  try {
    return crewOf(shopContext());
  } catch {
    return [];
  }
}
