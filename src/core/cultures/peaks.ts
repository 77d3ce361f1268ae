import { MS_PER_HOUR } from '../units';
import { Feeding, ripeMs } from './feed';
import type { FeedQuestion, FeedShop } from './feed-question';

/** Hours from feed to best in a place of one temperature, as the culture is known; null: it has no best there. */
export interface PeakAt {
  readonly tempC: number;
  readonly hours: number | null;
  /** With the culture as fast and as slow as 8 in 10 of what is believed of it. */
  readonly fastH: number | null;
  readonly slowH: number | null;
}

const FROM_C = 10;
const TO_C = 32;
const STEP_C = 2;
const PLACE = 'room';
/** Eight in ten of a normal belief. */
const EIGHTY = 1.2816;

/**
 * Hours from feed to best against the temperature of the room, for the usual feed of a culture.
 * @param feed.question the feed now; its place is exchanged for rooms of every temperature
 */
export function peaksByRoom(
  feed: { readonly question: FeedQuestion; readonly motherG: number; readonly totalG: number },
  shop: FeedShop,
): PeakAt[] {
  const { culture } = feed.question.jar;
  const spread = Math.exp(EIGHTY * culture.lnSd);
  const hoursAt = (tempC: number, factor: number) => {
    const room = { id: PLACE, name: PLACE, settings: [{ fromMs: 0, tempC }] };
    const places = new Map([...shop.places, [PLACE, room] as const]);
    const jar = {
      ...feed.question.jar,
      culture: { ...culture, speed: culture.speed * factor },
    };
    const feeding = new Feeding({ ...feed.question, jar, placeId: PLACE }, { ...shop, places });
    const { forecast, atMs } = feeding.with(feed.motherG, feed.totalG, {
      withBand: false,
      stepH: 0.1,
    });
    const ms = ripeMs(forecast);
    return ms === null ? null : (ms - atMs) / MS_PER_HOUR;
  };
  const temps = Array.from({ length: (TO_C - FROM_C) / STEP_C + 1 }, (_, i) => FROM_C + i * STEP_C);
  return temps.map((tempC) => ({
    tempC,
    hours: hoursAt(tempC, 1),
    fastH: hoursAt(tempC, spread),
    slowH: hoursAt(tempC, 1 / spread),
  }));
}
