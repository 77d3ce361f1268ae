import { tr, word } from '@/words/tr';
import type { CheckedWish } from './use-wish';
import { placeKind, tempAt } from '@/core/forecast';
import type { RefreshQuestion } from '@/core/cultures';
import { numberField, wrongFields, z } from '@/core/parse';
import { addHours, fromLocalText, toLocalText } from '@/core/units';
import type { ChainFacts, LeftoverOffer } from '@/server/cultures/chain-facts';

/** A refresh as it is typed. */
export interface RefreshFields {
  readonly fromLotId: string;
  readonly fixed: 'leftover' | 'dough';
  /** Leftover to use, g. */
  readonly leftoverG: string;
  /** What all of the leftover weighs now; empty: as it was made. */
  readonly weighsG: string;
  readonly balls: string;
  readonly ballG: string;
  readonly seeks: 'share' | 'hour';
  readonly sharePct: string;
  readonly readyAt: string;
  readonly placeId: string;
  readonly hydrationPct: string;
  readonly saltPct: string;
  readonly oilPct: string;
  readonly flourId: string;
}

const FIRST_BALL_G = 250;
const FIRST_READY_H = 9;
const pct = (share: number, digits: number) => String(Number((100 * share).toFixed(digits)));

/** What is proposed first: all of what is left of the chain, held at its water and salt. */
export function firstRefresh(facts: ChainFacts): RefreshFields {
  const { culture, offers, places, nowMs, units } = facts;
  const [offer] = offers;
  const room = places.find((place) => placeKind(tempAt(place, nowMs)) === 'room');
  return {
    ...leftOf(offer),
    fixed: 'leftover',
    weighsG: '',
    balls: '12',
    seeks: 'hour',
    sharePct: '40',
    readyAt: toLocalText(addHours(nowMs, FIRST_READY_H), units.timeZone),
    placeId: room?.id ?? culture.placeId,
    hydrationPct: pct(culture.hydration, 1),
    saltPct: pct(culture.saltShare, 2),
    flourId: culture.flours[0]?.flourId ?? '',
  };
}

/** What the leftover itself says; nothing where there is none. */
function leftOf(offer: LeftoverOffer | undefined) {
  if (offer === undefined) {
    return { fromLotId: '', leftoverG: '0', ballG: String(FIRST_BALL_G), oilPct: '' };
  }
  return {
    fromLotId: offer.jar.lot.id,
    leftoverG: String(Math.round(offer.massG)),
    ballG: String(Math.round(offer.ballG ?? FIRST_BALL_G)),
    oilPct: offer.oilShare > 0.0005 ? pct(offer.oilShare, 2) : '',
  };
}

const grams = (name: string) => numberField({ name, unit: 'g', min: 1, max: 500_000 });
const schema = z.object({
  leftoverG: grams(word('Leftover')),
  balls: numberField({ name: word('Balls'), unit: '', min: 1, max: 5000 }),
  ballG: numberField({ name: word('Each'), unit: 'g', min: 20, max: 5000 }),
  sharePct: numberField({ name: word('Share'), unit: '%', min: 1, max: 95 }),
  hydrationPct: numberField({ name: word('Water'), unit: word('% of flour'), min: 40, max: 120 }),
  saltPct: numberField({ name: word('Salt'), unit: word('% of flour'), min: 0, max: 6 }),
});
const oilRule = numberField({ name: word('Oil'), unit: word('% of flour'), min: 0, max: 15 });
const weighsRule = numberField({ name: word('Weighs now'), unit: 'g', min: 1, max: 500_000 });

/** Reads the form as a question for the core. */
export function checkRefresh(
  fields: RefreshFields,
  facts: ChainFacts,
): CheckedWish<RefreshQuestion> {
  if (facts.offers.length === 0) return { asks: null, errors: {} };
  const parsed = schema.safeParse(fields);
  const offer = facts.offers.find((one) => one.jar.lot.id === fields.fromLotId) ?? facts.offers[0];
  const errors = {
    ...wrongFields(parsed),
    ...wrongOptional(fields),
    ...wrongHour(fields, facts),
  };
  if (!parsed.success || offer === undefined || Object.keys(errors).length > 0) {
    return { asks: null, errors };
  }
  const { leftoverG } = parsed.data;
  if (fields.fixed === 'leftover' && leftoverG > offer.massG + 0.5) {
    const sentence = tr`Leftover: ${leftoverG} g is not possible. Allowed: up to ${Math.floor(offer.massG)} g, what is there.`;
    return { asks: null, errors: { leftoverG: sentence } };
  }
  return { errors: {}, asks: questionOf(fields, parsed.data, facts, offer) };
}

/** Fields that may be empty. */
function wrongOptional(fields: RefreshFields): Record<string, string> {
  const wrong: Record<string, string> = {};
  for (const [field, rule] of OPTIONAL) {
    const parsed = fields[field] === '' ? null : rule.safeParse(fields[field]);
    if (parsed !== null && !parsed.success) wrong[field] = parsed.error.issues[0]?.message ?? '';
  }
  return wrong;
}
const OPTIONAL = [
  ['oilPct', oilRule],
  ['weighsG', weighsRule],
] as const;

function wrongHour(fields: RefreshFields, facts: ChainFacts): Record<string, string> {
  if (fields.seeks !== 'share') return {};
  const readyMs = fromLocalText(fields.readyAt, facts.units.timeZone);
  return readyMs > facts.nowMs
    ? {}
    : { readyAt: tr`Ready at: that hour has passed. Allowed: from now on.` };
}

function questionOf(
  fields: RefreshFields,
  { leftoverG, balls, ballG, sharePct, hydrationPct, saltPct }: z.output<typeof schema>,
  facts: ChainFacts,
  offer: LeftoverOffer,
): RefreshQuestion {
  const { culture } = facts;
  const own = culture.flours[0]?.flourId === fields.flourId;
  return {
    jar: offer.jar,
    aim: {
      hydration: hydrationPct / 100,
      saltShare: saltPct / 100,
      oilShare: fields.oilPct === '' ? null : Number(fields.oilPct.replace(',', '.')) / 100,
      flours: own ? culture.flours : [{ flourId: fields.flourId, share: 1 }],
    },
    as: { lotId: facts.lotId, name: culture.name, cultureId: culture.id },
    atMs: facts.nowMs,
    placeId: fields.placeId,
    thereG: offer.massG,
    from:
      fields.fixed === 'leftover'
        ? { fixed: 'leftover', massG: Math.min(leftoverG, offer.massG) }
        : { fixed: 'dough', massG: balls * ballG },
    seeks: fields.seeks,
    share: sharePct / 100,
    readyMs: fromLocalText(fields.readyAt, facts.units.timeZone),
    keepsDays: culture.keepsDays,
    places: facts.places,
    pantry: facts.pantry,
    stepG: facts.scaleStepG,
    fineStepG: facts.fineStepG,
    tapC: facts.tapC,
  };
}
