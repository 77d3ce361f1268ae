import { numberField, z } from '@/core/parse';
import { isTimeZone, YEAST_TYPES, type YeastType } from '@/core/units';
import {
  addPlace,
  addPlaceSetting,
  listPlaces,
  maybeOneShop,
  savePlace,
  saveDemoClock,
  saveShop,
  type Place,
  type Shop,
} from '@/data';
import type { ShopContext } from './context';
import { done, refused, type Outcome } from './outcome';
import { parseForm } from './parse-form';

export type { Shop } from '@/data';

/** Temperature a place may be set to, °C. */
const PLACE_TEMP_RULE = { name: 'Temperature', unit: '°C', min: -30, max: 45 } as const;
const CAPACITY_RULE = { name: 'Room for', unit: 'l', min: 1, max: 5000 } as const;
const STEP_RULE = { name: 'Scale step', unit: 'g', min: 0.1, max: 50 } as const;
const FINE_RULE = { name: 'Fine scale step', unit: 'g', min: 0.001, max: 5 } as const;
const MINUTE_RULE = { name: 'Working hours', unit: 'min', min: 0, max: 1439 } as const;

const shopFormSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: 'Name: a name is needed. Allowed: 1 to 60 letters.' })
    .max(60, { error: 'Name: too long. Allowed: 1 to 60 letters.' }),
  timeZone: z.string().refine(isTimeZone, {
    error: (issue) =>
      `Time zone: “${String(issue.input)}” is not known. Allowed: a name such as Europe/Oslo.`,
  }),
  massUnit: z.enum(['g', 'oz']),
  tempUnit: z.enum(['C', 'F']),
  scaleStepG: numberField(STEP_RULE),
  fineStepG: numberField(FINE_RULE),
  workFromMinute: numberField(MINUTE_RULE),
  workUntilMinute: numberField(MINUTE_RULE),
  yeastType: z.enum(YEAST_TYPES as unknown as readonly [YeastType, ...YeastType[]]),
  people: z.array(z.string().trim().min(1).max(60)).max(20),
});

/** Saves the shop's settings; answers what they were, so that the page can offer them back. */
export function changeShop(context: ShopContext, form: unknown): Outcome<{ before: Shop | null }> {
  const parsed = parseForm(shopFormSchema, form);
  if (!parsed.ok) return parsed;
  const before = maybeOneShop(context.db);
  saveShop(context.db, parsed.value);
  return done({ before });
}

const placeFormSchema = z.object({
  id: z.string().max(80).nullish(),
  name: z
    .string()
    .trim()
    .min(1, { error: 'Place: a name is needed. Allowed: 1 to 40 letters.' })
    .max(40, { error: 'Place: too long. Allowed: 1 to 40 letters.' }),
  capacityL: numberField(CAPACITY_RULE),
  tempC: numberField(PLACE_TEMP_RULE),
});

/** What a place was before it was changed. */
export interface PlaceBefore {
  readonly id: string;
  readonly name: string;
  readonly capacityL: number;
  readonly tempC: number;
}

/** Adds a place, or changes one: a new temperature holds from now on, the past keeps its own. */
export function changePlace(
  context: ShopContext,
  form: unknown,
): Outcome<{ before: PlaceBefore | null }> {
  const parsed = parseForm(placeFormSchema, form);
  if (!parsed.ok) return parsed;
  const { id, name, capacityL, tempC } = parsed.value;
  const places = listPlaces(context.db);
  const twin = places.find((place) => place.name === name && place.id !== id);
  if (twin !== undefined)
    return refused('name', `Place: there is a “${name}” already. Choose another name.`);
  if (id === null || id === undefined) {
    addPlace(context.db, { id: context.newId(), name, capacityL }, tempC);
    return done({ before: null });
  }
  const old = places.find((place) => place.id === id);
  if (old === undefined) return refused('id', 'Place: it is not in the shop any more.');
  const before = beforeOf(old);
  context.db.transaction(() => {
    savePlace(context.db, { id, name, capacityL });
    if (before.tempC !== tempC) {
      addPlaceSetting(context.db, { placeId: id, fromMs: context.clock().nowMs, tempC });
    }
  })();
  return done({ before });
}

function beforeOf(place: Place): PlaceBefore {
  const tempC = place.settings.at(-1)?.tempC ?? 20;
  return { id: place.id, name: place.name, capacityL: place.capacityL, tempC };
}

/** Speeds the demo shop's clock may run at. */
const DEMO_RATES = [1, 10, 60];

/** Lets the demo shop's clock run at another speed from now on. */
export function setDemoRate(context: ShopContext, rate: number): Outcome<{ rate: number }> {
  const clock = context.clock();
  if (!clock.demo) return refused('rate', 'Clock: only the demo shop’s clock can be sped up.');
  if (!DEMO_RATES.includes(rate)) {
    return refused('rate', `Clock: ×${rate} is not possible. Allowed: ×1, ×10, ×60.`);
  }
  saveDemoClock(context.db, { realMs: Date.now(), demoMs: clock.nowMs, rate });
  return done({ rate });
}
