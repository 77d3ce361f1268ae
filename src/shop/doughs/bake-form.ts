import { tr, word } from '@/words/tr';
import { FORMULA_RULES, type Formula } from '@/core/formula';
import { localTimeField, numberField, wholeNumberField, z } from '@/core/parse';
import { YEAST_TYPES, type YeastType } from '@/core/units';

/** Temperature a room may have where dough stands, °C. */
export const ROOM_RULE = { name: word('Room'), unit: '°C', min: 0, max: 40 } as const;

/** What a baker says of a bake; per cents as they are spoken. */
export const bakeFormSchema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Name: a name is needed. Allowed: 1 to 30 letters.` })
    .max(30, { error: () => tr`Name: too long. Allowed: 1 to 30 letters.` }),
  balls: wholeNumberField(FORMULA_RULES.balls),
  ballG: numberField(FORMULA_RULES.ballG),
  hydrationPct: numberField(FORMULA_RULES.hydration),
  saltPct: numberField(FORMULA_RULES.salt),
  oilPct: numberField(FORMULA_RULES.oil),
  prefermentedPct: numberField(FORMULA_RULES.preferment),
  lossPct: numberField(FORMULA_RULES.loss),
  flourId: z.string().min(1, { error: () => tr`Flour: choose one of the shop’s flours.` }),
  yeastType: z.enum(YEAST_TYPES as unknown as readonly [YeastType, ...YeastType[]]),
  poolishPlaceId: z.string().min(1, { error: () => tr`Poolish stands in: choose a place.` }),
  doughPlaceId: z.string().min(1, { error: () => tr`Dough stands in: choose a place.` }),
  roomC: numberField(ROOM_RULE),
  readyFrom: localTimeField(word('Ready from')),
  readyTo: localTimeField(word('Ready to')),
  poolishAt: localTimeField(word('Poolish')).nullish(),
  mixAt: localTimeField(word('Mix')).nullish(),
  ballAt: localTimeField(word('Ball')).nullish(),
});

/** A checked bake form. */
export type BakeForm = z.output<typeof bakeFormSchema>;

/** The formula of a checked form: per cents become shares. */
export function formulaOf(form: BakeForm): Formula {
  return {
    balls: form.balls,
    ballG: form.ballG,
    hydration: form.hydrationPct / 100,
    saltShare: form.saltPct / 100,
    oilShare: form.oilPct / 100,
    prefermentedShare: form.prefermentedPct / 100,
    lossShare: form.lossPct / 100,
    flourId: form.flourId,
    yeastType: form.yeastType,
  };
}
