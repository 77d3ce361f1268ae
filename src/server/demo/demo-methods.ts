import { toLocalText } from '@/core/units';
import { methodRows, saveMethod } from '../doughs/methods';
import { takeMethodBake } from '../doughs/take-method-bake';
import { loadShop } from '../shop/load-shop';
import type { MovableContext } from './demo-bakes';
import { DEMO_TIME_ZONE, type DemoCalendar } from './demo-time';

/** The demo’s own methods: two that came from starting ones, the first in its second version, and a bake of it. */
export function keepDemoMethods(context: MovableContext, calendar: DemoCalendar): void {
  context.setNow(calendar.startMs);
  const rows = methodRows(context, loadShop(context));
  const starting = (id: string) => {
    const row = rows.find((one) => one.id === `start-${id}`);
    if (row === undefined) throw new Error(`no starting method ${id}`);
    return row.method;
  };
  const biga = starting('biga-cold-boost');
  const ebb = {
    ...biga,
    name: 'Ebb',
    says: 'cold biga with a part of soft flour, a little yeast at the mix',
    dough: {
      ...biga.dough,
      flours: [
        { flourId: 'flour-strong', share: 0.8 },
        { flourId: 'flour-soft', share: 0.2 },
      ],
      oilShare: 0.015,
      leavens: biga.dough.leavens.map((one) => ({
        ...one,
        flourShare: 0.4,
        flours: [{ flourId: 'flour-strong', share: 1 }],
      })),
    },
    target: {
      by: 'products' as const,
      products: [{ name: 'Balls', count: 20, weightG: 250, keepsH: 14 }],
    },
  };
  const first = saveMethod(context, { methodId: null, method: ebb });
  if (!first.ok) throw new Error(JSON.stringify(first.refusals));
  const wetter = { ...ebb, dough: { ...ebb.dough, hydration: 0.69 } };
  const second = saveMethod(context, { methodId: first.value.methodId, method: wetter });
  const jetty = starting('one-dough-three');
  saveMethod(context, {
    methodId: null,
    method: {
      ...jetty,
      name: 'Jetty',
      dough: {
        ...jetty.dough,
        flours: [
          { flourId: 'flour-strong', share: 0.7 },
          { flourId: 'flour-soft', share: 0.25 },
          { flourId: 'flour-whole', share: 0.05 },
        ],
        leavens: jetty.dough.leavens.map((one) => ({
          ...one,
          flours: [{ flourId: 'flour-strong', share: 1 }],
        })),
      },
    },
  });
  if (!second.ok) throw new Error(JSON.stringify(second.refusals));
  const taken = takeMethodBake(context, {
    name: 'Ebb',
    method: wetter,
    versionId: second.value.versionId,
    readyFrom: toLocalText(calendar.at(4, '17:30'), DEMO_TIME_ZONE),
    readyTo: toLocalText(calendar.at(4, '18:30'), DEMO_TIME_ZONE),
    mixAt: null,
    leavenAt: {},
  });
  if (!taken.ok) throw new Error(JSON.stringify(taken.refusals));
}
