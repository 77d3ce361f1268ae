import type { ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';
import type { Bake } from '@/data';
import type { Service } from './view';

/** The services that a forecast reaches, with how many balls are ripe when their turn comes. */
export function servicesOf(bakes: readonly Bake[], forecast: ShopForecast): Service[] {
  return forecast.acts.flatMap(({ act, atMs, bakeId }) => {
    if (!isAct(act, 'use')) return [];
    const bake = bakes.find((one) => one.id === bakeId);
    const window = forecast.lots.get(act.lotId)?.window;
    if (bake === undefined || window === undefined) return [];
    const wanted = bake.formula?.balls ?? act.count;
    const span = { fromMs: Math.min(atMs, bake.readyFromMs), toMs: bake.readyToMs };
    const share = ripeShare(span, window.opensMs, window.closesMs);
    return [
      {
        bakeId: bake.id,
        name: bake.name,
        ...span,
        wanted,
        ripe: Math.min(act.count, Math.floor(act.count * share + 1e-6)),
      },
    ];
  });
}

/** Share of a service during which the balls are ripe. */
function ripeShare(
  span: { fromMs: number; toMs: number },
  opensMs: number | null,
  closesMs: number | null,
): number {
  if (opensMs === null || span.toMs <= span.fromMs) return 0;
  const from = Math.max(span.fromMs, opensMs);
  const to = Math.min(span.toMs, closesMs ?? Infinity);
  return Math.max(0, (to - from) / (span.toMs - span.fromMs));
}
