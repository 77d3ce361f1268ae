import type { ShopState } from '@/shop/state';
import type { ActOf } from '@/core/journal';
import { USUAL_MIX, USUAL_SCHOOLS, type Method } from '@/core/methods';
import { maybeOneBake, oneMethodVersion } from '@/data';
import type { ShopContext } from '../context';

/** How a dough is mixed. */
export interface HowMixed {
  readonly mix: Method['mix'];
  readonly schools: Method['schools'];
  readonly methodName: string | null;
}

/** How a mix is done: as its method has it, or as the shop mixes what has none. */
export function howMixed(
  context: ShopContext,
  state: ShopState,
  { bakeId, act }: { readonly bakeId: string | null; readonly act: ActOf<'make'> },
): HowMixed {
  const bake = maybeOneBake(context.db, bakeId ?? '');
  if (bake === null) {
    const mix = { ...USUAL_MIX, by: state.shop.mixedBy, aimC: act.startC };
    return { mix, schools: USUAL_SCHOOLS, methodName: null };
  }
  const { method } = oneMethodVersion(context.db, bake.methodVersionId);
  return { mix: method.mix, schools: method.schools, methodName: method.name };
}
