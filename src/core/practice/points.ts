import type { Judgement, PracticeRound } from './round';
import { HARDEST, type PracticeLevel } from './scenes';

/** What somebody said of a jar. */
export interface Said {
  readonly judgement: Judgement;
  /** Hours until its best as they guessed; under 0 for past; null where they did not say. */
  readonly bestInH: number | null;
}

const FOR_JUDGEMENT = 60;
const FOR_HOUR = 40;
/** An hour’s guess is worth nothing when it is off by a third of the hours it stood, or by this, h. Set. */
const WORTHLESS_H = 1.5;

/** Points of a round, 0–100: most for the judgement, the rest for the hour. */
export function pointsFor(
  round: Pick<PracticeRound, 'truth' | 'bestInH' | 'atH'>,
  said: Said,
): number {
  const judged = said.judgement === round.truth ? FOR_JUDGEMENT : 0;
  if (said.bestInH === null) return judged;
  const most = Math.max(WORTHLESS_H, round.atH / 3);
  const off = Math.abs(said.bestInH - round.bestInH);
  return judged + Math.round(FOR_HOUR * Math.max(0, 1 - off / most));
}

/** Rounds that are told from: three right in a row make it harder, two wrong in a row easier. */
export function nextLevel(
  past: readonly { readonly level: PracticeLevel; readonly right: boolean }[],
): PracticeLevel {
  const last = past.at(-1);
  if (last === undefined) return 1;
  const ofLevel = past.slice(-3).filter((one) => one.level === last.level);
  if (ofLevel.length === 3 && ofLevel.every((one) => one.right)) {
    return Math.min(HARDEST, last.level + 1) as PracticeLevel;
  }
  const two = past.slice(-2).filter((one) => one.level === last.level);
  if (two.length === 2 && two.every((one) => !one.right)) {
    return Math.max(1, last.level - 1) as PracticeLevel;
  }
  return last.level;
}
