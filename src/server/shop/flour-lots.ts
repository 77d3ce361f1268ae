import { tr } from '@/words/tr';
import { z } from '@/core/parse';
import { addFlourLot, dropFlourLot, listFlourLots } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import { loadShop } from './load-shop';

const sackSchema = z.object({
  flourId: z.string().min(1).max(80),
  code: z
    .string()
    .trim()
    .min(1, { error: () => tr`Sack: what stands on it is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Sack: too long. Allowed: 1 to 40 letters.` }),
});

/** Notes that a new sack of a flour is open: what is made from now on comes from it. */
export function openSack(context: ShopContext, form: unknown): Outcome<{ id: string }> {
  const parsed = parseForm(sackSchema, form);
  if (!parsed.ok) return parsed;
  const { flourId, code } = parsed.value;
  if (loadShop(context).pantry.get(flourId)?.kind !== 'flour') {
    return refused('flourId', tr`Flour: “${flourId}” is not a flour of the shop.`);
  }
  const id = context.newId();
  addFlourLot(context.db, { id, flourId, code, fromMs: context.clock().nowMs });
  return done({ id });
}

/** Takes back a sack that was noted by mistake. */
export function takeSackBack(context: ShopContext, id: string): Outcome<{ id: string }> {
  if (!listFlourLots(context.db).some((one) => one.id === id)) {
    return refused(null, tr`This sack is not noted any more.`);
  }
  dropFlourLot(context.db, id);
  return done({ id });
}

/** A flour with the sack that is open. */
export interface FlourSack {
  readonly flourId: string;
  readonly name: string;
  readonly code: string | null;
  readonly sinceMs: number | null;
}

/** The flours of the shop with their open sacks. */
export function openSacks(context: ShopContext): FlourSack[] {
  const state = loadShop(context);
  const sacks = listFlourLots(context.db);
  return [...state.pantry.values()].flatMap((one): FlourSack[] => {
    if (one.kind !== 'flour') return [];
    const sack = sacks.findLast((lot) => lot.flourId === one.id);
    return [
      { flourId: one.id, name: one.name, code: sack?.code ?? null, sinceMs: sack?.fromMs ?? null },
    ];
  });
}
