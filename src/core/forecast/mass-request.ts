import { tr, word } from '@/words/tr';
import {
  afterHandWork,
  blendStates,
  BOOK_MODEL,
  fedState,
  freshFlourState,
  recipe,
  runConstants,
  simulate,
  stateAtRow,
  steadyCulture,
  X,
  type BlendPart,
  TENSION_OF,
  type FeedCycle,
  type HandWork,
  type MassState,
  type Model,
  type Recipe,
  type Trajectory,
} from '../kinetics';
import { ripeWindow, type AskedRipeness, type LotKind, type RipeWindow } from '../ripeness';
import { DomainError, requireNumber } from '../units';
import { doubtedModel, doubtedState, NO_DOUBT, type Doubt } from './doubt';
import { joined } from './joined';

/** A stretch of hours in one place. */
export interface RequestStay {
  readonly placeC: number;
  readonly hours: number;
  /** How slowly the core follows, against air = 1. */
  readonly insulation?: number;
}

/** Where a living part of a mass comes from: a culture's steady cycle at its peak, or a mass with a history of its own. */
export type SeedSource =
  | { readonly cycle: FeedCycle; readonly afterFeeds?: readonly FeedCycle[] }
  | { readonly made: MassRequest; readonly atH: number | 'best' };

/** A living part mixed in. */
export interface Seed {
  /** Its flour over the flour of the whole. */
  readonly flourShare: number;
  readonly source: SeedSource;
  /** Share of its CO2 that survives the mixing. */
  readonly gasKept?: number;
}

/** A mass that is not in any journal: what is in it, where it stands, what is done to it. Shares are over its total flour. */
export interface MassRequest {
  readonly kind: LotKind;
  readonly recipe: Recipe;
  readonly startC: number;
  /** Baker's yeast as fresh-yeast equivalent over flour. */
  readonly freshShare: number;
  /** Yeast put in dry wakes later. */
  readonly dryYeast?: boolean;
  readonly seeds: readonly Seed[];
  readonly stays: readonly RequestStay[];
  readonly work?: readonly {
    readonly atH: number;
    readonly gasKept: number;
    readonly act?: HandWork | 'ball';
  }[];
  readonly targetRise?: number;
  /** How ripe it is wanted; prime where absent. */
  readonly asks?: AskedRipeness;
}

/** Adaptation of yeast put in dry, log-odds. Source: model of ripening, §2. */
const DRY_YEAST_AWAKE = -2;
const SHARE_RULE = { name: word('Seed'), unit: word('of flour'), min: 0, max: 1 };
const DOSE_RULE = { name: word('Fresh yeast'), unit: word('of flour'), min: 0, max: 0.1 };

/**
 * The state of a requested mass just mixed.
 * @throws {DomainError} seed-share-range, dose-share-range, seed-share-sum, temperature-range
 */
export function requestState(request: MassRequest, model: Model = BOOK_MODEL): MassState {
  requireNumber('dose-share-range', request.freshShare, DOSE_RULE);
  const seeded = request.seeds.reduce((sum, seed) => {
    return sum + requireNumber('seed-share-range', seed.flourShare, SHARE_RULE);
  }, 0);
  if (seeded > 1 + 1e-9) {
    throw new DomainError(
      'seed-share-sum',
      tr`Seeds: ${seeded} of the flour is not possible. Allowed: up to 1.`,
      { seeded },
    );
  }
  const { hydration, saltShare, wholegrainShare } = request.recipe;
  const part = (flourG: number, state: MassState, saltG: number): BlendPart => ({
    flourG,
    waterG: flourG * hydration,
    saltG,
    state,
  });
  const seedSaltG = request.seeds.map((seed) => seed.flourShare * saltOf(seed.source));
  const newSaltG = seedSaltG.reduce((left, one) => left - one, saltShare);
  const gasKept = request.seeds[0]?.gasKept ?? 0;
  const state = blendStates(
    [
      part(
        Math.max(0, 1 - seeded),
        freshFlourState(model, wholegrainShare, request.startC),
        Math.max(0, newSaltG),
      ),
      ...request.seeds.map((seed, index) =>
        part(seed.flourShare, seedState(seed.source, model), seedSaltG[index] ?? 0),
      ),
    ],
    gasKept,
    model,
  );
  addYeast(state, request);
  state[X.sugar] = (state[X.sugar] as number) + 100 * request.recipe.sugarShare;
  state[X.coreC] = request.startC;
  return state;
}

/** Salt over flour of a living part. */
const saltOf = (source: SeedSource): number =>
  'made' in source ? source.made.recipe.saltShare : 0;

function addYeast(state: MassState, request: MassRequest): void {
  const added = 100 * request.freshShare;
  if (added === 0) return;
  const before = state[X.yeastB] as number;
  const awake = request.dryYeast === true ? DRY_YEAST_AWAKE : 0;
  state[X.awakeB] = (before * (state[X.awakeB] as number) + added * awake) / (before + added);
  state[X.yeastB] = before + added;
}

const cycleCaches = new WeakMap<Model, Map<string, MassState>>();

