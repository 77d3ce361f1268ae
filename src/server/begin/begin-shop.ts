import { tr, word } from '@/words/tr';
import { isCold } from '@/core/forecast';
import { numberField, z } from '@/core/parse';
import { addPlaceSetting, listCultures, listDemands, listFlours, listPlaces } from '@/data';
import type { FirstQuestions } from '@/shop/begin/first-questions';
import type { Place } from '@/shop/kept/shop';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import { describeCulture } from '../cultures/describe';
import { stateDemand } from '../plan/demands';
import { loadShop } from '../shop/load-shop';
import { changeShop } from '../shop/shop';
import { beforeOf } from '@/server/shop/place';

/** A room that bakers work in, °C. */
const ROOM_RULE = { name: word('Room'), unit: '°C', min: 8, max: 45 } as const;

const beginSchema = z.object({
  batch: z.string().min(8).max(80),
  roomC: numberField(ROOM_RULE),
  /** Units and zone, checked where the shop’s settings are. */
  shop: z.record(z.string(), z.unknown()),
  /** The first service, checked where services are. */
  service: z.record(z.string(), z.unknown()),
  /** A starter that is there already; null for none. */
  starter: z.object({ name: z.unknown(), fedAt: z.unknown(), massG: z.unknown() }).nullable(),
});

/** Flour to a gram of mother and water of a starter of which only its name, its last feed and its weight are said. Set. */
const USUAL_STARTER = { hydrationPct: 100, ratio: 4 } as const;

/** What is asked of an empty shop first; null once anything was entered. */
export function firstQuestions(context: ShopContext, state: ShopState): FirstQuestions | null {
  const { folded } = state;
  if (folded.done.length > 0 || folded.plan.length > 0) return null;
  if (listCultures(context.db).length > 0 || listDemands(context.db).length > 0) return null;
  const room = roomOf(state.places);
  return room === null ? null : { roomName: room.name, roomC: beforeOf(room).tempC };
}

/** The place that a room’s temperature is asked for: the first that is no cold one. */
const roomOf = (places: readonly Place[]): Place | null =>
  places.find((place) => !isCold(beforeOf(place).tempC)) ?? null;

/**
 * The answers to the first questions, in one: how warm the room has always been, the units and the zone, a starter that
 * is there, and the first service. Refused in any of them, nothing of it is stored.
 */
export function beginShop(context: ShopContext, form: unknown): Outcome<{ demandId: string }> {
  const parsed = parseForm(beginSchema, form);
  if (!parsed.ok) return parsed;
  if (firstQuestions(context, loadShop(context)) === null) {
    return refused(
      null,
      tr`This shop has begun already: its places, starters and services stand in their views.`,
    );
  }
  const { batch, roomC, shop, service, starter } = parsed.value;
  const changed = changeShop(context, shop);
  if (!changed.ok) return changed;
  const room = roomOf(listPlaces(context.db));
  if (room === null) return refused('roomC', tr`Room: the shop has no place that is not cold.`);
  addPlaceSetting(context.db, { placeId: room.id, fromMs: 0, tempC: roomC });
  if (starter !== null) {
    const brought = describeCulture(context, broughtStarter(context, room.id, batch, starter));
    if (!brought.ok) return brought;
  }
  const stated = stateDemand(context, { ...service, id: null });
  return stated.ok ? done({ demandId: stated.value.id }) : stated;
}

/** A starter as it usually is, fed as it usually is: what is not said is told on its page and can be said there. */
function broughtStarter(
  { db }: ShopContext,
  placeId: string,
  batch: string,
  starter: { readonly name?: unknown; readonly fedAt?: unknown; readonly massG?: unknown },
) {
  const [flour] = listFlours(db).filter((one) => one.retiredMs === null);
  return {
    batch,
    kind: 'liquid starter',
    name: starter.name,
    hydrationPct: USUAL_STARTER.hydrationPct,
    flourId: flour?.id ?? '',
    keepG: 20,
    placeId,
    usualRatio: USUAL_STARTER.ratio,
    start: {
      how: 'bring',
      fedAt: starter.fedAt,
      massG: starter.massG,
      ratio: USUAL_STARTER.ratio,
    },
  };
}
