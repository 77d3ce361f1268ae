import { tr, word } from '@/words/tr';
import type { CheckedWish } from './use-wish';
import { placeKind, tempAt } from '@/core/forecast';
import type { DiscardDoughQuestion } from '@/core/cultures';
import { numberField, wrongFields, z } from '@/core/parse';
import { addHours, fromLocalText, toLocalText } from '@/core/units';
import type { DiscardFacts } from '@/server/cultures/discard-facts';

/** A dough with discard as it is typed. */
export interface DiscardFields {
  readonly name: string;
  readonly discardG: string;
  readonly use: 'flavour' | 'leaven';
  readonly balls: string;
  readonly ballG: string;
  readonly flourId: string;
  readonly readyAt: string;
  readonly placeId: string;
  readonly hydrationPct: string;
  readonly saltPct: string;
  readonly oilPct: string;
}

const READY_IN_H = 6;
const FIRST_MOST_G = 300;

/** What is proposed first: flatbread with the oldest of it. */
export function firstDiscard(facts: DiscardFacts): DiscardFields {
  const thereG = facts.layers.reduce((sum, layer) => sum + layer.massG, 0);
  const room = facts.places.find((place) => placeKind(tempAt(place, facts.nowMs)) === 'room');
  return {
    name: tr`Flatbread`,
    discardG: String(Math.round(Math.min(thereG, FIRST_MOST_G))),
    use: 'flavour',
    balls: '8',
    ballG: '250',
    flourId: facts.culture.flours[0]?.flourId ?? facts.flours[0]?.id ?? '',
    readyAt: toLocalText(addHours(facts.nowMs, READY_IN_H), facts.units.timeZone),
    placeId: room?.id ?? facts.places[0]?.id ?? '',
    hydrationPct: '62',
    saltPct: '2.6',
    oilPct: '1',
  };
}

const per = (name: string, min: number, max: number) =>
  numberField({ name, unit: word('% of flour'), min, max });
const schema = z.object({
  name: z
    .string()
    .trim()
    .min(1, { error: () => tr`Dough: a name is needed.` })
    .max(60),
  discardG: numberField({ name: word('Discard'), unit: 'g', min: 1, max: 500_000 }),
  balls: numberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }),
  ballG: numberField({ name: word('Each'), unit: 'g', min: 20, max: 5000 }),
  hydrationPct: per(word('Water'), 40, 110),
  saltPct: per(word('Salt'), 0, 6),
  oilPct: per(word('Oil'), 0, 15),
});

/** Reads the form as a question for the core. */
export function checkDiscard(
  fields: DiscardFields,
  facts: DiscardFacts,
): CheckedWish<DiscardDoughQuestion> {
  const parsed = schema.safeParse(fields);
  const readyMs = fromLocalText(fields.readyAt, facts.units.timeZone);
  const errors = wrongFields(parsed);
  if (readyMs <= facts.nowMs) {
    errors['readyAt'] = tr`Ready to ball at: that hour has passed. Allowed: from now on.`;
  }
  if (!parsed.success || Object.keys(errors).length > 0) return { asks: null, errors };
  const { name, discardG, balls, ballG, hydrationPct, saltPct, oilPct } = parsed.data;
  return {
    errors: {},
    asks: {
      layers: facts.layers.map(({ jar, massG }) => ({ jar, massG })),
      discardG,
      use: fields.use,
      yeastType: facts.yeastType,
      balls,
      ballG,
      hydration: hydrationPct / 100,
      saltShare: saltPct / 100,
      oilShare: oilPct / 100,
      flourId: fields.flourId,
      as: { lotId: facts.lotId, name },
      atMs: facts.nowMs,
      placeId: fields.placeId,
      readyMs,
      places: facts.places,
      pantry: facts.pantry,
      stepG: facts.scaleStepG,
      fineStepG: facts.fineStepG,
      tapC: facts.tapC,
    },
  };
}
