import { isAct, type Act } from '@/core/journal';
import { addHours, MS_PER_MINUTE, toLocalText } from '@/core/units';
import type { ShopContext } from '../context';
import { doStep } from '../hands/hands';
import { takeBake } from '../bakes/new-bake';
import { sentencesOf, type Outcome } from '@/shop/outcome';
import { loadShop } from '../shop/load-shop';
import { takeDemoLook } from './demo-looks';
import { demoMeasures } from './demo-measures';
import { DEMO_TIME_ZONE, type DemoCalendar } from './demo-time';

/** A service of the demo shop. */
interface DemoService {
  readonly day: number;
  readonly method: 'Harbour' | 'Quay';
  readonly balls: number;
  /** Until when, where it is not as long as usual. */
  readonly to?: string;
  /** Minutes by which the hands were late at the poolish. */
  readonly poolishLate?: number;
  /** A look some hours after the poolish was made, and by how much the eye misread it. */
  readonly look?: { readonly afterH: number; readonly misread: number };
  /** Dough out of the mixer, where it was not what was aimed at, °C. */
  readonly doughC?: number;
  /** A look at its balls some hours after they were made. */
  readonly ballLook?: { readonly afterH: number; readonly misread: number };
}

const WEEKS_BEFORE = [-21, -14, -7];

/** Three weeks of services, then the week to come. */
const SERVICES: readonly DemoService[] = [
  ...WEEKS_BEFORE.flatMap((week): DemoService[] => [
    {
      day: week - 2,
      method: 'Harbour',
      balls: 32,
      to: '19:30',
      poolishLate: 5,
      ballLook: { afterH: 1.4, misread: 0.05 },
    },
    { day: week, method: 'Quay', balls: 22, look: { afterH: 7, misread: 0.05 } },
    {
      day: week,
      method: 'Harbour',
      balls: 40,
      poolishLate: week === -14 ? 95 : 10,
      ballLook: { afterH: 1.2, misread: -0.07 },
    },
    {
      day: week + 1,
      method: 'Harbour',
      balls: 52,
      to: '19:30',
      look: { afterH: 6, misread: -0.06 },
      ...(week === -7 ? { doughC: 27.5 } : {}),
    },
  ]),
  { day: -2, method: 'Harbour', balls: 36 },
  { day: -1, method: 'Quay', balls: 18, poolishLate: 8 },
  { day: 0, method: 'Quay', balls: 24, poolishLate: 20, look: { afterH: 7.5, misread: -0.08 } },
  { day: 0, method: 'Harbour', balls: 44 },
  { day: 1, method: 'Harbour', balls: 46, to: '19:00' },
  { day: 2, method: 'Quay', balls: 30 },
];

/** How each of the two doughs is made. */
const METHODS = {
  Harbour: {
    ballG: 250,
    hydrationPct: 66,
    saltPct: 2.7,
    prefermentedPct: 30,
    poolishPlaceId: 'bench',
    doughPlaceId: 'bench',
    roomC: 21,
    from: '18:00',
    to: '20:00',
  },
  Quay: {
    ballG: 230,
    hydrationPct: 64,
    saltPct: 2.6,
    prefermentedPct: 30,
    poolishPlaceId: 'cellar',
    doughPlaceId: 'bench',
    roomC: 16,
    from: '11:30',
    to: '13:00',
  },
} as const;

/** A context whose clock stands where the seeding puts it. */
export interface MovableContext extends ShopContext {
  setNow: (nowMs: number) => void;
}

function must<T>(outcome: Outcome<T>): T {
  if (outcome.ok) return outcome.value;
  throw new Error(sentencesOf(outcome));
}

/** Plans every service of the demo and does, until the demo's start, what was to be done. */
export function bakeDemoServices(context: MovableContext, calendar: DemoCalendar): void {
  for (const service of SERVICES) {
    const bakeId = planService(context, calendar, service);
    doUntil(context, calendar, bakeId, service);
  }
}

function planService(
  context: MovableContext,
  calendar: DemoCalendar,
  service: DemoService,
): string {
  const { from, to, roomC, ...method } = METHODS[service.method];
  const readyFromMs = calendar.at(service.day, from);
  context.setNow(Math.min(calendar.startMs, addHours(readyFromMs, -26)));
  const benchC = service.day === -9 ? 27 : roomC;
  const { bakeId } = must(
    takeBake(context, {
      ...method,
      name: service.method,
      balls: service.balls,
      oilPct: 0,
      lossPct: 1.5,
      flourId: 'flour-strong',
      yeastType: 'fresh',
      roomC: benchC,
      readyFrom: toLocalText(readyFromMs, DEMO_TIME_ZONE),
      readyTo: toLocalText(calendar.at(service.day, service.to ?? to), DEMO_TIME_ZONE),
    }),
  );
  return bakeId;
}

function doUntil(
  context: MovableContext,
  calendar: DemoCalendar,
  bakeId: string,
  service: DemoService,
): void {
  const steps = loadShop(context).folded.plan.filter((step) => step.bakeId === bakeId);
  steps.forEach((step, index) => {
    const late = index === 0 ? (service.poolishLate ?? 0) : 0;
    const atMs = step.atMs + late * MS_PER_MINUTE;
    if (atMs > calendar.startMs) return;
    context.setNow(atMs);
    const by = index % 2 === 0 ? 'Jo' : 'Maren';
    const at = toLocalText(atMs, DEMO_TIME_ZONE);
    const hot =
      isAct(step.act, 'make') && step.act.lotKind === 'dough' ? service.doughC : undefined;
    const measured = {
      ...demoMeasures(context, step.act, atMs),
      ...(hot === undefined ? {} : { tempC: hot }),
    };
    must(doStep(context, { stepId: step.stepId, batch: context.newId(), at, by, ...measured }));
    const look = lookAfter(service, step.act, index);
    if (look === null) return;
    const lookMs = addHours(atMs, look.afterH);
    if (lookMs > calendar.startMs) return;
    context.setNow(lookMs);
    takeDemoLook(context, { lotId: look.lotId, atMs: lookMs, misread: look.misread });
  });
}

/** The look that is taken after a step: at the poolish, or at the balls. */
function lookAfter(service: DemoService, act: Act, index: number) {
  if (index === 0 && isAct(act, 'make') && service.look !== undefined) {
    return { ...service.look, lotId: act.lotId };
  }
  if (isAct(act, 'divide') && service.ballLook !== undefined) {
    return { ...service.ballLook, lotId: act.ballsLotId };
  }
  return null;
}
