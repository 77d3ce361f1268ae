import { word } from '@/words/tr';
import { STATE_SIZE, type MassState, type Trajectory } from '../kinetics';
import type { RipeWindow } from '../ripeness';
import { requireNumber } from '../units';
import { windowBand, type WindowBand } from './band';
import { solveHours, type Inversion, type SearchRange } from './invert';
import { type WhatIfBase, type WhatIfHandles, RUN_STEP_H, handledLot } from './handled-lot';

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

const WISH_STEP_H = 0.05;
const WISH_RULE = { name: word('Hours'), unit: 'h', min: 0.05, max: 720 };

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
