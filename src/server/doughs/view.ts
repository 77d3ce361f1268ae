import { type DoughFacts } from '@/shop/doughs/facts';
import { addHours, atWallMinute, toLocalText } from '@/core/units';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';
import { doughFacts } from './facts';
import { methodRows, versionsOf, type MethodRow } from './methods';

/** A version in the list of a method’s versions. */
export interface VersionRow {
  readonly versionId: string;
  readonly number: number;
  readonly createdMs: number;
}

/** The Doughs view. */
export interface DoughsView {
  readonly facts: DoughFacts;
  readonly rows: readonly MethodRow[];
  /** The method that is opened; null for the list. */
  readonly opened: MethodRow | null;
  readonly versions: readonly VersionRow[];
  readonly defaults: { readonly readyFrom: string; readonly readyTo: string };
}

const EVENING_MINUTE = 18 * 60;
const SERVICE_H = 3;
/** A first bake is proposed this many days on: methods of two days and more have room then. */
const DAYS_ON = 3;

/** The Doughs view, with one method opened or none. */
export function doughsView(context: ShopContext, methodId: string | null): DoughsView | null {
  const state = loadShop(context);
  const rows = methodRows(context, state);
  const opened = methodId === null ? null : (rows.find((one) => one.id === methodId) ?? null);
  if (methodId !== null && opened === null) return null;
  const { timeZone } = state.shop;
  const readyMs = atWallMinute(state.nowMs, DAYS_ON, EVENING_MINUTE, timeZone);
  return {
    facts: doughFacts(context, state),
    rows,
    opened,
    versions:
      opened?.versionId == null
        ? []
        : versionsOf(context, opened.id).map(({ id, number, createdMs }) => ({
            versionId: id,
            number,
            createdMs,
          })),
    defaults: {
      readyFrom: toLocalText(readyMs, timeZone),
      readyTo: toLocalText(addHours(readyMs, SERVICE_H), timeZone),
    },
  };
}
