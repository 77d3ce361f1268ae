import { tr, word } from '@/words/tr';
import { DomainError, requireNumber } from '../units';
import { type Run, DEFAULT_STEP_H } from './run';

const PLACE_RULE = { name: word('Place temperature'), unit: '°C', min: -40, max: 60 };
const LONGEST_RUN_H = 24 * 120;

/** Refuses a run that can not be simulated. @throws DomainError naming what is out of range */
export function checkRun(run: Run): void {
  if (run.stays.length === 0) {
    throw new DomainError('run-no-stay', tr`A run needs at least one place to stand in.`);
  }
  requireNumber('step-range', run.stepH ?? DEFAULT_STEP_H, {
    name: tr`Step`,
    unit: 'h',
    min: 0.001,
    max: 0.4,
  });
  let beforeH = 0;
  let workedH = 0;
  for (const stay of run.stays) {
    requireNumber('place-temperature', stay.ambientC, PLACE_RULE);
    if (!(stay.untilH > beforeH)) {
      throw new DomainError(
        'run-order',
        tr`A stay ends at ${stay.untilH} h, before it begins at ${beforeH} h.`,
        { untilH: stay.untilH, beforeH },
      );
    }
    if (stay.frozenThrough !== true) workedH += stay.untilH - beforeH;
    beforeH = stay.untilH;
  }
  requireNumber('run-too-long', workedH, { name: tr`Run`, unit: 'h', min: 0, max: LONGEST_RUN_H });
}
