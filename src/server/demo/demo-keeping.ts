import type { Act, ActOf } from '@/core/journal';
import { addHours } from '@/core/units';
import type { EntryDraft } from '../journal/entries';
import type { DemoCalendar } from './demo-time';

/** Lines of flour and water, g. */
export const flourAndWater = (flourG: number, waterG: number) => [
  { ingredientId: 'flour-strong', massG: flourG },
  { ingredientId: 'water', massG: waterG },
];

/** Leftover dough carried on for the fourth time, some of it in the freezer, and a cold biga for Sunday. */
export function keeping(calendar: DemoCalendar): EntryDraft[] {
  const dough = (lotId: string, name: string, grams: readonly number[]): ActOf<'make'> => ({
    kind: 'make',
    lotId,
    lotKind: 'carry-over',
    name,
    ingredients: [
      ...flourAndWater(grams[0] ?? 0, grams[1] ?? 0),
      { ingredientId: 'salt', massG: grams[2] ?? 0 },
      { ingredientId: 'yeast-fresh', massG: grams[3] ?? 0 },
    ].filter((line) => line.massG > 0),
    portions: [],
    placeId: 'fridge',
    startC: 20,
    gasKept: 0,
  });
  const drift = (n: number, grams: readonly number[], fromG: number): ActOf<'make'> => ({
    ...dough(`C-D${n}`, 'Drift', grams),
    cultureId: 'drift',
    portions: fromG === 0 ? [] : [{ lotId: `C-D${n - 1}`, massG: fromG }],
  });
  const biga: ActOf<'make'> = {
    ...dough('G-B1', 'Cold biga', [3000, 1380, 0, 20]),
    lotKind: 'biga',
    placeId: 'cellar',
  };
  const frozen: Act = {
    kind: 'split',
    lotId: 'C-D5',
    partLotId: 'F-S1',
    name: 'Drift, frozen',
    lotKind: 'carry-over',
    cultureId: 'drift',
    massG: 620,
    placeId: 'freezer',
    flatMm: 25,
  };
  const baked = (lotId: string, massG: number): Act => ({ kind: 'discard', lotId, massG });
  return [
    doneDraft(calendar.at(-8, '21:10'), drift(4, [600, 390, 16, 2], 0), 'Maren'),
    doneDraft(calendar.at(-6, '21:05'), drift(5, [600, 390, 16, 0], 400), 'Maren'),
    doneDraft(calendar.at(-6, '21:06'), baked('C-D4', 608), 'Maren'),
    doneDraft(calendar.at(-6, '21:20'), frozen, 'Jo'),
    doneDraft(calendar.at(-3, '21:10'), drift(6, [400, 260, 11, 0], 300), 'Maren'),
    doneDraft(calendar.at(-3, '21:11'), baked('C-D5', 486), 'Maren'),
    doneDraft(calendar.at(-1, '21:10'), drift(7, [280, 182, 7.5, 0], 200), 'Maren'),
    doneDraft(calendar.at(-1, '21:11'), baked('C-D6', 771), 'Maren'),
    planned(calendar.at(0, '10:50'), biga),
    planned(calendar.at(0, '14:00'), { kind: 'move', lotId: 'G-B1', placeId: 'fridge' }),
  ];
}

/** An act of the demo that was done. */
export function doneDraft(atMs: number, body: Act, by: string): EntryDraft {
  return { atMs, tense: 'done', body, by };
}

/** An act of the demo that is to come. */
export function planned(atMs: number, body: Act): EntryDraft {
  return { atMs: addHours(atMs, 0), tense: 'planned', body };
}
