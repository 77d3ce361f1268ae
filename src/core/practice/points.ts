import type { Choice, ChoiceOutcome } from './choice';
import type { Judgement, PracticeRound } from './round';
import { HARDEST, type PracticeLevel } from './scenes';

/** What somebody said of a jar. */
export interface Said {
  readonly judgement: Judgement;
  /** Hours until its best as they guessed; under 0 for past; null where they did not say. */
  readonly bestInH: number | null;
  /** What they would do; left out where they did not say. */
  readonly choice?: Choice | null;
}

/** Points for the judgement, the hour and the choice; without a choice the others count for more. */
const WITH_CHOICE = { judgement: 50, hour: 25, choice: 25 } as const;
const WITHOUT = { judgement: 60, hour: 40, choice: 0 } as const;
/** An hour’s guess is worth nothing when it is off by a third of the hours it stood, or by this, h. Set. */
const WORTHLESS_H = 1.5;
/** A choice that comes within so much of the best is as good, h; one inside the window at all is worth half. Set. */
const AS_GOOD_H = 0.5;

/**
 * Points of a round, 0–100: most for the judgement, the rest for the hour and for what was chosen to be done.
 * @param outcomes what each choice comes to, the best first; null where none was asked for
 */
export function pointsFor(
  round: Pick<PracticeRound, 'truth' | 'bestInH' | 'atH'>,
  said: Said,
  outcomes: readonly ChoiceOutcome[] | null = null,
): number {
  const weights = said.choice == null || outcomes === null ? WITHOUT : WITH_CHOICE;
  const judged = said.judgement === round.truth ? weights.judgement : 0;
  const chosen = outcomes === null ? 0 : weights.choice * choiceWorth(said.choice, outcomes);
  return judged + Math.round(weights.hour * hourWorth(round, said.bestInH) + chosen);
}

function hourWorth(
  { atH, bestInH }: Pick<PracticeRound, 'bestInH' | 'atH'>,
  guessedH: number | null,
): number {
  if (guessedH === null) return 0;
  const most = Math.max(WORTHLESS_H, atH / 3);
  return Math.max(0, 1 - Math.abs(guessedH - bestInH) / most);
}

function choiceWorth(
  choice: Choice | null | undefined,
  outcomes: readonly ChoiceOutcome[],
): number {
  const [best] = outcomes;
  const own = outcomes.find((one) => one.choice === choice);
  if (own === undefined || best === undefined) return 0;
  if (own === best) return 1;
  if (own.outsideH > 0) return 0;
  const apartH = Math.abs(own.offBestH ?? 0) - Math.abs(best.offBestH ?? 0);
  return apartH <= AS_GOOD_H ? 1 : 0.5;
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
