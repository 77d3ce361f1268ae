import { type Equipment } from '@/shop/kept/equipment';
import type { Db } from './db';

/** Everything the shop works with, by kind and name. */
export function listEquipment(db: Db): Equipment[] {
  return db
    .prepare(
      `SELECT id, kind, name, count, least, most, heat_min AS heatMin, bake_min AS bakeMin
       FROM equipment ORDER BY kind, name`,
    )
    .all() as Equipment[];
}

/** What the shop has at hand: a kind of which there is none just now is left out. */
export function listEquipmentThere(db: Db): Equipment[] {
  return listEquipment(db).filter(({ count }) => count > 0);
}

/** Adds a thing, or changes the one of the same id. */
export function saveEquipment(db: Db, thing: Equipment): void {
  db.prepare(
    `INSERT INTO equipment (id, kind, name, count, least, most, heat_min, bake_min)
     VALUES (@id, @kind, @name, @count, @least, @most, @heatMin, @bakeMin)
     ON CONFLICT (id) DO UPDATE SET kind = excluded.kind, name = excluded.name,
       count = excluded.count, least = excluded.least, most = excluded.most,
       heat_min = excluded.heat_min, bake_min = excluded.bake_min`,
  ).run(thing);
}

/** Takes a thing out of the shop. */
export function dropEquipment(db: Db, id: string): void {
  db.prepare('DELETE FROM equipment WHERE id = ?').run(id);
}
