import { type ShopState } from '@/shop/state';
import { type Place, type Shop } from '@/shop/kept/shop';
import { type Equipment } from '@/shop/kept/equipment';
import type { PlaceReading } from '@/core/forecast';
import { listEquipment, listFlours } from '@/data';
import { backupsOf, type BackupRow } from '../backups/backups';
import type { ShopContext } from '../context';
import { openSacks, type FlourSack } from './flour-lots';
import type { ShopHours } from './hours';
import { probeStates, type ProbeState } from './probes';
import { beforeOf, type PlaceBefore } from './place';
import { loadShop } from './load-shop';

/** A place with what was measured in it. */
export interface PlaceRow extends PlaceBefore {
  /** Last reading; null where nothing was measured. */
  readonly reading: PlaceReading | null;
  /** How much warmer than set it was learned to be, °C; null where nothing was learned. */
  readonly offsetC: number | null;
  /** Its probe; null where it has none. */
  readonly probe: ProbeState | null;
}

/** The Shop view: what we have. */
export interface ShopView {
  readonly shop: Shop;
  readonly hours: ShopHours;
  readonly nowMs: number;
  /** True for the demo’s own shop. */
  readonly isDemo: boolean;
  readonly places: readonly PlaceRow[];
  readonly equipment: readonly Equipment[];
  readonly backups: readonly BackupRow[];
  readonly flours: readonly (FlourSack & { readonly strengthW: number | null })[];
}

function placeRow(place: Place, state: ShopState, probes: readonly ProbeState[]): PlaceRow {
  const { readings, offsetC } = state.placeMap.get(place.id) ?? {};
  const probe = probes.find((one) => one.placeId === place.id) ?? null;
  return { ...beforeOf(place), reading: readings?.at(-1) ?? null, offsetC: offsetC ?? null, probe };
}

/** The shop’s settings, places and flours. */
export function shopView(context: ShopContext): ShopView {
  const state = loadShop(context);
  const probes = probeStates(context, state);
  const flours = listFlours(context.db);
  return {
    shop: state.shop,
    hours: { presences: state.presences, closed: state.closed },
    nowMs: state.nowMs,
    isDemo: context.clock().demo,
    places: state.places.map((place) => placeRow(place, state, probes)),
    equipment: listEquipment(context.db),
    backups: backupsOf(context),
    flours: openSacks(context).map((sack) => ({
      ...sack,
      strengthW: flours.find((one) => one.id === sack.flourId)?.strengthW ?? null,
    })),
  };
}
