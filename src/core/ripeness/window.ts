import { acidToPh, EXHAUSTED_SUGAR, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { DomainError } from '../units';
import { firstFall, firstRise, greatest, rowAtHour, type Series } from './crossings';
import type { Handling, LotKind } from './kinds';
import {
  ripenessRule,
  SLACK_GLUTEN,
  SOUR_PH,
  type PeakRule,
  type StretchRule,
  type TargetRule,
} from './rules';

/** When a lot is ripe, in hours of its run; null where the run never gets there. */
export interface RipeWindow {
  readonly opensH: number | null;
  /** Null for a usable stretch without a peak. */
  readonly bestH: number | null;
  readonly closesH: number | null;
  /** Greatest rise of the predicted curve, × the volume just mixed. */
  readonly peakRise: number;
  /** Rise at `bestH`, or at `opensH` for a stretch. */
  readonly bestRise: number;
  readonly by: 'peak' | 'target' | 'stretch';
}

/** What to judge a run by. */
export interface WindowOptions {
  readonly kind: LotKind;
  readonly handling: Handling;
  /** The baker's own target rise, × the volume just mixed; replaces the table's. */
  readonly targetRise?: number;
  /** Balls and dough rise anew after hand work: hours before it do not count as ripe. */
  readonly fromH?: number;
}

/** Hours on either side of exhaustion in which the level's own top counts as the peak. */
const PEAK_SEARCH_H = 1;

/**
 * The ripe window of a run. The run must go on past the peak: the greatest rise is read from it.
 * @throws {DomainError} target-above-peak when the baker's target is more than the mass can reach
 * Source: ripeness table of the model of ripening, §4.
 */
export function ripeWindow(run: Trajectory, options: WindowOptions): RipeWindow {
  const fromRow = rowAtHour(run.hours, run.length, options.fromH ?? 0);
  const rule = ripenessRule(options.kind, options.handling);
  if (rule.by === 'stretch') return stretchWindow(run, rule, fromRow);
  if (rule.by === 'peak') return peakWindow(run, rule, fromRow);
  return targetWindow(run, rule, fromRow, options.targetRise);
}

function rises(run: Trajectory): Series {
  return { hours: run.hours, length: run.length, at: (row) => run.rises[row] as number };
}

function quantity(run: Trajectory, index: number): Series {
  return {
    hours: run.hours,
    length: run.length,
    at: (row) => run.states[row * STATE_SIZE + index] as number,
  };
}

/** Row of the peak: the top of the level near exhaustion. Cooling alone never makes one. */
function peakRow(run: Trajectory, fromRow: number): number | null {
  const exhaustedH = firstFall(quantity(run, X.sugar), EXHAUSTED_SUGAR, fromRow);
  if (exhaustedH === null) return null;
  const low = Math.max(fromRow, rowAtHour(run.hours, run.length, exhaustedH - PEAK_SEARCH_H));
  const high = rowAtHour(run.hours, run.length, exhaustedH + PEAK_SEARCH_H);
  return greatest(rises(run), low, high).row;
}

/** Hour of the top of the curve at a row, from the parabola through its neighbours. */
function topHour(run: Trajectory, row: number): number {
  const y = rises(run).at;
  const hour = run.hours[row] as number;
  if (row === 0 || row === run.length - 1) return hour;
  const curve = y(row - 1) - 2 * y(row) + y(row + 1);
  if (curve >= 0) return hour;
  const shift = (0.5 * (y(row - 1) - y(row + 1))) / curve;
  return hour + Math.max(-1, Math.min(1, shift)) * ((run.hours[row + 1] as number) - hour);
}

function peakWindow(run: Trajectory, rule: PeakRule, fromRow: number): RipeWindow {
  const level = rises(run);
  const row = peakRow(run, fromRow);
  if (row === null) return notReached(run, fromRow, 'peak');
  const peakRise = level.at(row);
  const edge = rule.shareOfPeak * peakRise;
  return {
    opensH: firstRise(level, edge, fromRow),
    bestH: topHour(run, row),
    closesH: firstFall(level, edge, row),
    peakRise,
    bestRise: peakRise,
    by: 'peak',
  };
}

function targetWindow(
  run: Trajectory,
  rule: TargetRule,
  fromRow: number,
  ownTarget: number | undefined,
): RipeWindow {
  const level = rises(run);
  const top = greatest(level, fromRow, run.length - 1);
  if (ownTarget !== undefined && ownTarget > top.value) {
    throw new DomainError(
      'target-above-peak',
      `Target rise: ×${ownTarget} is not possible. Allowed: up to ×${top.value.toFixed(2)}, its greatest rise.`,
      { targetRise: ownTarget, greatestRise: top.value },
    );
  }
  const wanted = ownTarget ?? rule.target;
  const target = Math.min(wanted, top.value);
  const opensRise = 1 + rule.opensShare * (wanted - 1);
  const closesByPeak = () => firstFall(level, rule.shareOfPeak * top.value, top.row);
  const closesByRise =
    rule.closesShare === null
      ? closesByPeak()
      : (firstRise(level, 1 + rule.closesShare * (wanted - 1), fromRow) ?? closesByPeak());
  const slackH = firstFall(quantity(run, X.gluten), SLACK_GLUTEN, fromRow);
  const opensH = firstRise(level, opensRise, fromRow);
  return {
    opensH,
    bestH: opensH === null ? null : firstRise(level, target, fromRow),
    closesH: opensH === null ? null : earliest(closesByRise, slackH),
    peakRise: top.value,
    bestRise: target,
    by: 'target',
  };
}

function stretchWindow(run: Trajectory, rule: StretchRule, fromRow: number): RipeWindow {
  const gas = quantity(run, X.gasMade);
  const opensH = firstRise(gas, rule.opensGas, fromRow);
  const ended =
    rule.closesGas === null
      ? firstFall(quantity(run, X.sugar), EXHAUSTED_SUGAR, fromRow)
      : firstRise(gas, rule.closesGas, fromRow);
  const slackH = firstFall(quantity(run, X.gluten), SLACK_GLUTEN, fromRow);
  const ph: Series = {
    ...gas,
    at: (row) =>
      acidToPh(
        run.states[row * STATE_SIZE + X.acid] as number,
        run.constants.wholegrainShare,
        run.constants.model,
      ),
  };
  const sourH = firstFall(ph, SOUR_PH, fromRow);
  const top = greatest(rises(run), fromRow, run.length - 1);
  const closesH = earliest(earliest(ended, slackH), sourH);
  if (opensH === null || (closesH !== null && closesH <= opensH)) {
    return notReached(run, fromRow, 'stretch');
  }
  return {
    opensH,
    bestH: null,
    closesH,
    peakRise: top.value,
    bestRise: rises(run).at(rowAtHour(run.hours, run.length, opensH)),
    by: 'stretch',
  };
}

function notReached(run: Trajectory, fromRow: number, by: RipeWindow['by']): RipeWindow {
  const top = greatest(rises(run), fromRow, run.length - 1);
  return {
    opensH: null,
    bestH: null,
    closesH: null,
    peakRise: top.value,
    bestRise: top.value,
    by,
  };
}

function earliest(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null ? a : Math.min(a, b);
}
