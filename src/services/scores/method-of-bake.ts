import type { BakedRun, Change } from '@/core/compare';
import { usualHours, type Method, type Stay } from '@/core/methods';
import { hoursBetween } from '@/core/units';
import { oneMethodVersion, type Bake } from '@/data';
import type { ShopContext } from '../context';
import { methodRows, versionsOf } from '../doughs/methods';
import type { ShopState } from '../shop-state';

/** The method that a bake was made by, as the next version of it starts from. */
export interface MethodOfBake {
  /** The shop’s own method; null where it is to be a new one. */
  readonly methodId: string | null;
  readonly method: Method;
  readonly nextNumber: number;
}

/** How far around its usual hours a stage of a bake from a poolish may go, as a share of them. Set. */
const REACH = 0.5;

/** The method of a bake: its version, or for a bake from a poolish one that says the same. */
export function methodOfBake(
  context: ShopContext,
  state: ShopState,
  bake: Bake,
  run: BakedRun,
): MethodOfBake {
  if (bake.methodVersionId !== null) {
    const { methodId, method } = oneMethodVersion(context.db, bake.methodVersionId);
    const newest = versionsOf(context, methodId)[0];
    return { methodId, method: newest?.method ?? method, nextNumber: (newest?.number ?? 0) + 1 };
  }
  const rows = methodRows(context, state);
  const named = rows.find((row) => row.versionId !== null && row.method.name === bake.name);
  if (named !== undefined) {
    return { methodId: named.id, method: named.method, nextNumber: (named.number ?? 0) + 1 };
  }
  return { methodId: null, method: fromPoolish(rows, bake, run), nextNumber: 1 };
}

function fromPoolish(
  rows: ReturnType<typeof methodRows>,
  bake: Bake,
  { leavens, dough, last, baked }: BakedRun,
): Method {
  const base = rows.find((row) => row.id === 'start-poolish-day')?.method;
  const { formula } = bake;
  if (base === undefined || formula === null)
    throw new Error('a bake from a poolish has its formula');
  const [poolish] = leavens;
  const stay = (placeId: string, hours: number): Stay => ({
    placeId,
    hours,
    leastH: hours * (1 - REACH),
    mostH: hours * (1 + REACH),
  });
  const leadH =
    poolish === undefined ? 8 : hoursBetween(poolish.story.startMs, dough.story.startMs);
  const flours = [{ flourId: formula.flourId, share: 1 }];
  const aimC = dough.story.start.kind === 'make' ? dough.story.start.startC : base.mix.aimC;
  return {
    ...base,
    name: bake.name,
    says: 'as it was baked from a poolish',
    dough: {
      ...base.dough,
      flours,
      hydration: formula.hydration,
      saltShare: formula.saltShare,
      oilShare: formula.oilShare,
      yeast: { ...base.dough.yeast, type: formula.yeastType },
      leavens: base.dough.leavens.map((one) => ({ ...one, flourShare: formula.prefermentedShare })),
    },
    target: {
      by: 'products',
      products: [{ name: 'Balls', count: formula.balls, weightG: formula.ballG, keepsH: 14 }],
    },
    lossShare: formula.lossShare,
    leavenStays: Object.fromEntries(
      base.dough.leavens.map((one) => [one.id, [stay(bake.poolishPlaceId, leadH)]]),
    ),
    mix: { ...base.mix, aimC: Math.min(32, Math.max(10, aimC)) },
    bulk: [stay(bake.doughPlaceId, hoursBetween(dough.story.startMs, last.story.startMs))],
    balls: [stay(bake.doughPlaceId, hoursBetween(last.story.startMs, baked.servedFromMs))],
  };
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
