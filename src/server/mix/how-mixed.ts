import type { ShopState } from '@/shop/state';
import type { ActOf } from '@/core/journal';
import { USUAL_MIX, USUAL_SCHOOLS, type Method } from '@/core/methods';
import type { Mixer } from '@/core/formula';
import { listEquipment, listEquipmentThere, maybeOneBake, oneMethodVersion } from '@/data';
import type { ShopContext } from '../context';

/** How a dough is mixed. */
export interface HowMixed {
  readonly mix: Method['mix'];
  readonly schools: Method['schools'];
  readonly methodName: string | null;
}

/** The mixers of the shop that work; none where it mixes by hand. */
export function mixersThere(
  context: Pick<ShopContext, 'db'>,
): readonly (Mixer & { readonly count: number })[] {
  return listEquipmentThere(context.db)
    .filter((thing) => thing.kind === 'mixer')
    .map(({ name, least, most, count }) => ({ name, leastKg: least, mostKg: most, count }));
}

/** The mixers that are out of order, by their names. */
export const mixersOut = (context: Pick<ShopContext, 'db'>): readonly string[] =>
  listEquipment(context.db)
    .filter(({ kind, broken = 0 }) => kind === 'mixer' && broken > 0)
    .map(({ name }) => name);

/** By what a mix is done that is meant for a machine: by hand, while every mixer of the shop is out of order. */
function byWhat(context: Pick<ShopContext, 'db'>, meant: 'hand' | 'mixer'): 'hand' | 'mixer' {
  const none = mixersThere(context).length === 0 && mixersOut(context).length > 0;
  return none ? 'hand' : meant;
}

/** A mix, as far as it says how it is done. */
interface OfBake {
  readonly bakeId: string | null;
  readonly act: ActOf<'make'>;
}

/** How a mix is meant to be done: as its method has it, or as the shop mixes what has none. */
export function meantFor(
  context: Pick<ShopContext, 'db'>,
  state: ShopState,
  { bakeId, act }: OfBake,
): HowMixed {
  const bake = maybeOneBake(context.db, bakeId ?? '');
  if (bake === null) {
    const mix = { ...USUAL_MIX, by: state.shop.mixedBy, aimC: act.startC };
    return { mix, schools: USUAL_SCHOOLS, methodName: null };
  }
  const { method } = oneMethodVersion(context.db, bake.methodVersionId);
  return { mix: method.mix, schools: method.schools, methodName: method.name };
}

/** How a mix is done: as it is meant, and as it can be while a mixer is out of order. */
export function howMixed(
  context: Pick<ShopContext, 'db'>,
  state: ShopState,
  one: OfBake,
): HowMixed {
  const meant = meantFor(context, state, one);
  return { ...meant, mix: { ...meant.mix, by: byWhat(context, meant.mix.by) } };
}
