import { word } from '@/words/tr';
import {
  BOOK_MODEL,
  BY_FLOUR,
  freshFlourState,
  simulate,
  STATE_SIZE,
  X,
  type MassState,
  type Recipe,
  type Trajectory,
} from '../kinetics';
import { ripeWindow, type AskedRipeness, type LotKind, type RipeWindow } from '../ripeness';
import { requireNumber } from '../units';
import { windowBand, type DoubtfulLot, type WindowBand } from './band';
import { doubtedModel, doubtedState, NO_DOUBT, type Doubt } from './doubt';
import { solveHours, type Inversion, type SearchRange } from './invert';

/** A lot at the moment from which something could be done otherwise. Plain data: it can be posted to a worker. */
export interface WhatIfBase {
  readonly kind: LotKind;
  readonly recipe: Recipe;
  /** Its state at that moment. */
  readonly state: readonly number[];
  /** How ripe it is wanted. */
  readonly asks: AskedRipeness;
  /** Share of its flour that came with its seed; null where the seed is not open any more. */
  readonly seedShare: number | null;
  /** Hours to run. */
  readonly hours: number;
  readonly speedLnSd: number;
  /** Factor on every sd, under 1 after looks. */
  readonly shrink: number;
  readonly extraLnSd: number;
  /** The baker’s own target rise; null: as the table has it. */
  readonly targetRise: number | null;
}

/** What is done otherwise. */
export interface WhatIfHandles {
  /** Temperature of the place it stands in from now on, °C. */
  readonly placeC: number;
  /** Factor on the yeast weighed in; 1 leaves it. */
  readonly dose: number;
  /** Flour that comes with the seed over all flour; null leaves it. */
  readonly seedShare: number | null;
}

/** What would come of it; hours count from the moment of the base. */
export interface WhatIfAnswer {
  readonly window: RipeWindow;
  readonly band: Pick<WindowBand, 'opensH' | 'bestH' | 'closesH'> | null;
  /** Rises every {@link WHAT_IF_STEP_H}. */
  readonly rise: readonly number[];
  readonly early: readonly number[];
  readonly late: readonly number[];
}

/** Hours between the rises of an answer. */
export const WHAT_IF_STEP_H = 1 / 6;
const RUN_STEP_H = 0.1;
const WISH_STEP_H = 0.05;
const WISH_RULE = { name: word('Hours'), unit: 'h', min: 0.05, max: 720 };
const PLACE_RULE = { name: word('Place'), unit: '°C', min: -30, max: 45 };
const DOSE_RULE = { name: word('Dose'), unit: word('× the plan'), min: 0.01, max: 100 };
const SEED_RULE = { name: word('Seed'), unit: word('of flour'), min: 0.001, max: 0.95 };

/** The base's state with another share of seed: what came with the seed is found from the mix and mixed anew. */
function reseeded(state: MassState, base: WhatIfBase, share: number): MassState {
  const old = base.seedShare;
  if (old === null || old === share) return state;
  const fresh = freshFlourState(BOOK_MODEL, base.recipe.wholegrainShare, state[X.coreC] as number);
  const changed = state.slice();
  for (const i of BY_FLOUR) {
    const ofFlour = fresh[i] as number;
    const ofSeed = ((state[i] as number) - (1 - old) * ofFlour) / old;
    changed[i] = Math.max(0, share * ofSeed + (1 - share) * ofFlour);
  }
  return changed;
}

function startOf(base: WhatIfBase, handles: WhatIfHandles): MassState {
  const state = Float64Array.from(base.state);
  state[X.yeastB] = (state[X.yeastB] as number) * handles.dose;
  return handles.seedShare === null ? state : reseeded(state, base, handles.seedShare);
}

/** A base with its handles set, as something to run and read under doubt. */
interface HandledLot extends DoubtfulLot {
  readonly likely: (stepH: number) => Trajectory;
}

/**
 * A base with its handles set.
 * @throws {DomainError} what-if-place, what-if-dose, what-if-seed
 */
