import { type Bake } from '@/shop/kept/bake';
import type { Change } from '@/core/compare';
import { usualHours, type Method, type Stay } from '@/core/methods';
import { oneMethodVersion } from '@/data';
import type { ShopContext } from '../context';
import { versionsOf } from '../doughs/methods';

/** The method that a bake was made by, as the next version of it starts from. */
export interface MethodOfBake {
  readonly methodId: string;
  readonly method: Method;
  readonly nextNumber: number;
}

/** The newest version of the method of a bake. */
export function methodOfBake(context: ShopContext, bake: Bake): MethodOfBake {
  const { methodId, method } = oneMethodVersion(context.db, bake.methodVersionId);
  const newest = versionsOf(context, methodId)[0];
  return { methodId, method: newest?.method ?? method, nextNumber: (newest?.number ?? 0) + 1 };
}

/** A method with one thing otherwise. */
export function withChange(method: Method, change: Change): Method {
  const { key, from, to, placeId } = change;
  switch (key) {
    case 'startC':
      return { ...method, mix: { ...method.mix, aimC: rounded(to, 0.5) } };
    case 'bulkH':
      return { ...method, bulk: longer(method.bulk, to - from) };
    case 'mixToServiceH':
      return { ...method, balls: longer(method.balls, to - from) };
    case 'ballC':
      return {
        ...method,
        balls: method.balls.map((one) => (placeId === null ? one : { ...one, placeId })),
      };
    case 'leavenShare': {
      const leavens = method.dough.leavens.map((one) => ({
        ...one,
        flourShare: rounded((one.flourShare * to) / from, 0.005),
      }));
      return { ...method, dough: { ...method.dough, leavens } };
    }
    default:
      return method;
  }
}

const rounded = (value: number, step: number) => Math.round(value / step) * step;

/** Stays with their last one so much longer, its range with it. */
function longer(stays: readonly Stay[], byH: number): Stay[] {
  const usual = usualHours(stays);
  return stays.map((one, index) => {
    if (index < stays.length - 1) return one;
    const hours = Math.max(0.25, one.hours + Math.max(byH, 0.25 - usual));
    return {
      ...one,
      hours,
      leastH: Math.min(one.leastH, hours),
      mostH: Math.max(one.mostH, hours),
    };
  });
}
