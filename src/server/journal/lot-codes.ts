import type { ShopState } from '@/shop/state';
import type { LotKind } from '@/core/ripeness';
import type { MethodLots, MethodPlan } from '@/core/planner';
import { USUAL_LEAVENS } from '@/core/formula';
import { wallTime } from '@/core/units';
import { isLotNamed } from '@/data';
import type { ShopContext } from '../context';

/** The letter of a lot's code. */
const LETTER = {
  poolish: 'P',
  dough: 'D',
  balls: 'B',
  starter: 'S',
  levain: 'L',
  discard: 'W',
  'carry-over': 'C',
  frozen: 'F',
  trial: 'T',
} as const;

/** What a code can be for. */
export type CodeFor = keyof typeof LETTER;

/** Codes already on some label, and those given out meanwhile. */
interface UsedCodes {
  readonly has: (code: string) => boolean;
  readonly add: (code: string) => void;
}

function usedCodes({ db }: ShopContext): UsedCodes {
  const given = new Set<string>();
  return {
    has: (code) => given.has(code) || isLotNamed(db, code),
    add: (code) => void given.add(code),
  };
}

/** A code no other lot has: letter, month and day it is made, a number: P1127-1. */
function freshCode(letter: string, atMs: number, timeZone: string, used: UsedCodes): string {
  const { month, day } = wallTime(atMs, timeZone);
  const date = `${String(month).padStart(2, '0')}${String(day).padStart(2, '0')}`;
  for (let n = 1; ; n += 1) {
    const code = `${letter}${date}-${n}`;
    if (!used.has(code)) {
      used.add(code);
      return code;
    }
  }
}

const LETTER_OF: Readonly<Partial<Record<LotKind, string>>> = {
  sponge: 'G',
  biga: 'I',
  levain: LETTER.levain,
  'stiff starter': LETTER.levain,
};

/** Codes for the lots of a bake of a method: its built leavens, its dough, its pieces. */
export function methodCodes(
  context: ShopContext,
  state: ShopState,
  { plan, pieces }: { readonly plan: MethodPlan; readonly pieces: number },
): Omit<MethodLots, 'sourceIds'> {
  const used = usedCodes(context);
  const { timeZone } = state.shop;
  const refreshIds: Record<string, string[]> = {};
  for (const { leavenId, atMs } of plan.refreshments) {
    const code = freshCode(LETTER.levain, atMs, timeZone, used);
    refreshIds[leavenId] = [...(refreshIds[leavenId] ?? []), code];
  }
  const leavenIds: Record<string, string> = {};
  for (const { leaven } of plan.columns.leavens) {
    const atMs = plan.leavens.find((one) => one.leavenId === leaven.id)?.atMs;
    if (atMs == null) continue;
    const letter = LETTER_OF[USUAL_LEAVENS[leaven.kind].lotKind] ?? LETTER.poolish;
    leavenIds[leaven.id] = freshCode(letter, atMs, timeZone, used);
  }
  return {
    leavenIds,
    refreshIds,
    doughId: freshCode(LETTER.dough, plan.mixAtMs, timeZone, used),
    pieceIds: Array.from({ length: pieces }, () =>
      freshCode(LETTER.balls, plan.ballAtMs, timeZone, used),
    ),
  };
}

/** Codes for lots to come, none of them used. */
export function newCodes(
  context: ShopContext,
  state: ShopState,
  lots: readonly { readonly what: CodeFor; readonly atMs: number }[],
): string[] {
  const used = usedCodes(context);
  return lots.map(({ what, atMs }) => freshCode(LETTER[what], atMs, state.shop.timeZone, used));
}

/** A code for a lot made at an instant. */
export const nextCode = (
  context: ShopContext,
  state: ShopState,
  what: CodeFor,
  atMs: number,
): string => newCodes(context, state, [{ what, atMs }])[0]!;

/** So many codes for lots of one kind to come, none of them used. */
export const nextCodes = (
  context: ShopContext,
  state: ShopState,
  what: CodeFor,
  instants: readonly number[],
): string[] =>
  newCodes(
    context,
    state,
    instants.map((atMs) => ({ what, atMs })),
  );
