import { tr } from '@/words/tr';
import { type FlourRow } from '@/shop/kept/flour';
import type { Flour } from '@/core/flour';
import { z } from '@/core/parse';
import type { Db } from './db';
import { NotFoundError } from './errors';

const allergensSchema = z.array(z.string().min(1).max(40)).max(20);

/** Every flour the shop ever had. */
export function listFlours(db: Db): FlourRow[] {
  const rows = db
    .prepare(
      `SELECT id, name, strength_w AS strengthW, protein_share AS proteinShare,
         wholegrain_share AS wholegrainShare, ash_share AS ashShare, absorption, allergens,
         retired_ms AS retiredMs
       FROM flour ORDER BY rowid`,
    )
    .all() as (Omit<FlourRow, 'allergens'> & { allergens: string })[];
  return rows.map((row) => ({
    ...row,
    allergens: allergensSchema.parse(JSON.parse(row.allergens)),
  }));
}

/** Adds a flour, or changes the one of the same id. */
export function saveFlour(db: Db, flour: Flour): void {
  db.prepare(
    `INSERT INTO flour (id, name, strength_w, protein_share, wholegrain_share, ash_share,
       absorption, allergens)
     VALUES (@id, @name, @strengthW, @proteinShare, @wholegrainShare, @ashShare,
       @absorption, @allergens)
     ON CONFLICT (id) DO UPDATE SET name = excluded.name, strength_w = excluded.strength_w,
       protein_share = excluded.protein_share, wholegrain_share = excluded.wholegrain_share,
       ash_share = excluded.ash_share, absorption = excluded.absorption,
       allergens = excluded.allergens`,
  ).run({
    ashShare: null,
    absorption: null,
    ...flour,
    allergens: JSON.stringify(flour.allergens ?? ['wheat']),
  });
}

/** Retires a flour from an instant on, or brings it back with null. */
export function retireFlour(db: Db, id: string, retiredMs: number | null): void {
  const { changes } = db.prepare('UPDATE flour SET retired_ms = ? WHERE id = ?').run(retiredMs, id);
  if (changes === 0) throw new NotFoundError(tr`Flour`, id);
}
