import type { ShopState } from '../state';
import type { Bake } from '../kept/bake';

import type { DemandRow } from '../kept/demand';
import { occurrencesOf, type Occurrence } from './occurrences';

/** The bake that meets a day of a demand; null where none is planned or was done. */
export function bakeFor(
  one: OccurrenceKey,
  bakes: readonly Bake[],
  state: Pick<ShopState, 'folded'>,
): Bake | null {
  const live = liveBakes(state);
  return (
    bakes.find((bake) => bake.demandId === one.demandId && live.has(bake.id) && meets(bake, one)) ??
    null
  );
}

type OccurrenceKey = Pick<Occurrence, 'demandId' | 'date' | 'readyFromMs' | 'readyToMs'>;

/** Planned for it, or for the whole day before that was divided into doughs. */
function meets(bake: Bake, { date, readyFromMs, readyToMs }: OccurrenceKey): boolean {
  if (bake.demandDate === date) return true;
  const [day] = date.split('/');
  return bake.demandDate === day && bake.readyFromMs <= readyFromMs && bake.readyToMs >= readyToMs;
}

/** True for a day of a demand that no plan was taken for. */
export function isOpen(
  occurrence: OccurrenceKey,
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

/** The days of demands that no plan was taken for, from now on, the earliest first. */
export function openOccurrences(
  demands: readonly DemandRow[],
  state: Pick<ShopState, 'folded' | 'nowMs' | 'shop'>,
  of: { readonly bakes: readonly Bake[]; readonly toMs: number },
): Occurrence[] {
  const ahead = { fromMs: state.nowMs, toMs: of.toMs };
  return occurrencesOf(demands, ahead, state.shop.timeZone).filter(
    (one) => one.readyFromMs > state.nowMs && isOpen(one, of.bakes, state),
  );
}
