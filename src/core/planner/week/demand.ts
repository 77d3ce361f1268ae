import { tr } from '@/words/tr';
import type { Method } from '../../methods';
import { hoursBetween, MS_PER_HOUR } from '../../units';
import type { MethodRequest } from '../method-request';

/** A service that is wanted: so many balls of a dough of any of these methods, from–to. */
export interface Demand {
  readonly id: string;
  readonly name: string;
  readonly readyFromMs: number;
  readonly readyToMs: number;
  readonly balls: number;
  /** Pizzas in each hour of the service, the last one the rest of it; null: as many in every hour. */
  readonly perHour: readonly number[] | null;
  readonly methods: readonly DemandMethod[];
  /** True where the oven is on already, for the dough before it of the same service. */
  readonly ovenOn?: boolean;
  /** Hours that the baker pinned; every plan keeps them. */
  readonly held?: MethodRequest['held'];
}

/** A method that will do for a demand. */
export interface DemandMethod {
  readonly key: string;
  readonly method: Method;
  /** The kept version it is; null for a starting method. */
  readonly versionId: string | null;
}

/** The longest stretch of a service that is judged by itself, h. */
const HALF_HOUR_MS = MS_PER_HOUR / 2;

/** The half hours of a service; the last one may be shorter. */
export function halfHours(fromMs: number, toMs: number): { fromMs: number; toMs: number }[] {
  const count = Math.max(1, Math.ceil((toMs - fromMs) / HALF_HOUR_MS - 1e-9));
  return Array.from({ length: count }, (_, i) => ({
    fromMs: fromMs + i * HALF_HOUR_MS,
    toMs: Math.min(toMs, fromMs + (i + 1) * HALF_HOUR_MS),
  }));
}

/** Pizzas wanted in each hour of a service. */
export function pizzasPerHour(
  demand: Pick<Demand, 'readyFromMs' | 'readyToMs' | 'balls' | 'perHour'>,
): number[] {
  if (demand.perHour !== null) return [...demand.perHour];
  const hours = hoursBetween(demand.readyFromMs, demand.readyToMs);
  const count = Math.max(1, Math.ceil(hours - 1e-9));
  return Array.from({ length: count }, (_, i) => (demand.balls / hours) * Math.min(1, hours - i));
}

/** A stretch of a service. */
interface Span {
  readonly fromMs: number;
  readonly toMs: number;
}

/**
 * The half hours of a service that are judged: all of them but pauses, in which nobody is served, though before and after
 * somebody is.
 * @param turns when balls are served
 */
export function judgedHalfHours(
  { readyFromMs, readyToMs }: Pick<Demand, 'readyFromMs' | 'readyToMs'>,
  turns: readonly Span[],
): Span[] {
  return halfHours(readyFromMs, readyToMs).filter((half) => {
    const served = turns.some((turn) => turn.fromMs < half.toMs && half.fromMs < turn.toMs);
    const before = turns.some((turn) => turn.toMs <= half.fromMs);
    const after = turns.some((turn) => turn.fromMs >= half.toMs);
    return served || !before || !after;
  });
}

/**
 * The sittings of a service: its hours with pizzas, apart where hours without any lie between them. The first begins and the
 * last ends with the service.
 */
export function sittingsOf(
  service: Pick<Demand, 'readyFromMs' | 'readyToMs' | 'balls' | 'perHour'>,
): Span[] {
  const sittings: { fromMs: number; toMs: number }[] = [];
  for (const half of halfHours(service.readyFromMs, service.readyToMs)) {
    const wanted = ballsUntil(service, half.toMs) - ballsUntil(service, half.fromMs);
    const last = sittings.at(-1);
    if (wanted <= NOTHING_WANTED) continue;
    if (last?.toMs === half.fromMs) last.toMs = half.toMs;
    else sittings.push({ ...half });
  }
  const [first, last] = [sittings[0], sittings.at(-1)];
  if (first === undefined || last === undefined) {
    return [{ fromMs: service.readyFromMs, toMs: service.readyToMs }];
  }
  first.fromMs = service.readyFromMs;
  last.toMs = service.readyToMs;
  return sittings;
}
const NOTHING_WANTED = 1e-9;

/** Balls wanted from the start of a service until an instant of it. */
export function ballsUntil(
  demand: Pick<Demand, 'readyFromMs' | 'readyToMs' | 'balls' | 'perHour'>,
  atMs: number,
): number {
  const hour = hoursBetween(demand.readyFromMs, atMs);
  return pizzasPerHour(demand).reduce((sum, pizzas, i, all) => {
    const long = i === all.length - 1 ? hoursBetween(demand.readyFromMs, demand.readyToMs) - i : 1;
    return sum + pizzas * Math.min(1, Math.max(0, (hour - i) / Math.max(long, 1e-9)));
  }, 0);
}

/** A method made for so many balls: products keep their weights and their proportions. */
export function methodFor(method: Method, balls: number): Method {
  const { target } = method;
  if (target.by === 'diameter') return { ...method, target: { ...target, count: balls } };
  if (target.by !== 'products') {
    return {
      ...method,
      target: {
        by: 'products',
        products: [{ name: tr`Balls`, count: balls, weightG: USUAL_BALL_G, keepsH: USUAL_KEEPS_H }],
      },
    };
  }
  const whole = target.products.reduce((sum, one) => sum + one.count, 0);
  const [first, ...rest] = target.products;
  if (first === undefined) return method;
  const others = rest.map((one) => ({
    ...one,
    count: Math.max(1, Math.round((one.count / whole) * balls)),
  }));
  const left = balls - others.reduce((sum, one) => sum + one.count, 0);
  const products = [{ ...first, count: Math.max(1, left) }, ...others];
  return { ...method, target: { by: 'products', products } };
}
const USUAL_BALL_G = 250;
const USUAL_KEEPS_H = 14;
