import { placeTempC } from '../../forecast';
import type { Method, Stay } from '../../methods';
import type { MethodRequest } from '../method-request';
import type { Broken } from './broken';

/** A place this near in temperature leaves a method what it is, °C. Set. */
const NEAR_C = 8;

/** A method with one of its stages in another place. */
interface Elsewhere {
  readonly method: Method;
  /** The place that is left. */
  readonly leftId: string;
  readonly apartC: number;
}

/**
 * A method with one stage (a leaven, the bulk, the balls) in another place of about the same warmth: those that leave a
 * full place first, then the nearest in temperature.
 */
export function elsewhere(request: MethodRequest, broken: readonly Broken[]): Method[] {
  const full = new Set(
    broken.filter((one) => one.kind === 'place full').map((one) => one.key.replace(/^place /, '')),
  );
  return stages(request.method)
    .flatMap((stage) => movedStages(stage, request))
    .sort((a, b) => Number(full.has(b.leftId)) - Number(full.has(a.leftId)) || a.apartC - b.apartC)
    .map((one) => one.method);
}

interface Stage {
  readonly stays: readonly Stay[];
  readonly put: (stays: Stay[]) => Method;
}

function stages(method: Method): Stage[] {
  const leavens = Object.entries(method.leavenStays).map(([id, stays]) => ({
    stays,
    put: (moved: Stay[]): Method => ({
      ...method,
      leavenStays: { ...method.leavenStays, [id]: moved },
    }),
  }));
  return [
    ...leavens,
    { stays: method.bulk, put: (bulk: Stay[]): Method => ({ ...method, bulk }) },
    { stays: method.balls, put: (balls: Stay[]): Method => ({ ...method, balls }) },
  ];
}

function movedStages({ stays, put }: Stage, { places, readyFromMs }: MethodRequest): Elsewhere[] {
  const tempC = (placeId: string) => placeTempC(places, placeId, readyFromMs);
  const used = [...new Set(stays.map((one) => one.placeId))].filter((id) => places.has(id));
  return used.flatMap((leftId) =>
    [...places.keys()]
      .filter((placeId) => !used.includes(placeId))
      .map((placeId) => ({
        leftId,
        apartC: Math.abs(tempC(placeId) - tempC(leftId)),
        method: put(stays.map((one) => (one.placeId === leftId ? { ...one, placeId } : one))),
      }))
      .filter((one) => one.apartC <= NEAR_C),
  );
}
