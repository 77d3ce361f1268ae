import { hoursBetween, MS_PER_HOUR } from '../../units';
import { ballsUntil, type Demand } from './demand';

/** A stretch of a service that one dough is made for. */
export type ServicePart = Pick<Demand, 'readyFromMs' | 'readyToMs' | 'balls' | 'perHour'>;

/** The most doughs that a service is made of. */
export const MOST_DOUGHS = 4;

/**
 * A service in several doughs, each mixed for its own stretch: cut at full hours from its start (at half hours where its
 * pizzas are even), so that each dough has about as many balls. Together they are the whole service.
 * @param doughs 1 to {@link MOST_DOUGHS}; fewer come where the service is too short to be cut so often
 */
export function inDoughs(service: ServicePart, doughs: number): ServicePart[] {
  const { readyFromMs, readyToMs, balls, perHour } = service;
  const stepMs = perHour === null ? MS_PER_HOUR / 2 : MS_PER_HOUR;
  const steps = Math.ceil((readyToMs - readyFromMs) / stepMs - 1e-9);
  const count = Math.max(1, Math.min(doughs, MOST_DOUGHS, steps, balls));
  const until = (step: number) =>
    ballsUntil(service, Math.min(readyToMs, readyFromMs + step * stepMs));
  const cuts = [0];
  for (let part = 1; part < count; part += 1) {
    const [least, most] = [(cuts.at(-1) as number) + 1, steps - (count - part)];
    const wanted = (balls * part) / count;
    cuts.push(nearestStep(least, most, (step) => Math.abs(until(step) - wanted)));
  }
  cuts.push(steps);
  return cuts.slice(1).map((step, part) => {
    const from = cuts[part] as number;
    const fromMs = readyFromMs + from * stepMs;
    const toMs = Math.min(readyToMs, readyFromMs + step * stepMs);
    return {
      readyFromMs: fromMs,
      readyToMs: toMs,
      balls: Math.round(until(step)) - Math.round(until(from)),
      perHour: perHour?.slice(from, toMs === readyToMs ? undefined : step) ?? null,
    };
  });
}

function nearestStep(least: number, most: number, off: (step: number) => number): number {
  let best = least;
  for (let step = least; step <= most; step += 1) if (off(step) < off(best)) best = step;
  return best;
}

/** True where a service is long enough for so many doughs: half an hour each. */
export function canBeSplit(service: ServicePart, doughs: number): boolean {
  const hours = hoursBetween(service.readyFromMs, service.readyToMs);
  return inDoughs(service, doughs).length === doughs && hours >= doughs / 2;
}
