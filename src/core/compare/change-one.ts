import { chanceThrough, placeTempC } from '../forecast';
import type { ScoreBody } from '../journal';
import { MS_PER_HOUR } from '../units';
import { runBaked, standing, type Baked, type BakedRun, type BakedShop } from './baked';
import { swapped } from './swap';
import { THINGS, type ThingKey } from './things';

/** One thing to do otherwise next time, run through to the service. */
export interface Change {
  readonly key: ThingKey;
  readonly from: number;
  readonly to: number;
  /** The place the balls would stand in; null for every other change. */
  readonly placeId: string | null;
  /** Chance that balls are right from the first pizza to the last, as it was and with the change, 0–1. */
  readonly oddsBefore: number;
  readonly odds: number;
  /** Where the first and the last pizza would stand in the window, see {@link standing}. */
  readonly first: number;
  readonly last: number;
  /** How much of the last pizza’s standing is in doubt, 80 %. */
  readonly doubt: number;
}

/** What was scored low and which way it points: −1 too young, +1 too far gone, 0 neither. */
export function wantedWay(score: ScoreBody | null): -1 | 0 | 1 {
  const opening = score?.opening;
  if (opening === undefined) return 0;
  const slack = ['slack', 'tears'];
  if (slack.includes(opening.last) || slack.includes(opening.first)) return 1;
  return opening.first === 'springs back' || opening.last === 'springs back' ? -1 : 0;
}

/** Steps by which each thing is tried, the smallest first. Set: what a baker would change at once. */
const STEPS: readonly {
  readonly key: ThingKey;
  readonly by: readonly number[];
  readonly relative?: boolean;
}[] = [
  { key: 'startC', by: [1, 2, 3] },
  { key: 'bulkH', by: [0.25, 0.5, 1] },
  { key: 'mixToServiceH', by: [0.5, 1, 1.5] },
  { key: 'leavenShare', by: [0.15, 0.3], relative: true },
];
/** Bounds that no change goes past. Source: the trade’s ranges. */
const BOUNDS: Readonly<Partial<Record<ThingKey, readonly [number, number]>>> = {
  startC: [20, 28],
  bulkH: [0.25, 48],
  mixToServiceH: [1, 100],
  leavenShare: [0.05, 0.6],
};
/** A change that wins less than this is none worth making. */
export const WORTH_ODDS = 0.03;
const NEAR_C = 12;

/**
 * Changes of one thing that bring a bake’s balls into their window from the first pizza to the last, the surest first.
 * Each is run with everything else as it was done.
 * @param way of {@link wantedWay}: +1 looks for what slows the dough, −1 for what hurries it, 0 for both
 */
export function changeOneThing(baked: Baked, shop: BakedShop, way: -1 | 0 | 1): Change[] {
  const how = { withLooks: false, withBands: true };
  const before = runBaked(baked, shop, how);
  if (before === null) return [];
  const oddsBefore = oddsOf(before);
  const tried = candidates(before, shop, way).flatMap((one): Change[] => {
    const other = swapped({ baked, shop }, one.key, one.from, one.to);
    const run = other === null ? null : runBaked(other.baked, other.shop, how);
    if (run === null) return [];
    return [{ ...one, oddsBefore, odds: oddsOf(run), ...standingsOf(run) }];
  });
  return bestOfEach(tried)
    .filter((one) => one.odds >= oddsBefore + WORTH_ODDS)
    .sort((a, b) => b.odds - a.odds);
}

interface Candidate {
  readonly key: ThingKey;
  readonly from: number;
  readonly to: number;
  readonly placeId: string | null;
}

function candidates(run: BakedRun, shop: BakedShop, way: -1 | 0 | 1): Candidate[] {
  const ways = way === 0 ? [-1, 1] : [-way];
  const stepped = STEPS.flatMap(({ key, by, relative }) => {
    const from = THINGS.find((thing) => thing.key === key)?.of(run, shop) ?? null;
    const [low, high] = BOUNDS[key] ?? [-Infinity, Infinity];
    if (from === null) return [];
    return ways.flatMap((sign) =>
      by
        .map((step) => from + sign * step * (relative === true ? from : 1))
        .filter((to) => to >= low && to <= high)
        .map((to) => ({ key, from, to, placeId: null })),
    );
  });
  return [...stepped, ...otherPlaces(run, shop, ways)];
}

/** Other places for the balls, warmer or colder as is wanted. */
function otherPlaces(run: BakedRun, shop: BakedShop, ways: readonly number[]): Candidate[] {
  const placeId = run.last.story.stays.at(-1)?.placeId;
  const atMs = run.baked.servedFromMs;
  if (placeId === undefined || run.last.story.stays.length !== 1) return [];
  const from = placeTempC(shop.places, placeId, atMs);
  return [...shop.places.keys()].flatMap((id): Candidate[] => {
    const to = placeTempC(shop.places, id, atMs);
    const apart = to - from;
    const wanted = ways.includes(Math.sign(apart)) && Math.abs(apart) <= NEAR_C;
    return id === placeId || !wanted ? [] : [{ key: 'ballC', from, to, placeId: id }];
  });
}

/** Chance that balls are right through all of the service: that of its worst half hour. */
function oddsOf({ baked, first, last }: BakedRun): number {
  const middleMs = (baked.servedFromMs + baked.servedToMs) / 2;
  return Math.min(
    chanceThrough(
      first,
      baked.servedFromMs,
      Math.min(middleMs, baked.servedFromMs + MS_PER_HOUR / 2),
    ),
    chanceThrough(last, Math.max(middleMs, baked.servedToMs - MS_PER_HOUR / 2), baked.servedToMs),
  );
}

function standingsOf(run: BakedRun): Pick<Change, 'first' | 'last' | 'doubt'> {
  const { baked, first, last } = run;
  const at = standing(last, baked.servedToMs);
  const { closesBand } = last.window;
  const { closesMs } = last.window;
  const early =
    closesBand === null || closesMs === null
      ? 0
      : standing(last, baked.servedToMs + (closesMs - closesBand[0])) - at;
  return { first: standing(first, baked.servedFromMs), last: at, doubt: Math.abs(early) };
}

/** Of each thing (and place) the step with the best odds, the smaller one where two are as good. */
function bestOfEach(tried: readonly Change[]): Change[] {
  const best = new Map<string, Change>();
  for (const one of tried) {
    const key = `${one.key} ${one.placeId ?? ''}`;
    const known = best.get(key);
    if (known === undefined || one.odds > known.odds + AS_GOOD) best.set(key, one);
  }
  return [...best.values()];
}
const AS_GOOD = 0.02;
