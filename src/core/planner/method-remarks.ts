import { tr } from '@/words/tr';
import type { LotForecast } from '../forecast';
import type { Product } from '../formula';
import { hoursBetween, MS_PER_MINUTE } from '../units';
import type { MethodPlan, MethodRemark, MethodRequest } from './method-request';
import { isWorking } from './working-hours';

/** A mix further from its leaven’s best than this is told, min. */
const OFF_PEAK_MIN = 15;

/** What about a plan the baker should know, the gravest first. */
export function remarksOn(
  plan: Omit<MethodPlan, 'remarks'>,
  pieces: readonly Product[],
  request: MethodRequest,
): MethodRemark[] {
  return [
    ...ballsRemarks(plan, request),
    ...lighterRemarks(plan, pieces),
    ...leavenRemarks(plan),
    ...nightRemarks(plan, request),
    ...pieces.flatMap((piece): MethodRemark[] =>
      hoursBetween(plan.ballAtMs, request.readyToMs) > piece.keepsH
        ? [{ kind: 'keeps too short', product: piece.name, keepsH: piece.keepsH }]
        : [],
    ),
  ];
}

/** Pieces that are a few grams lighter than asked, so that the dough gives as many. */
function lighterRemarks(
  { method }: Pick<MethodPlan, 'method'>,
  pieces: readonly Product[],
): MethodRemark[] {
  const asked = method.target.by === 'products' ? method.target.products : [];
  return pieces.flatMap((piece, index): MethodRemark[] => {
    const askedG = asked[index]?.weightG ?? piece.weightG;
    return piece.weightG < askedG
      ? [{ kind: 'pieces lighter', product: piece.name, weightG: piece.weightG, askedG }]
      : [];
  });
}

/** Balls that are late or slack in their turn of the service, the first that are. */
function ballsRemarks(
  { balls, pieces, waves }: Pick<MethodPlan, 'balls' | 'pieces' | 'waves'>,
  { readyFromMs, readyToMs }: MethodRequest,
): MethodRemark[] {
  if (waves === null) return turnRemarks(balls, readyFromMs, readyToMs);
  const each = waves.map(({ fromMs, toMs }, index) => {
    const lot = pieces[index];
    return lot === undefined ? [] : turnRemarks(lot, fromMs, toMs);
  });
  return each.find((remarks) => remarks.length > 0) ?? [];
}

function turnRemarks(balls: LotForecast, readyFromMs: number, readyToMs: number): MethodRemark[] {
  const { opensMs, closesMs } = balls.window;
  const remarks: MethodRemark[] = [];
  if (opensMs === null || opensMs > readyFromMs + MS_PER_MINUTE) {
    const minutes = opensMs === null ? null : Math.round((opensMs - readyFromMs) / MS_PER_MINUTE);
    remarks.push({ kind: 'balls late', minutes });
  }
  if (closesMs !== null && closesMs < readyToMs) {
    remarks.push({
      kind: 'balls slack',
      minutes: Math.round((readyToMs - Math.max(readyFromMs, closesMs)) / MS_PER_MINUTE),
    });
  }
  return remarks;
}

function leavenRemarks({ leavens, mixAtMs }: Pick<MethodPlan, 'leavens' | 'mixAtMs'>) {
  return leavens.flatMap((one): MethodRemark[] => {
    if (!one.ripens) return [];
    const { opensMs, bestMs, closesMs } = one.forecast.window;
    if (
      opensMs === null ||
      opensMs > mixAtMs + MS_PER_MINUTE ||
      (closesMs !== null && closesMs < mixAtMs)
    ) {
      return [{ kind: 'leaven not ripe', leavenName: one.name }];
    }
    const minutes = bestMs === null ? 0 : Math.round((mixAtMs - bestMs) / MS_PER_MINUTE);
    return Math.abs(minutes) > OFF_PEAK_MIN
      ? [{ kind: 'mix off peak', leavenName: one.name, minutes }]
      : [];
  });
}

function nightRemarks(
  {
    leavens,
    refreshments,
    mixAtMs,
    ballAtMs,
  }: Pick<MethodPlan, 'leavens' | 'refreshments' | 'mixAtMs' | 'ballAtMs'>,
  { workingHours, timeZone }: MethodRequest,
): MethodRemark[] {
  const moments = [
    ...refreshments.map((one) => ({ what: tr`Refreshment ${one.number}`, atMs: one.atMs })),
    ...leavens.flatMap((one) => (one.atMs === null ? [] : [{ what: one.name, atMs: one.atMs }])),
    { what: tr`the mix`, atMs: mixAtMs },
    { what: 'balling', atMs: ballAtMs },
  ];
  return moments
    .filter(({ atMs }) => !isWorking(atMs, workingHours, timeZone))
    .map((one): MethodRemark => ({ kind: 'at night', ...one }));
}
