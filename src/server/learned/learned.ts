import { tr } from '@/words/tr';
import { type ShopState } from '@/shop/state';
import {
  BAKERS_YEAST,
  LEAVENED_DOUGHS,
  LOSS_PRIOR,
  MIXER_PRIOR,
  OFFSET_PRIOR,
} from '@/core/forecast';
import { EIGHTY_PERCENT } from '@/core/numeric';
import type { QuantityBelief } from '@/core/learning';
import { unitsOf, type ShopUnits } from '@/core/units';
import { dropLearningReset, listLearningResets, saveLearningReset } from '@/data';
import type { ShopContext } from '../context';
import { forecastRecord, type ForecastRecord } from '@/shop/learned/learned-record';
import { LEARNED_KEYS } from '../shop/learned-shop';
import { done, refused, type Outcome } from '@/shop/outcome';
import { learnedSpeeds, loadShop } from '../shop/load-shop';

/** In what a learned value is counted: a factor on the book, degrees, or a share. */
export type LearnedIn = 'factor' | 'degrees' | 'share';

/** One thing that Olvik has learned. */
export interface LearnedRow {
  /** Under what it is reset. */
  readonly key: string;
  readonly about: 'culture' | 'place' | 'mixer' | 'loss';
  readonly name: string;
  readonly unit: LearnedIn;
  readonly value: number;
  /** 80 % band. */
  readonly low: number;
  readonly high: number;
  /** What it was taken for before anything was seen. */
  readonly book: number;
  /** Lots, days, mixes or doughs it was learned from. */
  readonly count: number;
  /** Mean error of the forecasts by the book and as learned before each: minutes for cultures, else in the unit. */
  readonly bookError: number | null;
  readonly learnedError: number | null;
  readonly lessons: readonly {
    readonly atMs: number;
    readonly label: string;
    readonly bookError: number | null;
    readonly learnedError: number | null;
  }[];
}

/** What Olvik has learned. */
export interface LearnedView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly rows: readonly LearnedRow[];
  /** How the forecasts of lots fared; cultures by their names. */
  readonly record: ForecastRecord;
}

function mean(values: readonly (number | null)[]): number | null {
  const known = values.filter((value) => value !== null);
  return known.length === 0 ? null : known.reduce((a, b) => a + b, 0) / known.length;
}

/** Everything that looks, readings and done steps have taught. */
export function learnedView(context: ShopContext): LearnedView {
  const state = loadShop(context);
  const { shop } = state;
  return {
    units: unitsOf(shop),
    nowMs: state.nowMs,
    rows: [...cultureRows(context, state), ...shopRows(state)],
    record: namedRecord(context, state),
  };
}

/** Speeds that are of the whole shop. */
const SHOP_SPEEDS: Readonly<Record<string, string>> = {
  get [BAKERS_YEAST]() {
    return tr`Baker’s yeast here`;
  },
  get [LEAVENED_DOUGHS]() {
    return tr`Doughs with a leaven`;
  },
};

/** What each learned speed is of. */
function speedNames(state: ShopState): (culture: string) => string {
  const names = new Map(
    state.folded.done.flatMap(({ act }) =>
      act.kind === 'make' && act.cultureId !== undefined
        ? [[act.cultureId, act.name] as const]
        : [],
    ),
  );
  return (culture) => SHOP_SPEEDS[culture] ?? names.get(culture) ?? culture;
}

function namedRecord(context: ShopContext, state: ShopState): ForecastRecord {
  const record = forecastRecord(learnedSpeeds(context, state), state.nowMs);
  const nameOf = speedNames(state);
  return { ...record, odd: record.odd.map((one) => ({ ...one, culture: nameOf(one.culture) })) };
}

function cultureRows(context: ShopContext, state: ShopState): LearnedRow[] {
  const nameOf = speedNames(state);
  const seen = learnedSpeeds(context, state).filter(({ from }) => from.length > 0);
  return seen.map(({ culture, belief, from }) => {
    const sd = Math.sqrt(belief.variance);
    return {
      key: culture,
      about: 'culture',
      name: nameOf(culture),
      unit: 'factor',
      value: Math.exp(belief.lnSpeed),
      low: Math.exp(belief.lnSpeed - EIGHTY_PERCENT * sd),
      high: Math.exp(belief.lnSpeed + EIGHTY_PERCENT * sd),
      book: 1,
      count: belief.lots,
      bookError: mean(from.map((one) => one.bookErrorMin)),
      learnedError: mean(from.map((one) => one.learnedErrorMin)),
      lessons: [...from].reverse().map((one) => ({
        atMs: one.atMs,
        label: one.lotId,
        bookError: one.bookErrorMin,
        learnedError: one.learnedErrorMin,
      })),
    };
  });
}

function shopRows(state: ShopState): LearnedRow[] {
  const { offsets, mixerHeat, loss } = state.learned;
  const row = (
    as: Pick<LearnedRow, 'key' | 'about' | 'name' | 'unit' | 'book'>,
    belief: QuantityBelief,
  ): LearnedRow[] => {
    if (belief.lessons.length === 0) return [];
    const reach = EIGHTY_PERCENT * Math.sqrt(belief.variance);
    return [
      {
        ...as,
        value: belief.mean,
        low: as.unit === 'share' ? Math.max(0, belief.mean - reach) : belief.mean - reach,
        high: belief.mean + reach,
        count: belief.lessons.length,
        bookError: mean(belief.lessons.map((one) => one.bookError)),
        learnedError: mean(belief.lessons.map((one) => one.learnedError)),
        lessons: [...belief.lessons].reverse().map((one) => ({ ...one, label: '' })),
      },
    ];
  };
  return [
    ...state.places.flatMap((place) => {
      const belief = offsets.get(place.id);
      const key = LEARNED_KEYS.place(place.id);
      const as = { key, about: 'place', unit: 'degrees', book: OFFSET_PRIOR.mean } as const;
      return belief === undefined ? [] : row({ ...as, name: place.name }, belief);
    }),
    ...row(
      {
        key: LEARNED_KEYS.mixer,
        about: 'mixer',
        name: tr`The mixer`,
        unit: 'degrees',
        book: MIXER_PRIOR.mean,
      },
      mixerHeat,
    ),
    ...row(
      {
        key: LEARNED_KEYS.loss,
        about: 'loss',
        name: tr`Left in the bowl`,
        unit: 'share',
        book: LOSS_PRIOR.mean,
      },
      loss,
    ),
  ];
}

/** Forgets what was learned about one thing: only what is seen from now on counts. */
export function resetLearned(context: ShopContext, key: string): Outcome<{ key: string }> {
  if (!learnedView(context).rows.some((row) => row.key === key)) {
    return refused('key', tr`Reset: nothing was learned about “${key}”.`);
  }
  saveLearningReset(context.db, key, context.clock().nowMs);
  return done({ key });
}

/** Takes a reset back. */
export function undoReset(context: ShopContext, key: string): Outcome<{ key: string }> {
  if (!listLearningResets(context.db).has(key)) {
    return refused('key', tr`Reset: “${key}” was not reset.`);
  }
  dropLearningReset(context.db, key);
  return done({ key });
}
