import { acidToPh, simulate, STATE_SIZE, X, type Trajectory } from '../../kinetics';
import { firstFall, firstRise, valueAtHour } from '../../ripeness';
import { NO_DOUBT } from '../doubt';
import { readRequest, requestState, runRequest, type MassRequest } from '../mass-request';

const run = (request: MassRequest) => runRequest(request, NO_DOUBT);
const never = (hour: number | null) => hour ?? NaN;

function rises(result: Trajectory) {
  return {
    hours: result.hours,
    length: result.length,
    at: (row: number) => result.rises[row] as number,
  };
}

function quantity(result: Trajectory, index: number) {
  return {
    hours: result.hours,
    length: result.length,
    at: (row: number) => result.states[row * STATE_SIZE + index] as number,
  };
}

/** Hours to the best moment; NaN where there is none. */
export function hoursToBest(request: MassRequest): number {
  return never(readRequest(request, run(request)).bestH);
}

/** Hours until the window opens. */
export function hoursToOpen(request: MassRequest): number {
  return never(readRequest(request, run(request)).opensH);
}

/** Hours from opening to closing. */
export function hoursOpen(request: MassRequest): number {
  const { opensH, closesH } = readRequest(request, run(request));
  return never(closesH) - never(opensH);
}

/** Hours to a rise, × the volume just mixed (or just after mixing, with what gas came along). */
export function hoursToRise(request: MassRequest, level: number): number {
  const result = run(request);
  return never(firstRise(rises(result), level * (result.rises[0] as number)));
}

/** Rise at an hour. */
export function riseAfter(request: MassRequest, hour: number): number {
  return valueAtHour(rises(run(request)), hour);
}

/** CO2 made by an hour, ml/g. */
export function gasAfter(request: MassRequest, hour: number): number {
  return valueAtHour(quantity(run(request), X.gasMade), hour);
}

/** pH at the best moment. */
export function phAtBest(request: MassRequest): number {
  const result = run(request);
  const best = never(readRequest(request, result).bestH);
  const acid = valueAtHour(quantity(result, X.acid), best);
  return acidToPh(acid, result.constants.wholegrainShare, result.constants.model);
}

/** Hours in which the core covers all but 1/e of the way from 22 °C to a fridge at 4 °C, without fermenting. */
export function coreLagH(request: MassRequest): number {
  const still = {
    ...request,
    freshShare: 0,
    seeds: [],
    startC: 22,
    stays: [{ placeC: 4, hours: 40 }],
  };
  return never(firstFall(quantity(run(still), X.coreC), 4 + 18 / Math.E));
}

/** Steady gas rate of awake yeast with sugar at hand, ml/g/h. */
export function gasRate(request: MassRequest, tempC: number): number {
  const state = requestState({ ...request, startC: tempC });
  state[X.awakeB] = 8;
  const hours = 0.05;
  const result = simulate({
    recipe: request.recipe,
    start: state,
    stays: [{ untilH: hours, ambientC: tempC }],
  });
  return valueAtHour(quantity(result, X.gasMade), hours) / hours;
}

/** Q10 of the hours to best between two places. */
export function q10(at: (placeC: number) => MassRequest, lowC: number, highC: number): number {
  return (hoursToBest(at(lowC)) / hoursToBest(at(highC))) ** (10 / (highC - lowC));
}
