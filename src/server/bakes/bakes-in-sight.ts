import { type Bake } from '@/shop/kept/bake';
import { MS_PER_HOUR } from '@/core/units';
import { listBakes } from '@/data';
import type { ShopContext } from '../context';

/** Days after its service that a bake is still in sight: what was never done of it is asked about until then. */
const SIGHT_DAYS = 60;

/** Bakes to come, under way and of the last weeks, the earliest service first. */
export function bakesInSight({ db, clock }: ShopContext): Bake[] {
  return listBakes(db, clock().nowMs - SIGHT_DAYS * 24 * MS_PER_HOUR);
}
