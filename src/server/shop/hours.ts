import { tr, word } from '@/words/tr';
import { wishSchema, type ShopWish } from '@/shop/kept/shop';
import { wholeNumberField, z } from '@/core/parse';
import type { ClosingDays, Presence } from '@/core/planner';
import {
  listClosingDays,
  listPinned,
  listPresences,
  oneShop,
  saveClosingDays,
  savePin,
  savePresences,
  saveShop,
} from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { seenOf } from '@/shop/lots/over';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from './load-shop';

const minute = wholeNumberField({ name: word('Hours'), unit: 'min', min: 0, max: 1439 });

const hoursSchema = z.object({
  presences: z
    .array(
      z.object({
        who: z.string().trim().min(1).max(60),
        weekday: wholeNumberField({ name: word('Weekday'), unit: '', min: 1, max: 7 }),
        fromMinute: minute,
        untilMinute: minute,
      }),
    )
    .max(140),
  closed: z.object({
    weekdays: z
      .array(wholeNumberField({ name: word('Closed on'), unit: '', min: 1, max: 7 }))
      .max(6, { error: () => tr`Closed on: all days of the week. Allowed: up to six.` }),
    dates: z
      .array(
        z.iso.date({
          error: (issue) =>
            tr`Closed on: “${String(issue.input)}” is not a date. Allowed: for example 2026-12-24.`,
        }),
      )
      .max(200),
  }),
});

/** Who is there when, and when nobody is. */
export interface ShopHours {
  readonly presences: readonly Presence[];
  readonly closed: ClosingDays;
}

/** Saves who is there when and the closing days; answers what they were. */
export function changeHours(context: ShopContext, form: unknown): Outcome<{ before: ShopHours }> {
  const parsed = parseForm(hoursSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { people } = oneShop(context.db);
    const { presences, closed } = parsed.value;
    const stranger = presences.find((one) => !people.includes(one.who));
    if (stranger !== undefined) {
      return refused(
        'presences',
        tr`Hours: “${stranger.who}” does not work here. Allowed: ${people.join(', ') || tr`nobody yet`}.`,
      );
    }
    const before = {
      presences: listPresences(context.db),
      closed: listClosingDays(context.db),
    };
    const seen = seenOf(form);
    if (seen !== undefined && JSON.stringify(seen) !== JSON.stringify(before)) {
      return refused(
        null,
        tr`Hours: they were changed on another device meanwhile. Nothing was stored; open this view anew to see them.`,
      );
    }
    context.db.transaction(() => {
      savePresences(context.db, presences);
      saveClosingDays(context.db, closed);
    })();
    return done({ before });
  });
}

/** Sets what plans are weighed by; answers what it was. */
export function setWish(context: ShopContext, form: unknown): Outcome<{ before: ShopWish }> {
  const parsed = parseForm(wishSchema, form);
  if (!parsed.ok) return parsed;
  const shop = oneShop(context.db);
  saveShop(context.db, { ...shop, wish: parsed.value });
  return done({ before: shop.wish ?? 'sure dough' });
}

/** Pins a planned step so that replanning leaves it, or takes the pin out. */
export function pinStep(
  context: ShopContext,
  stepId: string,
  pinned: boolean,
): Outcome<{ pinned: boolean }> {
  const { folded } = loadShop(context);
  if (!folded.plan.some((step) => step.stepId === stepId)) {
    return refused(null, tr`Pin: this step was done or withdrawn already.`);
  }
  savePin(context.db, stepId, pinned);
  return done({ pinned: listPinned(context.db).has(stepId) });
}
