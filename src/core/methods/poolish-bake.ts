import { tr } from '@/words/tr';
import type { Formula } from '../formula';
import { startingMethods } from './library';
import type { Method, Stay } from './method';
import { USUAL_MIX, USUAL_REST_MIN } from './usual-mix';

/** What a baker says of a bake from a poolish. */
export interface PoolishBake {
  readonly name: string;
  readonly formula: Formula;
  readonly poolishPlaceId: string;
  readonly doughPlaceId: string;
  readonly mixedBy: Method['mix']['by'];
}

/** Hours balls at room keep, h. Source: the trade’s usual limit. */
const KEEPS_H = 14;
/** Poolish overnight; bulk short; balls as long as they take. Source: the trade’s usual hours. */
const HOURS = {
  poolish: { hours: 12, leastH: 6, mostH: 18 },
  bulk: { hours: 1, leastH: 0.25, mostH: 3 },
  balls: { hours: 4, leastH: 0.5, mostH: 24 },
} as const;

/**
 * A bake from a poolish as the method that it is: balls raised by a poolish whose dose is found for its hour. The short
 * form in front of a method, and what bakes of earlier days are read as.
 */
export function poolishMethod({
  name,
  formula,
  poolishPlaceId,
  doughPlaceId,
  mixedBy,
}: PoolishBake): Method {
  const base = startingMethods().find((one) => one.id === 'poolish-day')?.method;
  if (base === undefined) throw new Error('the library has no poolish of a day');
  const stay = (placeId: string, hours: Omit<Stay, 'placeId'>): Stay => ({ placeId, ...hours });
  return {
    ...base,
    name,
    says: tr`balls raised by a poolish`,
    dough: {
      ...base.dough,
      flours: [{ flourId: formula.flourId, share: 1 }],
      hydration: formula.hydration,
      saltShare: formula.saltShare,
      oilShare: formula.oilShare,
      yeast: { ...base.dough.yeast, type: formula.yeastType },
      leavens: base.dough.leavens.map((one) => ({
        ...one,
        name: tr`${name} poolish`,
        flourShare: formula.prefermentedShare,
      })),
    },
    target: {
      by: 'products',
      products: [
        { name: tr`Balls`, count: formula.balls, weightG: formula.ballG, keepsH: KEEPS_H },
      ],
    },
    lossShare: formula.lossShare,
    leavenStays: { poolish: [stay(poolishPlaceId, HOURS.poolish)] },
    mix: {
      ...base.mix,
      ...USUAL_MIX,
      autolyse: { minutes: USUAL_REST_MIN, placeId: doughPlaceId },
      by: mixedBy,
    },
    bulk: [stay(doughPlaceId, HOURS.bulk)],
    balls: [stay(doughPlaceId, HOURS.balls)],
  };
}
