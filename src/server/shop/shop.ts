import { LANGUAGES, type Language } from '@/words/speaker';
import { tr, word } from '@/words/tr';
import { type Place, type Shop } from '@/shop/kept/shop';
export type { Shop } from '@/shop/kept/shop';
import type { DailyPoint } from '@/core/forecast';
import { numberField, wholeNumberField, z } from '@/core/parse';
import { isTimeZone, unitsOf, YEAST_TYPES, type ShopUnits, type YeastType } from '@/core/units';
import {
  addPlace,
  addPlaceSetting,
  listPlaces,
  maybeOneShop,
  savePlace,
  saveDemoClock,
  saveShop,
} from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { over } from '@/shop/lots/over';
import { parseForm } from '@/shop/parse-form';
import { forgetAll } from '../remembering';
import { renameFirst } from './new-shop';

/** Temperature a place may be set to, °C. */
const PLACE_TEMP_RULE = { name: word('Temperature'), unit: '°C', min: -30, max: 45 } as const;
const CAPACITY_RULE = { name: word('Room for'), unit: 'l', min: 1, max: 5000 } as const;
const STEP_RULE = { name: word('Scale step'), unit: 'g', min: 0.1, max: 50 } as const;
const FINE_RULE = { name: word('Fine scale step'), unit: 'g', min: 0.001, max: 5 } as const;
const MINUTE_RULE = { name: word('Working hours'), unit: 'min', min: 0, max: 1439 } as const;

const TAP_RULE = { name: word('Tap water'), unit: '°C', min: 0, max: 40 } as const;
const SURE_RULE = { name: word('Covered from'), unit: '%', min: 50, max: 99 } as const;
const INSULATION_RULE = {
  name: word('Holds warmth'),
  unit: word('× air'),
  min: 0.1,
  max: 20,
} as const;
const FOLLOWS_RULE = { name: word('Warms with the weather'), unit: '', min: 0, max: 1 } as const;
const DAILY_RULE = { name: word('Over the day'), unit: '°C', min: -30, max: 45 } as const;

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

const placeFormSchema = z.object({
  id: z.string().max(80).nullish(),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Place: a name is needed. Allowed: 1 to 40 letters.` })
    .max(40, { error: () => tr`Place: too long. Allowed: 1 to 40 letters.` }),
  capacityL: numberField(CAPACITY_RULE),
  tempC: numberField(PLACE_TEMP_RULE),
  insulation: numberField(INSULATION_RULE).default(1),
  follows: numberField(FOLLOWS_RULE).default(0),
  /** A curve over the day, hour by hour as said; empty for the same all day. */
  daily: z
    .array(
      z.object({
        minute: wholeNumberField({ name: word('Over the day'), unit: 'min', min: 0, max: 1439 }),
        tempC: numberField(DAILY_RULE),
      }),
    )
    .max(48)
    .nullish(),
});

/** What a place was before it was changed. */
export interface PlaceBefore {
  readonly id: string;
  readonly name: string;
  readonly capacityL: number;
  readonly tempC: number;
  readonly insulation: number;
  readonly follows: number;
  readonly daily: readonly DailyPoint[] | null;
}

const idOf = (form: unknown): unknown =>
  typeof form === 'object' && form !== null && 'id' in form ? form.id : null;

/** Adds a place, or changes what is sent of one: a new temperature holds from now on, the past keeps its own. */
export function changePlace(
  context: ShopContext,
  form: unknown,
): Outcome<{ before: PlaceBefore | null }> {
  const stored = listPlaces(context.db).find(({ id }) => id === idOf(form));
  const parsed = parseForm(
    placeFormSchema,
    over(stored === undefined ? null : beforeOf(stored), form),
  );
  if (!parsed.ok) return parsed;
  const { id, name, capacityL, insulation, follows } = parsed.value;
  const daily = dailyOf(parsed.value.daily);
  const tempC = daily === null ? parsed.value.tempC : dayMeanC(daily);
  const places = listPlaces(context.db);
  const twin = places.find((place) => place.name === name && place.id !== id);
  if (twin !== undefined)
    return refused('name', tr`Place: there is a “${name}” already. Choose another name.`);
  if (id === null || id === undefined) {
    const added = { id: context.newId(), name, capacityL, insulation, follows };
    addPlace(context.db, added, tempC);
    if (daily !== null) addPlaceSetting(context.db, { placeId: added.id, fromMs: 0, tempC, daily });
    return done({ before: null });
  }
  const old = places.find((place) => place.id === id);
  if (old === undefined) return refused('id', tr`Place: it is not in the shop any more.`);
  const before = beforeOf(old);
  context.db.transaction(() => {
    savePlace(context.db, { id, name, capacityL, insulation, follows });
    if (before.tempC !== tempC || JSON.stringify(before.daily) !== JSON.stringify(daily)) {
      const fromMs = context.clock().nowMs;
      addPlaceSetting(context.db, { placeId: id, fromMs, tempC, daily });
    }
  })();
  return done({ before });
}

/** Points in order of the day, one for each minute; null for none. */
function dailyOf(points: readonly DailyPoint[] | null | undefined): DailyPoint[] | null {
  if (points == null || points.length === 0) return null;
  const byMinute = new Map(points.map((point) => [point.minute, point]));
  return [...byMinute.values()].sort((a, b) => a.minute - b.minute);
}

/** Mean of a day's curve, °C, to a tenth: what the place counts as where one number is wanted. */
function dayMeanC(daily: readonly DailyPoint[]): number {
  let sum = 0;
  daily.forEach((point, index) => {
    const next = daily[index + 1] ?? {
      minute: (daily[0] as DailyPoint).minute + 1440,
      tempC: (daily[0] as DailyPoint).tempC,
    };
    sum += ((point.tempC + next.tempC) / 2) * (next.minute - point.minute);
  });
  return Math.round((sum / 1440) * 10) / 10;
}

/** A place as its form shows it. */
export function beforeOf(place: Place): PlaceBefore {
  const setting = place.settings.at(-1);
  const { id, name, capacityL, insulation } = place;
  const tempC = setting?.tempC ?? 20;
  const follows = place.follows ?? 0;
  return { id, name, capacityL, insulation, follows, tempC, daily: setting?.daily ?? null };
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
