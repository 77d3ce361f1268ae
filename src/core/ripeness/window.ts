import { tr, word } from '@/words/tr';
import { X, type Trajectory } from '../kinetics';
import { DomainError, requireNumber } from '../units';
import { ageMoments } from './aged';
import { firstFall, greatest, rowAtHour, type Series } from './crossings';
import type { WindowOptions } from './options';
import { momentsOf, NEVER, type Moments } from './moments';
import { ripenessRule } from './rules';
import { quantity, rises } from './series-of';

/** When a lot is ripe, in hours of its run; null where the run never gets there. */
export interface RipeWindow {
  /** From when it is as ripe as was asked: young or prime. */
  readonly opensH: number | null;
  /** Null where only young was asked: any hour of the stretch will do. */
  readonly bestH: number | null;
  readonly closesH: number | null;
  /** From when a leaven can be used with a little yeast; null for doughs and balls. */
  readonly youngH: number | null;
  /** From when it is prime, whatever was asked. */
  readonly primeH: number | null;
  /** From when it is no use as a leaven any more, or too slack to be shaped. */
  readonly pastH: number | null;
  /** Greatest rise of the predicted curve, × the volume just mixed. */
  readonly peakRise: number;
  /** Rise at `bestH`, or at `opensH` for a stretch. */
  readonly bestRise: number;
  readonly by: 'peak' | 'target' | 'stretch';
  /** Until when balls spring back when opened; null for other kinds, and where they are slack enough at once. */
  readonly tightUntilH: number | null;
}

const TARGET_RULE = { name: word('Target rise'), unit: '×', min: 1.01, max: 20 } as const;
/**
 * The ripe window of a run, read from its states one after the other: nothing said about an hour rests on a later one.
 * Opens before best before closes, always.
 * @throws {DomainError} target-rise-range, target-above-peak when the baker's target is more than the mass can reach
 * Source: ripeness from the state alone, model of ripening §4b.
 */
export function ripeWindow(run: Trajectory, options: WindowOptions): RipeWindow {
  if (options.targetRise !== undefined) {
    requireNumber('target-rise-range', options.targetRise, TARGET_RULE);
  }
  const rule = ripenessRule(options.kind);
  if (rule.by === 'age') return windowOf(run, ageMoments(run, rule), 'stretch');
  if (rule.by === 'target') refuseTooHigh(run, options);
  const moments = momentsOf(run, rule, options);
  if (options.kind === 'balls') return ballsWindow(run, moments);
  const holdsShape = rule.by === 'target' && rule.holdsShape;
  if (options.asks === 'young' && !holdsShape) return youngWindow(run, moments);
  return windowOf(run, moments, rule.by);
}

/** A leaven that will do young: usable from then until it is late, with no hour better than the others. */
function youngWindow(run: Trajectory, moments: Moments): RipeWindow {
  const window = windowOf(run, { ...moments, bestH: null }, 'stretch');
  const { youngH } = moments;
  return { ...window, opensH: youngH, bestRise: riseAtHour(run, youngH, window.peakRise) };
}

/** Balls open when they have risen enough and have let go enough to be stretched. */
function ballsWindow(run: Trajectory, moments: Moments): RipeWindow {
  const risen = windowOf(run, moments, 'target');
  const tight = run.constants.model.tensionTight;
  const tension = quantity(run, X.tension);
  const slackH = firstFall(tension, tight, lastAbove(tension, tight));
  const tightUntilH = slackH !== null && slackH > 0 ? slackH : null;
  if (risen.opensH === null || tightUntilH === null || tightUntilH <= risen.opensH) {
    return { ...risen, tightUntilH };
  }
  const { closesH, bestH } = risen;
  if (closesH !== null && tightUntilH >= closesH) {
    return { ...windowOf(run, NEVER, 'target'), pastH: risen.pastH, tightUntilH };
  }
  const best = bestH === null ? null : Math.max(bestH, tightUntilH);
  return { ...risen, opensH: tightUntilH, primeH: tightUntilH, bestH: best, tightUntilH };
}

/** Last row at which a series is above a level; the first where it never is. */
function lastAbove(series: Series, level: number): number {
  for (let row = series.length - 1; row > 0; row -= 1) if (series.at(row) > level) return row;
  return 0;
}

function refuseTooHigh(run: Trajectory, options: WindowOptions): void {
  const { targetRise, targetTooHigh } = options;
  if (targetRise === undefined || targetTooHigh === 'cap') return;
  const top = greatest(rises(run), 0, run.length - 1).value;
  if (targetRise <= top) return;
  throw new DomainError(
    'target-above-peak',
    tr`Target rise: ×${targetRise} is not possible. Allowed: up to ×${top.toFixed(2)}, its greatest rise.`,
    { targetRise, greatestRise: top },
  );
}

function windowOf(run: Trajectory, moments: Moments, by: RipeWindow['by']): RipeWindow {
  const { primeH, bestH, closesH, youngH, pastH } = moments;
  const peakRise = greatest(rises(run), 0, run.length - 1).value;
  const open = primeH !== null;
  return {
    opensH: primeH,
    bestH: open ? bestH : null,
    closesH: open || youngH !== null ? closesH : null,
    youngH,
    primeH,
    pastH,
    peakRise,
    bestRise: riseAtHour(run, bestH ?? primeH, peakRise),
    by,
    tightUntilH: null,
  };
}

/** The rise at an hour; another one where there is no such hour. */
function riseAtHour(run: Trajectory, hour: number | null, otherwise: number): number {
  if (hour === null) return otherwise;
  return run.rises[rowAtHour(run.hours, run.length, hour)] as number;
}
