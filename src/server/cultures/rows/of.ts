import type { ShopState } from '@/shop/state';
import type { Culture } from '@/core/cultures';
import { placeKind, placeTempC, type ShopForecast } from '@/core/forecast';
import type { Lot } from '@/core/journal';
import type { ShopContext } from '../../context';

/** What the rows of the cultures are read from. */
export interface Of {
  readonly context: ShopContext;
  readonly state: ShopState;
  readonly forecast: ShopForecast;
  readonly stock: ReadonlyMap<string, Lot>;
  readonly cultures: readonly Culture[];
}

/** Temperature of a place now, °C. */
export const tempNow = (state: ShopState, placeId: string) =>
  placeTempC(state.placeMap, placeId, state.nowMs);

/** True for a lot that lies in a freezer. */
export function isFrozen(lot: Pick<Lot, 'placeId'>, { state }: Pick<Of, 'state'>): boolean {
  return placeKind(tempNow(state, lot.placeId)) === 'freezer';
}

/** Since when a lot lies in the freezer: the move that brought it there, or its making. */
export function frozenSince({ state }: Pick<Of, 'state'>, lot: Lot): number {
  const move = state.folded.done.findLast(
    ({ act }) => act.kind === 'move' && act.lotId === lot.id && act.placeId === lot.placeId,
  );
  return move?.atMs ?? lot.madeAtMs;
}

/** A place to choose, with its temperature now, °C. */
export interface PlaceNow {
  readonly id: string;
  readonly name: string;
  readonly tempC: number;
}

/** The places of the shop as they are now. */
export function placesNow({ state }: Pick<Of, 'state'>): PlaceNow[] {
  return state.places.map(({ id, name }) => ({ id, name, tempC: tempNow(state, id) }));
}
