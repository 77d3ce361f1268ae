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
  type Stay,
  type Trajectory,
} from '../kinetics';
import { rowAtHour } from '../ripeness';
import { doubtedModel, doubtedState, NO_DOUBT, type Doubt } from './doubt';
import { simulateOnce } from './remembered-runs';
import { joined } from './joined';
import { addHours, hoursBetween } from '../units';
import { ambientStretches, placeOf, placeTempC, type Places } from './places';
import { recipeOf } from './recipe-of';
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

/** Temperatures that the kinetics know, °C; a probe that says more is broken. */
const LEAST_C = -40;
const MOST_C = 60;

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
    const insulation = placeOf(places, stay.placeId).insulation ?? 1;
    const ambient = (tempC: number) => Math.min(MOST_C, Math.max(LEAST_C, tempC + doubt.placeC));
    const stretch = (from: number, to: number) => {
      const offset = offsetH + hoursBetween(fromMs, from);
      for (const one of ambientStretches(places, stay.placeId, { fromMs: from, toMs: to })) {
        stays.push({ untilH: offset + one.untilH, ambientC: ambient(one.ambientC), insulation });
      }
    };
    const still = frozenSpan(places, stay.placeId, { fromMs, toMs });
    if (still === null) return stretch(fromMs, toMs);
    stretch(fromMs, still.fromMs);
    stays.push({
      untilH: offsetH + hoursBetween(fromMs, still.toMs),
      ambientC: ambient(placeTempC(places, stay.placeId, still.fromMs)),
      insulation,
      frozenThrough: true,
    });
    stretch(still.toMs, toMs);
  });
  return withinLongest(stays);
}

/** What was forgotten for so many hours changes no more that anyone would use it. */
const LONGEST_STANDING_H = 60 * 24;

/** Stays up to the longest standing; hours in the freezer do not count. */
function withinLongest(stays: readonly Stay[]): Stay[] {
  const within: Stay[] = [];
  let standsH = 0;
  let beforeH = 0;
  for (const stay of stays) {
    if (stay.frozenThrough !== true) standsH += stay.untilH - beforeH;
    const overH = standsH - LONGEST_STANDING_H;
    if (overH > 0) {
      const untilH = stay.untilH - overH;
      return untilH > beforeH ? [...within, { ...stay, untilH }] : within;
    }
    within.push(stay);
    beforeH = stay.untilH;
  }
  return within;
}

/** Hours in a freezer after which anything of a bakery is frozen through, and the last hours that are run as they were. */
const FREEZES_H = 240;
const LAST_H = 72;
/** Warmest place that freezes through, °C. */
const FREEZER_C = -8;

/** The months between that a lot lies frozen; null where it does not, or not for long. */
function frozenSpan(
  places: Places,
  placeId: string,
  span: { fromMs: number; toMs: number },
): { fromMs: number; toMs: number } | null {
  const fromMs = addHours(span.fromMs, FREEZES_H);
  const toMs = addHours(span.toMs, -LAST_H);
  if (toMs <= fromMs) return null;
  const cold = (atMs: number) => placeTempC(places, placeId, atMs) <= FREEZER_C;
  return cold(fromMs) && cold((fromMs + toMs) / 2) && cold(toMs) ? { fromMs, toMs } : null;
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
