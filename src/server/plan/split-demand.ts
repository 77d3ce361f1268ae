import { tr, word } from '@/words/tr';
import { wholeNumberField, z } from '@/core/parse';
import { roundKeepingSum } from '@/core/units';
import { oneDemand, saveDemand } from '@/data';
import { done, refused, type Outcome } from '@/shop/outcome';
import type { DemandRow } from '@/shop/kept/demand';
import { parseForm, refusing } from '@/shop/parse-form';
import type { ShopContext } from '../context';

const MOST_LETTERS = 30;

const splitSchema = z.object({
  demandId: z.string().min(1).max(80),
  balls: wholeNumberField({ name: word('Split off'), unit: word('pizzas'), min: 1, max: 2000 }),
});

/**
 * Splits a service: so many of its pizzas become a service of their own, at the same hours and by the same methods until it is
 * changed; both can then be planned apart. Bakes that are planned for it already stay as they are.
 */
export function splitDemand(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; before: DemandRow }> {
  const parsed = parseForm(splitSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { demandId, balls } = parsed.value;
    const before = oneDemand(context.db, demandId);
    if (balls >= before.balls) {
      return refused(
        'balls',
        tr`Split off: ${balls} of ${before.balls} leaves nothing. Allowed: 1 to ${before.balls - 1}.`,
      );
    }
    const id = context.newId();
    const part = { ...before, ...shareOf(before, balls), id, name: nextName(before.name) };
    context.db.transaction(() => {
      saveDemand(context.db, { ...before, ...shareOf(before, before.balls - balls) });
      saveDemand(context.db, { ...part, createdMs: context.clock().nowMs });
    })();
    return done({ id, before });
  });
}

/** So many pizzas, spread over the hours as all of them are. */
function shareOf(
  { perHour, balls }: DemandRow,
  some: number,
): Pick<DemandRow, 'balls' | 'perHour'> {
  const spread = perHour === null ? null : perHour.map((one) => (one * some) / balls);
  return { balls: some, perHour: spread === null ? null : roundKeepingSum(spread, 1) };
}

/** "Friday" → "Friday 2", "Friday 2" → "Friday 3". */
function nextName(name: string): string {
  const [, plain = name, number] = /^(.*?)(?: (\d{1,2}))?$/s.exec(name) ?? [];
  const suffix = ` ${Number(number ?? 1) + 1}`;
  return `${plain.slice(0, MOST_LETTERS - suffix.length)}${suffix}`;
}
