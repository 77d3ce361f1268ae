import { fromLocalText, toLocalText } from '@/core/units';
import { listBakes, openShopInMemory } from '@/data';
import { command } from '@/server/commands/command';
import { contextOver, type ShopContext } from '@/server/context';
import { loadShop } from '@/server/shop/load-shop';
import { ensureShop } from '@/server/shop/new-shop';
import { everyView } from '../../../tests/fixtures/every-view';
import type { Bounds, Figure } from './figures';

const HOUR_MS = 3_600_000;
/** Zones with their own nights, and the days around which their clocks change or do something odd. */
const ZONES = [
  'Europe/Oslo',
  'America/New_York',
  'Australia/Lord_Howe',
  'America/Santiago',
] as const;
const EVENINGS = [
  ...[
    '2026-03-08',
    '2026-03-29',
    '2026-04-05',
    '2026-09-06',
    '2026-10-04',
    '2026-10-25',
    '2026-11-01',
  ],
  ...['2028-02-29', '2026-12-31'],
] as const;
/** Services that touch midnight, the hour that is missing, and the one that is there twice. */
const SERVICES = [
  ['18:00', '20:00', 0],
  ['23:30', '01:00', 1],
  ['02:15', '03:45', 0],
] as const;

/** Both clock changes of four zones, a leap day, services over midnight; the clock set back by hours and by days. */
export async function oddClocks(bounds: Bounds): Promise<Figure> {
  const wrong: string[] = [];
  let tried = 0;
  const zones = bounds.share < 1 ? ZONES.slice(0, 1) : ZONES;
  for (const zone of zones) {
    for (const evening of EVENINGS) {
      for (const service of SERVICES) {
        if (Date.now() > bounds.untilMs) break;
        tried += 1;
        const where = `${zone} ${evening} ${service[0]}`;
        try {
          wrong.push(...(await night(zone, evening, service)).map((one) => `${where}: ${one}`));
        } catch (error) {
          wrong.push(`${where}: ${String(error)}`);
        }
      }
    }
  }
  return {
    what: 'odd clocks',
    tried,
    wrong,
    beside: `${zones.length} zones; set back 2 h and 2 d`,
  };
}

async function night(
  zone: string,
  evening: string,
  [from, to, nextDay]: (typeof SERVICES)[number],
): Promise<string[]> {
  const db = openShopInMemory();
  ensureShop(db, zone);
  const serviceMs = fromLocalText(`${evening}T12:00`, zone);
  let nowMs = serviceMs - 30 * HOUR_MS;
  const context: ShopContext = {
    ...contextOver(db),
    clock: () => ({ nowMs, rate: 0, demo: false }),
  };
  const wrong: string[] = [];
  const ask = async (name: string, form: unknown) => {
    const outcome = await command(context, { name, args: [form], id: context.newId() });
    if (outcome.ok) return;
    const said = outcome.refusals.map(({ sentence }) => sentence).join(' ');
    // An hour that the clock leaps over is refused by name; a fault of its own is one.
    if (/fault of its own/.test(said)) wrong.push(`${name}: ${said}`);
  };
  const next = toLocalText(serviceMs + 24 * HOUR_MS, zone).slice(0, 10);
  const readyTo = `${nextDay === 1 ? next : evening}T${to}`;
  await ask('takeBake', {
    ...FORM,
    batch: context.newId(),
    readyFrom: `${evening}T${from}`,
    readyTo,
  });
  const views = () => {
    const { plan } = loadShop(context).folded;
    const asked = {
      lotIds: [],
      bakeIds: listBakes(db).map(({ id }) => id),
      stepIds: plan.map(({ stepId }) => stepId).slice(0, 2),
      cultureIds: [],
    };
    for (const [name, view] of everyView(context, asked)) {
      try {
        view();
      } catch (error) {
        wrong.push(`${name}: ${String(error)}`);
      }
    }
  };
  views();
  // The first step is done, then the clock is found to be wrong and is set back.
  const [first] = loadShop(context).folded.plan;
  if (first !== undefined) {
    nowMs = first.atMs;
    await ask('doStep', { stepId: first.stepId, batch: context.newId() });
  }
  for (const backMs of [2 * HOUR_MS, 48 * HOUR_MS, -72 * HOUR_MS]) {
    nowMs -= backMs;
    await ask('logNote', { batch: context.newId(), text: 'the clock was set' });
    views();
  }
  db.close();
  return wrong;
}

const FORM = {
  ...{ name: 'Night', balls: '12', ballG: '250', hydrationPct: '65', saltPct: '2.8', oilPct: '0' },
  ...{ prefermentedPct: '30', lossPct: '1.5', flourId: 'flour-strong', yeastType: 'fresh' },
  ...{ poolishPlaceId: 'bench', doughPlaceId: 'bench', roomC: '21' },
};
