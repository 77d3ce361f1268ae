import { requireNumber } from '../units';
import { bubbleGas } from './rise';
import type { RunConstants } from './constants';
import { X, type MassState } from './state';

/**
 * The state after hand work (folding, balling, punching down): dissolved CO2 stays, of the bubbles the given share.
 * @param bubblesKept share of the bubble gas that stays, 0–1
 * @throws {DomainError} bubbles-kept-range
 */
export function afterHandWork(
  state: MassState,
  bubblesKept: number,
  constants: RunConstants,
): MassState {
  requireNumber('bubbles-kept-range', bubblesKept, {
    name: 'Gas kept',
    unit: '',
    min: 0,
    max: 1,
  });
  const worked = state.slice();
  const coreC = state[X.coreC] as number;
  const held = state[X.gasHeld] as number;
  const inBubbles = (bubbleGas(held, coreC, constants) * 298.15) / (273.15 + coreC);
  worked[X.gasHeld] = Math.max(0, held - (1 - bubblesKept) * Math.max(0, inBubbles));
  return worked;
}
