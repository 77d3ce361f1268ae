import { massOf, totals, type Pantry } from '../composition';
import { doughTemperatureC, type WarmPart } from '../thermal';
import { isAct, type ActOf, type Reading } from '../journal';
import { learnQuantity, type QuantityBelief, type QuantityPrior } from '../learning';
import { BOOK_MODEL } from '../kinetics';
import { MS_PER_HOUR } from '../units';
import type { ForecastAct } from './effective-plan';
import { placeKind } from './place-kinds';
import { placeOf, placeTempC, setTempC } from './places';
import type { Places } from './place-history';
import { ambientStretches } from './ambient-stretches';
import { tellStories, type LotStory } from './stories';

/** Offset of a place against what it is set to, °C. */
export const OFFSET_PRIOR: QuantityPrior = { mean: 0, sd: 1, weeklySd: 0.1 };
/**
 * The same of a room, which goes with the season where nothing cools or heats it to a degree: some 3 °C from summer to
 * winter, either way. Set.
 */
export const ROOM_OFFSET_PRIOR: QuantityPrior = { ...OFFSET_PRIOR, weeklySd: 0.3, mostSd: 1.6 };
/** Warming by ten minutes or so of a machine, °C. Source: the trade’s 2–5 °C, set. */
export const MIXER_PRIOR: QuantityPrior = { mean: 3, sd: 1.5, weeklySd: 0.1 };
/** Dough that stays in the bowl, over dough mixed. Set. */
export const LOSS_PRIOR: QuantityPrior = { mean: 0.02, sd: 0.015, weeklySd: 0.001 };

/** Variance of a day’s mean reading around the day’s true mean, and of one reading, °C². Set. */
const DAY_VARIANCE = 0.3 ** 2;
const READING_VARIANCE = 0.5 ** 2;
/** Variance of a dough’s warming as computed from what was measured, °C². Set. */
const MIX_VARIANCE = 0.8 ** 2;
const LOSS_VARIANCE = 0.01 ** 2;
/** More than this left in the bowl is no loss but something set aside. */
const MOST_LOSS = 0.15;
const DAY_MS = 24 * MS_PER_HOUR;

/**
 * How much warmer than set a place is, from the readings taken in it, a day’s readings counting as one.
 * @throws {DomainError} place-unknown
 */
export function learnOffset(
  places: Places,
  placeId: string,
  readings: readonly Reading[],
  nowMs: number,
): QuantityBelief {
  const place = placeOf(places, placeId);
  const days = new Map<number, number[]>();
  for (const one of readings) {
    if (one.placeId !== placeId) continue;
    const day = Math.floor(one.atMs / DAY_MS);
    const over = one.tempC - setTempC(place, one.atMs);
    const known = days.get(day);
    if (known === undefined) days.set(day, [over]);
    else known.push(over);
  }
  const seen = [...days].map(([day, over]) => ({
    atMs: day * DAY_MS,
    value: over.reduce((a, b) => a + b, 0) / over.length,
    variance: DAY_VARIANCE + READING_VARIANCE / over.length,
  }));
  const isRoom = placeKind(setTempC(place, nowMs)) === 'room' && place.outdoors === undefined;
  return learnQuantity(isRoom ? ROOM_OFFSET_PRIOR : OFFSET_PRIOR, seen, nowMs);
}

/** What the done acts of a shop teach about its hands and machines. */
export interface HandsRequest {
  readonly done: readonly ForecastAct[];
  readonly places: Places;
  readonly pantry: Pantry;
  readonly nowMs: number;
  /** Acts before these instants do not count. */
  readonly mixerFromMs: number;
  readonly lossFromMs: number;
}

/** Warming by the mixer and loss in the bowl, from what the hands did. */
export function learnHands(request: HandsRequest): {
  readonly mixerHeat: QuantityBelief;
  readonly loss: QuantityBelief;
} {
  const told = tellStories(request.done);
  return { mixerHeat: learnMixerHeat(request, told), loss: learnLoss(request, told) };
}

/** How much the mixer warms a dough, from water and dough measured at done mixes. */
export function learnMixerHeat(
  request: HandsRequest,
  { byLot } = tellStories(request.done),
): QuantityBelief {
  const seen = request.done.flatMap(({ act, atMs }) => {
    if (!isAct(act, 'make') || act.mixedBy !== 'mixer' || act.waterC === undefined) return [];
    if (atMs <= request.mixerFromMs) return [];
    const { parts, waterG } = mixParts(act, atMs, byLot, request);
    if (waterG <= 0) return [];
    const unmixedC = doughTemperatureC(
      parts,
      { waterG, waterC: act.waterC, iceG: act.iceG ?? 0 },
      0,
    );
    return [{ atMs, value: act.startC - unmixedC, variance: MIX_VARIANCE }];
  });
  return learnQuantity(MIXER_PRIOR, seen, request.nowMs);
}

