import { hoursToBalls } from '../mixing';
import { addHours, MS_PER_MINUTE } from '../units';
import { draft, type SoughtDraft } from './drafted';
import { chanceInside, chanceOfTurn, likelierShiftH, LN_SD, type Turn } from './likelier-hour';
import type { MethodRequest } from './method-request';
import { mixedLater } from './mixed-later';
import { isWorking } from './working-hours';

/** Turns in which a plan finds its likelier hour. */
const TURNS = 2;
/** Gained at least, as a chance: less is within what the windows alone can tell. */
const LEAST_GAIN = 0.01;

/** A bake with the hour of its mix. */
export interface Settled {
  readonly mixAtMs: number;
  readonly drafted: SoughtDraft;
}

/**
 * The hour of the mix, or of the tempering, at which all the balls are likeliest to hold the whole service, bulk and balls
 * within their ranges: a window that is shorter than the service, or wider after its best than before it, wants another hour
 * than its opening. As it was where the baker pinned the mix, nothing is gained, or nobody works then.
 */
export function likelierMix(
  request: MethodRequest,
  before: Settled,
  firstShiftH?: number,
): Settled {
  if (!isFree(request)) return before;
  let best = before;
  let chance = chanceOf(request, best);
  for (let turn = 0; turn < TURNS; turn += 1) {
    const isFirst = best === before;
    const shiftH = (isFirst ? firstShiftH : undefined) ?? likelierShiftH(turnOf(request, best));
    const asked = mixedLater(request, best.mixAtMs, best.drafted.method.balls, shiftH);
    const mixAtMs = asked?.held.mixAtMs;
    if (asked === null || mixAtMs === undefined || !canBe(request, asked, mixAtMs)) break;
    const next = { mixAtMs, drafted: draft(asked, mixAtMs, best.drafted) };
    const found = chanceOf(asked, next);
    if (found < chance + LEAST_GAIN || isLate(request, next)) break;
    best = next;
    chance = found;
  }
  return best;
}

/** True where the hour of the mix is the planner’s to find. */
export const isFree = ({ held, waves, solved }: MethodRequest) =>
  held.mixAtMs === undefined && waves === undefined && solved === undefined;

/**
 * By how many hours a bake that is not settled yet had better come later at once, than first by as many as its balls open too
 * early; null where that is as good.
 */
export function leadsOn(request: MethodRequest, first: Settled, settlesH: number): number | null {
  const turn = turnOf(request, first);
  if (turn.lot.window.opensMs === null) return null;
  const shiftH = likelierShiftH(turn);
  return chanceOfTurn(turn, shiftH) > chanceOfTurn(turn, settlesH) + LEAST_GAIN ? shiftH : null;
}

function turnOf({ readyFromMs, readyToMs }: MethodRequest, { mixAtMs, drafted }: Settled): Turn {
  const dough = drafted.lots.get(drafted.ids.doughId);
  return {
    lot: drafted.balls,
    mixedAtMs: mixAtMs,
    fromMs: readyFromMs,
    toMs: readyToMs,
    extraLnSd: dough?.extraLnSd ?? 0,
  };
}

/** Chance that leavens are ripe at the mix and balls hold the service, from their windows alone. */
function chanceOf(request: MethodRequest, settled: Settled): number {
  const { ids, lots, moments } = settled.drafted;
  const leavens = Object.entries(moments.leavenAtMs).map(([id, atMs]) => {
    const lot = lots.get(ids.leavenIds[id] ?? '');
    return lot === undefined ? 1 : chanceInside(lot, atMs, settled.mixAtMs, LN_SD.leaven);
  });
  return Math.min(1, ...leavens) * chanceOfTurn(turnOf(request, settled));
}

/** True where somebody works at a mix and its balling, or nobody did before. */
function canBe(before: MethodRequest, asked: MethodRequest, mixAtMs: number): boolean {
  const { workingHours, timeZone, nowMs } = before;
  if (mixAtMs < nowMs || mixAtMs >= before.readyToMs) return false;
  const ballAtMs = addHours(mixAtMs, hoursToBalls(asked.method, 1));
  return [mixAtMs, ballAtMs].every((atMs) => isWorking(atMs, workingHours, timeZone));
}

/** True where a leaven would have to be built in the past. */
export function isLate({ nowMs }: MethodRequest, { drafted, mixAtMs }: Settled): boolean {
  const built = Object.values(drafted.moments.leavenAtMs);
  return built.some((atMs) => atMs < nowMs - MS_PER_MINUTE || atMs >= mixAtMs);
}
