import type { Db } from './db';

/** A command that was carried out, with what it answered. */
export interface DoneCommand {
  readonly id: string;
  readonly name: string;
  /** By the machine's clock, UTC ms. */
  readonly atMs: number;
  /** What it answered, as JSON. */
  readonly answer: string;
}

/** The command of an id; null where it never arrived, or was refused. */
export function maybeOneCommand(db: Db, id: string): DoneCommand | null {
  const row = db
    .prepare('SELECT id, name, at_ms AS atMs, answer FROM command WHERE id = ?')
    .get(id);
  return (row ?? null) as DoneCommand | null;
}

/** Keeps what a command answered. */
export function addCommand(db: Db, { id, name, atMs, answer }: DoneCommand): void {
  db.prepare('INSERT INTO command (id, name, at_ms, answer) VALUES (?, ?, ?, ?)').run(
    id,
    name,
    atMs,
    answer,
  );
}

/** Drops the answers given before an instant. */
export function dropCommandsBefore(db: Db, atMs: number): void {
  db.prepare('DELETE FROM command WHERE at_ms < ?').run(atMs);
}
