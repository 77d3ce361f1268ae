import type { Act, ActOf } from '@/core/journal';
import { addHours } from '@/core/units';
import { addEntries } from '@/data';
import { batchOf, type EntryDraft } from '../entries';
import type { ShopContext } from '../context';
import { takeDemoLook } from './demo-looks';
import type { DemoCalendar } from './demo-time';

const flourAndWater = (flourG: number, waterG: number) => [
  { ingredientId: 'flour-strong', massG: flourG },
  { ingredientId: 'water', massG: waterG },
];

function feed(
  culture: { id: string; name: string; kind: 'starter' | 'stiff starter' },
  lotId: string,
  motherId: string | null,
  amounts: { motherG: number; flourG: number; waterG: number; placeId: string; startC: number },
): ActOf<'make'> {
  return {
    kind: 'make',
    lotId,
    lotKind: culture.kind,
    name: culture.name,
    cultureId: culture.id,
    ingredients: flourAndWater(amounts.flourG, amounts.waterG),
    portions: motherId === null ? [] : [{ lotId: motherId, massG: amounts.motherG }],
    placeId: amounts.placeId,
    startC: amounts.startC,
    gasKept: 0,
  };
}

const GRUSA = { id: 'grusa', name: 'Grusa', kind: 'starter' } as const;
const PLINTH = { id: 'plinth', name: 'Plinth', kind: 'stiff starter' } as const;
const FED = { motherG: 20, flourG: 80, waterG: 80, placeId: 'bench', startC: 21 };

/** Looks at Grusa on the last mornings, each misread a little. */
const GRUSA_LOOKS = [
  { day: -3, clock: '02:10', misread: 0.05 },
  { day: -2, clock: '01:40', misread: -0.06 },
  { day: -1, clock: '02:20', misread: 0.03 },
  { day: 0, clock: '05:55', misread: 0.01 },
];

const grusaLot = (day: number) => `S-G${day + 22}`;

/** Three weeks of a liquid starter fed every evening, and the feeds to come. */
function grusa(calendar: DemoCalendar): EntryDraft[] {
  const drafts: EntryDraft[] = [];
  for (let day = -21; day <= -1; day += 1) {
    const atMs = calendar.at(day, '18:30');
    const mother = day === -21 ? null : grusaLot(day - 1);
    drafts.push(doneDraft(atMs, feed(GRUSA, grusaLot(day), mother, FED), 'Jo'));
    const restG = day === -20 ? 140 : 160;
    if (mother !== null) {
      drafts.push(doneDraft(atMs, { kind: 'discard', lotId: mother, massG: restG }, 'Jo'));
    }
  }
  const proofer = { ...FED, placeId: 'proofer' };
  drafts.push(planned(calendar.at(0, '06:30'), feed(GRUSA, 'S-G23', grusaLot(-1), proofer)));
  drafts.push(planned(calendar.at(0, '18:30'), feed(GRUSA, 'S-G24', 'S-G23', FED)));
  return drafts;
}

/** A stiff starter resting in the fridge between two feeds a week. */
function plinth(calendar: DemoCalendar): EntryDraft[] {
  const amounts = { motherG: 60, flourG: 120, waterG: 60, placeId: 'bench', startC: 21 };
  return [
    doneDraft(calendar.at(-5, '16:00'), feed(PLINTH, 'S-P1', null, amounts), 'Maren'),
    doneDraft(calendar.at(-1, '16:00'), feed(PLINTH, 'S-P2', 'S-P1', amounts), 'Maren'),
    doneDraft(calendar.at(-1, '16:00'), { kind: 'discard', lotId: 'S-P1', massG: 120 }, 'Maren'),
    doneDraft(
      calendar.at(-1, '19:30'),
      { kind: 'move', lotId: 'S-P2', placeId: 'fridge' },
      'Maren',
    ),
  ];
}

/** Leftover dough kept as leaven, a cold biga for Sunday, and spares in the freezer. */
function keeping(calendar: DemoCalendar): EntryDraft[] {
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
  const biga: ActOf<'make'> = {
    ...dough('G-B1', 'Cold biga', [3000, 1380, 0, 20]),
    lotKind: 'biga',
    placeId: 'cellar',
  };
  return [
    doneDraft(calendar.at(-1, '21:10'), dough('C-D7', 'Drift', [370, 245, 10, 2]), 'Maren'),
    doneDraft(
      calendar.at(-6, '21:20'),
      { ...dough('F-S1', 'Spares', [1200, 790, 32, 6]), placeId: 'freezer' },
      'Jo',
    ),
    planned(calendar.at(0, '10:50'), biga),
    planned(calendar.at(0, '14:00'), { kind: 'move', lotId: 'G-B1', placeId: 'fridge' }),
  ];
}

function doneDraft(atMs: number, body: Act, by: string): EntryDraft {
  return { atMs, tense: 'done', body, by };
}

function planned(atMs: number, body: Act): EntryDraft {
  return { atMs: addHours(atMs, 0), tense: 'planned', body };
}

/** Writes the demo's cultures and keeping lots. */
export function keepDemoCultures(context: ShopContext, calendar: DemoCalendar): void {
  const drafts = [...grusa(calendar), ...plinth(calendar), ...keeping(calendar)];
  drafts.sort((a, b) => a.atMs - b.atMs);
  for (const draft of drafts) {
    addEntries(context.db, batchOf(context, context.newId(), [draft]));
  }
  for (const { day, clock, misread } of GRUSA_LOOKS) {
    const look = { lotId: grusaLot(day - 1), atMs: calendar.at(day, clock), misread };
    takeDemoLook(context, { ...look, smell: 'mild' });
  }
}