/**
 * The parts of a mix beside the water weighed in: flour at the temperature of the place, each leaven at its core’s.
 * @throws {DomainError} ingredient-unknown, place-unknown
 */
export function mixParts(
  act: ActOf<'make'>,
  atMs: number,
  byLot: ReadonlyMap<string, LotStory>,
  shop: { readonly places: Places; readonly pantry: Pantry },
): { parts: WarmPart[]; waterG: number } {
  const weighed = Object.fromEntries(act.ingredients.map((one) => [one.ingredientId, one.massG]));
  const fresh = totals(weighed, shop.pantry);
  const flourC = flourTempC(shop.places, act.placeId, atMs);
  const parts: WarmPart[] = [{ flourG: fresh.flourG, waterG: 0, tempC: flourC }];
  for (const line of act.portions) {
    const story = byLot.get(line.lotId);
    if (story === undefined) continue;
    const whole = totals(story.lot.composition, shop.pantry);
    const share = whole.massG > 0 ? line.massG / whole.massG : 0;
    parts.push({
      flourG: share * whole.flourG,
      waterG: share * whole.waterG,
      tempC: coreByLag(story, atMs, shop.places),
    });
  }
  return { parts, waterG: fresh.waterG };
}

/** Places in which a sack of flour stands, °C: a fridge or a proofer that the dough goes to is none. Set. */
const FLOUR_STANDS = { least: 12, most: 27 } as const;
/** A room as rooms are, °C. Set. */
const ROOM_C = 21;

/** Temperature of the flour of a mix, °C: that of the room it is weighed in, also where the dough then goes into the cold. */
function flourTempC(places: Places, placeId: string, atMs: number): number {
  const stands = (tempC: number) => tempC >= FLOUR_STANDS.least && tempC <= FLOUR_STANDS.most;
  const thereC = placeTempC(places, placeId, atMs);
  if (stands(thereC)) return thereC;
  const rooms = [...places.keys()]
    .map((id) => placeTempC(places, id, atMs))
    .filter(stands)
    .sort((a, b) => Math.abs(a - ROOM_C) - Math.abs(b - ROOM_C));
  return rooms[0] ?? ROOM_C;
}

/** Core of a lot at an instant from its places and its lag alone, °C: within a degree, without a run. */
function coreByLag(story: LotStory, atMs: number, places: Places): number {
  const lagH = BOOK_MODEL.tau0 * (massOf(story.lot.composition) / 280) ** 0.6;
  let coreC = story.start.kind === 'make' ? story.start.startC : 24;
  for (const stay of story.stays) {
    const toMs = Math.min(stay.toMs ?? atMs, atMs);
    if (toMs <= stay.fromMs) continue;
    const insulation = placeOf(places, stay.placeId).insulation ?? 1;
    let beforeH = 0;
    for (const stretch of ambientStretches(places, stay.placeId, { fromMs: stay.fromMs, toMs })) {
      const left = Math.exp(-(stretch.untilH - beforeH) / (lagH * insulation));
      coreC = stretch.ambientC + (coreC - stretch.ambientC) * left;
      beforeH = stretch.untilH;
    }
  }
  return coreC;
}

/** Share of a dough that stays in the bowl, from doughs balled to the end and what was left of them. */
export function learnLoss(
  request: HandsRequest,
  { byLot, stock } = tellStories(request.done),
): QuantityBelief {
  const seen = [...byLot.values()].flatMap((story) => {
    const end = story.endedBy;
    if (end === null || !isAct(end.act, 'divide') || end.atMs <= request.lossFromMs) return [];
    const left = stock.get(story.lot.id);
    const madeG = massOf(story.lot.composition);
    if (left === undefined || madeG <= 0) return [];
    const share = massOf(left.composition) / madeG;
    return share > MOST_LOSS ? [] : [{ atMs: end.atMs, value: share, variance: LOSS_VARIANCE }];
  });
  seen.sort((a, b) => a.atMs - b.atMs);
  return learnQuantity(LOSS_PRIOR, seen, request.nowMs);
}
