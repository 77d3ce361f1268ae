import type { ShopContext } from '../context';
import { sheetsView } from '../sheets/sheets';
import type { Cell, ExportTable } from '../paper/table';

const iso = (atMs: number) => new Date(atMs).toISOString();
const kept = (tempC: number | null) => (tempC === null ? null : Number(tempC.toFixed(1)));

/** The food-safety sheets as tables. Instants are UTC, weights grams, temperatures °C. */
export const SHEET_TABLES = {
  /** A row for each day, each gap and each stretch over the limit. */
  'cold-stores': (context) => ({
    head: ['what', 'place', 'from', 'to', 'readings', 'coldest', 'warmest', 'limit'],
    rows: sheetsView(context).cold.flatMap(({ name, limitC, days, gaps, excursions }) => [
      ...days.map((one, i): Cell[] => {
        const toMs = days[i + 1]?.fromMs ?? null;
        const temps = [one.readings, kept(one.leastC), kept(one.mostC)];
        return ['day', name, iso(one.fromMs), toMs === null ? null : iso(toMs), ...temps, limitC];
      }),
      ...gaps.map((one): Cell[] => {
        return ['gap', name, iso(one.fromMs), iso(one.toMs), null, null, null, limitC];
      }),
      ...excursions.map((one): Cell[] => {
        const span = [iso(one.fromMs), iso(one.toMs)];
        return ['too warm', name, ...span, null, null, kept(one.mostC), limitC];
      }),
    ]),
  }),
  /** Each sack with the lots that it went into and the services where they were baked. */
  traces: (context) => ({
    head: ['sack', 'flour', 'what', 'code', 'name', 'at', 'grams', 'pizzas', 'from'],
    rows: sheetsView(context).traces.flatMap(({ sack, flourName, lots, bakes }) => [
      ...lots.map((lot): Cell[] => {
        const grams = Number(lot.flourG.toFixed(1));
        const said = [lot.kind, lot.lotId, lot.name, iso(lot.madeMs), grams, null];
        return [sack.code, flourName, ...said, lot.from.join(' ')];
      }),
      ...bakes.map((bake): Cell[] => {
        const said = ['service', bake.bakeId, bake.name, iso(bake.atMs), null, bake.balls, null];
        return [sack.code, flourName, ...said];
      }),
    ]),
  }),
  allergens: (context) => ({
    head: ['lot', 'name', 'made', 'allergens'],
    rows: sheetsView(context).allergens.map((row): Cell[] => [
      row.lotId,
      row.name,
      iso(row.madeMs),
      row.allergens.join(', '),
    ]),
  }),
} as const satisfies Readonly<Record<string, (context: ShopContext) => ExportTable>>;
