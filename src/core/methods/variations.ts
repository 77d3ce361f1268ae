import { inSentence } from '@/words/tr';
import { exchangeLeaven, USUAL_LEAVENS, type LeavenKind } from '../formula';
import type { Method, Stay } from './method';

/** Another way of one method: what is otherwise, and the method with it. */
export interface Variation {
  readonly kind: 'cold hours' | 'a night' | 'straight' | 'boost' | 'no boost' | 'leaven';
  /** Hours in the cold, or null where it is about something else. */
  readonly hours: number | null;
  /** What is in the cold, or which leaven it is about; empty where there is nothing to say. */
  readonly of: string;
  readonly method: Method;
}

/** What a shop has that a way may need. */
export interface VariationShop {
  readonly isCold: (placeId: string) => boolean;
  /** A cold place that balls can wait in; null for none. */
  readonly fridgeId: string | null;
  /** Kinds of leaven that the shop has a jar for. */
  readonly kinds: ReadonlySet<LeavenKind>;
}

/** Hours that doughs are usually left in the cold. */
const COLD_HOURS = [12, 24, 36, 48] as const;
/** Hours nearer than this to the usual ones are no other way, h. */
const APART_H = 3;
const MOST_COLD = 3;
/** Balls of a method without a cold stage wait so long in the fridge. Set: a night, within the trade’s one to two days. */
const NIGHT: Omit<Stay, 'placeId'> = { hours: 14, leastH: 8, mostH: 40 };
/** Fresh yeast of a boost over flour. Source: the trade’s 0.1–0.3 %. */
const BOOST_SHARE = 0.001;
/** Leavens that stand for each other: discard for the same starter fed, and back. */
const FOR_EACH_OTHER: Partial<Record<LeavenKind, LeavenKind>> = {
  discard: 'levain',
  levain: 'discard',
  'stiff levain': 'levain',
};

/** Other ways of a method that a baker would lay beside it: hours in the cold, tempering, a boost, the leaven. */
export function variationsOf(method: Method, shop: VariationShop): Variation[] {
  return [
    ...coldHours(method, shop),
    ...aNight(method, shop),
    ...straight(method, shop),
    ...boost(method),
    ...otherLeaven(method, shop),
  ];
}

/** The first cold stage of a method — balls, bulk, leaven — for other usual hours that it allows. */
function coldHours(method: Method, shop: VariationShop): Variation[] {
  const stages = [
    { of: 'balls', stays: method.balls, put: (balls: Stay[]) => ({ ...method, balls }) },
    { of: 'bulk', stays: method.bulk, put: (bulk: Stay[]) => ({ ...method, bulk }) },
    ...method.dough.leavens.map((leaven) => ({
      of: inSentence(leaven.name),
      stays: method.leavenStays[leaven.id] ?? [],
      put: (stays: Stay[]) => ({
        ...method,
        leavenStays: { ...method.leavenStays, [leaven.id]: stays },
      }),
    })),
  ];
  for (const { of, stays, put } of stages) {
    const index = stays.findIndex((stay) => shop.isCold(stay.placeId));
    const stay = stays[index];
    if (stay === undefined) continue;
    return COLD_HOURS.filter(
      (hours) =>
        hours >= stay.leastH && hours <= stay.mostH && Math.abs(hours - stay.hours) >= APART_H,
    )
      .slice(0, MOST_COLD)
      .map((hours) => ({
        kind: 'cold hours',
        hours,
        of,
        method: put(stays.map((one, i) => (i === index ? near(one, hours) : one))),
      }));
  }
  return [];
}

/** A stay of about so many hours: the planner has little room, else it would find the hours it had before. */
const near = (stay: Stay, hours: number): Stay => ({
  ...stay,
  hours,
  leastH: Math.max(stay.leastH, hours - GIVES_H),
  mostH: Math.min(stay.mostH, hours + GIVES_H),
});
/** So far the hours of a way may still give, h: to fall into working hours. Set. */
const GIVES_H = 2;

/** Balls of a method without any cold stage, a night in the cold. */
function aNight(method: Method, { isCold, fridgeId }: VariationShop): Variation[] {
  const all = [...Object.values(method.leavenStays).flat(), ...method.bulk, ...method.balls];
  const last = method.balls.at(-1);
  if (fridgeId === null || last === undefined || all.some((stay) => isCold(stay.placeId))) {
    return [];
  }
  const balls = [
    { placeId: fridgeId, ...NIGHT },
    { ...last, leastH: Math.min(1, last.leastH) },
  ];
  return [{ kind: 'a night', hours: NIGHT.hours, of: 'balls', method: { ...method, balls } }];
}

/** Balls that temper, straight from the cold. */
function straight(method: Method, { isCold }: VariationShop): Variation[] {
  const last = method.balls.at(-1);
  const cold = method.balls.filter((stay) => isCold(stay.placeId));
  if (last === undefined || isCold(last.placeId) || cold.length === 0) return [];
  return [{ kind: 'straight', hours: null, of: '', method: { ...method, balls: cold } }];
}

/** A leavened dough with a little yeast in the final mix, or without what it has. */
function boost(method: Method): Variation[] {
  const { dough } = method;
  if (dough.leavens.length === 0) return [];
  const boosted = dough.yeast.freshShare > 0;
  const yeast = { ...dough.yeast, freshShare: boosted ? 0 : BOOST_SHARE };
  const leavened = dough.leavens.some((one) => one.kind !== 'discard');
  if (boosted && !leavened) return [];
  return [
    {
      kind: boosted ? 'no boost' : 'boost',
      hours: null,
      of: '',
      method: { ...method, dough: { ...dough, yeast } },
    },
  ];
}

/** Discard for the same starter fed, or the other way round, where the shop has a jar for it. */
function otherLeaven(method: Method, { kinds }: VariationShop): Variation[] {
  const [leaven] = method.dough.leavens;
  const kind = leaven === undefined ? undefined : FOR_EACH_OTHER[leaven.kind];
  if (leaven === undefined || kind === undefined || !kinds.has(kind)) return [];
  const dough = exchangeLeaven(method.dough, leaven.id, { kind });
  const stays = method.leavenStays[leaven.id];
  const built = USUAL_LEAVENS[kind].made.by === 'seed' && stays === undefined;
  const where = method.bulk[0]?.placeId;
  const leavenStays =
    built && where !== undefined
      ? {
          ...method.leavenStays,
          [leaven.id]: [{ placeId: where, hours: 6, leastH: 3, mostH: 12 }],
        }
      : method.leavenStays;
  return [
    {
      kind: 'leaven',
      hours: null,
      of: inSentence(USUAL_LEAVENS[kind].name),
      method: { ...method, dough, leavenStays },
    },
  ];
}
