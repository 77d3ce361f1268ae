import { mixCompositions, totals, type Composition, type Pantry } from '../composition';
import {
  afterHandWork,
  BOOK_MODEL,
  BY_FLOUR,
  freshFlourState,
  runConstants,
  simulate,
  STATE_SIZE,
  stateAtRow,
  TENSION_OF,
  X,
  type MassState,
  type Model,
  type Recipe,
  type Trajectory,
} from '../kinetics';
import { rowAtHour } from '../ripeness';
import { doubtedModel, doubtedState, NO_DOUBT, type Doubt } from './doubt';
import { simulateOnce } from './remembered-runs';
import { joined } from './joined';
import { hoursBetween } from '../units';
import type { Places } from './place-history';
import { recipeOf } from './recipe-of';
import type { LotStory } from './stories';
import { staysBetween } from './lot-stays';

/** What the forecast of every lot of a shop rests on. */
export interface Surroundings {
  readonly places: Places;
  readonly pantry: Pantry;
  readonly model?: Model;
}

/** A lot to run: its story, its state just made, and until when. */
export interface LotStart {
  readonly story: LotStory;
  readonly state: MassState;
  /** Speed of its culture, 1 = as the book. */
  readonly speed: number;
  readonly untilMs: number;
  readonly stepH: number;
}

/** Runs a lot through its places and its hand work, on past its end as if it were left to stand. */
export function runLot(start: LotStart, around: Surroundings, doubt: Doubt): Trajectory {
  const model = doubtedModel(around.model ?? BOOK_MODEL, doubt);
  let state = doubtedState(start.state, doubt);
  let composition = start.story.lot.composition;
  let fromMs = start.story.startMs;
  const parts: Trajectory[] = [];
  for (const { atMs, act } of [...start.story.handling, { atMs: start.untilMs, act: null }]) {
    const toMs = Math.min(Math.max(atMs, fromMs), start.untilMs);
    const lotRecipe = doubtedRecipe(composition, start, around, doubt);
    if (toMs > fromMs) {
      const stays = staysBetween(start.story, { fromMs, toMs }, around.places, doubt);
      const told = { recipe: lotRecipe, start: state, stays, model, stepH: start.stepH };
      // Doubted runs are made once each.
      const run = doubt === NO_DOUBT ? simulateOnce(told) : simulate(told);
      parts.push(run);
      state = stateAtRow(run, run.length - 1);
    }
    if (act === null || toMs >= start.untilMs) break;
    if (act.kind === 'work') {
      const constants = runConstants(lotRecipe, model);
      state = afterHandWork(state, act.gasKept, constants, TENSION_OF[act.act]);
    } else {
      composition = withAddition(composition, act.ingredients);
      const added = withAddition({}, act.ingredients);
      state = diluted(state, composition, added, around.pantry);
    }
    fromMs = toMs;
  }
  return joined(parts);
}

/** The recipe of a lot's composition under doubt. */
function doubtedRecipe(
  composition: Composition,
  start: LotStart,
  around: Surroundings,
  doubt: Doubt,
): Recipe {
  const certain = recipeOf(composition, around.pantry, {
    pieceG: start.story.lot.ballG,
    flatMm: start.story.lot.flatMm,
    speed: start.speed * doubt.speed,
  });
  return { ...certain, massG: certain.massG * doubt.lag ** (1 / 0.6) };
}

function withAddition(
  composition: Composition,
  lines: readonly { ingredientId: string; massG: number }[],
): Composition {
  return mixCompositions([
    composition,
    ...lines.map((line) => ({ [line.ingredientId]: line.massG })),
  ]);
}

/** New flour thins what is alive and brings its own sugar and starch; added sugar comes on top. */
function diluted(
  state: MassState,
  after: Composition,
  added: Composition,
  pantry: Pantry,
): MassState {
  const { flourG } = totals(after, pantry);
  const brought = totals(added, pantry);
  const share = 1 - brought.flourG / flourG;
  const changed = state.slice();
  if (share < 1) {
    const fresh = freshFlourState(BOOK_MODEL, brought.wholegrainShare, state[X.coreC] as number);
    for (const i of [X.gasHeld, ...BY_FLOUR]) {
      changed[i] = share * (changed[i] as number) + (1 - share) * (fresh[i] as number);
    }
  }
  changed[X.sugar] = (changed[X.sugar] as number) + (100 * brought.fermentableG) / flourG;
  changed[X.yeastB] = (changed[X.yeastB] as number) + (100 * brought.freshYeastG) / flourG;
  return changed;
}

/** The state of a run at an instant, between its rows linearly. */
export function stateAt(run: Trajectory, startMs: number, atMs: number): MassState {
  const hour = hoursBetween(startMs, atMs);
  const row = rowAtHour(run.hours, run.length, hour);
  const after = stateAtRow(run, row);
  if (row === 0) return after;
  const fromH = run.hours[row - 1] as number;
  const toH = run.hours[row] as number;
  const share = toH === fromH ? 1 : Math.min(1, (hour - fromH) / (toH - fromH));
  const before = stateAtRow(run, row - 1);
  for (let i = 0; i < STATE_SIZE; i += 1) {
    after[i] = (before[i] as number) + share * ((after[i] as number) - (before[i] as number));
  }
  return after;
}
