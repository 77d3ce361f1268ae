import { unitsOf, type ShopUnits } from '@/core/units';
import { isEmptyShop, maybeFirstWrittenMs } from '@/data';
import { backupsOf, type BackupRow } from '../backups/backups';
import type { ShopContext } from '../context';
import { EXPORT_NAMES } from '../exports/tables';
import { coldLogs, type ColdStoreLog } from '@/shop/sheets/cold-log';
import { loadShop } from '../shop/load-shop';
import { SHEET_DAYS } from '../sheets/sheets';

/** What goes out of the shop and comes back. */
export interface RecordsView {
  readonly units: ShopUnits;
  readonly nowMs: number;
  readonly backups: readonly BackupRow[];
  /** The cold stores over the last days. */
  readonly cold: readonly ColdStoreLog[];
  readonly tables: readonly string[];
  readonly places: readonly { readonly id: string; readonly name: string }[];
  /** An archive can be read in. */
  readonly empty: boolean;
}

/** Back-ups, files out and in. */
export function recordsView(context: ShopContext): RecordsView {
  const state = loadShop(context);
  const { shop, nowMs, places } = state;
  return {
    units: unitsOf(shop),
    nowMs,
    backups: backupsOf(context),
    cold: coldLogs(state, SHEET_DAYS, maybeFirstWrittenMs(context.db)),
    tables: EXPORT_NAMES,
    places: places.map(({ id, name }) => ({ id, name })),
    empty: isEmptyShop(context.db),
  };
}
