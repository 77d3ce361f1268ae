import { portion, totals, type Composition } from '../composition';
import {
  afterHandWork,
  blendStates,
  BOOK_MODEL,
  freshFlourState,
  steadyCulture,
  STATE_SIZE,
  TENSION_OF,
  X,
  type BlendPart,
  type MassState,
  type Trajectory,
} from '../kinetics';
import type { ActOf } from '../journal';
import { stateAt, type Surroundings } from './lot-run';
import { isSourdoughKind } from './sourdough-kinds';
import type { LotStory } from './stories';

/** A lot already run: where a portion of it takes its state from. */
export interface RunLot {
  readonly story: LotStory;
  /** Why nothing can be forecast about it; null where its run can be read. */
  readonly unknown: string | null;
  readonly run: Trajectory;
}

/** Adaptation of yeast put in dry, log-odds. Source: model of ripening, §2. */
const DRY_YEAST_AWAKE = -2;

/** The state of a lot just made, from what went into it. */
export function startState(
  story: LotStory,
  runs: ReadonlyMap<string, RunLot>,
  around: Surroundings,
): MassState {
  const { start } = story;
  if (start.kind === 'divide') return dividedState(story, start, runs);
  if (start.kind === 'split') return splitState(story, start, runs);
  return madeState(story, start, runs, around);
}

function dividedState(
  story: LotStory,
  start: ActOf<'divide'>,
  runs: ReadonlyMap<string, RunLot>,
): MassState {
  const parent = runs.get(start.lotId);
  if (parent === undefined) return new Float64Array(STATE_SIZE);
  const state = stateAt(parent.run, parent.story.startMs, story.startMs);
  return afterHandWork(state, start.gasKept, parent.run.constants, TENSION_OF.ball);
}

/** A part is alive as the whole was. */
function splitState(
  story: LotStory,
  start: ActOf<'split'>,
  runs: ReadonlyMap<string, RunLot>,
): MassState {
  const parent = runs.get(start.lotId);
  if (parent === undefined) return new Float64Array(STATE_SIZE);
  const state = stateAt(parent.run, parent.story.startMs, story.startMs);
  return start.dried === true ? nothingKnown(state) : state;
}

function madeState(
  story: LotStory,
  start: ActOf<'make'>,
  runs: ReadonlyMap<string, RunLot>,
  around: Surroundings,
): MassState {
  const model = around.model ?? BOOK_MODEL;
  const fresh: Composition = Object.fromEntries(
    start.ingredients.map((line) => [line.ingredientId, line.massG]),
  );
  const sum = totals(fresh, around.pantry);
  const parts: BlendPart[] = [
    {
      flourG: sum.flourG,
      waterG: sum.waterG,
      saltG: sum.saltG,
      state: freshFlourState(model, sum.wholegrainShare, Math.min(45, start.startC)),
    },
    ...start.portions.map((line) => portionPart(line, story.startMs, runs, around)),
  ];
  const state = isYoung(story)
    ? nothingKnown(freshFlourState(model, sum.wholegrainShare, Math.min(45, start.startC)))
    : start.portions.length === 0 && isSourdoughKind(start.lotKind)
      ? ripeCulture(start.startC)
      : blendStates(parts, start.gasKept, model);
  addYeast(state, start, story, around);
  addSugar(state, fresh, story, around);
  state[X.coreC] = start.startC;
  return state;
}

/** Flour and water of which nobody knows what lives in them: no curve is made up. */
function nothingKnown(state: MassState): MassState {
  state[X.bacteria] = state[X.yeastB] = state[X.yeastW] = 0;
  return state;
}

/** True for a culture in its first days, or dried: no run can say what lives in it. */
export function isYoung({ start }: Pick<LotStory, 'start'>): boolean {
  return start.kind === 'make'
    ? start.young === true
    : start.kind === 'split' && start.dried === true;
}

const ripeCache = new Map<number, MassState>();

/** A mother at the peak of its own steady cycle of 1:5:5 feeds at a temperature. */
function ripeCulture(tempC: number): MassState {
  const cycleC = Math.min(30, Math.max(18, Math.round(tempC)));
  const known = ripeCache.get(cycleC);
  if (known !== undefined) return known.slice();
  const state = steadyCulture({ ratio: [1, 5, 5], tempC: cycleC, motherHydration: 1 });
  for (const i of [X.gasHeld, X.gasMade, X.gasOfYeast, X.gasLost]) state[i] = 0;
  ripeCache.set(cycleC, state);
  return state.slice();
}

function portionPart(
  line: { lotId: string; massG: number },
  atMs: number,
  runs: ReadonlyMap<string, RunLot>,
  around: Surroundings,
): BlendPart {
  const parent = runs.get(line.lotId);
  if (parent === undefined) {
    const halfG = line.massG / 2;
    return { flourG: halfG, waterG: halfG, state: ripeCulture(25) };
  }
  const { composition } = parent.story.lot;
  const whole = Object.values(composition).reduce((a, b) => a + b, 0);
  const sum = totals(portion(composition, Math.min(whole, line.massG)).taken, around.pantry);
  return {
    flourG: sum.flourG,
    waterG: sum.waterG,
    saltG: sum.saltG,
    // Two peaks were seen of a young one: from here on it counts as ripe. So does a mother of which nothing can be said.
    state:
      isYoung(parent.story) || parent.unknown !== null
        ? ripeCulture(25)
        : stateAt(parent.run, parent.story.startMs, atMs),
  };
}

/** Sugar weighed in, on top of what the flour brings. */
function addSugar(
  state: MassState,
  fresh: Composition,
  story: LotStory,
  around: Surroundings,
): void {
  const { flourG } = totals(story.lot.composition, around.pantry);
  const { fermentableG } = totals(fresh, around.pantry);
  if (flourG > 0) {
    state[X.sugar] = (state[X.sugar] as number) + (100 * fermentableG) / flourG;
  }
}

/** Baker's yeast weighed in: activity over all the flour, adaptation weighted with what is there; bloomed it is as fresh is. Set. */
function addYeast(
  state: MassState,
  start: ActOf<'make'>,
  story: LotStory,
  around: Surroundings,
): void {
  const { flourG } = totals(story.lot.composition, around.pantry);
  for (const line of start.ingredients) {
    const ingredient = around.pantry.get(line.ingredientId);
    if (ingredient?.kind !== 'yeast' || line.massG <= 0) continue;
    const { freshYeastG } = totals({ [line.ingredientId]: line.massG }, around.pantry);
    const added = (100 * freshYeastG) / flourG;
    const before = state[X.yeastB] as number;
    const woken = ingredient.type === 'fresh' || start.bloomed === true;
    const awake = woken ? 0 : DRY_YEAST_AWAKE;
    state[X.awakeB] = (before * (state[X.awakeB] as number) + added * awake) / (before + added);
    state[X.yeastB] = before + added;
  }
}
