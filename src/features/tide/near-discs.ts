import type { Disc } from './layout/picture-parts';

/** Discs nearer than this to a tapped one may have been meant, px. */
const NEAR_PX = 26;

/** Discs that a tap on one of them may have meant, in order of time. */
export function nearDiscs(discs: readonly Disc[], ref: string): readonly Disc[] {
  const tapped = discs.find((disc) => disc.moment.ref === ref);
  if (tapped === undefined) return [];
  return discs
    .filter((disc) => Math.hypot(disc.x - tapped.x, disc.y - tapped.y) < NEAR_PX)
    .sort((a, b) => a.moment.atMs - b.moment.atMs);
}
