import { oneShop } from '@/data';
import { gateState, listDevices, listKeys } from '@/data/ways-in';
import type { Device, GateState, WayKey } from '@/shop/kept/device';
import type { ShopContext } from '../context';
import { waysIn } from './ways-in';
import { asking, type Who } from './who';

/** Other devices as their view shows them. */
export interface WaysInView {
  readonly gate: GateState;
  readonly devices: readonly Device[];
  readonly keys: readonly WayKey[];
  readonly people: readonly string[];
  readonly timeZone: string;
  /** Real time: devices come and go by it, whatever the demo’s clock says. */
  readonly nowMs: number;
  /** The device that looks at it. */
  readonly who: Who;
}

const THIS_MACHINE: Who = { device: null, role: 'all', person: null };

/** Who is let in, by which addresses, and which keys are out. */
export function waysInView(
  context: ShopContext,
  who = asking.getStore() ?? THIS_MACHINE,
): WaysInView {
  const db = waysIn(context);
  const { people, timeZone } = oneShop(context.db);
  return {
    gate: gateState(db),
    devices: listDevices(db),
    keys: listKeys(db),
    people,
    timeZone,
    nowMs: Date.now(),
    who,
  };
}
