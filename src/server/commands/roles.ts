import { tr } from '@/words/tr';
import type { DeviceRole } from '@/shop/kept/device';
import type { CommandName } from './registry';

/** What the work of the hands writes: what was done, seen, measured, skipped and noted; nothing of plans, methods or the shop. */
const OF_HANDS: ReadonlySet<CommandName> = new Set([
  'doStep',
  'skipStep',
  'logLook',
  'actOnLot',
  'undo',
  'setAim',
  'logReading',
  'takePart',
  'printLabels',
  'openSack',
  'takeSackBack',
  'noteStock',
  'markCard',
  'finishCard',
  'handleScale',
  'handlePrinter',
  'logScore',
  'logNote',
  'logPractice',
  'sayWho',
]);

/** True for a device that answers the first questions of an empty shop; the others see its Tide, as empty as it is. */
export const mayBegin = (role: DeviceRole): boolean => roleRefusal(role, 'beginShop') === null;

/** Why a device may not have something done; null where it may. */
export function roleRefusal(role: DeviceRole, name: string): string | null {
  if (role === 'all') return null;
  if (role === 'wall') {
    return tr`This device looks and writes nothing. Nothing was stored. Its role is given under Other devices.`;
  }
  return OF_HANDS.has(name as CommandName)
    ? null
    : tr`This device does the work of the hands; plans, methods and the shop are changed from another. Nothing was stored. Its role is given under Other devices.`;
}
