import { LANGUAGES, type Language } from '@/words/speaker';
import { tr, word } from '@/words/tr';
import type { Shop } from '@/shop/kept/shop';
import { numberField, wholeNumberField, z } from '@/core/parse';
import { isTimeZone, unitsOf, YEAST_TYPES, type ShopUnits, type YeastType } from '@/core/units';
import { maybeOneShop, saveDemoClock, saveShop } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { over } from '@/shop/lots/over';
import { parseForm } from '@/shop/parse-form';
import { forgetAll } from '../remembering';
import { renameFirst } from './new-shop';

export type { Shop } from '@/shop/kept/shop';

const STEP_RULE = { name: word('Scale step'), unit: 'g', min: 0.1, max: 50 } as const;
const FINE_RULE = { name: word('Fine scale step'), unit: 'g', min: 0.001, max: 5 } as const;
const MINUTE_RULE = { name: word('Working hours'), unit: 'min', min: 0, max: 1439 } as const;

const TAP_RULE = { name: word('Tap water'), unit: '°C', min: 0, max: 40 } as const;
const SURE_RULE = { name: word('Covered from'), unit: '%', min: 50, max: 99 } as const;

/** How the shop reads its figures; null in an empty data folder. */
export function shopUnits(context: ShopContext): ShopUnits | null {
  const shop = maybeOneShop(context.db);
  return shop === null ? null : unitsOf(shop);
}

/** Those who work here by name; nobody where there is no shop yet. */
export function crewOf(context: ShopContext): readonly string[] {
  return maybeOneShop(context.db)?.people ?? [];
}

const shopFormSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 60 letters.` })
    .max(60, { error: () => tr`Name: too long. Allowed: 1 to 60 letters.` }),
  timeZone: z.string().refine(isTimeZone, {
    error: (issue) =>
      tr`Time zone: “${String(issue.input)}” is not known. Allowed: a name such as Europe/Oslo.`,
  }),
  language: z.enum(Object.keys(LANGUAGES) as [Language, ...Language[]]).default('en'),
  massUnit: z.enum(['g', 'oz']),
  tempUnit: z.enum(['C', 'F']),
  lengthUnit: z.enum(['cm', 'in']).default('cm'),
  scaleStepG: numberField(STEP_RULE),
  fineStepG: numberField(FINE_RULE),
  workFromMinute: numberField(MINUTE_RULE),
  workUntilMinute: numberField(MINUTE_RULE),
  yeastType: z.enum(YEAST_TYPES as unknown as readonly [YeastType, ...YeastType[]]),
  people: z.array(z.string().trim().min(1).max(60)).max(20),
  tapC: numberField(TAP_RULE).default(12),
  mixedBy: z.enum(['hand', 'mixer']).default('mixer'),
  waste: z.enum(['with discard', 'without discard']).default('with discard'),
  surePct: wholeNumberField(SURE_RULE).default(80),
});

/** Saves the shop's settings that are sent, the others stay; answers what they were, so that the page can offer them back. */
export function changeShop(context: ShopContext, form: unknown): Outcome<{ before: Shop | null }> {
  const before = maybeOneShop(context.db);
  const parsed = parseForm(shopFormSchema, over(before, form));
  if (!parsed.ok) return parsed;
  const wish = before?.wish;
  saveShop(context.db, { ...parsed.value, ...(wish === undefined ? {} : { wish }) });
  if (before !== null && before.language !== parsed.value.language) {
    renameFirst(context.db, before.language, parsed.value.language);
    forgetAll(context);
  }
  return done({ before });
}

/** Speeds the demo shop's clock may run at. */
const DEMO_RATES = [1, 10, 60];

/** Lets the demo shop's clock run at another speed from now on. */
export function setDemoRate(context: ShopContext, rate: number): Outcome<{ rate: number }> {
  const clock = context.clock();
  if (!clock.demo) return refused('rate', tr`Clock: only the demo shop’s clock can be sped up.`);
  if (!DEMO_RATES.includes(rate)) {
    return refused('rate', tr`Clock: ×${rate} is not possible. Allowed: ×1, ×10, ×60.`);
  }
  saveDemoClock(context.db, { realMs: Date.now(), demoMs: clock.nowMs, rate });
  return done({ rate });
}
