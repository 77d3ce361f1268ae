import {
  CHOICES,
  choiceOutcomes,
  HARDEST,
  JUDGEMENTS,
  nextLevel,
  pointsFor,
  practiceRound,
  type PracticeLevel,
} from '@/core/practice';
import { z } from '@/core/parse';
import { addPracticeRound, listPracticeRounds, oneShop } from '@/data';
import { unitsOf, type ShopUnits } from '@/core/units';
import type { ShopContext } from '../context';
import { done, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

/** Practice as it stands: the level that comes next, the last rounds. */
export interface PracticeView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly level: PracticeLevel;
  /** The seed of the next jar. */
  readonly seed: number;
  readonly rounds: readonly {
    readonly id: string;
    readonly level: number;
    readonly right: boolean;
    readonly points: number;
  }[];
}

const SHOWN = 30;
const SEEDS = 1_000_000;

/** The practice of a shop. It is kept apart from what the shop learns. */
export function practiceView(context: ShopContext): PracticeView {
  const shop = oneShop(context.db);
  const rounds = listPracticeRounds(context.db, SHOWN).map(
    ({ id, level, truth, judged, points }) => ({
      id,
      level: level as PracticeLevel,
      right: truth === judged,
      points,
    }),
  );
  const last = listPracticeRounds(context.db, 1)[0];
  return {
    units: unitsOf(shop),
    nowMs: context.clock().nowMs,
    level: nextLevel(rounds),
    seed: ((last?.seed ?? 0) * 48_271 + 11) % SEEDS,
    rounds,
  };
}

const schema = z.object({
  seed: z.number().int().min(0).max(SEEDS),
  level: z.number().int().min(1).max(HARDEST),
  judgement: z.enum(JUDGEMENTS),
  bestInH: z.number().min(-100).max(100).nullable(),
  choice: z.enum(CHOICES).nullish(),
  who: z.string().max(60).nullish(),
});

/** Writes a judged jar: its truth is worked out here again, not taken from the page. */
export function logPractice(context: ShopContext, form: unknown): Outcome<{ points: number }> {
  const parsed = parseForm(schema, form);
  if (!parsed.ok) return parsed;
  const { seed, level, judgement, bestInH, choice = null, who } = parsed.value;
  const round = practiceRound(seed, level as PracticeLevel);
  const outcomes = choice === null ? null : choiceOutcomes(round);
  const points = pointsFor(round, { judgement, bestInH, choice }, outcomes);
  addPracticeRound(context.db, {
    id: context.newId(),
    atMs: context.clock().nowMs,
    who: who ?? null,
    seed,
    level,
    kind: round.scene.kind,
    truth: round.truth,
    judged: judgement,
    points,
  });
  return done({ points });
}
