import type { Act, ActOf } from '@/core/journal';
import { addHours } from '@/core/units';
import type { Culture } from '@/core/cultures';
import { saveCulture } from '@/data';
import { batchOf, type EntryDraft, writeEntries } from '../journal/entries';
import type { ShopContext } from '../context';
import { takeDemoLook } from './demo-looks';
import { burrOf, burrDays } from './demo-young';
import type { DemoCalendar } from './demo-time';
import { flourAndWater, keeping, doneDraft, planned } from './demo-keeping';

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

const STARTER = {
  saltShare: 0,
  flours: [{ flourId: 'flour-strong', share: 1 }],
  placeId: 'bench',
  keepsDays: null,
  limitG: null,
  begunMs: null,
  retiredMs: null,
} as const;

/** The demo’s cultures as they were described. */
const CULTURES: readonly Culture[] = [
  {
    ...STARTER,
    id: 'lees',
    name: 'Lees',
    kind: 'discard',
    hydration: 1,
    keepG: 0,
    placeId: 'fridge',
    vesselTareG: 480,
    vesselMl: 1500,
    everyH: 24,
    usualRatio: 1,
    thinnestRatio: 10,
    discardTo: null,
    keepsDays: 14,
    limitG: 800,
  },
  {
    ...STARTER,
    id: GRUSA.id,
    name: GRUSA.name,
    kind: 'liquid starter',
    hydration: 1,
    keepG: 20,
    vesselTareG: 410,
    vesselMl: 1000,
    everyH: 24,
    usualRatio: 4,
    thinnestRatio: 10,
    discardTo: 'lees',
  },
  {
    ...STARTER,
    id: PLINTH.id,
    name: PLINTH.name,
    kind: 'stiff starter',
    hydration: 0.5,
    keepG: 60,
    vesselTareG: 350,
    vesselMl: 800,
    everyH: 96,
    usualRatio: 2,
    thinnestRatio: 6,
    discardTo: 'lees',
  },
  {
    ...STARTER,
    id: 'drift',
    name: 'Drift',
    kind: 'carry-over',
    hydration: 0.65,
    saltShare: 0.027,
    keepG: 0,
    placeId: 'fridge',
    vesselTareG: 600,
    vesselMl: 4000,
    everyH: 48,
    usualRatio: 1,
    thinnestRatio: 10,
    discardTo: null,
    keepsDays: 5,
    limitG: 3000,
  },
];

/** Looks at Grusa on the last mornings, each misread a little. */
const GRUSA_LOOKS = [
  { day: -3, clock: '02:10', misread: 0.05 },
  { day: -2, clock: '01:40', misread: -0.06 },
  { day: -1, clock: '02:20', misread: 0.03 },
  { day: 0, clock: '05:55', misread: 0.01 },
];

const grusaLot = (day: number) => `S-G${day + 22}`;

/** What is left of the old jar: thrown away at first, collected for flatbread on the last days. */
function restOf(day: number, mother: string): Act {
  const massG = { [-20]: 140, [BACKUP_DAY + 1]: 120 }[day] ?? 160;
  if (day < COLLECTED_FROM) return { kind: 'discard', lotId: mother, massG };
  return {
    kind: 'split',
    lotId: mother,
    partLotId: `W-L${day + 22}`,
    name: 'Lees',
    lotKind: 'discard',
    cultureId: 'lees',
    massG,
    placeId: 'fridge',
  };
}

const COLLECTED_FROM = -3;
const BACKUP_DAY = -12;

/** A spoonful put by in the freezer. */
function backUp(calendar: DemoCalendar): EntryDraft {
  const body: Act = {
    kind: 'split',
    lotId: grusaLot(BACKUP_DAY),
    partLotId: 'F-G1',
    name: 'Grusa, back-up',
    lotKind: 'starter',
    cultureId: GRUSA.id,
    massG: 40,
    placeId: 'freezer',
    flatMm: 8,
  };
  return doneDraft(addHours(calendar.at(BACKUP_DAY, '18:30'), 7.5), body, 'Maren');
}

/** Three weeks of a liquid starter fed every evening, and the feeds to come. */
function grusa(calendar: DemoCalendar): EntryDraft[] {
  const drafts: EntryDraft[] = [];
  for (let day = -21; day <= -1; day += 1) {
    const atMs = calendar.at(day, '18:30');
    const mother = day === -21 ? null : grusaLot(day - 1);
    drafts.push(doneDraft(atMs, feed(GRUSA, grusaLot(day), mother, FED), 'Jo'));
    if (mother !== null) drafts.push(doneDraft(atMs, restOf(day, mother), 'Jo'));
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

/** Writes the demo's cultures and keeping lots. */
export function keepDemoCultures(context: ShopContext, calendar: DemoCalendar): void {
  for (const culture of CULTURES) saveCulture(context.db, culture);
  saveCulture(context.db, burrOf(calendar));
  const drafts = [
    backUp(calendar),
    ...grusa(calendar),
    ...plinth(calendar),
    ...keeping(calendar),
    ...burrDays(calendar),
  ];
  drafts.sort((a, b) => a.atMs - b.atMs);
  for (const draft of drafts) {
    writeEntries(context, batchOf(context, context.newId(), [draft]));
  }
  for (const { day, clock, misread } of GRUSA_LOOKS) {
    const look = { lotId: grusaLot(day - 1), atMs: calendar.at(day, clock), misread };
    takeDemoLook(context, { ...look, smell: 'mild' });
  }
}
