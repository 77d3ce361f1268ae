import { tr, word } from '@/words/tr';
import { type FlourRow } from '@/shop/kept/flour';
import { numberField, z } from '@/core/parse';
import { listFlours, retireFlour, saveFlour } from '@/data';
import type { ShopContext } from '../context';
import { done, refused, type Outcome } from '@/shop/outcome';
import { parseForm } from '@/shop/parse-form';

const FLOUR_RULES = {
  strength: { name: 'W', unit: '', min: 60, max: 500 },
  protein: { name: word('Protein'), unit: '%', min: 5, max: 25 },
  ash: { name: word('Ash'), unit: '%', min: 0.2, max: 3 },
  wholegrain: { name: word('Whole grain'), unit: '%', min: 0, max: 100 },
  absorption: { name: word('Absorption'), unit: '%', min: 35, max: 110 },
} as const;

/** A field that may stay empty. */
const optional = (rule: (typeof FLOUR_RULES)[keyof typeof FLOUR_RULES]) =>
  z.preprocess(
    (value) => (typeof value === 'string' && value.trim() === '' ? null : value),
    numberField(rule).nullable(),
  );

const flourForm = z.object({
  id: z.string().max(80).nullish(),
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 60 letters.` })
    .max(60, { error: () => tr`Name: too long. Allowed: 1 to 60 letters.` }),
  strengthW: optional(FLOUR_RULES.strength),
  proteinPct: optional(FLOUR_RULES.protein),
  ashPct: optional(FLOUR_RULES.ash),
  wholegrainPct: numberField(FLOUR_RULES.wholegrain),
  absorptionPct: optional(FLOUR_RULES.absorption),
  /** Separated by commas. */
  allergens: z
    .string()
    .max(200, { error: () => tr`Allergens: too long. Allowed: up to 200 letters.` })
    .transform((text) =>
      text
        .split(',')
        .map((one) => one.trim().toLowerCase())
        .filter((one) => one !== ''),
    ),
});

const share = (percent: number | null) => (percent === null ? null : percent / 100);

/** Adds a flour, or changes one; answers what it was. */
export function changeFlour(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; before: FlourRow | null }> {
  const parsed = parseForm(flourForm, form);
  if (!parsed.ok) return parsed;
  const { id: wanted, name, strengthW, allergens, ...percents } = parsed.value;
  const all = listFlours(context.db);
  const before = all.find((one) => one.id === wanted) ?? null;
  if (wanted != null && before === null) return refused('id', tr`This flour is not in the shop.`);
  const id = wanted ?? context.newId();
  if (all.some((one) => one.id !== id && one.retiredMs === null && one.name === name)) {
    return refused('name', tr`Name: another flour is called ${name} already.`);
  }
  saveFlour(context.db, {
    id,
    name,
    strengthW,
    proteinShare: share(percents.proteinPct),
    ashShare: share(percents.ashPct),
    wholegrainShare: percents.wholegrainPct / 100,
    absorption: share(percents.absorptionPct),
    allergens,
  });
  return done({ id, before });
}

/** Retires a flour, or brings it back; lots that were made of it keep it. */
export function retireOneFlour(
  context: ShopContext,
  form: unknown,
): Outcome<{ id: string; retired: boolean }> {
  const parsed = parseForm(z.object({ id: z.string().max(80), retired: z.boolean() }), form);
  if (!parsed.ok) return parsed;
  const { id, retired } = parsed.value;
  const left = listFlours(context.db).filter((one) => one.retiredMs === null && one.id !== id);
  if (retired && left.length === 0) {
    return refused('id', tr`Flour: the last one stays. Add another first.`);
  }
  retireFlour(context.db, id, retired ? context.clock().nowMs : null);
  return done({ id, retired });
}
