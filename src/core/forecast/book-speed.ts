import { BAKERS_YEAST } from './culture-of';
import type { CultureSpeed } from './culture-speed';

/**
 * Sd of ln t that the model itself is off by where it is fitted best: what its calibration leaves over of poolish, starters,
 * levains and straight doughs in a room. The cold and doughs raised by dough have doubts of their own. Source: the
 * calibration table’s rms of those rows.
 */
export const MISFIT_LN_SD = 0.1;
/** Sd of ln speed of baker’s yeast that nobody has looked at: it comes from a factory. Set. */
const YEAST_LN_SD = 0.1;
/** Sd of ln speed of a sourdough culture that nobody has looked at. Source: learning from looks, model of ripening §6. */
const CULTURE_LN_SD = 0.25;

/** Sd of ln speed before any look, of a culture; null for what lives by several. */
export const bookSpeedLnSd = (culture: string | null): number =>
  culture === null || culture === BAKERS_YEAST ? YEAST_LN_SD : CULTURE_LN_SD;

/** A culture that nobody has looked at: as fast as the book has it, and as unsure as cultures differ. */
export const bookSpeed = (culture: string | null): CultureSpeed => ({
  speed: 1,
  lnSd: bookSpeedLnSd(culture),
});
