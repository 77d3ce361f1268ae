import { tr, word } from '@/words/tr';
import { EQUIPMENT_KINDS, type Equipment } from '@/shop/kept/equipment';
export type { Equipment, EquipmentKind } from '@/shop/kept/equipment';
import { numberField, wholeNumberField, z } from '@/core/parse';
import {
  dropEquipment,
  listEquipment,
  listPlaces,
  listProbes,
  PROBE_FAULTS,
  saveEquipment,
  saveProbe,
  type ProbeFault,
} from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { over } from '@/shop/lots/over';
import { parseForm } from '@/shop/parse-form';

export type { ProbeFault } from '@/data';

const thingSchema = z
  .object({
    id: z.string().max(80).nullish(),
    kind: z.enum(EQUIPMENT_KINDS),
    name: z
      .string()
      .trim()
      .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 40 letters.` })
      .max(40, { error: () => tr`Name: too long. Allowed: 1 to 40 letters.` }),
    count: wholeNumberField({ name: word('How many'), unit: '', min: 0, max: 500 }),
    broken: wholeNumberField({ name: word('Out of order'), unit: '', min: 0, max: 500 }).default(0),
    least: numberField({ name: word('Least'), unit: '', min: 0, max: 2000 }).default(0),
    most: numberField({ name: word('Most'), unit: '', min: 0.1, max: 2000 }),
    heatMin: wholeNumberField({ name: word('Hot in'), unit: 'min', min: 0, max: 600 }).default(0),
    bakeMin: numberField({ name: word('A pizza takes'), unit: 'min', min: 0, max: 60 }).default(0),
  })
  .refine((thing) => thing.most >= thing.least, {
    path: ['most'],
    error: () => tr`Most: it is less than the least. Allowed: the least or more.`,
  })
  .refine((thing) => thing.broken <= thing.count, {
    path: ['broken'],
    error: () => tr`Out of order: more than there are. Allowed: as many as there are, or fewer.`,
  });

/** Adds something the shop works with, or changes it; answers what it was. */
export function changeEquipment(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; before: Equipment | null }> {
  const wanted = typeof form === 'object' && form !== null && 'id' in form ? form.id : null;
  const before = listEquipment(context.db).find((one) => one.id === wanted) ?? null;
  const parsed = parseForm(thingSchema, over(before, form));
  if (!parsed.ok) return parsed;
  const id = parsed.value.id ?? context.newId();
  saveEquipment(context.db, { ...parsed.value, id });
  return done({ id, before });
}

/** Takes something out of the shop; answers what it was, so that it can be put back. */
export function removeEquipment(context: ShopContext, id: string): Outcome<{ before: Equipment }> {
  const before = listEquipment(context.db).find((one) => one.id === id);
  if (before === undefined) return refused(null, tr`It is not in the shop any more.`);
  dropEquipment(context.db, id);
  return done({ before });
}

const troubleSchema = z.object({ placeId: z.string().max(80), fault: z.enum(PROBE_FAULTS) });

/** Lets a simulated probe, or the place it is in, fail from now on, or work again. */
export function troubleProbe(context: ShopContext, form: unknown): Outcome<{ before: ProbeFault }> {
  const parsed = parseForm(troubleSchema, form);
  if (!parsed.ok) return parsed;
  const { placeId, fault } = parsed.value;
  if (!listPlaces(context.db).some((place) => place.id === placeId)) {
    return refused('placeId', tr`Place: “${placeId}” is not in the shop.`);
  }
  const before = listProbes(context.db).find((probe) => probe.placeId === placeId);
  if (before === undefined) return refused('placeId', tr`There is no probe in this place.`);
  saveProbe(context.db, { ...before, fault, faultFromMs: context.clock().nowMs });
  return done({ before: before.fault });
}
