import type { LogPart } from '@/server/log/log';

/** The parts of the journal that can be shown, in the order of the menu. */
export const LOG_PART_NAMES: readonly LogPart[] = [
  'everything',
  'what was done',
  'looks',
  'scores and notes',
  'temperatures',
  'plans',
];
