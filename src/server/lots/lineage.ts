import { unitsOf } from '@/core/units';
import { type Lineage, type LineageLot } from '@/shop/lineage';
import {
  foldJournal,
  isAct,
  lotMadeBy,
  lotsTouchedBy,
  NOTHING_WRITTEN,
  type DoneAct,
} from '@/core/journal';
import { listFlourLots, listLineEntries, type FlourLot } from '@/data';

import type { ShopContext } from '../context';
import { struckEntries } from '../journal/journal-memory';
import { loadShop } from '../shop/load-shop';

/** Lots shown each way: a starter of three years has a thousand forebears. */
const MOST_EACH_WAY = 200;

/** The lineage of a lot, as far as the journal goes; null for a lot that was never made. */
export function lineageOf(context: ShopContext, lotId: string): Lineage | null {
  const { db } = context;
  const entries = listLineEntries(db, lotId, MOST_EACH_WAY + 2);
  const start = NOTHING_WRITTEN;
  const { done } = foldJournal(entries, { start, struck: struckEntries(context) });
  const { shop, pantry, nowMs } = loadShop(context);
  const tree = new Tree(done, {
    sacks: listFlourLots(db),
    nameOf: (id) => pantry.get(id)?.name ?? id,
    isFlour: (id) => pantry.get(id)?.kind === 'flour',
  });
  if (!tree.has(lotId)) return null;
  const back = tree.walk(lotId, -1);
  const forward = tree.walk(lotId, 1);
  return {
    units: unitsOf(shop),
    nowMs,
    lot: tree.lot(lotId, 0, null),
    back: back.lots,
    forward: forward.lots,
    cut: back.cut || forward.cut,
  };
}

interface Names {
  readonly sacks: readonly FlourLot[];
  readonly nameOf: (ingredientId: string) => string;
  readonly isFlour: (ingredientId: string) => boolean;
}

/** The acts of a journal as who came from whom. */
class Tree {
  private readonly madeBy = new Map<string, DoneAct>();
  private readonly into = new Map<string, string[]>();

  constructor(
    done: readonly DoneAct[],
    private readonly names: Names,
  ) {
    for (const one of done) {
      const made = lotMadeBy(one.act);
      if (made === null) continue;
      this.madeBy.set(made, one);
      for (const from of lotsTouchedBy(one.act)) {
        this.into.set(from, [...(this.into.get(from) ?? []), made]);
      }
    }
  }

  has(lotId: string): boolean {
    return this.madeBy.has(lotId);
  }

  private madeFrom(lotId: string): readonly string[] {
    const one = this.madeBy.get(lotId);
    return one === undefined ? [] : lotsTouchedBy(one.act).filter((id) => this.has(id));
  }

  /** Every lot one way, nearest first; each once. */
  walk(lotId: string, way: -1 | 1): { lots: LineageLot[]; cut: boolean } {
    const seen = new Set([lotId]);
    const lots: LineageLot[] = [];
    let edge = [lotId];
    for (let step = way; edge.length > 0; step += way) {
      const next: string[] = [];
      for (const from of edge) {
        const steps = way < 0 ? this.madeFrom(from) : (this.into.get(from) ?? []);
        for (const to of steps) {
          if (seen.has(to)) continue;
          if (lots.length >= MOST_EACH_WAY) return { lots, cut: true };
          seen.add(to);
          lots.push(this.lot(to, step, from));
          next.push(to);
        }
      }
      edge = next;
    }
    return { lots, cut: false };
  }

  lot(lotId: string, step: number, nextTo: string | null): LineageLot {
    const act = this.madeBy.get(lotId);
    const body = act?.act;
    return {
      lotId,
      name: body !== undefined && 'name' in body ? body.name : lotId,
      kind: body === undefined ? '' : 'lotKind' in body ? body.lotKind : 'balls',
      madeAtMs: act?.atMs ?? 0,
      step,
      nextTo,
      massG:
        nextTo === null ? null : this.between(step < 0 ? lotId : nextTo, step < 0 ? nextTo : lotId),
      flours: act === undefined ? [] : this.floursOf(act),
    };
  }

  /** Grams that went from one lot into the next. */
  private between(fromId: string, intoId: string): number | null {
    const act = this.madeBy.get(intoId)?.act;
    if (act === undefined) return null;
    if (isAct(act, 'make')) {
      return act.portions.find((line) => line.lotId === fromId)?.massG ?? null;
    }
    if (isAct(act, 'split')) return act.massG;
    return isAct(act, 'divide') ? act.count * act.ballG : null;
  }

  private floursOf({ act, atMs }: DoneAct): LineageLot['flours'] {
    if (!isAct(act, 'make')) return [];
    return act.ingredients
      .filter((line) => this.names.isFlour(line.ingredientId) && line.massG > 0)
      .map((line) => ({
        name: this.names.nameOf(line.ingredientId),
        massG: line.massG,
        sack:
          this.names.sacks.findLast(
            (sack) => sack.flourId === line.ingredientId && sack.fromMs <= atMs,
          )?.code ?? null,
      }));
  }
}
