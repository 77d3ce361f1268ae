import { tr } from '@/words/tr';
import { methodSchema, type Method } from '@/core/methods';
import type { Db } from './db';
import { NotFoundError } from './errors';

/** A method as it stands in one of its versions. */
export interface MethodVersion {
  readonly id: string;
  readonly methodId: string;
  readonly number: number;
  readonly createdMs: number;
  readonly method: Method;
}

const COLUMNS = `v.id, v.method_id AS methodId, v.number, v.created_ms AS createdMs, v.body`;

function toVersion(row: unknown): MethodVersion {
  const { body, ...rest } = row as Omit<MethodVersion, 'method'> & { body: string };
  return { ...rest, method: methodSchema.parse(JSON.parse(body)) };
}

/** Every method that is not retired in its newest version, the oldest method first. */
export function listMethods(db: Db): MethodVersion[] {
  return db
    .prepare(
      `SELECT ${COLUMNS} FROM method m JOIN method_version v ON v.method_id = m.id
       WHERE m.retired_ms IS NULL
         AND v.number = (SELECT max(number) FROM method_version WHERE method_id = m.id)
       ORDER BY m.created_ms, m.rowid`,
    )
    .all()
    .map(toVersion);
}

/** The versions of a method, the newest first. */
export function listMethodVersions(db: Db, methodId: string): MethodVersion[] {
  return db
    .prepare(`SELECT ${COLUMNS} FROM method_version v WHERE v.method_id = ? ORDER BY v.number DESC`)
    .all(methodId)
    .map(toVersion);
}

/**
 * One version of a method.
 * @throws {NotFoundError}
 */
export function oneMethodVersion(db: Db, id: string): MethodVersion {
  const row = db.prepare(`SELECT ${COLUMNS} FROM method_version v WHERE v.id = ?`).get(id);
  if (row === undefined) throw new NotFoundError(tr`Method`, id);
  return toVersion(row);
}

/** Adds a version; a method that is new comes with its first one. Answers its number. */
export function addMethodVersion(db: Db, version: Omit<MethodVersion, 'number'>): number {
  return db.transaction(() => {
    db.prepare(
      'INSERT INTO method (id, created_ms) VALUES (@methodId, @createdMs) ON CONFLICT (id) DO NOTHING',
    ).run({ methodId: version.methodId, createdMs: version.createdMs });
    const { number } = db
      .prepare(
        'SELECT coalesce(max(number), 0) + 1 AS number FROM method_version WHERE method_id = ?',
      )
      .get(version.methodId) as { number: number };
    db.prepare(
      `INSERT INTO method_version (id, method_id, number, created_ms, body)
       VALUES (@id, @methodId, @number, @createdMs, @body)`,
    ).run({
      id: version.id,
      methodId: version.methodId,
      createdMs: version.createdMs,
      number,
      // In the order of its schema: what is the same is written the same.
      body: JSON.stringify(methodSchema.parse(version.method)),
    });
    return number;
  })();
}

/** Retires a method from an instant on, or brings it back with null. */
export function retireMethod(db: Db, methodId: string, retiredMs: number | null): void {
  const { changes } = db
    .prepare('UPDATE method SET retired_ms = ? WHERE id = ?')
    .run(retiredMs, methodId);
  if (changes === 0) throw new NotFoundError(tr`Method`, methodId);
}
