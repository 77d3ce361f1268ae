import { tr } from '@/words/tr';
import { requireNumber } from '../units';
import { bubbleGas } from './rise';
import type { RunConstants } from './constants';
import { X, type MassState } from './state';

/** What hands do to a dough that stands. */
export const HAND_WORKS = ['fold', 'knead', 'punch down', 'ball again'] as const;
export type HandWork = (typeof HAND_WORKS)[number];

/** Tension that one piece of work leaves in a flour of W 280; balling is 1. Set, wide doubt. */
export const TENSION_OF: Readonly<Record<HandWork | 'ball', number>> = {
  ball: 1,
  'ball again': 1,
  fold: 0.4,
  'punch down': 0.4,
  // Ten minutes of a machine at 0.1 a minute.
  knead: 1,
};

/** Most tension a dough can carry, × just balled: above it the skin tears. Set. */
const MOST_TENSION = 2;

/**
 * The state after hand work (folding, balling, punching down): dissolved CO2 stays, of the bubbles the given share,
 * and the gluten is tighter.
 * @param bubblesKept share of the bubble gas that stays, 0–1
 * @param tension what the work adds, see {@link TENSION_OF}
 * @throws {DomainError} bubbles-kept-range, tension-range
 */
export function afterHandWork(
  state: MassState,
  bubblesKept: number,
  constants: RunConstants,
  tension = 0,
): MassState {
  requireNumber('bubbles-kept-range', bubblesKept, {
    name: tr`Gas kept`,
    unit: '',
    min: 0,
    max: 1,
  });
  requireNumber('tension-range', tension, { name: tr`Tension`, unit: '', min: 0, max: 10 });
  const worked = state.slice();
  const coreC = state[X.coreC] as number;
  const held = state[X.gasHeld] as number;
  const inBubbles = (bubbleGas(held, coreC, constants) * 298.15) / (273.15 + coreC);
  worked[X.gasHeld] = Math.max(0, held - (1 - bubblesKept) * Math.max(0, inBubbles));
  const tightened = (state[X.tension] as number) + tension * constants.strength;
  worked[X.tension] = Math.min(MOST_TENSION, tightened);
  return worked;
}
