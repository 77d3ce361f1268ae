import { type ShopState } from '@/shop/state';
import { isAct, lotMadeBy } from '@/core/journal';
import { totals } from '@/core/composition';
import { eachReading, listFlourLots } from '@/data';
import type { ShopContext } from '../context';
import { stockOf } from '../culture-lines/registry';
import { struckEntries, wholeJournal } from '../journal/journal-memory';
import { rowsOf } from '../log/log';
import { SHEET_TABLES } from './sheet-tables';
import type { ExportTable } from '../paper/table';
import { loadShop } from '../shop/load-shop';

const iso = (atMs: number) => new Date(atMs).toISOString();
const grams = (massG: number) => Number(massG.toFixed(3));

type Writer = (context: ShopContext, state: ShopState) => ExportTable;

/** The tables that can be taken out as CSV. Instants are UTC, weights grams, temperatures °C. */
export const EXPORTS = {
  journal: (context, state) => ({
    head: ['at', 'entry', 'kind', 'lot', 'bake', 'by', 'says'],
    rows: (function* () {
      const says = new Map(
        rowsOf(context, [...new Set(state.folded.done.map((one) => one.batch))]).map((row) => [
          row.batch,
          row.says,
        ]),
      );
      for (const { atMs, entryId, act, bakeId, by, batch } of state.folded.done) {
        const lot = lotMadeBy(act) ?? ('lotId' in act ? (act.lotId ?? null) : null);
        yield [iso(atMs), entryId, act.kind, lot, bakeId, by, says.get(batch) ?? ''];
      }
    })(),
  }),
  lots: (context, state) => ({
    head: ['lot', 'name', 'kind', 'made', 'place', 'grams left', 'balls left', 'made from'],
    rows: [...stockOf(context, state).values()].map((lot) => [
      lot.id,
      lot.name,
      lot.kind,
      iso(lot.madeAtMs),
      state.placeMap.get(lot.placeId)?.name ?? lot.placeId,
      grams(totals(lot.composition, state.pantry).massG),
      lot.balls,
      lot.madeFrom.join(' '),
    ]),
  }),
  looks: (_, state) => ({
    head: [
      'at',
      'lot',
      'by',
      'rise',
      'dome',
      'smell',
      'float',
      'dent',
      'pH',
      'temperature',
      'found',
    ],
    rows: state.folded.done.flatMap(({ act, atMs, by }) => {
      if (!isAct(act, 'look')) return [];
      const { rise, dome, smell, float, poke, ph, tempC, found } = act.signs;
      const signs = [rise, dome, smell, float, poke, ph, tempC, found];
      return [[iso(atMs), act.lotId, by, ...signs.map((one) => one ?? null)]];
    }),
  }),
  readings: (context, state) => ({
    head: ['at', 'place', 'temperature'],
    rows: (function* () {
      const struck = struckEntries(context);
      for (const { entryId, atMs, placeId, tempC } of eachReading(context.db)) {
        if (struck.has(entryId)) continue;
        yield [iso(atMs), state.placeMap.get(placeId)?.name ?? placeId, tempC];
      }
    })(),
  }),
  'flour-use': (context, state) => {
    const sacks = listFlourLots(context.db);
    return {
      head: ['at', 'lot', 'flour', 'grams', 'sack'],
      rows: state.folded.done.flatMap(({ act, atMs }) => {
        if (!isAct(act, 'make') && !isAct(act, 'add')) return [];
        return act.ingredients
          .filter((line) => state.pantry.get(line.ingredientId)?.kind === 'flour')
          .map((line) => [
            iso(atMs),
            act.lotId,
            state.pantry.get(line.ingredientId)?.name ?? line.ingredientId,
            grams(line.massG),
            sacks.filter((one) => one.flourId === line.ingredientId && one.fromMs <= atMs).at(-1)
              ?.code ?? null,
          ]);
      }),
    };
  },
  discards: (_, state) => ({
    head: ['at', 'lot', 'grams', 'by'],
    rows: state.folded.done.flatMap(({ act, atMs, by }) =>
      isAct(act, 'discard') ? [[iso(atMs), act.lotId, grams(act.massG), by]] : [],
    ),
  }),
  scores: (_, state) => ({
    head: [
      'at',
      'bake',
      'by',
      'first',
      'last',
      'sticky',
      'rim mm',
      'colour',
      'crumb',
      'taste',
      'floor',
      'seconds',
      'note',
    ],
    rows: state.folded.scores.map(({ atMs, bakeId, by, score }) => {
      const { opening, sticky, rimMm, colour, crumb, taste, floorC, bakeS, note } = score;
      const said = [
        opening?.first,
        opening?.last,
        sticky,
        rimMm,
        colour,
        crumb,
        taste,
        floorC,
        bakeS,
        note,
      ];
      return [iso(atMs), bakeId, by, ...said.map((one) => one ?? null)];
    }),
  }),
} as const satisfies Readonly<Record<string, Writer>>;

export type ExportName = keyof typeof EXPORTS | keyof typeof SHEET_TABLES;
export const EXPORT_NAMES = [
  ...Object.keys(EXPORTS),
  ...Object.keys(SHEET_TABLES),
] as readonly ExportName[];

/** A table of the shop by its name; null for a name that is none. */
export function exportTable(context: ShopContext, name: string): ExportTable | null {
  const sheet = (SHEET_TABLES as Readonly<Record<string, (of: ShopContext) => ExportTable>>)[name];
  if (Object.hasOwn(SHEET_TABLES, name) && sheet !== undefined) return sheet(context);
  if (!Object.hasOwn(EXPORTS, name)) return null;
  const state = { ...loadShop(context), folded: wholeJournal(context) };
  return (EXPORTS[name as keyof typeof EXPORTS] as Writer)(context, state);
}
