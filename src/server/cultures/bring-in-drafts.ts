import { placeTempC } from '@/core/forecast';
import type { Act } from '@/core/journal';
import { type z } from '@/core/parse';
import { GAS_KEPT_BALLING } from '@/core/planner';
import { MS_PER_MINUTE } from '@/core/units';
import type { ShopState } from '@/shop/state';
import type { ShopContext } from '../context';
import type { EntryDraft } from '../journal/entries';
import { nextCodes } from '../journal/lot-codes';
import { type bringSchema } from './bring-in-form';

/** What is brought in, checked. */
export type Brought = z.output<typeof bringSchema>;

/** A dough comes out of the bowl so warm, °C. Set: the trade’s usual aim. */
const OUT_OF_BOWL_C = 24;

/** What is told of something brought in. */
interface Told {
  readonly drafts: EntryDraft[];
  readonly lotId: string;
  /** Where it is looked at. */
  readonly path: string;
}
interface At {
  readonly context: ShopContext;
  readonly state: ShopState;
  readonly mixedMs: number;
  readonly awayMs: number;
  readonly cultureId: string | undefined;
}

/** What is written for each kind of thing that is brought in. */
export const DRAFTS: {
  readonly [K in Brought['what']]: (at: At, brought: Extract<Brought, { what: K }>) => Told;
} = {
  dough: (at, brought) => {
    const { context, state, mixedMs, awayMs, cultureId = '' } = at;
    const [lotId = ''] = nextCodes(context, state, 'carry-over', [mixedMs]);
    const make = { ...madeOf(at, brought, lotId, brought.massG), cultureId };
    return {
      drafts: [
        entry(mixedMs, { ...make, lotKind: 'carry-over' }),
        ...(brought.placeId === brought.roomId
          ? []
          : [entry(awayMs, { kind: 'move', lotId, placeId: brought.placeId })]),
      ],
      lotId,
      path: `/cultures/${encodeURIComponent(cultureId)}`,
    };
  },
  balls: (at, brought) => {
    const { context, state, mixedMs, awayMs } = at;
    const { count, ballG } = brought;
    const [doughId = ''] = nextCodes(context, state, 'dough', [mixedMs]);
    const [ballsLotId = ''] = nextCodes(context, state, 'balls', [awayMs]);
    const divide: Act = {
      kind: 'divide',
      lotId: doughId,
      ballsLotId,
      name: brought.name,
      count,
      ballG,
      placeId: brought.placeId,
      gasKept: GAS_KEPT_BALLING,
    };
    return {
      drafts: [
        entry(mixedMs, madeOf(at, brought, doughId, count * ballG)),
        entry(Math.max(awayMs, mixedMs + MS_PER_MINUTE), divide),
      ],
      lotId: ballsLotId,
      path: `/lots/${encodeURIComponent(ballsLotId)}`,
    };
  },
  frozen: (at, brought) => {
    const { context, state, mixedMs, awayMs } = at;
    const [doughId = ''] = nextCodes(context, state, 'dough', [mixedMs]);
    const [partLotId = ''] = nextCodes(context, state, 'frozen', [awayMs]);
    const bag: Act = {
      kind: 'split',
      lotId: doughId,
      partLotId,
      name: brought.name,
      lotKind: 'dough',
      massG: brought.massG,
      placeId: brought.placeId,
      ...(brought.flatMm === null ? {} : { flatMm: brought.flatMm as number }),
    };
    return {
      drafts: [
        entry(mixedMs, madeOf(at, brought, doughId, brought.massG)),
        entry(Math.max(awayMs, mixedMs + MS_PER_MINUTE), bag),
      ],
      lotId: partLotId,
      path: `/cultures/frozen/${encodeURIComponent(partLotId)}`,
    };
  },
};

const entry = (atMs: number, body: Act): EntryDraft => ({ atMs, tense: 'done', body });

/** The dough as it was mixed, so many grams of it. */
function madeOf(
  { state }: At,
  brought: Brought,
  lotId: string,
  massG: number,
): Extract<Act, { kind: 'make' }> {
  const { flourId, waterPct, saltPct, freshPct, roomId } = brought;
  const flourG = massG / (1 + (waterPct + saltPct + freshPct) / 100);
  const of = (ingredientId: string, pct: number) => ({ ingredientId, massG: (flourG * pct) / 100 });
  return {
    kind: 'make',
    lotId,
    lotKind: 'dough',
    name: brought.name,
    ingredients: [
      of(flourId, 100),
      of('water', waterPct),
      of('salt', saltPct),
      of('yeast-fresh', freshPct),
    ].filter((line) => line.massG > 0),
    portions: [],
    placeId: roomId,
    startC: Math.max(OUT_OF_BOWL_C, Math.min(28, placeTempC(state.placeMap, roomId, state.nowMs))),
    gasKept: 0,
  };
}
