/** A wave serves at most this share of the hours that its balls stay ready: so much is left for doubt on both sides. Set. */
export const OF_WINDOW = 0.45;
export const MOST_WAVES = 4;
export const LEAST_WAVE_H = 0.5;
/** A place holds balls back when it is this much colder than where they rise, °C. Set. */
export const COLDER_C = 4;
/** Balls come into the warm at least so long before they are wanted, h. Set. */
export const LEAST_WARM_H = 0.25;
/** Turns in which each wave finds when it comes out. */
export const WAVE_TURNS = 4;

const FIVES_AN_HOUR = 12;

/** Hours to whole five minutes: hands go by no less. */
export const inFives = (hours: number): number => Math.round(hours * FIVES_AN_HOUR) / FIVES_AN_HOUR;
