import { tr } from '@/words/tr';
import type { ShopForecast } from '@/core/forecast';
import { isAct } from '@/core/journal';
import { MS_PER_HOUR, MS_PER_MINUTE } from '@/core/units';
import { listEquipment } from '@/data';
import type { ShopState } from '@/shop/state';
import { dayHour } from '@/shop/plan/broken-words';
import type { ShopContext } from '../context';
import { batchesOf, mixClockOf } from './batches';
import { howMixed, meantFor, mixersOut } from './how-mixed';

/** So far ahead a mixer that is out of order is told of. */
const AHEAD_H = 96;

/** What a mixer that is out of order does to the mixes that are planned with it, a sentence each. */
export function mixersOutTold(
  context: ShopContext,
  state: ShopState,
  forecast: ShopForecast,
): readonly string[] {
  const out = mixersOut(context);
  if (out.length === 0) return [];
  const because = tr`${out.join(' and ')} ${out.length === 1 ? tr`is` : tr`are`} out of order`;
  const all = listEquipment(context.db)
    .filter(({ kind, count }) => kind === 'mixer' && count > 0)
    .map(({ name, least, most }) => ({ name, leastKg: least, mostKg: most }));
  const told = forecast.acts.flatMap(({ act, atMs, tense, bakeId }) => {
    const ahead = tense === 'planned' && atMs < state.nowMs + AHEAD_H * MS_PER_HOUR;
    if (!ahead || !isAct(act, 'make') || act.lotKind !== 'dough') return [];
    const one = { act, bakeId };
    if (meantFor(context, state, one).mix.by !== 'mixer') return [];
    const clock = mixClockOf(context, state, one);
    const named = `${act.name} ${dayHour(atMs, state.shop.timeZone)}`;
    const ballsMs = forecast.acts.find(
      (other) => isAct(other.act, 'divide') && other.act.lotId === act.lotId,
    )?.atMs;
    const outMs = atMs + clock.outMin * MS_PER_MINUTE;
    const late =
      ballsMs !== undefined && outMs > ballsMs
        ? tr` (out of the bowl ${dayHour(outMs, state.shop.timeZone)}, after its balls are planned)`
        : '';
    if (howMixed(context, state, one).mix.by === 'hand') return [{ how: tr`by hand`, named, late }];
    const meant = batchesOf(context, state, one, { by: 'mixer', mixers: all });
    return clock.batches > meant
      ? [{ how: tr`in ${clock.batches} batches instead of ${meant}`, named, late }]
      : [];
  });
  return [...new Set(told.map((one) => one.how))].map((how) => {
    const doughs = told.filter((one) => one.how === how);
    return `${because}: ${how} ${doughs.length === 1 ? tr`goes` : tr`go`} ${doughs.map(({ named, late }) => `${named}${late}`).join(', ')}.`;
  });
}
