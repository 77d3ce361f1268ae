import { type Equipment } from '@/shop/kept/equipment';
import type { Db } from './db';

type Row = Omit<Equipment, 'broken'> & { readonly broken: number | null };

/** Everything the shop works with, by kind and name. */
export function listEquipment(db: Db): Equipment[] {
  const rows = db
    .prepare(
      `SELECT id, kind, name, count, broken, least, most, heat_min AS heatMin, bake_min AS bakeMin
       FROM equipment ORDER BY kind, name`,
    )
    .all() as Row[];
  return rows.map(({ broken, ...thing }) =>
    broken === null || broken === 0 ? thing : { ...thing, broken },
  );
}

/** What the shop has at hand, so many as work: a kind of which there is none just now is left out. */
export function listEquipmentThere(db: Db): Equipment[] {
  return listEquipment(db)
    .map(({ broken = 0, ...thing }) => ({ ...thing, count: thing.count - broken }))
    .filter(({ count }) => count > 0);
}

/** Adds a thing, or changes the one of the same id. */
export function saveEquipment(db: Db, thing: Equipment): void {
  db.prepare(
    `INSERT INTO equipment (id, kind, name, count, broken, least, most, heat_min, bake_min)
     VALUES (@id, @kind, @name, @count, @broken, @least, @most, @heatMin, @bakeMin)
     ON CONFLICT (id) DO UPDATE SET kind = excluded.kind, name = excluded.name,
       count = excluded.count, broken = excluded.broken, least = excluded.least,
       most = excluded.most, heat_min = excluded.heat_min, bake_min = excluded.bake_min`,
  ).run({ ...thing, broken: thing.broken ?? null });
}

/** Takes a thing out of the shop. */
export function dropEquipment(db: Db, id: string): void {
  db.prepare('DELETE FROM equipment WHERE id = ?').run(id);
}
