import type { LotKind } from '../ripeness';

/** Kinds that are alive by wild yeast; made from nothing, they were brought in ripe. */
export function isSourdoughKind(kind: LotKind): boolean {
  return kind === 'starter' || kind === 'stiff starter' || kind === 'levain';
}
