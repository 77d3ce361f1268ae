import type { ShopState } from '../state';
import type { Bake } from '../kept/bake';
import { addHours } from '@/core/units';

/** Hours after its service in which a bake that nobody scored is asked about. */
const ASKED_H = 36;

/** The last bake that is over and was not scored; null where there is none. */
export function bakeToScore(
  state: Pick<ShopState, 'folded' | 'nowMs'>,
  bakes: readonly Bake[],
): { readonly bakeId: string; readonly name: string } | null {
  const { folded, nowMs } = state;
  // A service held later than planned is over when its last balls went in.
  const bakedMs = new Map<string, number>();
  for (const { act, bakeId, atMs } of folded.done) {
    if (act.kind !== 'use' || bakeId === null) continue;
    bakedMs.set(bakeId, Math.max(atMs, bakedMs.get(bakeId) ?? atMs));
  }
  const overMs = (bake: Bake) => Math.max(bake.readyToMs, bakedMs.get(bake.id) ?? 0);
  const scored = new Set(folded.scores.map((one) => one.bakeId));
  const last = bakes
    .filter((bake) => overMs(bake) <= nowMs && overMs(bake) > addHours(nowMs, -ASKED_H))
    .filter((bake) => bakedMs.has(bake.id) && !scored.has(bake.id))
    .at(-1);
  return last === undefined ? null : { bakeId: last.id, name: last.name };
}
