import type { LotForecast } from '../forecast';
import { hoursRange, usualHours } from '../methods';
import { hoursToBalls } from '../mixing';
import { addHours, hoursBetween, MS_PER_MINUTE } from '../units';
import { batchesOf, draft } from './drafted';
import { isFree, isLate, leadsOn, likelierMix, type Settled } from './likelier-mix';
import type { MethodRequest } from './method-request';
import { SOUGHT_ROUGHLY } from './sought';
import { inFives } from './wave-rules';
import { isWorking } from './working-hours';

/** Balls open at least this long before the service, and sooner when their window is longer than it. */
const OPEN_BEFORE_H = 0.1;
const MOST_EARLY_H = 1;
/** Turns in which the mix finds its hour: each ends within a few minutes of the one before. */
const TURNS = 6;
const CLOSE_MS = 4 * MS_PER_MINUTE;
/** Hours that tempering leaves for the mix to make up for; fewer are left to the next turn. */
const LEFT_H = 0.5;
const FIVE_MINUTES_MS = 5 * MS_PER_MINUTE;

/** The hour of the mix: the likeliest, or where nothing is gained by that, the one at which the balls open in time. */
export function foundMix(request: MethodRequest): Settled {
  const isRough = isFree(request);
  const mixAtMs = firstMix(request);
  const asked = isRough ? { ...request, look: SOUGHT_ROUGHLY } : request;
  const first = { mixAtMs, drafted: draft(asked, mixAtMs, null) };
  const shiftH = isRough ? leadsOn(request, first, settlesH(request, first)) : null;
  const start = shiftH === null ? null : ledOn(request, first, shiftH);
  if (shiftH !== null && start !== null) {
    const likelier = likelierMix(request, start, start === first ? shiftH : undefined);
    if (likelier !== first) return likelier;
  }
  return likelierMix(request, settled(request, first, isRough));
}

/**
 * A bake on its way to a likelier hour: balls that come out of the cold so many hours later, and are as long in it as ever. The
 * bake as it is where they go from the bench to the oven; null where they can not temper so many hours, or a
 * leaven would have to be built in the past.
 */
function ledOn(request: MethodRequest, first: Settled, shiftH: number): Settled | null {
  const { method } = request;
  const last = method.balls.at(-1);
  if (last === undefined || method.balls.length < 2) return first;
  const wantedH = last.hours - shiftH;
  if (wantedH < last.leastH || wantedH > last.mostH) return null;
  const asked = withLast(request, wantedH);
  const mixAtMs = workingMix(asked, firstMix(asked));
  const led = { mixAtMs, drafted: draft(asked, mixAtMs, first.drafted) };
  return isLate(request, led) ? null : led;
}

/** The hour of the mix, or where the balls come out of the cold the hours they temper, so that they open in time. */
function settled(request: MethodRequest, first: Settled, isRough: boolean): Settled {
  let at: Turned = { asked: request, ...first };
  for (let turn = 0; turn < TURNS && request.waves === undefined; turn += 1) {
    const next = turned(at);
    const isClose = next.asked === at.asked && Math.abs(next.mixAtMs - at.mixAtMs) < CLOSE_MS;
    if (isClose && !(isRough && turn === 0)) break;
    at = { ...next, drafted: draft(next.asked, next.mixAtMs, at.drafted) };
  }
  const { asked, mixAtMs, drafted } = at;
  const workingMs = request.held.mixAtMs ?? workingMix(asked, mixAtMs);
  if (workingMs === mixAtMs) return { mixAtMs, drafted };
  const moved = draft(asked, workingMs, drafted);
  return { mixAtMs: workingMs, drafted: draft(better(asked, moved.balls), workingMs, moved) };
}

/** A bake on its way to where its balls open in time. */
interface Turned extends Settled {
  /** The request with the hours that the balls temper. */
  readonly asked: MethodRequest;
}

/** A turn nearer: balls out of the cold later or sooner, and what that does not give, the mix. */
function turned({ asked, mixAtMs, drafted }: Turned): Pick<Turned, 'asked' | 'mixAtMs'> {
  const lateByH = lateH(asked, drafted.balls);
  const next = asked.method.balls.length > 1 ? better(asked, drafted.balls) : asked;
  // What they temper longer they need not be mixed earlier.
  const leftH = lateByH - (lastHours(next) - lastHours(asked));
  const mayMove = next === asked || Math.abs(leftH) > LEFT_H;
  if (!mayMove || asked.held.mixAtMs !== undefined) return { asked: next, mixAtMs };
  return { asked: next, mixAtMs: workingMix(next, betterMix(next, mixAtMs, leftH)) };
}

