import type { Culture } from '@/core/cultures';
import { z } from '@/core/parse';
import type { Db } from './db';

const floursSchema = z
  .array(z.object({ flourId: z.string().min(1), share: z.number().min(0).max(1) }))
  .min(1);

const COLUMNS = `id, name, kind, hydration, salt_share AS saltShare, flours, keep_g AS keepG,
  place_id AS placeId, vessel_tare_g AS vesselTareG, vessel_ml AS vesselMl, every_h AS everyH,
  usual_ratio AS usualRatio, thinnest_ratio AS thinnestRatio, discard_to AS discardTo,
  keeps_days AS keepsDays, limit_g AS limitG, begun_ms AS begunMs, retired_ms AS retiredMs`;

/** Every culture that was described, in the order in which they were. */
export function listCultures(db: Db): Culture[] {
  const rows = db.prepare(`SELECT ${COLUMNS} FROM culture ORDER BY rowid`).all() as (Omit<
    Culture,
    'flours'
  > & { flours: string })[];
  return rows.map((row) => ({ ...row, flours: floursSchema.parse(JSON.parse(row.flours)) }));
}

/** Adds a culture, or changes the one of the same id. */
export function saveCulture(db: Db, culture: Culture): void {
  db.prepare(
    `INSERT INTO culture (id, name, kind, hydration, salt_share, flours, keep_g, place_id,
       vessel_tare_g, vessel_ml, every_h, usual_ratio, thinnest_ratio, discard_to, keeps_days,
       limit_g, begun_ms, retired_ms)
     VALUES (@id, @name, @kind, @hydration, @saltShare, @flours, @keepG, @placeId,
       @vesselTareG, @vesselMl, @everyH, @usualRatio, @thinnestRatio, @discardTo, @keepsDays,
       @limitG, @begunMs, @retiredMs)
     ON CONFLICT (id) DO UPDATE SET name = excluded.name, kind = excluded.kind,
       hydration = excluded.hydration, salt_share = excluded.salt_share,
       flours = excluded.flours, keep_g = excluded.keep_g, place_id = excluded.place_id,
       vessel_tare_g = excluded.vessel_tare_g, vessel_ml = excluded.vessel_ml,
       every_h = excluded.every_h, usual_ratio = excluded.usual_ratio,
       thinnest_ratio = excluded.thinnest_ratio, discard_to = excluded.discard_to,
       keeps_days = excluded.keeps_days, limit_g = excluded.limit_g,
       begun_ms = excluded.begun_ms, retired_ms = excluded.retired_ms`,
  ).run({ ...culture, flours: JSON.stringify(culture.flours) });
}
