import { tr } from '@/words/tr';
import { acidToPh, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { rowAtHour, valueAtHour } from '../ripeness';
import type { PracticeKind } from './scenes';

/** What can be looked at: what is judged, and a dough in bulk. */
export type SightKind = PracticeKind | 'dough';
const isDough = (kind: SightKind) => kind === 'balls' || kind === 'dough';

/** What eyes, nose and fingers find at an hour. */
export interface Sight {
  /** Level, × the volume just mixed. */
  readonly rise: number;
  readonly dome: 'flat' | 'domed' | 'sinking';
  /** How many bubbles show through the side, 0–1. */
  readonly bubbles: number;
  readonly smell: string;
  readonly touch: string;
  readonly ph: number;
}

/** Slope of the level under which it hardly moves, × an hour. Set. */
const STILL = 0.04;

/**
 * What a mass looks, smells and feels like at an hour of its run, from the state of the model.
 * @param peakRise the highest level of the run
 */
export function sightAt(kind: SightKind, run: Trajectory, peakRise: number, hour: number): Sight {
  const rises = { hours: run.hours, length: run.length, at: (row: number) => run.rises[row] ?? 1 };
  const rise = valueAtHour(rises, hour);
  const before = valueAtHour(rises, Math.max(0, hour - 0.5));
  const slope = (rise - before) / 0.5;
  const row = rowAtHour(run.hours, run.length, hour);
  const state = (at: number) => run.states[row * STATE_SIZE + at] as number;
  const ph = acidToPh(state(X.acid), run.constants.wholegrainShare, run.constants.model);
  const gluten = state(X.gluten);
  const full = Math.min(1, Math.max(0, (rise - 1) / Math.max(0.2, peakRise - 1)));
  return {
    rise,
    dome: slope < -STILL ? 'sinking' : full < 0.12 || slope < STILL ? 'flat' : 'domed',
    bubbles: full,
    smell: smellOf(kind, { ph, sugar: state(X.sugar), full }),
    touch: touchOf(kind, full, gluten),
    ph,
  };
}

/** Sugar, % of flour, under which there is nothing left to eat. Source: model of ripening, §4. */
const EATEN = 0.3;

/** Share of its rise from which what rises smells of yeast, however mild its acid. Set. */
const RAISED = 0.3;

function smellOf(
  kind: SightKind,
  { ph, sugar, full }: { readonly ph: number; readonly sugar: number; readonly full: number },
): string {
  const eaten = sugar < EATEN;
  if (kind === 'starter') {
    if (ph > 5.1) return tr`of wet flour`;
    if (ph > 4.5) return tr`mild, of yoghurt`;
    return eaten && ph < 4.1 ? tr`sharp, of vinegar` : tr`fruity, a little sour`;
  }
  if (ph > 5.75 && full < RAISED) return tr`of wet flour`;
  if (!eaten) return tr`mild, of yeast`;
  return isDough(kind) ? tr`of yeast and alcohol` : tr`sweet, of alcohol`;
}

function touchOf(kind: SightKind, full: number, gluten: number): string {
  if (isDough(kind)) {
    if (full < 0.45) return tr`a dent springs back at once`;
    return gluten < 0.75 || full > 0.97 ? tr`a dent stays` : tr`a dent comes back half-way`;
  }
  if (kind === 'biga')
    return full < 0.4 ? tr`crumbly, firm` : tr`soft inside, pulls apart in strands`;
  return full < 0.3
    ? tr`thick, no strands`
    : full < 0.9
      ? tr`loose, webs when pulled`
      : tr`airy, long strands`;
}
