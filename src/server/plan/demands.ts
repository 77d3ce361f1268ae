import { tr, word } from '@/words/tr';
import { type DemandRow } from '@/shop/kept/demand';
import { localTimeField, numberField, wholeNumberField, z } from '@/core/parse';
import { canBeSplit, MOST_DOUGHS } from '@/core/planner/week';
import { fromLocalText, MS_PER_HOUR } from '@/core/units';
import { oneDemand, saveDemand, saveDemandSkip } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm, refusing } from '@/shop/parse-form';
import { loadShop } from '../shop/load-shop';

const BALLS_RULE = { name: word('Pizzas'), unit: '', min: 1, max: 2000 } as const;
const HOURLY_RULE = { name: word('Pizzas in an hour'), unit: '', min: 0, max: 2000 } as const;
const DOUGHS_RULE = { name: word('Doughs'), unit: '', min: 1, max: MOST_DOUGHS } as const;
const LONGEST_SERVICE_MS = 12 * MS_PER_HOUR;

const demandSchema = z.object({
  /** Null for a new one. */
  id: z.string().max(80).nullable(),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 30 letters.` })
    .max(30, { error: () => tr`Name: too long. Allowed: 1 to 30 letters.` }),
  readyFrom: localTimeField(word('From')),
  readyTo: localTimeField(word('To')),
  balls: wholeNumberField(BALLS_RULE),
  /** Pizzas in each hour; empty: as many in every hour. */
  perHour: z.array(numberField(HOURLY_RULE)).max(24).default([]),
  methods: z.array(z.string().min(1).max(80)).max(40).default([]),
  weekly: z.boolean().default(false),
  doughs: wholeNumberField(DOUGHS_RULE).default(1),
});
type DemandForm = z.output<typeof demandSchema>;

/** States a service, or changes one; answers what it was, so that it can be put back. */
export function stateDemand(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; before: DemandRow | null }> {
  const parsed = parseForm(demandSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { shop, nowMs } = loadShop(context);
    const wish = parsed.value;
    const readyFromMs = fromLocalText(wish.readyFrom, shop.timeZone);
    const readyToMs = fromLocalText(wish.readyTo, shop.timeZone);
    const wrong = wrongSpan(wish, { readyFromMs, readyToMs, nowMs });
    if (wrong !== null) return refused(wrong.field, wrong.sentence);
    const before = wish.id === null ? null : oneDemand(context.db, wish.id);
    const id = wish.id ?? context.newId();
    saveDemand(context.db, {
      id,
      name: wish.name,
      createdMs: before?.createdMs ?? nowMs,
      readyFromMs,
      readyToMs,
      balls: wish.balls,
      perHour: wish.perHour.length === 0 ? null : wish.perHour,
      methods: wish.methods,
      weekly: wish.weekly,
      doughs: wish.doughs,
      withdrawnMs: null,
    });
    return done({ id, before });
  });
}

function wrongSpan(
  wish: DemandForm,
  at: { readonly readyFromMs: number; readonly readyToMs: number; readonly nowMs: number },
): { field: string; sentence: string } | null {
  const { readyFromMs, readyToMs, nowMs } = at;
  if (readyToMs <= readyFromMs) {
    return { field: 'readyTo', sentence: tr`To: it lies before From. Allowed: after it.` };
  }
  if (readyToMs - readyFromMs > LONGEST_SERVICE_MS) {
    return { field: 'readyTo', sentence: tr`To: a service of more than 12 h is not possible.` };
  }
  if (readyFromMs <= nowMs && !wish.weekly) {
    return { field: 'readyFrom', sentence: tr`From: that hour has passed. Allowed: from now on.` };
  }
  const service = { readyFromMs, readyToMs, balls: wish.balls, perHour: null };
  if (wish.doughs > 1 && !canBeSplit(service, wish.doughs)) {
    return {
      field: 'doughs',
      sentence: tr`Doughs: ${wish.doughs} are too many for so short a service. Allowed: one in each half hour.`,
    };
  }
  const hourly = wish.perHour.reduce((sum, one) => sum + one, 0);
  if (wish.perHour.length > 0 && Math.abs(hourly - wish.balls) > 0.5) {
    return {
      field: 'perHour',
      sentence: tr`Pizzas in each hour: they come to ${hourly}, not ${wish.balls}. Allowed: together as many as the service has.`,
    };
  }
  return null;
}

/** Takes a service back, or puts it in again. Bakes that meet it already stay. */
export function withdrawDemand(
  context: ShopContext,
  id: string,
  withdrawn: boolean,
): Outcome<{ id: string }> {
  return refusing(() => {
    const demand = oneDemand(context.db, id);
    saveDemand(context.db, { ...demand, withdrawnMs: withdrawn ? context.clock().nowMs : null });
    return done({ id });
  });
}

const skipSchema = z.object({
  demandId: z.string().min(1).max(80),
  date: z.iso.date({ error: () => tr`Day: no day. Allowed: a day such as 2026-12-04.` }),
  skipped: z.boolean(),
});

/** Says that a weekly service is not held on one of its days, or that it is after all. */
export function skipDemandDay(context: ShopContext, form: unknown): Outcome<{ id: string }> {
  const parsed = parseForm(skipSchema, form);
  if (!parsed.ok) return parsed;
  return refusing(() => {
    const { demandId, date, skipped } = parsed.value;
    const demand = oneDemand(context.db, demandId);
    if (!demand.weekly) {
      return refused('demandId', tr`${demand.name}: it is held once. Remove it instead.`);
    }
    saveDemandSkip(context.db, demandId, date, skipped);
    return done({ id: demandId });
  });
}