export function handledLot(base: WhatIfBase, handles: WhatIfHandles): HandledLot {
  requireNumber('what-if-place', handles.placeC, PLACE_RULE);
  requireNumber('what-if-dose', handles.dose, DOSE_RULE);
  if (handles.seedShare !== null) requireNumber('what-if-seed', handles.seedShare, SEED_RULE);
  const start = startOf(base, handles);
  const target = base.targetRise === null ? {} : { targetRise: base.targetRise };
  const run = (doubt: Doubt, stepH = RUN_STEP_H): Trajectory =>
    simulate({
      recipe: {
        ...base.recipe,
        massG: base.recipe.massG * doubt.lag ** (1 / 0.6),
        speed: base.recipe.speed * doubt.speed,
      },
      start: doubtedState(start, doubt),
      stays: [{ untilH: base.hours, ambientC: handles.placeC + doubt.placeC }],
      model: doubtedModel(BOOK_MODEL, doubt),
      stepH,
    });
  return {
    run: (doubt) => run(doubt),
    likely: (stepH) => run(NO_DOUBT, stepH),
    read: (one) =>
      ripeWindow(one, { kind: base.kind, asks: base.asks, ...target, targetTooHigh: 'cap' }),
    shrink: base.shrink,
    extraLnSd: base.extraLnSd,
    speedLnSd: base.speedLnSd,
    earlierH: 0,
  };
}

/**
 * What would come of another place, dose or seed: curve, window and 80 % band, 18 runs.
 * @throws {DomainError} what-if-place, what-if-dose, what-if-seed
 */
export function whatIf(base: WhatIfBase, handles: WhatIfHandles): WhatIfAnswer {
  const lot = handledLot(base, handles);
  const likely = lot.likely(RUN_STEP_H);
  const window = lot.read(likely);
  const band = whatIfBand(base, handles, window);
  return {
    window,
    band: band === null ? null : { opensH: band.opensH, bestH: band.bestH, closesH: band.closesH },
    rise: sampled(likely),
    early: band === null ? [] : sampled(band.early),
    late: band === null ? [] : sampled(band.late),
  };
}

/** Doubted runs need not go on long after the window has closed. */
const LATE_SHARE = 1.6;
const LATE_H = 3;

/** The band of a window, from runs as short as the window allows; from whole ones where a short one was too short. */
function whatIfBand(
  base: WhatIfBase,
  handles: WhatIfHandles,
  window: RipeWindow,
): WindowBand | null {
  const { closesH } = window;
  const shortH = closesH === null ? base.hours : LATE_SHARE * closesH + LATE_H;
  if (shortH < base.hours) {
    const band = windowBand(window, handledLot({ ...base, hours: shortH }, handles));
    if (band !== null && band.closesH !== null && band.bestH !== null) return band;
  }
  return windowBand(window, handledLot(base, handles));
}

/** What a wish may turn: the place from now on, the dose, or the seed. */
export interface Wish extends SearchRange {
  readonly turns: 'place' | 'dose' | 'seed';
  /** Hours from the moment of the base at which it is to be best. */
  readonly wantedH: number;
}

/**
 * The place, dose or seed that makes a lot best at a wanted hour; the other handles stay.
 * @throws {DomainError} wanted-hour-range, what-if-place, what-if-dose, what-if-seed
 */
export function wishFor(base: WhatIfBase, handles: WhatIfHandles, wish: Wish): Inversion {
  requireNumber('wanted-hour-range', wish.wantedH, WISH_RULE);
  const turned = (value: number): WhatIfHandles => {
    if (wish.turns === 'place') return { ...handles, placeC: value };
    if (wish.turns === 'dose') return { ...handles, dose: value };
    return { ...handles, seedShare: value };
  };
  return solveHours(
    (value) => {
      const lot = handledLot(base, turned(value));
      const window = lot.read(lot.likely(WISH_STEP_H));
      return window.bestH ?? window.opensH;
    },
    wish,
    wish.wantedH,
  );
}

/** Rises of a run at even hours, between its rows linearly. */
function sampled(run: Trajectory): number[] {
  const endH = run.hours[run.length - 1] as number;
  const rises: number[] = [];
  let row = 1;
  for (let i = 0; i * WHAT_IF_STEP_H <= endH + 1e-9; i += 1) {
    const hour = i * WHAT_IF_STEP_H;
    while (row < run.length - 1 && (run.hours[row] as number) < hour) row += 1;
    const fromH = run.hours[row - 1] as number;
    const toH = run.hours[row] as number;
    const share = Math.min(1, Math.max(0, (hour - fromH) / (toH - fromH)));
    const low = run.rises[row - 1] as number;
    rises.push(low + share * ((run.rises[row] as number) - low));
  }
  return rises;
}

/** A state as plain numbers, for posting. */
export function plainState(state: MassState): number[] {
  return Array.from(state.subarray(0, STATE_SIZE));
}
