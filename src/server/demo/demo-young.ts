import type { Act, ActOf } from '@/core/journal';
import type { Culture } from '@/core/cultures';
import type { EntryDraft } from '../journal/entries';
import type { DemoCalendar } from './demo-time';

/** A new one, begun a few days ago: its days are a schedule yet, no forecast. */
const BURR: Omit<Culture, 'begunMs'> = {
  saltShare: 0,
  keepsDays: null,
  limitG: null,
  retiredMs: null,
  id: 'burr',
  name: 'Burr',
  kind: 'liquid starter',
  hydration: 1,
  flours: [
    { flourId: 'flour-strong', share: 0.5 },
    { flourId: 'flour-whole', share: 0.5 },
  ],
  keepG: 20,
  placeId: 'proofer',
  vesselTareG: 300,
  vesselMl: 500,
  everyH: 24,
  usualRatio: 2,
  thinnestRatio: 10,
  discardTo: null,
};

/** The young culture as it was described on its first evening. */
export const burrOf = (calendar: DemoCalendar): Culture => ({
  ...BURR,
  begunMs: calendar.at(-4, '19:00'),
});

const done = (atMs: number, body: Act): EntryDraft => ({ atMs, tense: 'done', body, by: 'Maren' });

/** Its first four days: a third is kept and fed each evening; yesterday it bubbled. */
export function burrDays(calendar: DemoCalendar): EntryDraft[] {
  const blend = (flourG: number, waterG: number) => [
    { ingredientId: 'flour-strong', massG: flourG / 2 },
    { ingredientId: 'flour-whole', massG: flourG / 2 },
    { ingredientId: 'water', massG: waterG },
  ];
  const day = (n: number): EntryDraft[] => {
    const atMs = calendar.at(n - 4, '19:00');
    const lotId = `S-B${n}`;
    const before = `S-B${n - 1}`;
    const made: ActOf<'make'> = {
      kind: 'make',
      lotId,
      lotKind: 'starter',
      name: BURR.name,
      cultureId: BURR.id,
      ingredients: n === 0 ? blend(60, 60) : blend(40, 40),
      portions: n === 0 ? [] : [{ lotId: before, massG: 40 }],
      placeId: 'proofer',
      startC: 25,
      gasKept: 0,
      young: true,
    };
    const rest: Act = { kind: 'discard', lotId: before, massG: 80 };
    return [done(atMs, made), ...(n === 0 ? [] : [done(atMs, rest)])];
  };
  const bubbles: Act = {
    kind: 'look',
    lotId: 'S-B3',
    signs: { rise: 1.3, smell: 'sharp' },
  };
  return [...[0, 1, 2, 3].flatMap(day), done(calendar.at(-1, '21:30'), bubbles)];
}
