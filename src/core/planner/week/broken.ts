import { tr } from '@/words/tr';
import { MS_PER_HOUR } from '../../units';
import { isClosedOn } from '../working-hours';
import { assignHands } from './assign-hands';
import { pizzasAnHour, type Kitchen } from './kitchen';
import type { HandsNeed, Needs, PlaceNeed, ThingNeed } from './needs';

/** A condition that does not hold, with what is wanted and what is there. */
export interface Broken {
  /** The same for the same condition of the shop, so that plans can be compared by what stands in their way. */
  readonly key: string;
  readonly kind: BrokenKind;
  /** What the condition is about: a place, a person’s moment, a leaven. */
  readonly subject: string;
  readonly atMs: number;
  readonly untilMs: number;
  readonly wanted: number | null;
  readonly there: number | null;
  /** Others that take of the same. */
  readonly others: readonly string[];
}

export type BrokenKind =
  | 'nobody in'
  | 'hands full'
  | 'place full'
  | 'mixer taken'
  | 'boxes short'
  | 'oven slow'
  | 'culture short'
  | 'closed'
  | 'leaven not ripe'
  | 'balls not ready'
  | 'flour too weak'
  | 'dose too small'
  | 'keeps too short'
  | 'too late';

/**
 * Conditions of the shop that plans break together: hands, places, mixer, boxes, oven, cultures, closing days.
 * @param of the demand that is asked about; what others break among themselves is not told
 */
export function brokenByNeeds(needs: Needs, kitchen: Kitchen, of: string | null = null): Broken[] {
  return [
    ...brokenHands(needs.hands, kitchen, of),
    ...kitchen.rooms.flatMap((room) =>
      overfull(
        needs.places.filter((one) => one.placeId === room.placeId),
        room.litres,
        of,
        { kind: 'place full', subject: room.name, key: `place ${room.placeId}` },
      ),
    ),
    ...brokenThings(needs.things, kitchen, of),
    ...brokenCultures(needs, of),
  ];
}

function brokenHands(hands: readonly HandsNeed[], kitchen: Kitchen, of: string | null): Broken[] {
  const { unmet } = assignHands(hands, kitchen);
  return unmet
    .filter(({ need }) => of === null || need.demandId === of)
    .map(({ need, why }): Broken => {
      const closed = isClosedOn(need.fromMs, kitchen.hours.closed, kitchen.timeZone);
      const meets = hands.filter((one) => one !== need && meet(one, need));
      return {
        key: closed ? 'closed' : why,
        kind: closed ? 'closed' : why,
        subject: need.what,
        atMs: need.fromMs,
        untilMs: need.toMs,
        wanted: 1,
        there: 0,
        others: why === 'hands full' ? meets.map((one) => one.what) : [],
      };
    });
}

const meet = (a: { fromMs: number; toMs: number }, b: { fromMs: number; toMs: number }) =>
  a.fromMs < b.toMs && b.fromMs < a.toMs;

interface Taken {
  readonly fromMs: number;
  readonly toMs: number;
  readonly amount: number;
  readonly demandId: string;
  readonly what: string;
}

/** Stretches in which more is taken than there is; the fullest one of those that touch. */
function overfull(
  needs: readonly (PlaceNeed | Taken)[],
  there: number,
  of: string | null,
  as: Pick<Broken, 'kind' | 'subject' | 'key'>,
): Broken[] {
  const taken = needs.map((one): Taken => ('litres' in one ? { ...one, amount: one.litres } : one));
  const worst = worstStretch(taken, there, of);
  if (worst === null) return [];
  const others = taken.filter((one) => one.demandId !== of && meet(one, worst));
  return [
    {
      ...as,
      atMs: worst.fromMs,
      untilMs: worst.toMs,
      wanted: worst.amount,
      there,
      others: [...new Set(others.map((one) => one.what))],
    },
  ];
}

/** From the first to the last instant at which more is taken than there is, with the most of it. */
function worstStretch(taken: readonly Taken[], there: number, of: string | null) {
  const edges = [...new Set(taken.flatMap((one) => [one.fromMs, one.toMs]))].sort((a, b) => a - b);
  let worst: { fromMs: number; toMs: number; amount: number } | null = null;
  edges.slice(0, -1).forEach((fromMs, i) => {
    const toMs = edges[i + 1] as number;
    const here = taken.filter((one) => one.fromMs < toMs && fromMs < one.toMs);
    const amount = here.reduce((sum, one) => sum + one.amount, 0);
    if (amount <= there + ROUNDING || (of !== null && !here.some((one) => one.demandId === of))) {
      return;
    }
    worst =
      worst === null
        ? { fromMs, toMs, amount }
        : { fromMs: worst.fromMs, toMs, amount: Math.max(worst.amount, amount) };
  });
  return worst as { fromMs: number; toMs: number; amount: number } | null;
}
const ROUNDING = 1e-6;

function brokenThings(things: readonly ThingNeed[], kitchen: Kitchen, of: string | null): Broken[] {
  const taken = (thing: ThingNeed['thing']): Taken[] =>
    things.filter((one) => one.thing === thing).map((one) => ({ ...one, what: one.demandId }));
  const mixers = kitchen.mixers.reduce((sum, one) => sum + one.count, 0);
  const anHour = pizzasAnHour(kitchen);
  return [
    ...(kitchen.mixers.length === 0
      ? []
      : overfull(taken('mixer'), mixers, of, {
          kind: 'mixer taken',
          subject: tr`mixer`,
          key: 'mixer',
        })),
    ...(kitchen.boxedBalls === null
      ? []
      : overfull(taken('boxes'), kitchen.boxedBalls, of, {
          kind: 'boxes short',
          subject: tr`boxes`,
          key: 'boxes',
        })),
    ...(anHour === null
      ? []
      : overfull(taken('oven'), anHour, of, { kind: 'oven slow', subject: tr`oven`, key: 'oven' })),
  ];
}

function brokenCultures({ cultures }: Needs, of: string | null): Broken[] {
  const ids = [...new Set(cultures.map((one) => one.jarId))];
  return ids.flatMap((jarId): Broken[] => {
    const all = cultures.filter((one) => one.jarId === jarId);
    const wanted = all.reduce((sum, one) => sum + one.massG, 0);
    const there = Math.min(...all.map((one) => one.thereG));
    const [first] = all;
    if (first === undefined || wanted <= there + ROUNDING) return [];
    if (of !== null && !all.some((one) => one.demandId === of)) return [];
    return [
      {
        key: `culture ${jarId}`,
        kind: 'culture short',
        subject: first.name,
        atMs: 0,
        untilMs: MS_PER_HOUR,
        wanted,
        there,
        others: all.filter((one) => one.demandId !== of).map((one) => one.demandId),
      },
    ];
  });
}
