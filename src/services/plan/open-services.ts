import type { Bake } from '@/data';
import type { ShopState } from '../shop-state';
import type { Occurrence } from './occurrences';

/** The bake that meets a day of a demand; null where none is planned or was done. */
export function bakeFor(
  { demandId, date }: Pick<Occurrence, 'demandId' | 'date'>,
  bakes: readonly Bake[],
  state: Pick<ShopState, 'folded'>,
): Bake | null {
  const live = liveBakes(state);
  return (
    bakes.find(
      (bake) => bake.demandId === demandId && bake.demandDate === date && live.has(bake.id),
    ) ?? null
  );
}

/** True for a day of a demand that no plan was taken for. */
export function isOpen(
  occurrence: Pick<Occurrence, 'demandId' | 'date'>,
  bakes: readonly Bake[],
  state: Pick<ShopState, 'folded'>,
): boolean {
  return bakeFor(occurrence, bakes, state) === null;
}

/** Bakes of which something is planned or was done. */
export function liveBakes({ folded }: Pick<ShopState, 'folded'>): ReadonlySet<string> {
  const ids = [...folded.plan, ...folded.done].map((one) => one.bakeId);
  return new Set(ids.filter((id): id is string => id !== null));
}
