import type { Mend } from '@/core/planner';
import { toLocalText } from '@/core/units';
import type { NewBakeView } from '@/server/bakes/new-bake-view';

/** The bake form as it is typed. */
export interface BakeFields {
  readonly name: string;
  readonly balls: string;
  readonly ballG: string;
  readonly hydrationPct: string;
  readonly saltPct: string;
  readonly oilPct: string;
  readonly prefermentedPct: string;
  readonly lossPct: string;
  readonly flourId: string;
  readonly yeastType: string;
  readonly poolishPlaceId: string;
  readonly doughPlaceId: string;
  readonly roomC: string;
  readonly readyFrom: string;
  readonly readyTo: string;
  readonly poolishAt: string | null;
  readonly mixAt: string | null;
  readonly ballAt: string | null;
}

/** The moments a baker can hold. */
export type HeldField = 'poolishAt' | 'mixAt' | 'ballAt';

/** What of a form changes with what mends it. */
export function mendedFields(
  { balls }: Pick<BakeFields, 'balls'>,
  mend: Mend,
  timeZone: string,
): Partial<BakeFields> {
  if (mend.kind === 'more') return { balls: String(Number(balls) * mend.times) };
  if (mend.kind === 'serve') {
    const [readyFrom, readyTo] = [mend.fromMs, mend.toMs].map((ms) => toLocalText(ms, timeZone));
    return { readyFrom: readyFrom as string, readyTo: readyTo as string };
  }
  const freed = { hours: {}, leavens: { poolishAt: null }, all: { poolishAt: null, mixAt: null } };
  return { ballAt: null, ...freed[mend.of] };
}

/** A sensible first form: tomorrow evening, forty balls. */
export function firstFields(view: NewBakeView): BakeFields {
  const { facts, defaults } = view;
  return {
    name: defaults.name,
    balls: '40',
    ballG: '250',
    hydrationPct: '65',
    saltPct: '2.7',
    oilPct: '0',
    prefermentedPct: '30',
    lossPct: String(view.defaults.lossPct),
    flourId: defaults.flourId,
    yeastType: defaults.yeastType,
    poolishPlaceId: defaults.placeId,
    doughPlaceId: defaults.placeId,
    roomC: String(defaults.roomC),
    readyFrom: toLocalText(defaults.readyFromMs, facts.timeZone),
    readyTo: toLocalText(defaults.readyToMs, facts.timeZone),
    poolishAt: null,
    mixAt: null,
    ballAt: null,
  };
}
