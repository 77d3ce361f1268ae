import { word } from '@/words/tr';
import {
  BOOK_MODEL,
  BY_FLOUR,
  freshFlourState,
  simulate,
  X,
  type MassState,
  type Recipe,
  type Trajectory,
} from '../kinetics';
import { ripeWindow, type AskedRipeness, type LotKind } from '../ripeness';
import { requireNumber } from '../units';
import type { DoubtfulLot } from './band';
import { doubtedModel, doubtedState, NO_DOUBT, type Doubt } from './doubt';

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

/** Step of a run that is only looked at, h. */
export const RUN_STEP_H = 0.1;

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
