import {
  acidToPh,
  BOOK_MODEL,
  restedLevel,
  simulate,
  STATE_SIZE,
  X,
  type Model,
  type Trajectory,
} from '../../kinetics';
import { firstFall, firstRise, valueAtHour } from '../../ripeness';
import { NO_DOUBT } from '../doubt';
import { readRequest, requestState, runRequest, type MassRequest } from '../mass-request';

const never = (hour: number | null) => hour ?? NaN;

function series(result: Trajectory, at: (row: number) => number) {
  return { hours: result.hours, length: result.length, at };
}
const rises = (result: Trajectory) => series(result, (row) => result.rises[row] as number);
const rested = (result: Trajectory) => series(result, (row) => restedLevel(result, row));
const quantity = (result: Trajectory, index: number) =>
  series(result, (row) => result.states[row * STATE_SIZE + index] as number);

/** What is measured of a mass under one set of parameters. */
export interface Measures {
  /** Hours to the best moment; NaN where there is none. */
  readonly hoursToBest: (request: MassRequest) => number;
  /** Hours until a leaven can be used young. */
  readonly hoursToYoung: (request: MassRequest) => number;
  /** Hours until it opens, counted from an hour on. */
  readonly hoursToOpen: (request: MassRequest, fromH?: number) => number;
  /** Hours until it closes, counted from an hour on. */
  readonly hoursToClose: (request: MassRequest, fromH?: number) => number;
  /** Hours from opening to closing. */
  readonly hoursOpen: (request: MassRequest) => number;
  /** Hours to a rise, × the volume just mixed (or just after mixing, with what gas came along). */
  readonly hoursToRise: (request: MassRequest, level: number) => number;
  /** Hours until it would stand at a level on a bench, × the volume just mixed. */
  readonly hoursToLevel: (request: MassRequest, level: number) => number;
  /** Rise at an hour. */
  readonly riseAfter: (request: MassRequest, hour: number) => number;
  /** CO2 made by an hour, ml/g. */
  readonly gasAfter: (request: MassRequest, hour: number) => number;
  /** pH at the best moment. */
  readonly phAtBest: (request: MassRequest) => number;
  /** Hours in which the core covers all but 1/e of the way from 22 °C to a fridge at 4 °C, without fermenting. */
  readonly coreLagH: (request: MassRequest) => number;
  /** Steady gas rate of awake yeast with sugar at hand, ml/g/h. */
  readonly gasRate: (request: MassRequest, tempC: number) => number;
  /** Q10 of the hours to best between two places. */
  readonly q10: (at: (placeC: number) => MassRequest, lowC: number, highC: number) => number;
}

/** The measures under a model. */
export function measuresOf(model: Model = BOOK_MODEL): Measures {
  const run = (request: MassRequest) => runRequest(request, NO_DOUBT, { model });
  const window = (request: MassRequest) => readRequest(request, run(request));
  const hoursToBest = (request: MassRequest) => never(window(request).bestH);
  return {
    hoursToBest,
    hoursToYoung: (request) => never(window(request).youngH),
    hoursToOpen: (request, fromH = 0) => never(window(request).opensH) - fromH,
    hoursToClose: (request, fromH = 0) => never(window(request).closesH) - fromH,
    hoursOpen: (request) => {
      const { opensH, closesH } = window(request);
      return never(closesH) - never(opensH);
    },
    hoursToRise: (request, level) => {
      const result = run(request);
      return never(firstRise(rises(result), level * (result.rises[0] as number)));
    },
    hoursToLevel: (request, level) => never(firstRise(rested(run(request)), level)),
    riseAfter: (request, hour) => valueAtHour(rises(run(request)), hour),
    gasAfter: (request, hour) => valueAtHour(quantity(run(request), X.gasMade), hour),
    phAtBest: (request) => {
      const result = run(request);
      const best = never(readRequest(request, result).bestH);
      const acid = valueAtHour(quantity(result, X.acid), best);
      return acidToPh(acid, result.constants.wholegrainShare, model);
    },
    coreLagH: (request) => {
      const stays = [{ placeC: 4, hours: 40 }];
      const still = { ...request, freshShare: 0, seeds: [], startC: 22, stays };
      return never(firstFall(quantity(run(still), X.coreC), 4 + 18 / Math.E));
    },
    gasRate: (request, tempC) => {
      const state = requestState({ ...request, startC: tempC }, model);
      state[X.awakeB] = 8;
      const hours = 0.05;
      const stays = [{ untilH: hours, ambientC: tempC }];
      const result = simulate({ recipe: request.recipe, start: state, stays, model });
      return valueAtHour(quantity(result, X.gasMade), hours) / hours;
    },
    q10: (at, lowC, highC) =>
      (hoursToBest(at(lowC)) / hoursToBest(at(highC))) ** (10 / (highC - lowC)),
  };
}
