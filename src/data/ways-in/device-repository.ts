import type { Device, DeviceRole } from '@/shop/kept/device';
import type { Db } from '../db';

const COLUMNS = `id, name, role, person, paired_ms AS pairedMs, seen_ms AS seenMs, shut_ms AS shutMs`;

/** Every device that was ever let in, the one seen last first. */
export function listDevices(db: Db): Device[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM device ORDER BY shut_ms IS NOT NULL, seen_ms DESC, id`)
    .all() as Device[];
}

/** Lets a device in. */
export function addDevice(db: Db, device: Device, tokenHash: string): void {
  db.prepare(
    `INSERT INTO device (id, name, token_hash, role, person, paired_ms, seen_ms, shut_ms)
     VALUES (@id, @name, @tokenHash, @role, @person, @pairedMs, @seenMs, @shutMs)`,
  ).run({ ...device, tokenHash });
}

/** The device of a token that may come in; null for a token of none, or of one that was shut out. */
export function maybeDeviceOf(db: Db, tokenHash: string): Device | null {
  const found = db
    .prepare(`SELECT ${COLUMNS} FROM device WHERE token_hash = ? AND shut_ms IS NULL`)
    .get(tokenHash);
  return (found ?? null) as Device | null;
}

/** Shuts a device out; false where there is none of that id that is in. */
export function shutDevice(db: Db, id: string, atMs: number): boolean {
  const { changes } = db
    .prepare('UPDATE device SET shut_ms = ? WHERE id = ? AND shut_ms IS NULL')
    .run(atMs, id);
  return changes > 0;
}

/** Notes that a device was here. */
export function seeDevice(db: Db, id: string, atMs: number): void {
  db.prepare('UPDATE device SET seen_ms = ? WHERE id = ?').run(atMs, id);
}

/** Says whose a device is; false where there is none of that id that is in. */
export function giveDevice(db: Db, id: string, person: string | null): boolean {
  const { changes } = db
    .prepare('UPDATE device SET person = ? WHERE id = ? AND shut_ms IS NULL')
    .run(person, id);
  return changes > 0;
}

/** Who is at the machine that Olvik runs on; null: everybody. */
export function personHere(db: Db): string | null {
  return db.prepare('SELECT person FROM here').pluck().get() as string | null;
}

/** Says who is at the machine that Olvik runs on. */
export function saveHere(db: Db, person: string | null): void {
  db.prepare('UPDATE here SET person = ?').run(person);
}

/** What a code lets in. */
export interface Pairing {
  readonly role: DeviceRole;
  readonly person: string | null;
}

/** Keeps a code until its hour; those whose hour is over go. */
export function addPairing(
  db: Db,
  codeHash: string,
  pairing: Pairing & { readonly untilMs: number },
  nowMs: number,
): void {
  db.transaction(() => {
    db.prepare('DELETE FROM pairing WHERE until_ms <= ?').run(nowMs);
    db.prepare(
      `INSERT OR REPLACE INTO pairing (code_hash, role, person, until_ms)
       VALUES (@codeHash, @role, @person, @untilMs)`,
    ).run({ codeHash, ...pairing });
  })();
}

/** Wrong codes after which those that are open are void: six digits are not to be guessed. */
export const MOST_MISSES = 5;

/** Uses a code up. Null for one that is not there, that is over or void; a wrong one counts against all that are open. */
export function takePairing(db: Db, codeHash: string, nowMs: number): Pairing | null {
  return db
    .transaction(() => {
      const found = db
        .prepare(
          `DELETE FROM pairing WHERE code_hash = ? AND until_ms > ? AND misses < ${MOST_MISSES}
           RETURNING role, person`,
        )
        .get(codeHash, nowMs) as Pairing | undefined;
      if (found === undefined) db.prepare('UPDATE pairing SET misses = misses + 1').run();
      return found ?? null;
    })
    .immediate();
}
