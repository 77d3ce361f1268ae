import { tr, word } from '@/words/tr';
import type { Place } from '@/shop/kept/shop';
import type { DailyPoint } from '@/core/forecast';
import { numberField, wholeNumberField, z } from '@/core/parse';
import { addPlace, addPlaceSetting, listPlaces, savePlace } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { over } from '@/shop/lots/over';
import { parseForm } from '@/shop/parse-form';

/** Temperature a place may be set to, °C. */
const PLACE_TEMP_RULE = { name: word('Temperature'), unit: '°C', min: -30, max: 45 } as const;
const CAPACITY_RULE = { name: word('Room for'), unit: 'l', min: 1, max: 5000 } as const;

const INSULATION_RULE = {
  name: word('Holds warmth'),
  unit: word('× air'),
  min: 0.1,
  max: 20,
} as const;
const FOLLOWS_RULE = { name: word('Warms with the weather'), unit: '', min: 0, max: 1 } as const;
const DAILY_RULE = { name: word('Over the day'), unit: '°C', min: -30, max: 45 } as const;

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
