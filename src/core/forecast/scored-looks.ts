import { isAct, type DoneAct, type Opening, type Score } from '../journal';
import type { LotStory } from './stories';

/** A ball of a lot that opened so at an instant. */
interface Opened {
  readonly lotId: string;
  readonly atMs: number;
  readonly opening: Opening;
}

/** How the first and the last ball of every scored bake opened, and of which lot they were. */
function openedBy(scores: readonly Score[], done: readonly DoneAct[]): Opened[] {
  return scores.flatMap(({ bakeId, atMs, score }): Opened[] => {
    if (score.opening === undefined) return [];
    const uses = done.flatMap(({ act, atMs: fromMs, bakeId: of }) =>
      of === bakeId && isAct(act, 'use')
        ? [{ lotId: act.lotId, fromMs, untilMs: Math.min(act.untilMs, atMs) }]
        : [],
    );
    const [first] = [...uses].sort((a, b) => a.fromMs - b.fromMs);
    const last = [...uses].sort((a, b) => a.untilMs - b.untilMs).at(-1);
    if (first === undefined || last === undefined) return [];
    return [
      { lotId: first.lotId, atMs: first.fromMs, opening: score.opening.first },
      { lotId: last.lotId, atMs: last.untilMs, opening: score.opening.last },
    ];
  });
}

/** The stories of lots with what scores say of them: each opening is a look at the balls it was of. */
export function withScores(
  byLot: ReadonlyMap<string, LotStory>,
  scores: readonly Score[],
  done: readonly DoneAct[],
): ReadonlyMap<string, LotStory> {
  const told = new Map(byLot);
  for (const { lotId, atMs, opening } of openedBy(scores, done)) {
    const story = told.get(lotId);
    if (story === undefined || atMs <= story.startMs) continue;
    const looks = [...story.looks, { atMs, signs: {}, opening }].sort((a, b) => a.atMs - b.atMs);
    told.set(lotId, { ...story, looks });
  }
  return told;
}
