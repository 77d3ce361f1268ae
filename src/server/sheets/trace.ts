import type { ShopState } from '@/shop/state';
import { isAct, lotMadeBy, lotsTouchedBy, type DoneAct } from '@/core/journal';
import { listBakeNames, listFlourLots, type FlourLot } from '@/data';
import type { ShopContext } from '../context';

/** A lot in a trace. */
export interface TracedLot {
  readonly lotId: string;
  readonly name: string;
  readonly kind: string;
  readonly madeMs: number;
  /** What of the flour asked for was weighed into it, g; 0 for one that only descends from such a lot. */
  readonly flourG: number;
  readonly from: readonly string[];
}

/** Where a sack of flour went: every lot it was weighed into, all that came of them, and where it was sold. */
export interface Trace {
  readonly sack: FlourLot;
  readonly flourName: string;
  readonly untilMs: number | null;
  readonly lots: readonly TracedLot[];
  readonly bakes: readonly {
    readonly bakeId: string;
    readonly name: string;
    readonly atMs: number;
    readonly balls: number;
  }[];
}

/** The trace of each sack of flour that was opened, the newest first. */
export function tracesOf(context: ShopContext, state: ShopState): Trace[] {
  const sacks = listFlourLots(context.db);
  return [...sacks]
    .sort((a, b) => b.fromMs - a.fromMs)
    .map((sack) => {
      const next = sacks
        .filter((one) => one.flourId === sack.flourId && one.fromMs > sack.fromMs)
        .sort((a, b) => a.fromMs - b.fromMs)[0];
      return traceOf(context, state, sack, next?.fromMs ?? null);
    });
}

function traceOf(
  context: ShopContext,
  state: ShopState,
  sack: FlourLot,
  untilMs: number | null,
): Trace {
  const lots = new Map<string, TracedLot>();
  const uses: { readonly bakeId: string; readonly atMs: number; readonly count: number }[] = [];
  for (const one of state.folded.done) {
    const { act, atMs, bakeId } = one;
    if (isAct(act, 'use')) {
      if (lots.has(act.lotId) && bakeId !== null) uses.push({ bakeId, atMs, count: act.count });
      continue;
    }
    const inUse = atMs >= sack.fromMs && (untilMs === null || atMs < untilMs);
    follow(lots, one, inUse ? flourIn(one, sack.flourId) : 0);
  }
  return {
    sack,
    flourName: state.pantry.get(sack.flourId)?.name ?? sack.flourId,
    untilMs,
    lots: [...lots.values()],
    bakes: bakesOf(context, uses),
  };
}

function bakesOf(
  context: ShopContext,
  uses: readonly { readonly bakeId: string; readonly atMs: number; readonly count: number }[],
): Trace['bakes'] {
  const names = listBakeNames(
    context.db,
    uses.map((one) => one.bakeId),
  );
  return [...new Set(uses.map((one) => one.bakeId))].map((bakeId) => {
    const own = uses.filter((one) => one.bakeId === bakeId);
    return {
      bakeId,
      name: names.get(bakeId) ?? bakeId,
      atMs: own[0]?.atMs ?? 0,
      balls: own.reduce((sum, one) => sum + one.count, 0),
    };
  });
}

function follow(lots: Map<string, TracedLot>, { act, atMs }: DoneAct, flourG: number): void {
  const made = lotMadeBy(act);
  const from = lotsTouchedBy(act).filter((lotId) => lots.has(lotId));
  if (made === null) {
    const known = isAct(act, 'add') ? lots.get(act.lotId) : undefined;
    if (known !== undefined) lots.set(known.lotId, { ...known, flourG: known.flourG + flourG });
    return;
  }
  if (flourG <= 0 && from.length === 0) return;
  const kind = isAct(act, 'make') || isAct(act, 'split') ? act.lotKind : 'balls';
  const name = 'name' in act ? act.name : made;
  lots.set(made, { lotId: made, name, kind, madeMs: atMs, flourG, from });
}

function flourIn({ act }: DoneAct, flourId: string): number {
  if (!isAct(act, 'make') && !isAct(act, 'add')) return 0;
  return act.ingredients
    .filter((line) => line.ingredientId === flourId)
    .reduce((sum, line) => sum + line.massG, 0);
}