/** Where cold balls wait anyway, the mix and the balling move to hours at which somebody works. */
function workingMix(request: MethodRequest, mixAtMs: number): number {
  const { method, readyFromMs, workingHours, timeZone, nowMs } = request;
  if (method.balls.length < 2) return mixAtMs;
  const bulkH = hoursToBalls(method, batchesOf(request));
  const works = (atMs: number) =>
    isWorking(atMs, workingHours, timeZone) &&
    isWorking(addHours(atMs, bulkH), workingHours, timeZone);
  if (works(mixAtMs)) return mixAtMs;
  const { leastH, mostH } = hoursRange(method.balls);
  const span = {
    fromMs: Math.max(nowMs, addHours(readyFromMs, -bulkH - mostH)),
    toMs: addHours(readyFromMs, -bulkH - leastH),
  };
  let nearest = mixAtMs;
  for (let atMs = roundUp(span.fromMs); atMs <= span.toMs; atMs += 3 * FIVE_MINUTES_MS) {
    const nearer = nearest === mixAtMs || Math.abs(atMs - mixAtMs) < Math.abs(nearest - mixAtMs);
    if (nearer && works(atMs)) nearest = atMs;
  }
  return nearest;
}

function firstMix(request: MethodRequest): number {
  const { method, readyFromMs, held } = request;
  if (held.mixAtMs !== undefined) return held.mixAtMs;
  const doughH = hoursToBalls(method, batchesOf(request));
  return roundDown(addHours(readyFromMs, -doughH - usualHours(method.balls)));
}

/** Balls that are tempered longer or shorter, so that they open just before the service. */
function better(request: MethodRequest, balls: LotForecast): MethodRequest {
  const last = request.method.balls.at(-1);
  return last === undefined ? request : withLast(request, last.hours + lateH(request, balls));
}

const lastHours = ({ method }: MethodRequest) => method.balls.at(-1)?.hours ?? 0;

/** The last stay of the balls so many hours long, as far as it may be. */
function withLast(request: MethodRequest, wantedH: number): MethodRequest {
  const { method } = request;
  const last = method.balls.at(-1);
  if (last === undefined) return request;
  const hours = Math.max(last.leastH, Math.min(last.mostH, inFives(wantedH)));
  if (Math.abs(hours - last.hours) * 60 * MS_PER_MINUTE < CLOSE_MS) return request;
  return {
    ...request,
    method: { ...method, balls: [...method.balls.slice(0, -1), { ...last, hours }] },
  };
}

/** By how much balls open later than they should, h; below 0: earlier. What their window has over is shared on both sides. */
function lateH({ readyFromMs, readyToMs }: MethodRequest, balls: LotForecast): number {
  const { opensMs, closesMs } = balls.window;
  if (opensMs === null) return NEVER_H;
  const serviceH = hoursBetween(readyFromMs, readyToMs);
  const spareH = closesMs === null ? Infinity : hoursBetween(opensMs, closesMs) - serviceH;
  const earlyH = Math.max(OPEN_BEFORE_H, Math.min(MOST_EARLY_H, spareH / 2));
  return hoursBetween(addHours(readyFromMs, -earlyH), opensMs);
}
const NEVER_H = 1000;

/** By how many hours a bake settles later, the hours that its balls may take given. */
function settlesH(request: MethodRequest, { mixAtMs, drafted }: Settled): number {
  if (request.method.balls.length > 1) {
    return lastHours(request) - lastHours(better(request, drafted.balls));
  }
  const byH = lateH(request, drafted.balls);
  return hoursBetween(mixAtMs, betterMix(request, mixAtMs, byH));
}

/** A mix so many hours earlier, as far as the hours that bulk and balls may take go. */
function betterMix(request: MethodRequest, mixAtMs: number, earlierH: number): number {
  const { method, readyFromMs } = request;
  const bulkH = hoursToBalls(method, batchesOf(request));
  const { leastH, mostH } = hoursRange(method.balls);
  const latest = addHours(readyFromMs, -bulkH - leastH);
  const earliest = addHours(readyFromMs, -bulkH - mostH);
  const wanted = addHours(mixAtMs, -earlierH);
  return roundDown(Math.max(earliest, Math.min(latest, wanted)));
}

const roundDown = (atMs: number) => Math.floor(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
const roundUp = (atMs: number) => Math.ceil(atMs / FIVE_MINUTES_MS) * FIVE_MINUTES_MS;
