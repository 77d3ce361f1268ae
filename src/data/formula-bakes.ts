import { formulaSchema } from '@/core/formula';
import { poolishMethod, type Method } from '@/core/methods';
import type { Db } from './db';
import { addMethodVersion } from './method-repository';

interface FormulaBake {
  readonly id: string;
  readonly name: string;
  readonly createdMs: number;
  readonly formula: string;
  readonly poolishPlaceId: string;
  readonly doughPlaceId: string;
}

/**
 * Bakes of earlier days have a formula where later ones have a method: each gets the version of a method that says the
 * same. Bakes of one name and dough share it, however many balls they were.
 */
export function formulaBakesToMethods(db: Db): void {
  const bakes = db
    .prepare(
      `SELECT id, name, created_ms AS createdMs, formula, poolish_place_id AS poolishPlaceId,
         dough_place_id AS doughPlaceId
       FROM bake WHERE method_version_id IS NULL ORDER BY created_ms, id`,
    )
    .all() as FormulaBake[];
  if (bakes.length === 0) return;
  const shop = db.prepare('SELECT mixed_by AS mixedBy FROM shop').get() as
    { mixedBy: Method['mix']['by'] } | undefined;
  const mixedBy = shop?.mixedBy ?? 'mixer';
  const name = db.prepare('UPDATE bake SET method_version_id = ? WHERE id = ?');
  const versions = new Map<string, string>();
  for (const bake of bakes) {
    const formula = formulaSchema.parse(JSON.parse(bake.formula));
    const same = JSON.stringify([
      bake.name,
      { ...formula, balls: null },
      bake.poolishPlaceId,
      bake.doughPlaceId,
    ]);
    let id = versions.get(same);
    if (id === undefined) {
      id = `version-of-${bake.id}`;
      const method = poolishMethod({ ...bake, formula, mixedBy });
      addMethodVersion(db, {
        id,
        methodId: `method-of-${bake.id}`,
        createdMs: bake.createdMs,
        method,
      });
      versions.set(same, id);
    }
    name.run(id, bake.id);
  }
}
