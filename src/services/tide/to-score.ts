import { addHours } from '@/core/units';
import type { Bake } from '@/data';
import type { ShopState } from '../shop-state';

/** Hours after its service in which a bake that nobody scored is asked about. */
const ASKED_H = 36;

/** The last bake that is over and was not scored; null where there is none. */
export function bakeToScore(
  state: Pick<ShopState, 'folded' | 'nowMs'>,
  bakes: readonly Bake[],
): { readonly bakeId: string; readonly name: string } | null {
  const { folded, nowMs } = state;
  const baked = new Set(
    folded.done.flatMap(({ act, bakeId }) =>
      act.kind === 'use' && bakeId !== null ? [bakeId] : [],
    ),
  );
  const scored = new Set(folded.scores.map((one) => one.bakeId));
  const last = bakes
    .filter((bake) => bake.readyToMs <= nowMs && bake.readyToMs > addHours(nowMs, -ASKED_H))
    .filter((bake) => baked.has(bake.id) && !scored.has(bake.id))
    .at(-1);
  return last === undefined ? null : { bakeId: last.id, name: last.name };
}
