import type { GateState } from '@/shop/kept/device';
import type { Db } from '../db';

/** What the way in for other devices says of itself. */
export function gateState(db: Db): GateState {
  const row = db
    .prepare('SELECT wanted, always, addresses, fingerprint, trouble FROM gate')
    .get() as {
    readonly wanted: number;
    readonly always: number;
    readonly addresses: string;
    readonly fingerprint: string | null;
    readonly trouble: string | null;
  };
  return {
    wanted: row.wanted === 1,
    always: row.always === 1,
    addresses: JSON.parse(row.addresses) as string[],
    fingerprint: row.fingerprint,
    trouble: row.trouble,
  };
}

/** Says whether the shop is to be reached by other devices. */
export function wantGate(db: Db, wanted: boolean): void {
  db.prepare('UPDATE gate SET wanted = ?').run(wanted ? 1 : 0);
}

/** Keeps what the gate found as it opened or closed. */
export function saveGateFound(db: Db, found: Omit<GateState, 'wanted'>): void {
  const { always, addresses, fingerprint, trouble } = found;
  db.prepare(
    `UPDATE gate SET always = @always, addresses = @addresses, fingerprint = @fingerprint, trouble = @trouble`,
  ).run({ always: always ? 1 : 0, addresses: JSON.stringify(addresses), fingerprint, trouble });
}

/** Another number whenever another process has written. */
export const waysInVersion = (db: Db): number =>
  db.pragma('data_version', { simple: true }) as number;