/** The mothers of a model that were worked out before, by what they were asked for. */
function cyclesOf(model: Model): Map<string, MassState> {
  const known = cycleCaches.get(model) ?? new Map<string, MassState>();
  cycleCaches.set(model, known);
  return known;
}

/** The state of a living part when it is mixed in. */
function seedState(source: SeedSource, model: Model): MassState {
  if ('made' in source) return madeState(source, model);
  const cycles = cyclesOf(model);
  const key = JSON.stringify(source);
  const known = cycles.get(key);
  if (known !== undefined) return known;
  let mother = steadyCulture(source.cycle, model);
  for (const feed of source.afterFeeds ?? []) mother = feedOnce(mother, feed, model);
  cycles.set(key, mother);
  return mother;
}

/** A mother one feed later, at its peak. */
function feedOnce(mother: MassState, feed: FeedCycle, model: Model): MassState {
  const motherFlourG = feed.ratio[0] / (1 + feed.motherHydration);
  const hydration = (feed.ratio[0] - motherFlourG + feed.ratio[2]) / (motherFlourG + feed.ratio[1]);
  const run = simulate({
    recipe: recipe({ hydration, massG: feed.massG ?? 250 }),
    start: fedState(mother, feed, model),
    stays: [{ untilH: 40, ambientC: feed.tempC }],
    model,
  });
  const { bestH } = ripeWindow(run, { kind: 'starter' });
  return stateAtHour(run, bestH ?? 40);
}

function madeState(source: { made: MassRequest; atH: number | 'best' }, model: Model): MassState {
  const run = runRequest(source.made, NO_DOUBT, { model });
  if (source.atH !== 'best') return stateAtHour(run, source.atH);
  const { bestH, opensH } = readRequest(source.made, run);
  const atH = bestH ?? opensH;
  if (atH === null) {
    throw new DomainError('seed-not-ripe', tr`Seed: it is never ripe where it stands.`, {});
  }
  return stateAtHour(run, atH);
}

/** The state of a run at the first row at or after an hour. */
function stateAtHour(run: Trajectory, hour: number): MassState {
  let row = 0;
  while (row < run.length - 1 && (run.hours[row] as number) < hour - 1e-9) row += 1;
  return stateAtRow(run, row);
}

/** How to run a request. */
export interface RunOptions {
  readonly model?: Model;
  readonly stepH?: number;
  readonly evenSteps?: boolean;
}

/** Runs a requested mass through its places and its hand work, under doubt. */
export function runRequest(
  request: MassRequest,
  doubt: Doubt,
  options: RunOptions = {},
): Trajectory {
  const model = doubtedModel(options.model ?? BOOK_MODEL, doubt);
  const base = options.model ?? BOOK_MODEL;
  if (request.stays.length === 0) {
    throw new DomainError('run-no-stay', tr`A mass needs at least one place to stand in.`);
  }
  const doubted: Recipe = {
    ...request.recipe,
    massG: request.recipe.massG * doubt.lag ** (1 / 0.6),
    speed: request.recipe.speed * doubt.speed,
  };
  let state = doubtedState(requestState(request, base), doubt);
  const parts: Trajectory[] = [];
  const totalH = request.stays.reduce((sum, stay) => sum + stay.hours, 0);
  const cuts = [
    ...(request.work ?? []).filter((one) => one.atH < totalH),
    { atH: totalH, gasKept: null, act: undefined },
  ];
  let fromH = 0;
  for (const { atH, gasKept, act } of cuts) {
    if (atH > fromH) {
      const run = simulate({
        recipe: doubted,
        start: state,
        stays: staysIn(request.stays, fromH, atH, doubt.placeC),
        model,
        ...(options.stepH === undefined ? {} : { stepH: options.stepH }),
        ...(options.evenSteps === undefined ? {} : { evenSteps: options.evenSteps }),
      });
      parts.push(run);
      state = stateAtRow(run, run.length - 1);
      fromH = atH;
    }
    if (gasKept !== null) {
      const tension = act === undefined ? 0 : TENSION_OF[act];
      state = afterHandWork(state, gasKept, runConstants(doubted, model), tension);
    }
  }
  return joined(parts);
}

function staysIn(stays: readonly RequestStay[], fromH: number, toH: number, addC: number) {
  const cut: { untilH: number; ambientC: number; insulation?: number }[] = [];
  let endH = 0;
  for (const stay of stays) {
    endH += stay.hours;
    const untilH = Math.min(endH, toH) - fromH;
    if (untilH <= (cut.at(-1)?.untilH ?? 0)) continue;
    cut.push({
      untilH,
      ambientC: stay.placeC + addC,
      ...(stay.insulation === undefined ? {} : { insulation: stay.insulation }),
    });
  }
  return cut;
}

/** The ripe window of a requested mass from its run. */
export function readRequest(request: MassRequest, run: Trajectory): RipeWindow {
  return ripeWindow(run, {
    kind: request.kind,
    ...(request.asks === undefined ? {} : { asks: request.asks }),
    ...(request.targetRise === undefined ? {} : { targetRise: request.targetRise }),
  });
}
