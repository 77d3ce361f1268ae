import { tr } from '@/words/tr';
import { toLocalText } from '@/core/units';
import type { PlanSearch } from '@/shop/plan/search';
import type { DemandRow, PlanView } from '@/server/plan/view';

/** A service as its form holds it. */
export interface DemandForm {
  readonly id: string | null;
  readonly name: string;
  readonly readyFrom: string;
  readonly readyTo: string;
  readonly balls: string;
  readonly perHour: string;
  readonly methods: readonly string[];
  readonly weekly: boolean;
  readonly doughs: string;
}

const USUAL = { balls: 40, fromH: 41.5, hours: 3.5 } as const;
const HOUR_MS = 3_600_000;

const localTo = (view: PlanView) => (atMs: number) =>
  toLocalText(atMs, view.units.timeZone).slice(0, 16);

/** Days that are looked through for an evening without a service. */
const DAYS = 14;

/** A new service is on the first evening, from the day after tomorrow, on which the shop is open and none is asked for. */
export function newForm(view: PlanView): DemandForm {
  const local = localTo(view);
  const midnight = view.days.find((day) => day.fromMs > view.nowMs)?.fromMs ?? view.nowMs;
  const evenings = Array.from(
    { length: DAYS },
    (_, day) => midnight + (USUAL.fromH + 24 * day) * HOUR_MS,
  );
  const free = evenings.find(
    (atMs) =>
      !view.days.some((day, n) => day.closed && atMs >= day.fromMs && atMs < endOf(view, n)) &&
      !view.services.some((one) => one.fromMs < atMs + USUAL.hours * HOUR_MS && one.toMs > atMs),
  );
  const fromMs = free ?? evenings[0] ?? view.nowMs;
  return {
    id: null,
    name: tr`Evening`,
    readyFrom: local(fromMs),
    readyTo: local(fromMs + USUAL.hours * HOUR_MS),
    balls: String(USUAL.balls),
    perHour: '',
    methods: [],
    weekly: false,
    doughs: '1',
  };
}

/** When a day of the week that is looked at ends. */
const endOf = ({ days }: PlanView, n: number): number =>
  days[n + 1]?.fromMs ?? (days[n]?.fromMs ?? 0) + 24 * HOUR_MS;

/** A service as it is asked for, with the nearest that fits where one is taken. */
export function changedForm(
  view: PlanView,
  demand: DemandRow,
  nearest: PlanSearch['nearest'],
): DemandForm {
  const local = localTo(view);
  const { laterMs, balls, doughs } = nearest ?? { laterMs: 0, balls: demand.balls, doughs: 1 };
  const shape = balls === demand.balls ? (demand.perHour ?? []) : [];
  return {
    id: demand.id,
    name: demand.name,
    readyFrom: local(demand.readyFromMs + laterMs),
    readyTo: local(demand.readyToMs + laterMs),
    balls: String(balls),
    perHour: shape.join(' '),
    methods: demand.methods,
    weekly: demand.weekly,
    doughs: String(Math.max(doughs, demand.doughs ?? 1)),
  };
}
