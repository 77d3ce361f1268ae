import { mixCompositions, totals, type Composition, type Pantry } from '../composition';
import {
  afterHandWork,
  BOOK_MODEL,
  recipe,
  runConstants,
  simulate,
  STATE_SIZE,
  stateAtRow,
  X,
  type MassState,
  type Model,
  type Recipe,
  type Stay,
  type Trajectory,
} from '../kinetics';
import { rowAtHour } from '../ripeness';
import { doubtedModel, doubtedState, type Doubt } from './doubt';
import { joined } from './joined';
import { hoursBetween } from '../units';
import { ambientStretches, type Places } from './places';
import type { LotStory } from './stories';

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
    const lotRecipe = recipeOf(composition, start, around, doubt);
    if (toMs > fromMs) {
      const stays = staysBetween(start.story, { fromMs, toMs }, around.places, doubt);
      const run = simulate({ recipe: lotRecipe, start: state, stays, model, stepH: start.stepH });
      parts.push(run);
      state = stateAtRow(run, run.length - 1);
    }
    if (act === null || toMs >= start.untilMs) break;
    if (act.kind === 'work') {
      state = afterHandWork(state, act.gasKept, runConstants(lotRecipe, model));
    } else {
      composition = withAddition(composition, act.ingredients);
      state = diluted(state, composition, start.story.lot.composition, around.pantry);
    }
    fromMs = toMs;
  }
  return joined(parts);
}

/** The recipe of a composition for the kinetics. */
function recipeOf(
  composition: Composition,
  start: LotStart,
  around: Surroundings,
  doubt: Doubt,
): Recipe {
  const sum = totals(composition, around.pantry);
  const massG = (start.story.lot.ballG ?? sum.massG) * doubt.lag ** (1 / 0.6);
  return recipe({
    hydration: sum.waterG / sum.flourG,
    saltShare: sum.saltG / sum.flourG,
    sugarShare: sum.sugarG / sum.flourG,
    wholegrainShare: sum.wholegrainShare,
    strengthW: sum.strengthW,
    massG,
    speed: start.speed * doubt.speed,
  });
}

/** The places of a story between two instants, hours counted from the first. */
function staysBetween(
  story: LotStory,
  span: { fromMs: number; toMs: number },
  places: Places,
  doubt: Doubt,
): Stay[] {
  const stays: Stay[] = [];
  story.stays.forEach((stay, index) => {
    const last = index === story.stays.length - 1;
    const fromMs = Math.max(span.fromMs, stay.fromMs);
    const toMs = Math.min(span.toMs, last ? Infinity : (stay.toMs ?? Infinity));
    if (toMs <= fromMs) return;
    const offsetH = hoursBetween(span.fromMs, fromMs);
    for (const stretch of ambientStretches(places, stay.placeId, { fromMs, toMs })) {
      stays.push({
        untilH: offsetH + stretch.untilH,
        ambientC: stretch.ambientC + doubt.placeC,
      });
    }
  });
  return stays;
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

/** New flour thins what is alive; sugar and starch of the new flour are taken as the old ones'. */
function diluted(
  state: MassState,
  after: Composition,
  before: Composition,
  pantry: Pantry,
): MassState {
  const share = totals(before, pantry).flourG / totals(after, pantry).flourG;
  if (share === 1) return state;
  const changed = state.slice();
  for (const i of [X.yeastB, X.yeastW, X.bacteria, X.acid, X.gasHeld]) {
    changed[i] = (changed[i] as number) * share;
  }
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
