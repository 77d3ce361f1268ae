import { tr } from '@/words/tr';
import { enduranceH, type UsedHours } from '../flour';
import { stateAt, type LotForecast } from '../forecast';
import { X } from '../kinetics';
import type { MethodPlan } from './method-request';

/**
 * What each stage of a plan takes of the flour, in hours at 22 °C: the fall of its gluten as it was run, with its
 * temperatures, its acid and its salt, told as the hours that would take as much unsoured.
 * hours = ln(G before / G after) / ln(1/0.6) · hours that the blend lasts.
 */
export function wearOf(
  plan: MethodPlan,
  service: { readonly fromMs: number; readonly toMs: number },
  blend: { readonly strengthW: number },
): UsedHours[] {
  const lastsH = enduranceH(blend.strengthW, plan.method.dough.saltShare);
  const hours = (fall: number) => Math.max(0, (fall / -Math.log(0.6)) * lastsH);
  const { dough, balls, ballAtMs, mixAtMs } = plan;
  const start = lnGluten(dough, mixAtMs);
  const balled = lnGluten(dough, ballAtMs);
  const ballsStart = lnGluten(balls, ballAtMs);
  const opened = lnGluten(balls, service.fromMs);
  const ended = lnGluten(balls, service.toMs);
  const names = plan.leavens.map((one) => one.name).join(tr` and `);
  return [
    { name: names === '' ? tr`flour` : names, hours: hours(-start) },
    { name: tr`bulk`, hours: hours(start - balled) },
    { name: tr`balls`, hours: hours(ballsStart - opened) },
    { name: tr`service`, hours: hours(opened - ended) },
  ].filter((one) => one.hours > 0.05);
}

function lnGluten({ run, story }: LotForecast, atMs: number): number {
  const gluten = stateAt(run, story.startMs, atMs)[X.gluten] ?? 1;
  return Math.log(Math.max(1e-6, gluten));
}
