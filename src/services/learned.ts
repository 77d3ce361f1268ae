import { BAKERS_YEAST } from '@/core/forecast';
import { EIGHTY_PERCENT } from '@/core/numeric';
import type { ShopUnits } from '@/core/units';
import { dropLearningReset, listLearningResets, saveLearningReset } from '@/data';
import type { ShopContext } from './context';
import { done, refused, type Outcome } from './outcome';
import { learnedSpeeds, loadShop } from './shop-state';

/** What was learned about one culture. */
export interface LearnedRow {
  readonly culture: string;
  readonly name: string;
  /** Speed against the book with its 80 % band. */
  readonly speed: number;
  readonly low: number;
  readonly high: number;
  readonly lots: number;
  /** Mean minutes between the best as the looks put it and as the book, or the learned speed, had it. */
  readonly bookErrorMin: number | null;
  readonly learnedErrorMin: number | null;
  readonly lessons: readonly {
    readonly lotId: string;
    readonly atMs: number;
    readonly bookErrorMin: number | null;
    readonly learnedErrorMin: number | null;
  }[];
}

/** What Olvik has learned. */
export interface LearnedView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly rows: readonly LearnedRow[];
}

function mean(values: readonly (number | null)[]): number | null {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : Math.round(known.reduce((a, b) => a + b, 0) / known.length);
}

/** Every culture with what its looks have taught. */
export function learnedView(context: ShopContext): LearnedView {
  const state = loadShop(context);
  const { shop } = state;
  const names = new Map(
    state.folded.done.flatMap(({ act }) =>
      act.kind === 'make' && act.cultureId !== undefined
        ? [[act.cultureId, act.name] as const]
        : [],
    ),
  );
  const rows = learnedSpeeds(context, state).map(({ culture, belief, from }) => {
    const sd = Math.sqrt(belief.variance);
    return {
      culture,
      name: culture === BAKERS_YEAST ? 'Baker’s yeast here' : (names.get(culture) ?? culture),
      speed: Math.exp(belief.lnSpeed),
      low: Math.exp(belief.lnSpeed - EIGHTY_PERCENT * sd),
      high: Math.exp(belief.lnSpeed + EIGHTY_PERCENT * sd),
      lots: belief.lots,
      bookErrorMin: mean(from.map((one) => one.bookErrorMin)),
      learnedErrorMin: mean(from.map((one) => one.learnedErrorMin)),
      lessons: [...from].reverse(),
    };
  });
  return {
    units: { timeZone: shop.timeZone, massUnit: shop.massUnit, tempUnit: shop.tempUnit },
    nowMs: state.nowMs,
    rows,
  };
}

/** Forgets what was learned about a culture: only looks from now on count. */
export function resetLearned(context: ShopContext, culture: string): Outcome<{ culture: string }> {
  const known = learnedSpeeds(context, loadShop(context)).some((one) => one.culture === culture);
  if (!known) return refused('culture', `Reset: nothing was learned about “${culture}”.`);
  saveLearningReset(context.db, culture, context.clock().nowMs);
  return done({ culture });
}

/** Takes a reset back. */
export function undoReset(context: ShopContext, culture: string): Outcome<{ culture: string }> {
  if (!listLearningResets(context.db).has(culture)) {
    return refused('culture', `Reset: “${culture}” was not reset.`);
  }
  dropLearningReset(context.db, culture);
  return done({ culture });
}
