import type { ClosingDays, Presence } from '@/core/planner';
import type { Db } from './db';

/** Who is there when; empty: everybody, in the shop's hours. */
export function listPresences(db: Db): Presence[] {
  return db
    .prepare(
      `SELECT who, weekday, from_minute AS fromMinute, until_minute AS untilMinute
       FROM presence ORDER BY who, weekday, from_minute`,
    )
    .all() as Presence[];
}

/** Writes who is there when, in the place of what was written before. */
export function savePresences(db: Db, presences: readonly Presence[]): void {
  db.transaction(() => {
    db.prepare('DELETE FROM presence').run();
    const add = db.prepare(
      `INSERT INTO presence (who, weekday, from_minute, until_minute)
       VALUES (@who, @weekday, @fromMinute, @untilMinute)`,
    );
    for (const presence of presences) add.run(presence);
  })();
}

/** The days on which the shop is shut. */
export function listClosingDays(db: Db): ClosingDays {
  const days = db.prepare('SELECT day FROM closing_day ORDER BY day').pluck().all() as string[];
  return {
    weekdays: days.filter((day) => day.length === 1).map(Number),
    dates: days.filter((day) => day.length > 1),
  };
}

/** Writes the days on which the shop is shut, in the place of what was written before. */
export function saveClosingDays(db: Db, { weekdays, dates }: ClosingDays): void {
  db.transaction(() => {
    db.prepare('DELETE FROM closing_day').run();
    const add = db.prepare('INSERT INTO closing_day (day) VALUES (?)');
    for (const day of [...weekdays.map(String), ...dates]) add.run(day);
  })();
}

/** Planned steps that replanning leaves where they are. */
export function listPinned(db: Db): Set<string> {
  return new Set(db.prepare('SELECT step_id FROM pinned_step').pluck().all() as string[]);
}

/** Pins a step, or takes the pin out. */
export function savePin(db: Db, stepId: string, pinned: boolean): void {
  const sql = pinned
    ? 'INSERT OR IGNORE INTO pinned_step (step_id) VALUES (?)'
    : 'DELETE FROM pinned_step WHERE step_id = ?';
  db.prepare(sql).run(stepId);
}

/** Whose hands planned steps are for, by step; a step of nobody in particular is not in it. */
export function listStepPeople(db: Db): ReadonlyMap<string, string> {
  const rows = db.prepare('SELECT step_id AS stepId, person FROM step_person').all() as {
    stepId: string;
    person: string;
  }[];
  return new Map(rows.map(({ stepId, person }) => [stepId, person]));
}

/** Says whose hands a step is for; null: anybody’s. */
export function saveStepPerson(db: Db, stepId: string, person: string | null): void {
  if (person === null) {
    db.prepare('DELETE FROM step_person WHERE step_id = ?').run(stepId);
    return;
  }
  db.prepare(
    `INSERT INTO step_person (step_id, person) VALUES (?, ?)
     ON CONFLICT (step_id) DO UPDATE SET person = excluded.person`,
  ).run(stepId, person);
}
