import type { Lineage, LineageLot } from '@/shop/lineage';
import { stringify } from 'csv-stringify/sync';

const HEAD = ['step', 'lot', 'name', 'kind', 'made', 'next to', 'grams', 'flours', 'sacks'];

/** A lineage as CSV, the furthest back first; cells that a table program would run are made harmless. */
export function lineageCsv({ lot, back, forward }: Lineage): string {
  const rows = [...[...back].reverse(), lot, ...forward].map(rowOf);
  return stringify([HEAD, ...rows], { escape_formulas: true, record_delimiter: 'windows' });
}

function rowOf(lot: LineageLot): string[] {
  return [
    String(lot.step),
    lot.lotId,
    lot.name,
    lot.kind,
    new Date(lot.madeAtMs).toISOString(),
    lot.nextTo ?? '',
    lot.massG === null ? '' : String(Number(lot.massG.toFixed(2))),
    lot.flours.map((one) => `${one.name} ${Number(one.massG.toFixed(2))} g`).join('; '),
    lot.flours.map((one) => one.sack ?? '').join('; '),
  ];
}
