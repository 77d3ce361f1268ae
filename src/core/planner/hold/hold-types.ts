import type { CultureSpeed, LotForecast, Places } from '../../forecast';
import type { Pantry } from '../../composition';
import type { Act, DoneAct, PlannedAct } from '../../journal';
import type { Odds } from '../week/odds';

/** A bake under way that may slip, with what was done for it and what is still planned. */
export interface HoldQuestion {
  readonly bakeId: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  /** What was done to the bake’s lots and to those they descend from. */
  readonly done: readonly DoneAct[];
  /** What is still planned of the bake. */
  readonly plan: readonly PlannedAct[];
  /** What else is planned that this rests on: the feed of a starter that the bake takes from. */
  readonly before: readonly PlannedAct[];
  readonly nowMs: number;
  /** From the start of the mix until its last batch is out of the bowl, minutes; left out, it is not asked for. */
  readonly outMin?: number;
  readonly places: Places;
  readonly pantry: Pantry;
  readonly cultureSpeeds: ReadonlyMap<string, CultureSpeed>;
  readonly steps: { readonly scaleStepG: number; readonly fineStepG: number };
  /** Steps that the baker pinned: no move touches them. */
  readonly pinned: readonly string[];
  /** Truths drawn for each move. */
  readonly draws: number;
}

/** A step of a plan as it would be: one that stands changed, or a new one (null). */
export interface HoldChange {
  readonly stepId: string | null;
  readonly atMs: number;
  readonly act: Act;
}

/** What can be done. */
export type HoldKind =
  | 'as it stands'
  | 'other place'
  | 'mix at best'
  | 'mix moved'
  | 'boost'
  | 'smaller share'
  | 'water'
  | 'bulk'
  | 'ball now'
  | 'feed again'
  | 'waves'
  | 'boxes out'
  | 'part in the cold'
  | 'service later'
  | 'service earlier'
  | 'fewer';

/** A move with what it does to the bake. */
export interface HoldMove {
  readonly kind: HoldKind;
  /** The place, where the move is one. */
  readonly placeId: string | null;
  readonly mixAtMs: number | null;
  readonly ballAtMs: number | null;
  /** Leaven’s best with it. */
  readonly bestMs: number | null;
  readonly yeastG: number;
  readonly flourG: number;
  readonly leftLeavenG: number;
  readonly startC: number | null;
  /** When boxes come out of the cold, where the move is about that. */
  readonly outAtMs: number | null;
  /** Balls that wait in the cold, or pizzas that are not promised any more; 0 for other moves. */
  readonly count: number;
  /** Hours that what is done is later than planned; below 0: earlier. */
  readonly laterMin: number;
  readonly moves: number;
  readonly handsMin: number;
  readonly serviceFromMs: number;
  readonly serviceToMs: number;
  readonly changes: readonly HoldChange[];
  readonly odds: Odds;
  /** Lots to draw: the leaven, the dough, its first balls, in order; those that are there. */
  readonly lots: readonly LotForecast[];
}

/** A move before its odds are run. */
export interface Sketch {
  readonly kind: HoldKind;
  readonly placeId?: string;
  readonly changes: readonly HoldChange[];
  readonly yeastG?: number;
  readonly flourG?: number;
  readonly leftLeavenG?: number;
  readonly startC?: number;
  readonly serviceLaterMs?: number;
  readonly serviceEndsEarlierMs?: number;
  /** By how much what is moved is later, where that is neither mix nor balling. */
  readonly byMs?: number;
  readonly outAtMs?: number | null;
  readonly count?: number;
}
