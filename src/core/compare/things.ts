import { tr } from '@/words/tr';
import { totals } from '../composition';
import { stateAt } from '../forecast';
import { isAct } from '../journal';
import { X } from '../kinetics';
import { hoursBetween } from '../units';
import type { BakedRun, BakedShop } from './baked';
import { meanPlaceC } from './place-mean';

/** In what a thing is counted. */
export type ThingUnit =
  'degrees' | 'hours' | 'minutes' | 'share' | 'dose' | 'strength' | 'times' | 'ph';

/** One thing about a bake that can be the same or not. */
export interface Thing {
  readonly key: ThingKey;
  readonly name: string;
  readonly unit: ThingUnit;
  /** Differences up to this are none. */
  readonly within: number;
  /** Its value in a bake; null where the journal does not say. */
  readonly of: (run: BakedRun, shop: BakedShop) => number | null;
  /** Where it is right as a rule; null where it depends. */
  readonly right: (run: BakedRun) => readonly [low: number, high: number] | null;
}

export type ThingKey =
  | 'leavenShare'
  | 'leavenC'
  | 'leavenOffMin'
  | 'startC'
  | 'bulkH'
  | 'doughC'
  | 'ballC'
  | 'mixToServiceH'
  | 'hydration'
  | 'saltShare'
  | 'strengthW';

const nowhere = () => null;

/** Everything that is compared, in the order of the work. */
export const THINGS: readonly Thing[] = [
  {
    key: 'leavenShare',
    get name() {
      return tr`Flour in the leaven`;
    },
    unit: 'share',
    within: 0.005,
    of: leavenShare,
    right: nowhere,
  },
  {
    key: 'leavenC',
    get name() {
      return tr`Where the leaven stood`;
    },
    unit: 'degrees',
    within: 0.4,
    of: (run, shop) => meanPlaceC(run.leavens[0], shop.places),
    right: nowhere,
  },
  {
    key: 'leavenOffMin',
    get name() {
      return tr`Leaven at the mix, from its best`;
    },
    unit: 'minutes',
    within: 10,
    of: leavenOffMin,
    right: leavenRight,
  },
  {
    key: 'startC',
    get name() {
      return tr`Dough out of the mixer`;
    },
    unit: 'degrees',
    within: 0.4,
    of: ({ dough }) => (dough.story.start.kind === 'make' ? dough.story.start.startC : null),
    right: () => [23, 26],
  },
  {
    key: 'bulkH',
    get name() {
      return tr`From the mix to the balling`;
    },
    unit: 'hours',
    within: 0.2,
    of: ({ dough, first }) => hoursBetween(dough.story.startMs, first.story.startMs),
    right: nowhere,
  },
  {
    key: 'doughC',
    get name() {
      return tr`Where the dough stood`;
    },
    unit: 'degrees',
    within: 0.4,
    of: ({ dough }, shop) => meanPlaceC(dough, shop.places),
    right: nowhere,
  },
  {
    key: 'ballC',
    get name() {
      return tr`Where the balls stood`;
    },
    unit: 'degrees',
    within: 0.4,
    of: ({ last }, shop) => meanPlaceC(last, shop.places),
    right: nowhere,
  },
  {
    key: 'mixToServiceH',
    get name() {
      return tr`From the mix to the last pizza`;
    },
    unit: 'hours',
    within: 0.2,
    of: ({ dough, baked }) => hoursBetween(dough.story.startMs, baked.servedToMs),
    right: nowhere,
  },
  {
    key: 'hydration',
    get name() {
      return tr`Water on all flour`;
    },
    unit: 'share',
    within: 0.004,
    of: ({ dough }, { pantry }) => {
      const sum = totals(dough.story.lot.composition, pantry);
      return sum.flourG > 0 ? sum.waterG / sum.flourG : null;
    },
    right: nowhere,
  },
  {
    key: 'saltShare',
    get name() {
      return tr`Salt on all flour`;
    },
    unit: 'share',
    within: 0.0008,
    of: ({ dough }, { pantry }) => {
      const sum = totals(dough.story.lot.composition, pantry);
      return sum.flourG > 0 ? sum.saltG / sum.flourG : null;
    },
    right: nowhere,
  },
  {
    key: 'strengthW',
    get name() {
      return tr`Strength of the flour, W`;
    },
    unit: 'strength',
    within: 4,
    of: ({ dough }, { pantry }) => totals(dough.story.lot.composition, pantry).strengthW,
    right: nowhere,
  },
];

/** Flour that came with the leavens over all flour. */
function leavenShare({ dough, leavens }: BakedRun, { pantry }: BakedShop): number | null {
  const { start, lot } = dough.story;
  if (!isAct(start, 'make') || leavens.length === 0) return null;
  const wholeG = totals(lot.composition, pantry).flourG;
  const freshG = totals(
    Object.fromEntries(start.ingredients.map((line) => [line.ingredientId, line.massG])),
    pantry,
  ).flourG;
  return wholeG > 0 ? 1 - freshG / wholeG : null;
}

/** Minutes by which the first leaven was past its best at the mix; under 0 before it. */
function leavenOffMin({ leavens, dough }: BakedRun): number | null {
  const bestMs = leavens[0]?.window.bestMs ?? null;
  return bestMs === null ? null : hoursBetween(bestMs, dough.story.startMs) * 60;
}

function leavenRight({ leavens }: BakedRun): readonly [number, number] | null {
  const { opensMs = null, bestMs = null, closesMs = null } = leavens[0]?.window ?? {};
  if (opensMs === null || bestMs === null || closesMs === null) return null;
  return [hoursBetween(bestMs, opensMs) * 60, hoursBetween(bestMs, closesMs) * 60];
}

/** Gluten left at an instant, 0–1. */
export function glutenAt(lot: BakedRun['dough'], atMs: number): number {
  return stateAt(lot.run, lot.story.startMs, atMs)[X.gluten] ?? 1;
}
