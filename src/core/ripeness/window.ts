import { acidToPh, EXHAUSTED_SUGAR, STATE_SIZE, X, type Trajectory } from '../kinetics';
import { DomainError, requireNumber } from '../units';
import { firstFall, firstRise, greatest, rowAtHour, type Series } from './crossings';
import type { Handling, LotKind } from './kinds';
import {
  ripenessRule,
  SLACK_GLUTEN,
  SOUR_PH,
  type AgeRule,
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
  /** Until when balls spring back when opened; null for other kinds, and where they are slack enough at once. */
  readonly tightUntilH: number | null;
}

/** What to judge a run by. */
export interface WindowOptions {
  readonly kind: LotKind;
  readonly handling: Handling;
  /** The baker's own target rise, × the volume just mixed; replaces the table's. */
  readonly targetRise?: number;
  /** What becomes of a target above the greatest rise: refused, or taken as that rise (a target set earlier). */
  readonly targetTooHigh?: 'refuse' | 'cap';
  /** Balls and dough rise anew after hand work: hours before it do not count as ripe. */
  readonly fromH?: number;
}

const TARGET_RULE = { name: 'Target rise', unit: '×', min: 1.01, max: 20 } as const;
/** Least target that leaves a window around it, × the volume just mixed. */
const LEAST_TARGET = 1.02;
/** Hours on either side of exhaustion in which the level's own top counts as the peak. */
const PEAK_SEARCH_H = 1;

/**
 * The ripe window of a run. The run must go on past the peak: the greatest rise is read from it.
 * @throws {DomainError} target-rise-range, target-above-peak when the baker's target is more than the mass can reach
 * Source: ripeness table of the model of ripening, §4.
 */
export function ripeWindow(run: Trajectory, options: WindowOptions): RipeWindow {
  if (options.targetRise !== undefined) {
    requireNumber('target-rise-range', options.targetRise, TARGET_RULE);
  }
  const fromRow = rowAtHour(run.hours, run.length, options.fromH ?? 0);
  const rule = ripenessRule(options.kind, options.handling);
  if (options.kind === 'balls') return ballsWindow(run, rule as TargetRule, fromRow, options);
  if (rule.by === 'age') return ageWindow(run, rule, fromRow);
  if (rule.by === 'stretch') return stretchWindow(run, rule, fromRow);
  if (rule.by === 'peak') return peakWindow(run, rule, fromRow);
  return targetWindow(run, rule, fromRow, options);
}

/** Balls open when they have risen enough and have let go enough to be stretched. */
function ballsWindow(
  run: Trajectory,
  rule: TargetRule,
  fromRow: number,
  options: WindowOptions,
): RipeWindow {
  const risen = targetWindow(run, rule, fromRow, options);
  const tight = run.constants.model.tensionTight;
  const tension = quantity(run, X.tension);
  const slackH = firstFall(tension, tight, lastAbove(tension, tight, fromRow));
  const fromH = run.hours[fromRow] as number;
  const tightUntilH = slackH !== null && slackH > fromH ? slackH : null;
  if (risen.opensH === null || tightUntilH === null || tightUntilH <= risen.opensH) {
    return { ...risen, tightUntilH };
  }
  const { closesH, bestH } = risen;
  if (closesH !== null && tightUntilH >= closesH) {
    return { ...notReached(run, fromRow, 'target'), tightUntilH };
  }
  const best = bestH === null ? null : Math.max(bestH, tightUntilH);
  return { ...risen, opensH: tightUntilH, bestH: best, tightUntilH };
}

/** Last row at which a series is above a level; the first row asked for where it never is. */
function lastAbove(series: Series, level: number, fromRow: number): number {
  for (let row = series.length - 1; row > fromRow; row -= 1) if (series.at(row) > level) return row;
  return fromRow;
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

/** The peak: the top of the level near exhaustion, as its row and its hour. Cooling alone never makes one. */
function peakOf(run: Trajectory, fromRow: number): { row: number; hour: number } | null {
  const exhaustedH = firstFall(quantity(run, X.sugar), EXHAUSTED_SUGAR, fromRow);
  if (exhaustedH === null) return null;
  const low = Math.max(fromRow, rowAtHour(run.hours, run.length, exhaustedH - PEAK_SEARCH_H));
  const high = rowAtHour(run.hours, run.length, exhaustedH + PEAK_SEARCH_H);
  const { row } = greatest(rises(run), low, high);
  // A level that is still climbing, or has long been falling, has its top at the edge of the search, not at a step.
  if (row === low) {
    return { row, hour: Math.max(run.hours[fromRow] as number, exhaustedH - PEAK_SEARCH_H) };
  }
  const end = run.hours[run.length - 1] as number;
  if (row === high) return { row, hour: Math.min(end, exhaustedH + PEAK_SEARCH_H) };
  return { row, hour: topHour(run, row) };
}

/** Hour of the top of the curve at a row, from the parabola through its neighbours. */
function topHour(run: Trajectory, row: number): number {
  const y = rises(run).at;
  const hour = run.hours[row] as number;
  const curve = y(row - 1) - 2 * y(row) + y(row + 1);
  if (curve >= 0) return hour;
  const shift = (0.5 * (y(row - 1) - y(row + 1))) / curve;
  return hour + Math.max(-1, Math.min(1, shift)) * ((run.hours[row + 1] as number) - hour);
}

function peakWindow(run: Trajectory, rule: PeakRule, fromRow: number): RipeWindow {
  const level = rises(run);
  const peak = peakOf(run, fromRow);
  if (peak === null) return notReached(run, fromRow, 'peak');
  const { row } = peak;
  const peakRise = level.at(row);
  const edge = rule.shareOfPeak * peakRise;
  return {
    opensH: firstRise(level, edge, fromRow),
    bestH: peak.hour,
    closesH: firstFall(level, edge, row),
    peakRise,
    bestRise: peakRise,
    by: 'peak',
    tightUntilH: null,
  };
}

function targetWindow(
  run: Trajectory,
  rule: TargetRule,
  fromRow: number,
  options: WindowOptions,
): RipeWindow {
  const level = rises(run);
  const top = greatest(level, fromRow, run.length - 1);
  const ownTarget = options.targetRise;
  const refuses = options.targetTooHigh !== 'cap';
  if (refuses && ownTarget !== undefined && ownTarget > top.value) {
    throw new DomainError(
      'target-above-peak',
      `Target rise: ×${ownTarget} is not possible. Allowed: up to ×${top.value.toFixed(2)}, its greatest rise.`,
      { targetRise: ownTarget, greatestRise: top.value },
    );
  }
  const wanted =
    ownTarget === undefined ? rule.target : Math.max(LEAST_TARGET, Math.min(ownTarget, top.value));
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
    tightUntilH: null,
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
    tightUntilH: null,
  };
}

function ageWindow(run: Trajectory, rule: AgeRule, fromRow: number): RipeWindow {
  const fromH = run.hours[fromRow] as number;
  return { ...notReached(run, fromRow, 'stretch'), opensH: fromH, closesH: fromH + rule.keepsH };
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
    tightUntilH: null,
  };
}

function earliest(a: number | null, b: number | null): number | null {
  if (a === null) return b;
  return b === null ? a : Math.min(a, b);
}
