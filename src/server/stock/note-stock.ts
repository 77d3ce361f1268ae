import { tr, word } from '@/words/tr';
import { numberField, z } from '@/core/parse';
import { listStock, saveStock, type StockNote } from '@/data';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';
import type { ShopContext } from '../context';
import { loadShop } from '../shop/load-shop';

const nothing = (field: z.ZodType<number>) =>
  z.preprocess((value) => (value === '' ? null : value), field.nullable());

const stockSchema = z.object({
  ingredientId: z.string().min(1).max(80),
  /** Counted now; left out: as it was, empty: not counted any more. */
  thereG: nothing(
    numberField({ name: word('There'), unit: 'g', min: 0, max: 10_000_000 }),
  ).optional(),
  /** Left out: as it was, empty: none. */
  pricePerKg: nothing(
    numberField({ name: word('Price'), unit: word('per kg'), min: 0, max: 100_000 }),
  ).optional(),
});

/** Notes what is there of an ingredient, or what a kilo costs; answers what was noted, so that it can be put back. */
export function noteStock(
  context: ShopContext,
  form: unknown,
): Outcome<{ before: StockNote | null }> {
  const parsed = parseForm(stockSchema, form);
  if (!parsed.ok) return parsed;
  const { ingredientId, thereG, pricePerKg } = parsed.value;
  if (!loadShop(context).pantry.has(ingredientId)) {
    return refused('ingredientId', tr`“${ingredientId}” is nothing that the shop weighs.`);
  }
  const before = listStock(context.db).find((one) => one.ingredientId === ingredientId) ?? null;
  const stands = before ?? { ingredientId, thereG: null, countedMs: null, pricePerKg: null };
  const countedMs = thereG === null ? null : context.clock().nowMs;
  saveStock(context.db, {
    ...stands,
    ...(thereG === undefined ? {} : { thereG, countedMs }),
    ...(pricePerKg === undefined ? {} : { pricePerKg }),
  });
  return done({ before });
}
