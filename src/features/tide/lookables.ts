import type { TideView } from '@/server/tide';
import type { Lookable } from '@/ui/hands/look-dialog';

/** The lots that stand there now, those nearest to ripe first. */
export function lookables(view: TideView, nowMs: number): Lookable[] {
  const distance = (moment: number | null) =>
    moment === null ? Infinity : Math.abs(moment - nowMs);
  return view.strands
    .filter((strand) => strand.startMs < nowMs && (strand.endMs ?? Infinity) > nowMs)
    .filter((strand) => strand.tense === 'done')
    .sort((a, b) => distance(a.window.bestMs) - distance(b.window.bestMs))
    .map((strand) => ({
      lotId: strand.lotId,
      name: strand.name,
      kind: strand.kind,
      expectedRise:
        strand.rise[Math.floor((nowMs - strand.startMs) / strand.stepMs)] ??
        strand.rise.at(-1) ??
        1,
    }));
}
