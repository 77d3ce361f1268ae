import { tr } from '@/words/tr';
import type { ServiceOdds } from '@/shop/odds';

import type { Service, TideView } from '@/server/tide';
import { chanceWords, coverText } from '@/ui/odds/odds-text';
import { textWidth } from './labels';
import type { Frame, Tent } from './picture-parts';
import type { TimeScale } from './time-scale';

const TEXT_PX = 14;
const AROUND = 4;

/** The tents of the services in sight, none on another. */
export function tentsOf(view: TideView, scale: TimeScale, frame: Frame): Tent[] {
  const inSight = [...view.services, ...view.unplanned.map(withoutPlan)]
    .filter((service) => service.toMs > scale.fromMs && service.fromMs < scale.toMs)
    .sort((a, b) => a.fromMs - b.fromMs);
  let groups: Tented[][] = inSight.map((service) => [service]);
  for (;;) {
    const tents = groups.map((services) => tentOf(services, scale, frame));
    const at = tents.findIndex((tent, i) => {
      const next = tents[i + 1];
      return next !== undefined && tent.x + tent.width + AROUND > next.x;
    });
    if (at < 0) return tents;
    groups = [
      ...groups.slice(0, at),
      [...(groups[at] ?? []), ...(groups[at + 1] ?? [])],
      ...groups.slice(at + 2),
    ];
  }
}

/** A service of the Tide, or one that no plan was taken for. */
type Tented = Pick<Service, 'name' | 'fromMs' | 'toMs' | 'wanted' | 'odds'> & {
  readonly open?: boolean;
};

const withoutPlan = (one: TideView['unplanned'][number]): Tented => ({
  name: one.name,
  fromMs: one.fromMs,
  toMs: one.toMs,
  wanted: one.balls,
  odds: null,
  open: true,
});

/** What is not known yet first, then the least sure. */
const byChance = (a: ServiceOdds, b: ServiceOdds) => (a.chance ?? -1) - (b.chance ?? -1);

function tentOf(services: readonly Tented[], scale: TimeScale, frame: Frame): Tent {
  const wanted = services.reduce((sum, one) => sum + one.wanted, 0);
  const [least] = services.flatMap((one) => one.odds ?? []).sort(byChance);
  const open = services.every((one) => one.open === true);
  const some = services.some((one) => one.open === true);
  const covered = some ? tr`no plan` : coverText(least ?? null);
  const text = `${wanted} ${covered}`;
  const from = scale.x(Math.max(Math.min(...services.map((one) => one.fromMs)), scale.fromMs));
  const to = scale.x(Math.min(Math.max(...services.map((one) => one.toMs)), scale.toMs));
  const width = Math.max(textWidth(text, TEXT_PX * frame.text) + 14, to - from);
  const wished = Math.min((from + to - width) / 2, frame.width - width - 2);
  return {
    x: Math.max(frame.labelWidth, wished),
    width,
    text,
    title: services.map(titleOf).join('\n'),
    open,
  };
}

const titleOf = (one: Tented) =>
  `${one.name}: ${one.open === true ? tr`${one.wanted}, no plan taken` : chanceWords(one.odds, one.wanted)}`;
